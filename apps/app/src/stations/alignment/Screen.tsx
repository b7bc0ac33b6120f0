import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent } from '../../layout/lazyComponent';
import { alignmentOf } from '@zero-point/core/state/alignment/plan';
import { ALIGNMENT_TASKS } from '@zero-point/core/records/values/tasks';
import type { AlignmentTask } from '@zero-point/core/records/values/subject';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useLocalSearchParams } from 'expo-router';

const TaskScreen = lazyComponent(() => import('./parts/TaskScreen'), LoadingPart);

const Chooser = lazyComponent(() => import('./parts/Chooser'), LoadingPart);

const isTask = (value: unknown): value is AlignmentTask => ALIGNMENT_TASKS.some((task) => task === value);

/** Alignment: everything that is made straight, square or central before the first edge. */
export default function AlignmentScreen({ book }: { book: SetupState }) {
  const { task } = useLocalSearchParams();
  if (!isTask(task)) return <Chooser book={book} />;
  const alignment = alignmentOf(book, task);
  return alignment ? (
    <TaskScreen key={task} book={book} alignment={alignment} />
  ) : (
    <Chooser book={book} missing={task} />
  );
}
