import type { Axis } from '@zero-point/core/schema/quantities';
import { alignmentPlaces, PLUG_PLACES } from '@zero-point/core/alignment/places';
import type { Alignment } from '@zero-point/core/records/setup/alignment';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import { alignmentPass, latestPass, type AlignmentPass } from '@zero-point/core/state/alignment/taskAnswer';
import type { DialFace } from '../../indicator/IndicatorDial';
import { advise, type Advice } from '@zero-point/core/messages/alignment/advice';
import { passComparison, type PassComparison } from '@zero-point/core/state/alignment/passComparison';
import { entryLabel, isPlug, question } from '@zero-point/core/messages/alignment/place';

/** What the screen of one task shows. */
export interface AlignmentView {
  alignment: Alignment;
  pass: AlignmentPass;
  places: number[];
  /** The place read next, or read once more. */
  place: number | undefined;
  question: string | undefined;
  label: string;
  advice: Advice | undefined;
  /** What went wrong since the pass before. */
  since: PassComparison | undefined;
  /** Passes that were answered, for the chart. */
  history: { pass: number; error: number; U: number }[];
  dial: DialFace | undefined;
  /** Number of the pass that is read. */
  passNumber: number;
  /** The axis of a scale that is read; undefined where it is an indicator's dial. */
  axis: Axis | undefined;
}

/** State of one task to view; `again` is a place to read once more. */
export function alignmentView(
  book: SetupState,
  alignment: Alignment,
  passNumber: number | undefined,
  again: number | undefined,
): AlignmentView {
  const { task } = alignment;
  const number = passNumber ?? Math.max(1, latestPass(book, task));
  const pass = alignmentPass(book, alignment, number);
  const places = alignmentPlaces(alignment);
  const place = again !== undefined && places.includes(again) ? again : pass.next;
  return {
    alignment,
    pass,
    places,
    place,
    question: place === undefined ? undefined : question(book, alignment, place, place === places[0]),
    label: place === undefined ? '' : entryLabel(book, alignment, place),
    advice: pass.answer && advise(book, pass.answer),
    since: passComparison(book, alignment, number),
    history: Array.from({ length: number }, (_, i) => i + 1).flatMap((one) => {
      const { answer } = alignmentPass(book, alignment, one);
      if (!answer || isPlug(alignment)) return [];
      const { error, uncertainty } = advise(book, answer);
      return [{ pass: one, error, U: uncertainty.U }];
    }),
    dial: dialOf(book, alignment),
    passNumber: number,
    axis: place === undefined ? undefined : axisRead(alignment, place),
  };
}

/** The face of the indicator in use; undefined where the scale is read instead. */
export function dialOf(book: SetupState, alignment: Alignment): DialFace | undefined {
  if (alignment.task === 'skew' || isPlug(alignment)) return undefined;
  const gauge = book.gauges.find(({ id }) => id === alignment.indicatorId);
  const resolution = gauge?.resolution ?? 0.01;
  const perTurn = gauge?.perTurn ?? resolution * 100;
  return { perTurn, resolution, range: gauge?.range ?? perTurn * 5, sense: alignment.sense };
}

/** The axis a plug's reading is of. */
export const plugAxis = (place: number) => (place === PLUG_PLACES.x ? ('x' as const) : ('y' as const));

/** The axis of a scale that is read at a place. */
function axisRead(alignment: Alignment, place: number): Axis | undefined {
  if (alignment.task === 'skew') return FACE_TOUCH[alignment.face].axis;
  return isPlug(alignment) ? plugAxis(place) : undefined;
}
