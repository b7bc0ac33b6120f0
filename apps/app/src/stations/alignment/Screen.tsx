import { LoadingPart } from '../../layout/LoadingPage';
import { later } from '../../layout/lazyComponent';
import { alignmentOf } from '@zero-point/core/state/alignment/plan';
import { ALIGNMENT_TASKS } from '@zero-point/core/records/values/tasks';
import type { AlignmentTask } from '@zero-point/core/records/values/subject';
import type { Book } from '@zero-point/core/state/basis/setupState';
import { useLocalSearchParams } from 'expo-router';

const TaskScreen = later(() => import('./parts/TaskScreen'), LoadingPart);

const Chooser = later(() => import('./parts/Chooser'), LoadingPart);

const isTask = (value: unknown): value is AlignmentTask => ALIGNMENT_TASKS.some((task) => task === value);

/** Alignment: everything that is made straight, square or central before the first edge. */
export default function AlignmentScreen({ book }: { book: Book }) {
  const { task } = useLocalSearchParams();
  if (!isTask(task)) return <Chooser book={book} />;
  const alignment = alignmentOf(book, task);
  return alignment ? (
    <TaskScreen key={task} book={book} alignment={alignment} />
  ) : (
    <Chooser book={book} missing={task} />
  );
}
