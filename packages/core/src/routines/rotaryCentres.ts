import { sizeOf, uSize, uTouch } from '../state/gauges/contactSize';
import { EDGE_CAUTIONS, METHOD_CAUTIONS, ROTARY_CAUTIONS } from '../cautions/caution';
import { ballAngles } from '../rotary/ballAngles';
import { faceFlip } from '../rotary/faceFlip';
import { partTurn, type RotaryLetter } from '../rotary/turn';
import type { Axis } from '../schema/quantities';
import { noteWords } from '../messages/basis/note';
import {
  degrees,
  toldAngles,
  toldGauge,
  toldMean,
  shownOf,
  toldReadings,
  touchingWith,
  type Routine,
  type RoutineAsk,
} from './routine';
import {
  across,
  centreResult,
  isRotary,
  isOnAxis,
  othersAtZero,
  own,
  requireSense,
  type RotarySubject,
} from './rotaryAxis';

/** Centre by a rotary table face's face flipped half a turn. */
export const BY_FLIP: Routine = {
  name: 'centre-by-flip',
  title: 'Its centre by a face, flipped',
  about: 'the rotary table face’s face upright at +90° and at −90°, then lying up',
  suits: (subject) => subject.kind === 'rotary' && subject.axis !== 'C',
  needs: ({ subject }) => {
    const linear = flipAxis(own({ subject }).axis).toUpperCase();
    return [
      {
        kind: 'gauge',
        key: 'with',
        label: 'Touched with',
        of: ['probe', 'contact-light', 'spring-finder', 'pin', 'bearing-finder'],
      },
      {
        kind: 'choice',
        key: 'normal',
        label: 'At the first touch the face looks toward',
        options: [
          { value: '1', label: `+${linear}` },
          { value: '-1', label: `−${linear}` },
        ],
      },
    ];
  },
  asks: (state) => {
    const { axis } = own(state);
    const linear = flipAxis(axis).toUpperCase();
    const cautions = [ROTARY_CAUTIONS.lockedAndClear, EDGE_CAUTIONS.raiseFirst];
    const [one, two] = state.told.normal === '-1' ? ['−', '+'] : ['+', '−'];
    return [
      {
        key: 'face1',
        say: `${othersAtZero(own(state))}Turn ${axis} until the bare face is vertical, facing ${one}${linear}. Touch it. What does ${linear} show?`,
        label: `${linear}, the face toward ${one}${linear}`,
        least: 1,
        good: 3,
        picture: { kind: 'rotary', axis, what: 'face', looks: sideOf(axis, one) },
        cautions,
      },
      {
        key: 'face2',
        say: `Half a turn on, the face looks toward ${two}${linear}. Touch it from that side. What does ${linear} show?`,
        label: `${linear}, the face toward ${two}${linear}`,
        least: 1,
        good: 3,
        picture: { kind: 'rotary', axis, what: 'face', looks: sideOf(axis, two) },
        cautions,
      },
      {
        key: 'faceZ',
        say: `Turn ${axis} back so that the face lies up. Touch it from above. What is its Z, less the length of the finder?`,
        label: 'Z of the face, lying up',
        least: 1,
        good: 3,
        picture: { kind: 'rotary', axis, what: 'face', looks: 'up' },
        cautions: [ROTARY_CAUTIONS.lockedAndClear],
      },
    ];
  },
  result: (state) => {
    const { axis, machine } = own(state);
    const gauge = toldGauge(state, 'with');
    const linear = flipAxis(axis);
    const normal = state.told.normal === '-1' ? -1 : 1;
    // A face that looks toward plus is touched going toward minus, and lies half of what touches short of the spindle.
    const radius = sizeOf(gauge) / 2;
    const faces = (key: string, looks: 1 | -1) => toldReadings(state, key).map((mm) => mm - looks * radius);
    const found = faceFlip({
      face1: faces('face1', normal),
      face2: faces('face2', normal === 1 ? -1 : 1),
      normal,
      faceZ: toldMean(state, 'faceZ'),
      ...touchingWith(gauge, machine, linear),
      uSize: uSize(gauge),
    });
    const zU = Math.hypot(found.gUncertainty.U, 2 * Math.hypot(uTouch(gauge), machine.axes.z.step / Math.sqrt(12)));
    const axisZ = found.axisZ ?? 0;
    const inOrder = axis === 'A';
    return centreResult(
      state,
      inOrder ? [found.axis, axisZ] : [axisZ, found.axis],
      inOrder ? [found.uncertainty.U, zU] : [zU, found.uncertainty.U],
      'flip',
      {
        reference: gauge.name,
        ...shownOf(found),
        notes: [
          found.g >= 0
            ? 'The face is above the centre of rotation.'
            : 'The face lies below the centre of rotation, as on a cradle.',
        ],
        more: [{ say: 'Face above the centre', value: found.g, U: found.gUncertainty.U, signed: true }],
      },
    );
  },
};

/** Which side a face that looks toward plus or minus is drawn at: from the right +Y is at the right, from behind +X at the left. */
const sideOf = (axis: RotaryLetter, toward: string): 'left' | 'right' =>
  (toward === '+') === (axis === 'A') ? 'right' : 'left';

/** The linear axis an upright face is touched along. */
const flipAxis = (axis: RotaryLetter): Axis => (axis === 'A' ? 'y' : 'x');

/** Centre by one ball or pin at three angles or more. */
export const BY_ANGLES: Routine = {
  name: 'centre-by-angles',
  title: 'Its centre by a ball, turned',
  about: 'the middle of one ball or pin at three angles or more',
  suits: isRotary,
  needs: ({ subject }) => [
    {
      kind: 'gauge',
      key: 'with',
      label: 'Found with',
      of: ['probe', 'contact-light', 'spring-finder', 'pin', 'indicator'],
    },
    {
      kind: 'angles',
      key: 'angles',
      label: 'Commands, degrees, with ; between',
      hint: 'Three or more, as far round as it goes.',
      start: spread(own({ subject })),
    },
  ],
  asks: (state) => {
    const { axis } = own(state);
    const sense = requireSense(own(state));
    return toldAngles(state, 'angles').flatMap((command) =>
      across(axis).map((linear, i): RoutineAsk => ({
        key: `${command} ${linear}`,
        say:
          i === 0
            ? `${command === toldAngles(state, 'angles')[0] ? othersAtZero(own(state)) : ''}${axis} at ${degrees(command)}. Find the middle of the ball. Where is it on ${isOnAxis(linear)}?`
            : `Still at ${degrees(command)}: where is its middle on ${isOnAxis(linear)}?`,
        label: `${linear.toUpperCase()} at ${axis} ${degrees(command)}`,
        least: 1,
        good: 1,
        picture: { kind: 'rotary', axis, what: 'ball', command, turn: partTurn({ sense, command }) },
        cautions: [ROTARY_CAUTIONS.lockedAndClear, METHOD_CAUTIONS.probeSlow],
      })),
    );
  },
  result: (state) => {
    const subject = own(state);
    const { axis, machine } = subject;
    const gauge = toldGauge(state, 'with');
    const [first, second] = across(axis);
    const found = ballAngles({
      axis,
      sense: requireSense(subject),
      points: toldAngles(state, 'angles').map((command) => ({
        command,
        at: [toldMean(state, `${command} ${first}`), toldMean(state, `${command} ${second}`)] as [number, number],
      })),
      // A middle is the mean of two faces.
      uPoint: Math.hypot(uTouch(gauge), machine.axes[first].step / Math.sqrt(12)) * Math.SQRT1_2,
      step: 0.001,
    });
    return centreResult(state, found.centre, found.U, 'angles', {
      reference: gauge.name,
      ...shownOf(found),
      notes: found.notes.map((note) => noteWords(note, state.unit)),
      more: [
        { say: 'The ball goes round at', value: found.arm },
        { say: 'Furthest from where it should be', value: found.residual },
      ],
    });
  },
};

/** Angles as far apart as its limits let them be. */
function spread({ machine, axis }: RotarySubject): number[] {
  const limits = machine.rotary?.find(({ name }) => name === axis)?.limits;
  return limits && limits.to - limits.from < 300
    ? [Math.max(limits.from, -90), 0, Math.min(limits.to, 90)]
    : [0, 120, 240];
}
