import { alignmentOf } from '@zero-point/core/alignment/defaults';
import { ALIGNMENT_TASKS } from '@zero-point/core/alignment/tasks';
import type { AlignmentTask } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { useLocalSearchParams } from 'expo-router';
import { Chooser } from './Chooser';
import { TaskScreen } from './TaskScreen';

const isTask = (value: unknown): value is AlignmentTask => ALIGNMENT_TASKS.some((task) => task === value);

/** Alignment: everything that is made straight, square or central before the first edge. */
export default function AlignmentScreen({ snapshot }: { snapshot: Snapshot }) {
  const { task } = useLocalSearchParams();
  if (!isTask(task)) return <Chooser snapshot={snapshot} />;
  const alignment = alignmentOf(snapshot, task);
  return alignment ? (
    <TaskScreen key={task} snapshot={snapshot} alignment={alignment} />
  ) : (
    <Chooser snapshot={snapshot} missing={task} />
  );
}
