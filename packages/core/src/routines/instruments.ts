import { calibrateByInstrument } from '../calibration/byInstrument';
import { errorMap } from '../calibration/scale/errorMap';
import { measureRepeatability } from '../calibration/repeatability';
import { GOOD_APPROACHES } from '../calibration/repeatability.schema';
import { sizeOf, uTouch } from '../state/gauges/contactSize';
import type { KnownGauge } from '../state/basis/calibratedGauge';
import { ALIGNMENT_CAUTIONS, CALIBRATION_CAUTIONS, METHOD_CAUTIONS } from '../cautions/caution';
import { GAUGE_FACTS, isInstrument } from '../metrology/gauges/gaugeKinds';
import { formatLengthUnit } from '../units/formatLength';
import {
  gaugesOfKinds,
  knownSize,
  assertNever,
  ownGauge,
  toldGauge,
  toldMean,
  shownOf,
  toldReadings,
  type Routine,
  type RoutineAsk,
  type RoutineState,
  type RoutineSubject,
} from './routine';
import { underTool } from './underTool';

const nameOf = (subject: RoutineSubject): string =>
  subject.kind === 'gauge'
    ? subject.gauge.name
    : subject.kind === 'cutter'
      ? subject.cutter.name
      : subject.machine.name;

/** A plate, block, feeler, paper or cutter by caliper or micrometer. */
export const BY_INSTRUMENT: Routine = {
  name: 'by-instrument',
  title: 'Its size by caliper or micrometer',
  about: 'at several places, opening the instrument each time',
  suits: (subject) =>
    subject.kind === 'cutter' || (subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].byInstrument),
  needs: () => [{ kind: 'gauge', key: 'with', label: 'Measured with', of: ['micrometer', 'caliper', 'bore-gauge'] }],
  asks: ({ subject }) => [
    {
      key: 'size',
      say:
        subject.kind === 'cutter'
          ? 'Spindle stopped, the cutter in a cloth. Measure over opposite teeth, never the shank. Odd-fluted cutters need a V-anvil micrometer or a test cut. What does it show?'
          : `Wipe ${nameOf(subject)} and the jaws. Measure it at another place each time. What does it show?`,
      label: 'It shows',
      least: 1,
      good: 5,
      picture: { kind: 'jaws', thing: subject.kind === 'cutter' ? 'cutter' : 'gauge', closed: false },
      cautions: subject.kind === 'cutter' ? [METHOD_CAUTIONS.cutterInHand] : [CALIBRATION_CAUTIONS.cleanAndEven],
    },
  ],
  result: (state) => {
    const instrument = toldGauge(state, 'with');
    const found = calibrateByInstrument({
      readings: toldReadings(state, 'size'),
      instrument: instrumentOf(instrument),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Size', value: found.size, U }],
      found: [{ what: 'size', value: found.size, U }],
      reference: instrument.name,
      ...shownOf(found),
      notes: [],
      compare: { value: found.size, U },
    };
  },
};

/** A caliper or micrometer as a calculation needs it: half of what its kind repeats to is taken for what it is off by. */
const instrumentOf = (instrument: KnownGauge) => ({
  resolution: instrument.resolution ?? 0.01,
  sd: uTouch(instrument) / 2,
  U: 2 * (instrument.errorU ?? uTouch(instrument) / 2),
  error: 0,
});

/** So many blocks are asked for. */
const MOST_BLOCKS = 5;

/** Whether it measures from inside alone: it has no zero of its own, and is held against rings. */
const isInside = ({ kind }: KnownGauge): boolean => {
  const { measures } = GAUGE_FACTS[kind];
  return measures.includes('inside') && !measures.includes('outside');
};

/** Blocks that a scale is held against, the shortest first; rings where it measures from inside. */
const blocksFor = ({ subject, gauges }: Pick<RoutineState, 'subject' | 'gauges'>): KnownGauge[] => {
  return gaugesOfKinds(gauges, [subject.kind === 'gauge' && isInside(subject.gauge) ? 'ring' : 'block'])
    .sort((a, b) => sizeOf(a) - sizeOf(b))
    .slice(0, MOST_BLOCKS);
};

/** What an instrument reads over at each block. */
export const AGAINST_BLOCKS: Routine = {
  name: 'against-blocks',
  title: 'What it reads at blocks',
  about: 'each block of the shop, and with nothing between',
  suits: (subject) => subject.kind === 'gauge' && isInstrument(subject.gauge.kind),
  needs: () => [],
  asks: (state) => [
    ...(isInside(ownGauge(state))
      ? []
      : [
          {
            key: 'zero',
            say: 'Wipe its faces and close it, or set it down with nothing between. What does it show?',
            label: 'With nothing between',
            least: 1,
            good: 3,
            picture: { kind: 'jaws', thing: 'gauge', closed: true },
            cautions: [CALIBRATION_CAUTIONS.cleanAndEven],
          } satisfies RoutineAsk,
        ]),
    ...blocksFor(state).map(({ id, name }): RoutineAsk => ({
      key: id,
      say: `Measure ${name}, opening it each time. What does it show?`,
      label: name,
      least: 1,
      good: 3,
      picture: { kind: 'jaws', thing: 'block', closed: false },
      cautions: [CALIBRATION_CAUTIONS.cleanAndEven],
    })),
  ],
  result: (state) => {
    const own = ownGauge(state);
    return mapResult(state, {
      resolution: own.resolution ?? 0.01,
      methodSd: uTouch(own) / 2,
      zero: isInside(own) ? 0 : toldMean(state, 'zero'),
      more: 'What is measured with it carries this with it, in its ±.',
    });
  },
};

/** The scale of an axis against blocks over its travel. */
export const AXIS_SCALE: Routine = {
  name: 'axis-scale',
  title: 'Its scale against blocks',
  about: 'what the scale reads over along its travel',
  suits: (subject) => subject.kind === 'axis',
  needs: () => [],
  asks: (state) =>
    blocksFor(state).map(({ id, name }): RoutineAsk => {
      const axis = state.subject.kind === 'axis' ? state.subject.axis.toUpperCase() : '';
      return {
        key: id,
        say: `Indicator on a stop of the table, ${axis} zeroed with it at its zero. Back off, ${name} against the stop, and come again in the same direction to the indicator’s zero. How far does ${axis} say it went?`,
        label: `${axis} over ${name}`,
        least: 1,
        good: 3,
        picture: { kind: 'travel', axis, block: true },
        cautions: [ALIGNMENT_CAUTIONS.spindleStopped, CALIBRATION_CAUTIONS.cleanAndEven],
      };
    }),
  result: (state) => {
    const { subject } = state;
    if (subject.kind !== 'axis') throw new RangeError('this routine is of an axis');
    return mapResult(state, {
      resolution: subject.machine.axes[subject.axis].step,
      methodSd: 0.004,
      zero: 0,
      more: `A long move on ${subject.axis.toUpperCase()} is off by as much as its scale reads over there. It is told where you ask for it; nothing is corrected behind your back.`,
    });
  },
};

function mapResult(
  state: RoutineState,
  { resolution, methodSd, zero, more }: { resolution: number; methodSd: number; zero: number; more: string },
) {
  const blocks = blocksFor(state).filter(({ id }) => (state.readings[id] ?? []).length > 0);
  if (blocks.length === 0)
    assertNever(
      'readings',
      'No block was measured, and a question has no reading yet. Add a gauge block of known size to the shop if it has none.',
    );
  const found = errorMap({
    points: blocks.map((block) => ({
      known: sizeOf(block),
      U: knownSize(block).U,
      shown: toldReadings(state, block.id),
    })),
    zero: zero + 0,
    method: { resolution, methodSd },
  });
  const size = (mm: number) => formatLengthUnit(mm, { unit: state.unit });
  const { U } = found.uncertainty;
  return {
    lines: found.errors.map(({ at, error, U: own }) => ({
      say: `Reads over at ${size(at)}`,
      value: error,
      U: own,
      signed: true,
    })),
    found: [{ what: 'errors' as const, errors: found.errors }],
    reference: blocks
      .map(({ name }) => name)
      .join(', ')
      .slice(0, 80),
    ...shownOf(found),
    notes: [Math.abs(found.worst) <= U ? 'Nothing to be seen beyond what the blocks and readings are sure of.' : more],
  };
}

/** The spot tools are touched off at every change. */
export const FIXED_SPOT: Routine = {
  name: 'fixed-spot',
  title: 'Tool touch-off point',
  about: 'how well one tool comes back to it, ten times',
  suits: (subject) => subject.kind === 'spot',
  needs: () => [
    { kind: 'gauge', key: 'with', label: 'Touched by', of: ['touch-plate', 'setter', 'paper', 'feeler', 'block'] },
  ],
  asks: (state) => {
    const { does, picture, cautions } = underTool(state, 'with', 'tool');
    return [
      {
        key: 'again',
        say: `One tool, left in the spindle, at the spot. ${does} Leave it, and come again the same way each time. What does Z show?`,
        label: 'Z at the spot',
        least: 3,
        good: GOOD_APPROACHES,
        picture,
        cautions,
      },
    ];
  },
  result: (state) => {
    const { subject } = state;
    if (subject.kind !== 'spot') throw new RangeError('this routine is of a spot');
    const found = measureRepeatability({
      readings: toldReadings(state, 'again'),
      resolution: subject.machine.axes.z.step,
    });
    const size = (mm: number) => formatLengthUnit(mm, { unit: state.unit });
    return {
      lines: [{ say: 'Standard deviation of one touch there', value: found.sd, U: found.uncertainty.U }],
      found: [{ what: 'touch' as const, value: found.sd, U: found.uncertainty.U, approaches: found.repeats.n }],
      reference: toldGauge(state, 'with').name,
      ...shownOf(found),
      notes: [
        `A change of tools by this spot adds ${size(found.sd * Math.SQRT2)} to every depth, standard: once with the old tool, once with the new.`,
      ],
    };
  },
};
