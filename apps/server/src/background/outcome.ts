import { HttpProblem, problemOf } from '../http/problem';
import { TASKS, type TaskInput, type TaskName, type TaskOutput } from './tasks';

/** What a process hands back: an answer, or a refusal in a form that crosses between processes. */
export type TaskOutcome<T> =
  | { kind: 'done'; value: T }
  | {
      kind: 'problem';
      status: number;
      code: string;
      title: string;
      detail: string;
      errors: { field: string; message: string }[];
    };

/** Runs a task; what it refuses is an outcome, what breaks it is thrown on. */
export async function outcomeOf<N extends TaskName>(name: N, input: TaskInput<N>): Promise<TaskOutcome<TaskOutput<N>>> {
  try {
    const task = TASKS[name] as (of: TaskInput<N>) => TaskOutput<N> | Promise<TaskOutput<N>>;
    return { kind: 'done', value: await task(input) };
  } catch (error) {
    const problem = problemOf(error);
    if (!problem) throw error;
    const { status, code, title, detail, errors } = problem;
    return { kind: 'problem', status, code, title, detail, errors };
  }
}

/** An outcome's answer. @throws HttpProblem as it was refused with */
export function answerOf<T>(outcome: TaskOutcome<T>): T {
  switch (outcome.kind) {
    case 'done':
      return outcome.value;
    case 'problem':
      throw new HttpProblem(outcome.status, outcome.code, outcome.title, outcome.detail, outcome.errors);
  }
}
