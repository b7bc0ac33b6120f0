import type { Alignment, AlignmentOf } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import type { SetupState } from '../../state/basis/setupState';
import { FACE_TOUCH } from '../../datum/partFrame';
import { PLUG_PLACES } from '../../alignment/places';
import { sizeOf } from '../../state/gauges/contactSize';
import { formatAngle, formatLengthUnit } from '../../units/formatLength';

export const TASK_ABOUT: Readonly<Record<AlignmentTask, string>> = {
  vise: 'its jaw along X or Y, by an indicator',
  head: 'square to the table, by swinging an indicator',
  centre: 'a bore or rotary table, by a sweep or a plug',
  chuck: 'centred by turning it half round',
  level: 'a flat made level, then the axis zeroed',
  skew: 'touched along one face: align it, or rotate the coordinates',
};

const quarter = (angle: number): string | undefined =>
  (({ 0: 'to the right', 90: 'away from you', 180: 'to the left', 270: 'toward you' }) as Record<number, string>)[
    ((angle % 360) + 360) % 360
  ];

/** Where a place is, short, for lists and the drawing. */
export function placeName(alignment: Alignment, place: number, unit: 'mm' | 'in'): string {
  switch (alignment.task) {
    case 'head':
      return { 180: 'left', 0: 'right', 270: 'front', 90: 'back' }[place] ?? formatAngle(place, 0);
    case 'centre':
      return alignment.school === 'plug' ? (place === PLUG_PLACES.x ? 'X' : 'Y') : formatAngle(place, 0);
    case 'chuck':
      return `mark ${formatAngle(place, 0)}`;
    default:
      return formatLengthUnit(place, { unit });
  }
}

/** The same with what it is, where a bare length could be taken for the reading. */
export const placeTitle = (alignment: Alignment, place: number, unit: 'mm' | 'in'): string =>
  ['vise', 'level', 'skew'].includes(alignment.task)
    ? `at ${placeName(alignment, place, unit)}`
    : placeName(alignment, place, unit);

/** The one thing to do and read next. */
export function question(book: SetupState, alignment: Alignment, place: number, first: boolean): string {
  const unit = book.setup.units;
  const at = formatLengthUnit(place, { unit });
  const zero = first ? ' Set the dial to zero there, and log what it shows.' : ' What does the dial show?';
  switch (alignment.task) {
    case 'vise': {
      const from =
        alignment.along === 'x'
          ? alignment.side === 'low'
            ? 'from your side'
            : 'from behind'
          : alignment.side === 'low'
            ? 'from the left'
            : 'from the right';
      const end = alignment.along === 'x' ? 'left' : 'front';
      return first
        ? `Bring the stylus to the jaw ${from}, ${at} from its ${end} end.${zero}`
        : `Run along the jaw to ${at}.${zero}`;
    }
    case 'head': {
      const way = placeName(alignment, place, unit);
      return first
        ? `Swing the indicator ${formatLengthUnit(alignment.swing / 2, { unit })} out to the ${way}. Lift the stylus over T-slots, or swing on a flat plate.${zero}`
        : `Swing to the ${way}.${zero}`;
    }
    case 'centre': {
      if (alignment.school === 'plug')
        return place === PLUG_PLACES.x
          ? 'Seat the plug in the bore, spindle stopped. What does X show?'
          : 'Plug still seated. What does Y show?';
      const way = quarter(place);
      const where = `${formatAngle(place, 0)}${way === undefined ? '' : `, ${way}`}`;
      return first
        ? `Turn the spindle by hand so the stylus touches the ${alignment.feature} at ${where}.${zero}`
        : `Turn to ${where}.${zero}`;
    }
    case 'chuck': {
      const mark = formatAngle(place, 0);
      if (alignment.standing === true)
        return first
          ? `Spindle over the table’s centre, X and Y locked. Mark the part at 0°, counter-clockwise 90°, and so on. Swing the stylus against the face at mark ${mark}. Swing slowly past the mark and read where the needle turns back.${zero}`
          : `Table locked. Z up, swing the indicator round, then down to the face at mark ${mark}.${zero}`;
      return first
        ? `Mark the part at 0°, counter-clockwise 90°, and so on. Bring mark ${mark} to the standing indicator.${zero}`
        : `Turn the table until mark ${mark} faces the indicator.${zero}`;
    }
    case 'level':
      return place === 0 ? `Stylus on top of the flat at the first place.${zero}` : `Move ${at} along +Y.${zero}`;
    case 'skew': {
      const { axis, from } = FACE_TOUCH[alignment.face];
      const along = axis === 'x' ? 'Y' : 'X';
      return `Touch the ${alignment.face} face from ${from}, ${along} ${at} along it. What does ${axis.toUpperCase()} show?`;
    }
  }
}

/** What the number in the field is. */
export function entryLabel(book: SetupState, alignment: Alignment, place: number): string {
  const scale = book.machine.scale === 'machine' ? 'control' : book.machine.scale;
  if (alignment.task === 'skew') {
    const { axis } = FACE_TOUCH[alignment.face];
    // Where along the face is said with its axis: a bare length could be taken for the reading.
    return `${axis.toUpperCase()}, at ${axis === 'x' ? 'Y' : 'X'} ${placeName(alignment, place, book.setup.units)}`;
  }
  if (isPlug(alignment)) return `${placeName(alignment, place, book.setup.units)} on the ${scale}`;
  return `Dial at ${placeName(alignment, place, book.setup.units)}`;
}

export const isPlug = (alignment: Alignment): alignment is AlignmentOf<'centre'> =>
  alignment.task === 'centre' && alignment.school === 'plug';

/** The tool of a task, for the line under the question. */
export function indicatorToolWords(book: SetupState, alignment: Alignment): string {
  const unit = book.setup.units;
  const id =
    alignment.task === 'skew' ? book.setup.finderId : isPlug(alignment) ? alignment.plugId : alignment.indicatorId;
  const gauge = book.gauges.find((one) => one.id === id);
  if (!gauge) return isPlug(alignment) ? 'Any centring plug that seats without play.' : 'Choose a gauge below.';
  if (gauge.kind !== 'indicator') return `${gauge.name}, ${formatLengthUnit(sizeOf(gauge), { unit })}.`;
  const line = gauge.resolution === undefined ? '' : `, lines of ${formatLengthUnit(gauge.resolution, { unit })}`;
  return `${gauge.name}${line}.`;
}
