import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { doneSteps, holeItem, stepsOf } from '@zero-point/core/state/holes/holes';
import { patternWorking } from '@zero-point/core/holes/patterns/pattern';
import { rotateSections } from '@zero-point/core/geometry/rotate';
import type { Working } from '@zero-point/core/working/working';
import { Fold } from '../../../../answer/Fold';
import { Choice } from '../../../../controls/Choice';
import { useWide } from '../../../../layout/useLayoutSize';
import { WorkingStrip } from '../../../../working/WorkingStrip';
import { AppText } from '../../../../theme/AppText';
import { HoleTable } from './HoleTable';
import { PatternFields } from './PatternFields';
import { type PositionsView } from '../../view';
import { savePattern } from '../../commands';

interface HolesPanelProps {
  book: SetupState;
  view: PositionsView;
  pattern: Pattern;
  hole: number;
  onPattern: (id: string) => void;
  onHole: (hole: number) => void;
}

/** The holes of the pattern in hand as figures, what makes them, and the tape of one. */
export function HolesPanel({ book, view, pattern, hole, onPattern, onHole }: HolesPanelProps) {
  const wide = useWide();
  const unit = book.setup.units;
  const done = doneOf(book, view, pattern);
  return (
    <>
      {view.patterns.length > 1 && (
        <Choice
          label="Pattern"
          value={pattern.id}
          onChange={onPattern}
          options={view.patterns.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <HoleTable holes={view.targets} unit={unit} chosen={hole} done={done.whole} onChoose={onHole} />
      {done.steps > 0 && (
        <AppText tone="warn">
          {done.steps} {done.steps === 1 ? 'step is' : 'steps are'} marked done. The marks belong to the hole numbers.
          To move holes, copy the pattern first.
        </AppText>
      )}
      <Fold title="Change this pattern" open={wide}>
        <PatternFields
          key={pattern.id}
          book={book}
          pattern={pattern}
          onChange={(changed) => savePattern(book, changed)}
          onAdd={(made) => {
            savePattern(book, made);
            onPattern(made.id);
          }}
        />
      </Fold>
      <Fold title={`Working of hole ${hole}`}>
        <WorkingStrip tape={tapeOf(book, pattern, hole, view)} unit={unit} />
      </Fold>
    </>
  );
}

/** Steps of a pattern that are marked done, and the holes of which all are. */
function doneOf(book: SetupState, { holes }: PositionsView, pattern: Pattern): { steps: number; whole: Set<number> } {
  const done = doneSteps(book);
  const whole = new Set<number>();
  if (done.size === 0) return { steps: 0, whole };
  let count = 0;
  for (const hole of holes) {
    const marked = stepsOf(pattern).filter((step) => done.has(holeItem(hole, step))).length;
    count += marked;
    if (marked === hole.steps.length) whole.add(hole.hole);
  }
  return { steps: count, whole };
}

/** How a hole's place was reckoned, its datum and the turn of the part on top where there are any. */
function tapeOf(
  { datumPlan }: SetupState,
  pattern: Pattern,
  hole: number,
  { holes, rotation }: PositionsView,
): Working {
  const { sections } = patternWorking(pattern, hole);
  const from = datumPlan.local.find(({ id }) => id === pattern.datum);
  const point = holes[hole - 1];
  if (!point) return { sections };
  const onDatum = from
    ? (['x', 'y'] as const).map((axis) => ({
        title: `${axis.toUpperCase()} from part zero`,
        how: 'sum' as const,
        quantity: 'length' as const,
        lines: [
          { label: from.name, value: from.at[axis] },
          { label: 'from there', value: point[axis] - from.at[axis] },
        ],
        total: { label: axis.toUpperCase(), value: point[axis] },
      }))
    : [];
  return { sections: [...sections, ...onDatum, ...(rotation === 0 ? [] : rotateSections(point, rotation))] };
}
