import type { Axis } from '../../schema/quantities';
import { toward, type Surface } from '../mill/surface';
import type { MillEvent, Touching } from '../mill/events';
import type { Mill } from '../mill/mill';
import { trueThickness } from '../mill/hiddenTruth';
import { quillElsewhere } from '../mill/quill';
import type { AxisMark } from './axisMark';

/** What people do wrong at a mill, as it sees it. */
export const MILL_MISTAKES = [
  'hand-at-turning',
  'finder-still',
  'finder-too-fast',
  'spindle-turning',
  'touched-turning',
  'lowered-onto-block',
  'not-raised',
  'drove-in',
  'backed-into',
  'half-left-out',
  'half-twice',
  'half-wrong-way',
  'between-left-out',
  'plate-by-marking',
  'clip-left-on',
  'read-back-skipped',
  'moved-for-set',
  'whole-for-half',
  'not-read-again',
  'left-loose',
  'plug-in-chuck',
  'not-seated',
  'quill-moved',
  'lock-not-read',
  'parallels-left-in',
  'swung-into',
  'indicator-left-on',
  'sensor-left-in',
  'whole-ball',
  'too-deep',
  'radius-for-diameter',
  'second-over-first',
] as const;

export type MillMistake = (typeof MILL_MISTAKES)[number];

/** A slip that was made: where, and what it did, or would have done, to the part. */
export interface FoundMistake {
  slip: MillMistake;
  /** The axis it was about, where it was about one. */
  axis?: Axis;
  /** How far off it has put that axis, mm. */
  off?: number;
}

/** What the marking knows beside the mill. */
interface Came {
  axes: readonly AxisMark[];
  notReadBack: readonly Axis[];
  /** Axes that the notebook has as set, and that nobody set at the mill. */
  notSet: readonly Axis[];
  /** A second zero is asked for beside the first. */
  second: boolean;
  /** What the notebook has a bore cut at, pass by pass, mm on the diameter. */
  bored: readonly number[];
  /** Where holes are to be, mm from the middle they lie round. */
  holes: readonly { x: number; y: number }[];
  /** Where a surface is on the part, mm from part zero along its axis; undefined where that is not entered. */
  placeOf: (surface: Surface) => number | undefined;
}

/** Slips by what the mill noticed, then by what was set; each once an axis. */
export function mistakesOf(mill: Mill, came: Came): FoundMistake[] {
  const all = [
    ...mill.events.flatMap((event) => ofEvent(mill, came, event)),
    ...came.axes.flatMap((one) => ofError(mill, one)),
    ...came.notReadBack.map((axis): FoundMistake => ({ slip: 'read-back-skipped', axis })),
    ...came.notSet.map((axis): FoundMistake => ({ slip: 'moved-for-set', axis })),
    ...ofWork(mill, came),
  ];
  return all.filter((one, i) => all.findIndex(({ slip, axis }) => slip === one.slip && axis === one.axis) === i);
}

function ofEvent(mill: Mill, came: Came, event: MillEvent): FoundMistake[] {
  switch (event.kind) {
    case 'hand-at-turning':
      return [{ slip: 'hand-at-turning' }];
    case 'pushed-still':
      return [{ slip: 'finder-still' }];
    case 'touched-turning':
      return [{ slip: event.between === undefined ? 'touched-turning' : 'spindle-turning' }];
    case 'clip-on':
      return [{ slip: 'clip-left-on' }];
    case 'sensor-in':
      return [{ slip: 'sensor-left-in' }];
    case 'indicator-on':
      return [{ slip: 'indicator-left-on' }];
    case 'unseated':
      return [{ slip: 'not-seated', axis: 'z', off: event.by }];
    case 'quill-moved':
      return [{ slip: 'quill-moved' }];
    case 'parallels-in':
      return [{ slip: 'parallels-left-in' }];
    case 'swung-into':
      return [{ slip: 'swung-into' }];
    case 'too-deep':
      return [{ slip: 'too-deep' }];
    case 'tapped':
      return wholeTapped(event) ? [{ slip: 'whole-for-half' }] : [];
    case 'cut':
    case 'spotted':
      return [];
    case 'too-fast':
      return [{ slip: 'finder-too-fast' }];
    case 'lowered-onto':
      return [{ slip: 'lowered-onto-block' }];
    case 'crash':
      return [{ slip: event.crossing ? 'not-raised' : 'drove-in' }];
    case 'found':
      if (mill.spec.contacts.some(({ id, inChuck }) => inChuck && id === event.contact))
        return [{ slip: 'plug-in-chuck' }];
      // With collars, what is found while backing off is off by the play.
      return mill.spec.reads === 'screw' && event.way !== toward(event.surface)
        ? [{ slip: 'backed-into', axis: event.axis }]
        : [];
    case 'set':
      // A second zero may be anything.
      if (event.scale === 'incremental') return [];
      return event.touching ? ofSetting(mill, came, event, event.touching) : [];
  }
}

/** A part this far out is tapped by what its dial says, mm; less may be anything. */
const SURELY_OUT = 0.03;

/** Tapped by about the whole of what two sides differ by: twice as far as it stands out. */
const wholeTapped = ({ by, out }: { by: number; out: number }): boolean =>
  Math.abs(out) > SURELY_OUT && by / out > 1.6 && by / out < 2.4;

/** So much more or less than was noted, mm on the diameter, the slide has moved since. */
const SLIDE = 0.013;

/** Marks that lie so near to where a whole circle twice or half as wide would have them, mm. */
const ON_CIRCLE = 0.5;

/** So far the indicator goes along a jaw that is read again, mm. */
const ALONG = 60;

/** An axis that was set while touching, and set again away from everything, on the same zero. */
const typedOver = (events: readonly MillEvent[]): boolean =>
  (['x', 'y'] as const).some((axis) => {
    const sets = events.filter((one) => one.kind === 'set' && one.scale === 'absolute' && one.axis === axis);
    const last = sets.at(-1);
    return sets.length > 1 && last?.kind === 'set' && last.touching === undefined;
  });

/** Each setting once: a free pass at the same one is no other setting. */
const settings = (all: readonly number[]): number[] => all.filter((set, i) => set !== all[i - 1]);

function ofWork(mill: Mill, came: Came): FoundMistake[] {
  const { work, events } = mill;
  if (quillElsewhere(mill)) return [{ slip: 'quill-moved' }];
  const { holes } = came;
  const bored = settings(came.bored);
  if (work?.kind === 'vise') {
    if (!work.tight) return work.gone > ALONG ? [{ slip: 'left-loose' }] : [];
    return work.gone < ALONG ? [{ slip: 'not-read-again' }] : [];
  }
  if (work?.kind === 'chuck' && work.tapped && wholeTapped(work.tapped)) return [{ slip: 'whole-for-half' }];
  if (work?.kind === 'table') {
    const put = events.some(({ kind }) => kind === 'found');
    if (!work.tight) return put ? [{ slip: 'left-loose' }] : [];
    return work.swept ? [] : [{ slip: 'not-read-again' }];
  }
  if (came.second && typedOver(events)) return [{ slip: 'second-over-first' }];
  const cuts = settings(events.flatMap((one) => (one.kind === 'cut' ? [one.set] : [])));
  const step = (all: readonly number[], i: number) => (all[i] ?? NaN) - (all[i - 1] ?? NaN);
  const shifted = bored.some((_, i) => i > 0 && Math.abs(step(bored, i) - step(cuts, i)) > SLIDE);
  const marks = events.flatMap((one) => (one.kind === 'spotted' ? [one.at] : []));
  return [
    ...(shifted ? [{ slip: 'lock-not-read' } as const] : []),
    ...(ofOtherCircle(marks, holes) ? [{ slip: 'radius-for-diameter' } as const] : []),
  ];
}

type Point = { x: number; y: number };

/** Whether marks lie where holes would be on circles twice or half as wide: seen by how far apart they are. */
function ofOtherCircle(marks: readonly Point[], holes: readonly Point[]): boolean {
  if (marks.length < 2 || marks.length !== holes.length) return false;
  const spans = (all: readonly Point[]) =>
    all.flatMap((a, i) => all.slice(i + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y))).sort((a, b) => a - b);
  const [are, should] = [spans(marks), spans(holes)];
  return [2, 0.5].some((times) => are.every((span, i) => Math.abs(span - times * (should[i] ?? 0)) <= ON_CIRCLE));
}

/** A figure this near to a candidate's is taken for it, mm: half of a search's step lies between. */
const FITS = 0.015;

/** A figure set while touching, against the one it should be: the sizes as they are marked. */
function ofSetting(
  { spec, hidden }: Mill,
  { placeOf }: Came,
  { axis, value }: Extract<MillEvent, { kind: 'set' }>,
  { surface, contact, between }: Touching,
): FoundMistake[] {
  const place = placeOf(surface);
  const held = spec.contacts.find(({ id }) => id === contact);
  if (place === undefined || !held) return [];
  const radius = surface === 'top' ? 0 : held.diameter / 2;
  const put = spec.betweens.find(({ id }) => id === between);
  const marked = put?.thickness ?? 0;
  // Of a plate what counts is how thick it is, and not what stands on it.
  const thick = put?.thinner ? trueThickness(hidden, put) : marked;
  // How much too near the part it calls itself: + where something was left out.
  const short = toward(surface) * (value - place) + radius + thick;
  const fits = (size: number) => Math.abs(size) > FITS && Math.abs(short - size) <= FITS;
  const named = (slip: MillMistake): FoundMistake[] => [
    { slip, axis, off: value - place + toward(surface) * (radius + thick) },
  ];
  if (Math.abs(short) <= FITS) return [];
  if (fits(thick - marked)) return named('plate-by-marking');
  if (fits(thick)) return named('between-left-out');
  if (fits(radius + thick) || fits(radius)) return named('half-left-out');
  if (put?.kind === 'sensor' && fits(-thick)) return named('whole-ball');
  if (fits(2 * (radius + thick)) || fits(2 * radius + thick)) return named('half-wrong-way');
  return fits(-radius) || fits(-radius - thick) ? named('half-twice') : [];
}

/** An error this near to half a contact is taken for it, mm. */
const NEAR_HALF = 0.1;

/** A setting made after moving away: what it left out shows in where it came to be. */
function ofError(mill: Mill, { axis, error }: AxisMark): FoundMistake[] {
  const set = mill.events.findLast((one) => one.kind === 'set' && one.axis === axis);
  const last = mill.events.findLast((one) => one.kind === 'found' && one.axis === axis);
  if (error === undefined || axis === 'z' || set?.kind !== 'set' || set.touching || last?.kind !== 'found') return [];
  const radius = (mill.spec.contacts.find(({ id }) => id === last.contact)?.diameter ?? 0) / 2;
  // Between two walls of a bore there is no side that half would be taken to.
  const off = last.surface.startsWith('bore-') ? Math.abs(error) : toward(last.surface) * error;
  const fits = (size: number) => Math.abs(off - size) <= NEAR_HALF;
  if (fits(radius)) return [{ slip: 'half-left-out', axis, off: error }];
  if (fits(2 * radius)) return [{ slip: 'half-wrong-way', axis, off: error }];
  return fits(-radius) ? [{ slip: 'half-twice', axis, off: error }] : [];
}
