import { Tinypool } from 'tinypool';
import { HttpProblem } from '../http/problem';
import { answerOf, outcomeOf, type TaskOutcome } from './outcome';
import type { TaskInput, TaskName, TaskOutput } from './tasks';

/** Where long work is done. */
export interface Workers {
  /** @throws what the task refuses; HttpProblem 422 where it takes too long, 429 where too much waits */
  run: <N extends TaskName>(name: N, input: TaskInput<N>) => Promise<TaskOutput<N>>;
  close: () => Promise<void>;
}

/** In the caller's own thread: for tests, and what runs alone. */
export const inThisThread: Workers = {
  run: async <N extends TaskName>(name: N, input: TaskInput<N>): Promise<TaskOutput<N>> =>
    answerOf(await outcomeOf(name, input)),
  close: () => Promise.resolve(),
};

export interface WorkerLimits {
  /** A task is stopped after so long, ms. */
  patience?: number;
  /** Memory of a process, MB. */
  memory?: number;
  /** Tasks that may wait. */
  queue?: number;
}

const PROCESSES = 2;

/** A process that has had nothing to do for so long is let go, ms. */
const IDLE = 300_000;

/** A full check and a copy of a long record take longer than anything a person waits for. */
const UNHURRIED: ReadonlySet<TaskName> = new Set<TaskName>(['fullCheck', 'shopJson']);
const UNHURRIED_PATIENCE = 10 * 60_000;

/**
 * Processes that do what would hold up others, none until the first is wanted. Processes and not threads: one that runs out of
 * memory ends alone, where a thread takes the whole server with it.
 *
 * @param file what a process runs
 */
export function createWorkers(
  file: string,
  { patience = 20_000, memory = 512, queue = 64 }: WorkerLimits = {},
): Workers {
  let pool: Tinypool | undefined;
  const start = () =>
    new Tinypool({
      filename: file,
      runtime: 'child_process',
      // What a task hands back crosses between processes as it is, bytes and maps too.
      serialization: 'advanced',
      minThreads: 0,
      maxThreads: PROCESSES,
      concurrentTasksPerWorker: 1,
      idleTimeout: IDLE,
      maxQueue: queue,
      env: process.env as Record<string, string>,
      // While the program is being worked on, what reads its source is among them.
      execArgv: [...process.execArgv, `--max-old-space-size=${memory}`],
    });
  return {
    run: async <N extends TaskName>(name: N, input: TaskInput<N>) => {
      pool ??= start();
      const late = new AbortController();
      const timer = setTimeout(() => late.abort(), UNHURRIED.has(name) ? UNHURRIED_PATIENCE : patience);
      try {
        return answerOf((await pool.run({ name, input }, { signal: late.signal })) as TaskOutcome<TaskOutput<N>>);
      } catch (error) {
        throw troubleOf(error) ?? error;
      } finally {
        // The pool takes it amiss when what it has done with is given up.
        clearTimeout(timer);
      }
    },
    close: async () => {
      await pool?.destroy();
    },
  };
}

/** Why a task came to nothing, in words; undefined for a fault of ours. */
function troubleOf(error: unknown): HttpProblem | undefined {
  const { name, message } = error as { name?: string; message?: string };
  // One that ran out of memory just ends.
  if (name === 'AbortError' || message === 'Worker exited unexpectedly')
    return new HttpProblem(
      422,
      'too-much',
      'Too much at once',
      'This takes longer or needs more memory than it may, so it was stopped. Do it in parts: fewer patterns or points at a time.',
    );
  if (message === 'Terminating worker thread')
    return new HttpProblem(503, 'stopping', 'Stopping', 'The server is being stopped. Ask again when it is back.');
  if (message === 'Task queue is at limit')
    return new HttpProblem(429, 'busy', 'Busy', 'Too much is being worked out at once. Try again in a moment.');
  return undefined;
}
