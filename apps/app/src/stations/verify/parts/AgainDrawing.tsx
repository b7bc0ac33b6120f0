import type { RecheckTarget, RecheckTouch } from '@zero-point/core/state/verify/recheckTargets';
import { wallSide } from '@zero-point/core/state/verify/recheckTargets';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { gapOf } from '@zero-point/core/state/gauges/gaugeSeat';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { roundOf } from '@zero-point/core/datum/feature';
import type { Point } from '@zero-point/core/geometry/point';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { ElevationDrawing } from '../../../drawing/ElevationDrawing';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Arrow } from '../../../drawing/marks';
import { placeTargets, type TargetWanted } from '../../../drawing/geometry/targetPlace';
import { Target } from '../../../drawing/Target';
import type { View } from '../../../drawing/geometry/view';

interface AgainDrawingProps {
  book: SetupState;
  things: readonly RecheckTarget[];
  chosen: RecheckTarget | undefined;
  touch: RecheckTouch | undefined;
  onChoose: (key: string) => void;
}

/** The part with what can be touched again on it: from above, or from the front for Z. */
export function RecheckDrawing(props: AgainDrawingProps) {
  return props.chosen?.of.kind === 'z' ? <FromFront {...props} /> : <FromAbove {...props} />;
}

function FromFront({ book, touch }: AgainDrawingProps) {
  const { setup, part } = book;
  const gauge = book.gauges.find(({ id }) => id === (touch?.use.gaugeId ?? setup.heightGaugeId));
  const thickness = (gauge && gapOf(book, gauge)) ?? 0;
  const cutter = book.tools.find(({ number }) => number === setup.referenceTool);
  return (
    <ElevationDrawing
      height="fill"
      label={`Tool ${setup.referenceTool} on its gauge over the part, from the front`}
      partThickness={part.size.z}
      topAboveZero={topAboveZero(book) ?? 0}
      zSet={touch !== undefined}
      gaugeThickness={thickness}
      gaugeShown={formatLengthUnit(thickness, { unit: setup.units })}
      arrives={touch?.approach === -1 ? 'lowered' : 'raised'}
      tools={[
        {
          number: setup.referenceTool,
          name: cutter?.name ?? 'reference tool',
          diameter: cutter?.diameter ?? 10,
          offset: 0,
          shown: 'reference',
        },
      ]}
      reference={setup.referenceTool}
      chosen={setup.referenceTool}
      onChoose={() => undefined}
    />
  );
}

function FromAbove({ book, things, chosen, touch, onChoose }: AgainDrawingProps) {
  const { setup, part } = book;
  const placed = things.filter(({ of }) => of.kind !== 'z');
  return (
    <PlanDrawing
      part={part}
      partZero={setup.partZero}
      zeroSet={placed.every(({ touches }) => touches.length > 0)}
      height="fill"
      room={Math.max(part.size.x, part.size.y) / 10}
      label={`${part.name} from above: the ${chosen?.name ?? 'part'} is touched again`}
      marks={(view) => chosen && touch && <Approach book={book} thing={chosen} touch={touch} view={view} />}
      targets={(view) =>
        // On a low page they would lie over one another: what has no room is chosen in the row of names beneath.
        placeTargets(placed.map((one) => wanted(book, one, view))).placed.map(({ thing, ...at }) => (
          <Target
            key={thing.key}
            label={`Touch the ${thing.name} again`}
            at={at}
            chosen={thing.key === chosen?.key}
            onPress={() => onChoose(thing.key)}
          />
        ))
      }
    />
  );
}

/** Where a thing wants to be tapped. */
function wanted(book: SetupState, thing: RecheckTarget, view: View): TargetWanted<RecheckTarget> {
  const at = middleOf(book, thing);
  return { thing, x: view.x(at.x), y: view.y(at.y), width: 0, height: 0 };
}

/** Where on the part a thing is pressed, mm in the part's own frame. */
function middleOf({ part }: SetupState, { of }: RecheckTarget): Point {
  const { x, y } = part.size;
  if (of.kind === 'round') return roundOf(part, of.of).at;
  if (of.kind === 'z') return { x: x / 2, y: y / 2 };
  return {
    left: { x: 0, y: y / 2 },
    right: { x, y: y / 2 },
    front: { x: x / 2, y: 0 },
    back: { x: x / 2, y },
  }[of.face];
}

interface ApproachProps {
  book: SetupState;
  thing: RecheckTarget;
  touch: RecheckTouch;
  view: View;
}

/** The way the finder comes, px. */
const WAY = 44;

/** The arrow of one touch: onto a face from outside, onto a bore's wall from its middle. */
function Approach({ book, thing, touch, view }: ApproachProps) {
  const { axis, approach } = touch;
  if (axis === 'z') return null;
  const place = middleOf(book, thing);
  const at = { x: view.x(place.x), y: view.y(place.y) };
  const { of } = thing;
  if (of.kind === 'round') {
    const { kind, diameter } = roundOf(book.part, of.of);
    const side = wallSide(book, of.of, { axis, approach });
    const outward = side === 'right' || side === 'back' ? 1 : -1;
    const reach = outward * (diameter / 2) * view.scale;
    if (axis === 'x') at.x += reach;
    else at.y -= reach;
    const way = kind === 'bore' ? Math.min(WAY, Math.abs(reach)) : WAY;
    return <Arrow from={before(at, axis, approach, way)} to={at} />;
  }
  return <Arrow from={before(at, axis, approach, WAY)} to={at} />;
}

const before = (at: Point, axis: 'x' | 'y', approach: 1 | -1, way: number): Point =>
  axis === 'x' ? { x: at.x - approach * way, y: at.y } : { x: at.x, y: at.y + approach * way };
