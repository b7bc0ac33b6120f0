import { ALIGNMENT_CAUTIONS, EDGE_CAUTIONS, spinCaution } from '../cautions/caution';
import { ballTrue } from '../calibration/ballTrue';
import { finderByBlock } from '../calibration/finderByBlock';
import { measureRepeatability } from '../calibration/repeatability';
import { GOOD_APPROACHES } from '../calibration/repeatability.schema';
import { uTouch } from '../state/gauges/contactSize';
import { runOut } from '../zAndTools/runOut';
import { GAUGE_FACTS, isRound } from '../metrology/gauges/gaugeKinds';
import { formatLengthUnit } from '../units/formatLength';
import {
  degrees,
  knownSize,
  machineNeed,
  ownGauge,
  toldGauge,
  toldLength,
  toldMachine,
  toldMean,
  shownOf,
  toldReadings,
  touchingWith,
  type Routine,
  type RoutineState,
} from './routine';

const spin = (state: Pick<RoutineState, 'subject'>) => spinCaution(GAUGE_FACTS[ownGauge(state).kind].spin);

/** Effective diameter by both sides of a block. */
export const BY_BLOCK: Routine = {
  name: 'by-block',
  title: 'Its size by a block',
  about: 'both sides of a block of known size, held fast',
  suits: (subject) => subject.kind === 'gauge' && isRound(subject.gauge.kind),
  needs: () => [
    machineNeed,
    { kind: 'gauge', key: 'block', label: 'Block, the size between its two sides', of: ['block'] },
  ],
  asks: (state) => [
    {
      key: 'plus',
      say: 'Clamp the block so that it cannot shift. Touch its left side, coming from the left. What does X show?',
      label: 'X at its left side',
      least: 1,
      good: 3,
      picture: { kind: 'sides', next: 'plus' },
      cautions: [spin(state), EDGE_CAUTIONS.raiseFirst],
    },
    {
      key: 'minus',
      say: 'Raise, go over it, and touch its right side, coming from the right. What does X show?',
      label: 'X at its right side',
      least: 1,
      good: 3,
      picture: { kind: 'sides', next: 'minus' },
      cautions: [spin(state), EDGE_CAUTIONS.raiseFirst],
    },
  ],
  result: (state) => {
    const block = toldGauge(state, 'block');
    const found = finderByBlock({
      towardPlus: toldReadings(state, 'plus'),
      towardMinus: toldReadings(state, 'minus'),
      block: knownSize(block),
      ...touchingWith(ownGauge(state), toldMachine(state), 'x'),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Effective diameter', value: found.diameter, U }],
      found: [{ what: 'size', value: found.diameter, U }],
      reference: block.name,
      ...shownOf(found),
      notes: [],
      compare: { value: found.diameter, U },
    };
  },
};

/** How well it comes back to one face. */
export const FIXED_FACE: Routine = {
  name: 'fixed-face',
  title: 'How well it repeats',
  about: 'ten times to one fixed face, from the same side',
  suits: ({ kind, ...rest }) => kind === 'gauge' && 'gauge' in rest && GAUGE_FACTS[rest.gauge.kind].finds !== 'neither',
  needs: () => [machineNeed],
  asks: (state) => [
    {
      key: 'again',
      say: 'Touch one fixed face; back off, and come again from the same side each time. What does it show?',
      label: 'It shows',
      least: 3,
      good: GOOD_APPROACHES,
      picture: { kind: 'fixed' },
      cautions: [spin(state)],
    },
  ],
  result: (state) => {
    const found = measureRepeatability({
      readings: toldReadings(state, 'again'),
      resolution: toldMachine(state).axes.x.step,
    });
    const approaches = found.repeats.n;
    const size = (mm: number) => formatLengthUnit(mm, { unit: state.unit });
    return {
      lines: [{ say: 'Standard deviation of one touch', value: found.sd, U: found.uncertainty.U }],
      found: [{ what: 'touch', value: found.sd, U: found.uncertainty.U, approaches }],
      reference: 'a fixed face',
      ...shownOf(found),
      notes: [
        `${approaches} approaches within ${size(found.repeats.range)}.`,
        ...(approaches < GOOD_APPROACHES ? [`From ${GOOD_APPROACHES} on it can be relied on.`] : []),
        `Any ${GAUGE_FACTS[ownGauge(state).kind].name} is taken to repeat to ${size(GAUGE_FACTS[ownGauge(state).kind].uTouch)} until it is measured.`,
      ],
    };
  },
};

/** Run-out, turned by hand against an indicator. */
export const HAND_TURNED: Routine = {
  name: 'hand-turned',
  title: 'Its run-out, turned by hand',
  about: 'an indicator at it, the spindle turned by hand',
  suits: (subject) => subject.kind === 'gauge' && (isRound(subject.gauge.kind) || subject.gauge.kind === 'plug'),
  needs: () => [{ kind: 'gauge', key: 'indicator', label: 'Indicator', of: ['indicator'] }],
  asks: () => [
    {
      key: 'high',
      say: 'Indicator at its touching end. Turn the spindle by hand, all the way round. What does it show at its highest?',
      label: 'Highest reading',
      least: 1,
      good: 2,
      picture: { kind: 'turn', angle: 90 },
      cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
    },
    {
      key: 'low',
      say: 'Once round again. What does it show at its lowest?',
      label: 'Lowest reading',
      least: 1,
      good: 2,
      picture: { kind: 'turn', angle: 270 },
      cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
    },
  ],
  result: (state) => {
    const indicator = toldGauge(state, 'indicator');
    const [high, low] = [toldMean(state, 'high'), toldMean(state, 'low')];
    const found = runOut({
      rings: [
        {
          on: 'teeth',
          height: 0,
          readings: [
            { angle: 0, reading: high },
            { angle: 180, reading: low },
          ],
        },
      ],
      tolerance: 1,
      resolution: indicator.resolution ?? 0.01,
      methodSd: uTouch(indicator),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Run-out (TIR)', value: found.worst, U }],
      found: [{ what: 'run-out', value: found.worst, U }],
      reference: indicator.name,
      ...shownOf(found),
      notes: [
        GAUGE_FACTS[ownGauge(state).kind].spin === 'standing'
          ? 'It does not turn at the touch, so its run-out is in the ± of every touch. If that is too much, clamp it again.'
          : 'Its high side touches as it turns, so half of this is added to its radius.',
      ],
    };
  },
};

const QUARTERS = [0, 90, 180, 270] as const;

/** A ball trued to the spindle by its screws. */
export const BALL_TRUED: Routine = {
  name: 'ball-trued',
  title: 'Ball trued to the spindle',
  about: 'by its screws, an indicator at the ball, read again once they are tight',
  suits: (subject) => subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].hasTip,
  needs: () => [
    { kind: 'gauge', key: 'indicator', label: 'Indicator', of: ['indicator'] },
    { kind: 'length', key: 'allowed', label: 'Largest run-out allowed, TIR', start: 0.004 },
  ],
  asks: () =>
    QUARTERS.map((angle) => ({
      key: `at${angle}`,
      say:
        angle === 0
          ? 'Indicator at the ball’s widest, pressed counts plus. Spindle turned by hand to 0°. What does it show?'
          : `Turn the spindle by hand to ${degrees(angle)}. What does it show?`,
      label: `At ${degrees(angle)}`,
      least: 1,
      good: 1,
      picture: { kind: 'turn' as const, angle },
      cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
    })),
  result: (state) => {
    const indicator = toldGauge(state, 'indicator');
    const found = ballTrue({
      readings: QUARTERS.flatMap((angle) => toldReadings(state, `at${angle}`).map((reading) => ({ angle, reading }))),
      allowed: toldLength(state, 'allowed'),
      resolution: indicator.resolution ?? 0.01,
      methodSd: uTouch(indicator),
    });
    const { U } = found.uncertainty;
    const push = formatLengthUnit(found.push, { unit: state.unit });
    return {
      lines: [{ say: 'Run-out of the ball, TIR', value: found.tir, U }],
      found: [{ what: 'run-out', value: found.tir, U }],
      reference: indicator.name,
      ...shownOf(found),
      notes: [
        found.within
          ? 'True enough. Tighten the screws evenly and read once more: tightening moves it. Then keep it.'
          : `It reads highest with the spindle at ${degrees(Math.round(found.high))}. Loosen the far screw, tighten the near one until the needle moves ${push}. Never push the stylus. Then read all four again.`,
      ],
    };
  },
};
