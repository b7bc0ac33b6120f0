import { outcomeOf } from './outcome';
import type { TaskInput, TaskName } from './tasks';

/** What a process of the pool runs. */
export default ({ name, input }: { name: TaskName; input: TaskInput<TaskName> }) => outcomeOf(name, input);
