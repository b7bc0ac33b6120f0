import type { Alignment } from '@zero-point/core/records/setup/alignment';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { Cautions } from '../../../answer/Cautions';
import { StationFrame } from '../../../layout/StationFrame';
import { ReadingDock } from '../../../touch/ReadingDock';
import { PassActions } from './PassActions';
import { TaskDetail } from './TaskDetail';
import { TaskDrawing } from './TaskDrawing';
import { TaskPrompt } from './TaskPrompt';
import { type TaskPass, useTaskPass } from './useTaskPass';

interface TaskScreenProps {
  book: SetupState;
  alignment: Alignment;
}

/** What an answer's figures take beneath its sentence: the drawing gives way to them, px. */
const FIGURES = 132;

/** One thing lined up: read place by place, told what to move, read again until it is proven in line. */
export default function TaskScreen({ book, alignment }: TaskScreenProps) {
  const pass = useTaskPass(book, alignment);
  return (
    <StationFrame
      touch
      {...(pass.view.place === undefined && { peek: FIGURES })}
      drawing={<TaskDrawing book={book} view={pass.view} height="fill" />}
      prompt={<TaskPrompt {...pass} />}
      detail={<TaskDetail {...pass} />}
      dock={<TaskDock {...pass} />}
    />
  );
}

/** What must be ticked first, then the reading of a place, then what is done with the pass. */
function TaskDock(task: TaskPass) {
  const { view, unit, text, setText, unticked, tick, log, unproven, carried, carry, nextPass, sweep, leave } = task;
  const { pass, advice, place } = view;
  if (unticked.length > 0) return <Cautions cautions={unticked} ticked={[]} onTick={tick} />;
  if (place !== undefined)
    return (
      <ReadingDock
        label={view.label}
        unit={unit}
        onLog={log}
        axis={view.axis}
        onTake={log}
        next={undefined}
        draft={{ text, setText }}
      />
    );
  return (
    <PassActions
      state={advice?.state}
      refused={pass.refusal !== undefined}
      skew={pass.answer?.task === 'skew' ? pass.answer.result.angle : undefined}
      carried={carried}
      onWord={unproven}
      onCarry={() => carry(carried ? null : pass.pass)}
      onAgain={nextPass}
      onSweep={sweep}
      onDone={leave}
    />
  );
}
