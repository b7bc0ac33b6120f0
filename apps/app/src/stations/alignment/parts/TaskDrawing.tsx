import { TASK_TITLES } from '@zero-point/core/messages/basis/labels';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import type { AlignmentResult } from '@zero-point/core/state/alignment/taskAnswer';
import { LineDrawing } from '../../../drawing/LineDrawing';
import { RoundDrawing } from '../../../drawing/RoundDrawing';
import type { AlignmentView } from '../view';
import { placeName } from '@zero-point/core/messages/alignment/place';

interface TaskDrawingProps {
  book: SetupState;
  view: AlignmentView;
  height: number | 'fill';
}

/** What is lined up, where it is read, and, once read, how it lies and where to move it. */
export function TaskDrawing({ book, view, height }: TaskDrawingProps) {
  const { alignment, pass, places, place } = view;
  const label = `${TASK_TITLES[alignment.task]}, where it is read`;
  const unit = book.setup.units;
  const read = new Set(
    pass.readings.flatMap(({ subject, struckBy }) =>
      subject.kind === 'alignment' && struckBy === null ? subject.place : [],
    ),
  );
  const stateOf = (at: number) => (at === place ? 'now' : read.has(at) ? 'read' : 'open');
  const line = places.map((at) => ({ at, name: placeName(alignment, at, unit), state: stateOf(at) }) as const);
  const round = places.map(
    (angle) => ({ angle, name: placeName(alignment, angle, unit), state: stateOf(angle) }) as const,
  );
  const { answer } = pass;
  switch (alignment.task) {
    case 'vise':
    case 'skew': {
      const isVise = alignment.task === 'vise';
      const touch = isVise ? undefined : FACE_TOUCH[alignment.face];
      const along = isVise ? alignment.along : touch?.axis === 'x' ? 'y' : 'x';
      const side = isVise ? alignment.side : touch?.approach === 1 ? 'low' : 'high';
      const result = answer?.task === 'vise' || answer?.task === 'skew' ? answer.result : undefined;
      return (
        <LineDrawing
          height={height}
          label={label}
          along={along}
          from={alignment.from}
          to={alignment.to}
          places={line}
          side={side}
          pivot={alignment.pivot}
          loose={alignment.loose}
          error={result?.error}
          tap={result?.state === 'within' ? 0 : result?.tap}
          what={isVise ? 'jaw' : `${alignment.face} face`}
        />
      );
    }
    case 'level':
      return (
        <LineDrawing
          height={height}
          label={label}
          along="x"
          from={0}
          to={alignment.distance}
          places={line}
          side="high"
          error={answer?.task === 'level' ? answer.result.error : undefined}
          what="flat, from the side"
        />
      );
    default:
      return (
        <RoundDrawing
          height={height}
          label={label}
          places={alignment.task === 'centre' && alignment.school === 'plug' ? [] : round}
          what={alignment.task === 'head' ? 'table' : alignment.task === 'chuck' ? 'boss' : alignment.feature}
          move={moveOf(answer)}
        />
      );
  }
}

/** Which way to move the spindle, or to push the part; undefined where nothing moves in this plane. */
function moveOf(answer: AlignmentResult | undefined): { x: number; y: number } | undefined {
  if (answer?.task === 'centre' && answer.school === 'sweep')
    return answer.result.state === 'within' ? undefined : answer.result.move;
  if (answer?.task !== 'chuck' || answer.result.state === 'within') return undefined;
  const away = (mark: number) => -(answer.result.off.find((one) => one.mark === mark)?.off ?? 0);
  return { x: away(0), y: away(90) };
}
