import type { Face, Touched } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import type { AnswerForm, Gauge } from '@zero-point/core/contract/shop';
import { EDGE_CAUTIONS, type Caution } from '@zero-point/core/cautions/caution';
import { FACE_TOUCH, faceCoordinate } from '@zero-point/core/datum/partFrame';
import { faceAnswer, type FaceAnswer } from '@zero-point/core/ledger/faceAnswer';
import { sizeOf } from '@zero-point/core/ledger/gaugeUse';
import { lastZeroing, onThisScale, readingsOf } from '@zero-point/core/ledger/inForce';
import { FACES_ACROSS, middleAnswer, type MiddleAnswer } from '@zero-point/core/ledger/middleAnswer';
import { widthCheck } from '@zero-point/core/ledger/widthCheck';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { formatLength, formatLengthUnit, type LengthFormat } from '@zero-point/core/units/formatLength';
import type { FormView } from '../../answer/AnswerForms';
import { logReading, logZeroing } from '../newReading';

/** The finder of the plan, with what it adds. */
export interface FinderView {
  gauge: Gauge;
  /** Contact radius with feeler, mm. */
  radius: number;
  words: string;
  cautions: Caution[];
}

/** What the Datum screen shows of a face. */
export interface FaceView {
  face: Face;
  subject: Touched;
  axis: 'x' | 'y';
  from: string;
  sentence: string;
  /** On the scale as it stands; undefined too where the axis was set since the last touch. */
  answer: FaceAnswer | undefined;
  forms: FormView[];
  log: (text: string) => string | undefined;
  markSet: (form: FormView) => void;
}

/** State of the Datum station to view. */
export function datumView(snapshot: Snapshot, face: Face | undefined) {
  const set = { x: lastZeroing(snapshot, 'x') !== undefined, y: lastZeroing(snapshot, 'y') !== undefined };
  const middles = (['x', 'y'] as const).flatMap((axis) => middleView(snapshot, axis) ?? []);
  const checks = (['x', 'y'] as const).flatMap((axis) => widthCheck(snapshot, axis) ?? []);
  return {
    set,
    /** Middles of opposite faces, where both were touched; shown beside no face. */
    middles: face === undefined ? middles : [],
    /** Opposite faces against the part's size, of the face in hand or of all. */
    checks: face === undefined ? checks : checks.filter(({ axis }) => axis === FACE_TOUCH[face].axis),
    finder: finderView(snapshot),
    sentence: nextSentence(set, middles),
    face: face && faceView(snapshot, face),
  };
}

function nextSentence(set: { x: boolean; y: boolean }, middles: readonly MiddleView[]): string {
  if (set.x && set.y) return 'X and Y are set. Tap a face to touch it again as a check, or go on to Heights.';
  if (set.x) return 'X is set. Now Y: tap the front or the back face.';
  if (set.y) return 'Y is set. Now X: tap the left or the right face.';
  const [middle] = middles;
  if (middle)
    return `Both faces across ${middle.axis.toUpperCase()} are touched: set ${middle.axis.toUpperCase()} at their middle, or tap one.`;
  return 'Tap the face you will touch first.';
}

function finderView(snapshot: Snapshot): FinderView | undefined {
  const { setup, gauges } = snapshot;
  const gauge = gauges.find(({ id }) => id === setup.finderId);
  if (!gauge) return undefined;
  const facts = GAUGE_FACTS[gauge.kind];
  const size = formatLengthUnit(sizeOf(gauge), { unit: setup.units });
  const feeler = setup.feeler > 0 ? ` and ${formatLengthUnit(setup.feeler, { unit: setup.units })} feeler` : '';
  const speed =
    facts.spin === 'turning' ? `, turning${gauge.maxRpm ? `, at most ${gauge.maxRpm} rpm` : ''}` : ', spindle stopped';
  return {
    gauge,
    radius: sizeOf(gauge) / 2 + setup.feeler,
    words: `${gauge.name}: contact ${size}${feeler}${speed}.`,
    cautions: [
      facts.spin === 'turning' ? EDGE_CAUTIONS.turningFinder : EDGE_CAUTIONS.standingFinder,
      EDGE_CAUTIONS.raiseFirst,
    ],
  };
}

function faceView(snapshot: Snapshot, face: Face): FaceView {
  const subject: Touched = { kind: 'face', face };
  const { axis, approach, from } = FACE_TOUCH[face];
  const { setup } = snapshot;
  const known = faceAnswer(snapshot, face);
  const answer = known && onThisScale(snapshot, known.readings) ? known : undefined;
  const name = axis.toUpperCase();
  return {
    face,
    subject,
    axis,
    from,
    sentence:
      known && !answer
        ? `${name} was set since. To check it, touch the ${face} face again, coming from ${from}.`
        : `Touch the ${face} face, coming from ${from}.`,
    answer,
    forms: answer ? edgeForms(snapshot, face, answer) : [],
    log: (text) =>
      logReading(
        snapshot,
        { subject, axis, approach, gaugeId: setup.finderId, feeler: setup.feeler, ticked: [] },
        text,
      ),
    markSet: ({ form, value }) => {
      if (form !== 'offset') logZeroing(snapshot, subject, axis, form, value);
    },
  };
}

const workOffsetForm = (name: string, value: number, format: LengthFormat): FormView => ({
  form: 'work-offset',
  say: `Work offset ${name}`,
  figure: formatLength(value, format),
  then: 'part zero on the scale as it stands',
  done: `Done: ${name} offset entered`,
  value,
});

/** The three answers, the machine's habit first. */
function edgeForms(snapshot: Snapshot, face: Face, { result }: FaceAnswer): FormView[] {
  const format: LengthFormat = { unit: snapshot.setup.units };
  const name = FACE_TOUCH[face].axis.toUpperCase();
  const nominal = faceCoordinate(snapshot.part, snapshot.setup.partZero, face);
  const there = nominal === 0 ? `zero ${name}` : `set ${name} to ${formatLengthUnit(nominal, format)}`;
  const forms: FormView[] = [
    {
      form: 'preset',
      say: `Preset ${name} to`,
      figure: formatLength(result.preset, format),
      then: 'while the finder still touches',
      done: `Done: ${name} is preset`,
      value: result.preset,
    },
    {
      form: 'move',
      say: `Raise Z, then move ${name}`,
      figure: formatLength(result.move, { ...format, plus: true }),
      then: `then ${there}`,
      done: `Done: moved, ${name} set`,
      value: nominal,
    },
    workOffsetForm(name, result.workOffset, format),
  ];
  const first: AnswerForm = snapshot.machine.habits.answerFirst;
  return [...forms.filter(({ form }) => form === first), ...forms.filter(({ form }) => form !== first)];
}

/** The middle of two opposite faces, and the ways to make the machine agree. */
export interface MiddleView {
  axis: 'x' | 'y';
  answer: MiddleAnswer;
  forms: FormView[];
  /** The halving way, in words. */
  halving: string;
  markSet: (form: FormView) => void;
}

function middleView(snapshot: Snapshot, axis: 'x' | 'y'): MiddleView | undefined {
  const answer = middleAnswer(snapshot, axis);
  if (!answer || !onThisScale(snapshot, answer.readings)) return undefined;
  const { result } = answer;
  const format: LengthFormat = { unit: snapshot.setup.units };
  const name = axis.toUpperCase();
  const nominal = result.centre - result.workOffset;
  const [near] = FACES_ACROSS[axis];
  const forms: FormView[] = [
    {
      form: 'move',
      say: `Raise Z, drive ${name} to`,
      figure: formatLength(result.centre, format),
      then: Math.abs(nominal) < 1e-9 ? `then zero ${name}` : `then set ${name} to ${formatLengthUnit(nominal, format)}`,
      done: `Done: ${name} set at the middle`,
      value: nominal,
    },
    workOffsetForm(name, result.workOffset, format),
  ];
  return {
    axis,
    answer,
    forms: snapshot.machine.habits.answerFirst === 'work-offset' ? forms.reverse() : forms,
    halving: `By halving: zero ${name} at the ${near} touch, and the middle reads ${formatLengthUnit(result.halfway, { ...format, plus: true })}.`,
    markSet: ({ form, value }) => {
      if (form !== 'offset') logZeroing(snapshot, { kind: 'middle', axis }, axis, form, value);
    },
  };
}

/** Readings of a face as the ledger has them, struck ones included. */
export const faceReadings = (snapshot: Snapshot, subject: Touched) => readingsOf(snapshot, subject);
