import { cycleCentre } from '../datum/cycleCentre';
import { sizeOf, sizeU, touchU } from '../book/gaugeUse';
import { EDGE_CAUTIONS, METHOD_CAUTIONS, ROTARY_CAUTIONS } from '../cautions/caution';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { ballAngles } from '../rotary/ballAngles';
import { faceFlip } from '../rotary/faceFlip';
import { acrossNames, partTurn, type RotaryLetter } from '../rotary/turn';
import type { Axis } from '../schema/quantities';
import { sumSection } from '../tape/tape';
import { noteWords } from '../words/note';
import { turnSeenFrom } from '../words/rotary';
import {
  degrees,
  toldAngles,
  toldGauge,
  toldLength,
  toldReadings,
  touchingWith,
  type Routine,
  type RoutineAsk,
  type RoutineState,
  type Subject,
} from './routine';

const isRotary = (subject: Subject): boolean => subject.kind === 'rotary';

type RotarySubject = Extract<Subject, { kind: 'rotary' }>;

function own({ subject }: Pick<RoutineState, 'subject'>): RotarySubject {
  if (subject.kind !== 'rotary') throw new RangeError('this routine is of a rotary axis');
  return subject;
}

/** The two linear axes across a rotary one, in the order its centre has them. */
const across = (axis: RotaryLetter): readonly [Axis, Axis] => {
  const [first, second] = acrossNames(axis);
  return [first.toLowerCase() as Axis, second.toLowerCase() as Axis];
};

/** @throws Refusal while nobody saw which way it counts */
function requireSense({ axis, sense }: RotarySubject): 1 | -1 {
  if (sense === undefined) {
    throw new Refusal({
      code: 'sense-unconfirmed',
      field: 'sense',
      message: `Nobody has seen yet which way ${axis} counts. Make its trial turn first.`,
    });
  }
  return sense;
}

/** Which way it counts, as a trial turn shows it. */
export const TRIAL_TURN: Routine = {
  name: 'trial-turn',
  title: 'Which way it counts',
  about: 'a trial turn of a few degrees, looked at',
  suits: isRotary,
  needs: ({ subject }) => {
    const { axis } = own({ subject });
    return [
      {
        kind: 'choice',
        key: 'seen',
        label: `Command ${axis} by +10° and look ${turnSeenFrom(axis)}: the table turns`,
        options: [
          { value: 'clockwise', label: 'clockwise' },
          { value: 'anticlockwise', label: 'anticlockwise' },
        ],
      },
    ];
  },
  asks: () => [],
  result: (state) => {
    const { axis } = own(state);
    const value = state.told.seen === 'anticlockwise' ? -1 : 1;
    return {
      lines: [],
      found: [{ what: 'sense', value }],
      reference: 'a trial turn',
      uncertainty: null,
      tape: {
        sections: [
          {
            title: 'What a command of +10° turns the part by',
            how: 'ratio',
            quantity: 'angle',
            lines: [{ label: `command of ${axis}`, value: 10 }],
            total: { label: 'the part turns by', value: value === 1 ? -10 : 10 },
          },
        ],
      },
      cautions: [ROTARY_CAUTIONS.trial],
      notes: [
        value === 1
          ? `A plus command turns the table clockwise, so the tool goes anticlockwise about the part: ${axis} counts as the standard has it.`
          : `A plus command turns the table anticlockwise: ${axis} counts the other way than the standard has it, and every offset minds that.`,
      ],
    };
  },
};

/** Centre by a bore swept, or found by a probe's cycle. */
export const BY_BORE: Routine = {
  name: 'centre-by-bore',
  title: 'Its centre by a bore',
  about: 'swept by an indicator, or by a probe’s cycle',
  suits: isRotary,
  needs: () => [
    { kind: 'length', key: 'left', label: 'Total reading left when swept, or what the probe repeats to', start: 0.004 },
  ],
  asks: (state) => {
    const { axis } = own(state);
    return across(axis).map((linear, i): RoutineAsk => ({
      key: linear,
      say:
        i === 0
          ? `Spindle over the table’s own bore, swept until it reads alike all round. What does ${linear.toUpperCase()} show?`
          : `Standing there, what does ${linear.toUpperCase()} show?`,
      label: `${linear.toUpperCase()} over the bore`,
      least: 1,
      good: 3,
      picture: { kind: 'rotary', axis, what: 'bore' },
      cautions: [ROTARY_CAUTIONS.lockedAndClear],
    }));
  },
  result: (state) => {
    const { axis, machine } = own(state);
    const [first, second] = across(axis);
    const left = toldLength(state, 'left');
    const found = cycleCentre({
      x: toldReadings(state, first),
      y: toldReadings(state, second),
      nominal: { x: 0, y: 0 },
      method: { resolution: machine.axes[first].step, methodSd: left / 4 },
      touchU: left / 4,
    });
    return centreResult(state, [found.centre.x, found.centre.y], [found.axes.x.U, found.axes.y.U], 'bore', {
      reference: 'a bore',
      uncertainty: found.uncertainty,
      tape: {
        sections: found.tape.sections.map((section) => ({ ...section, title: renamed(section.title, first, second) })),
      },
      cautions: found.cautions,
      notes: [
        'Turn the axis half round and sweep once more: the bore must stay where it is, or it is not on the axis.',
      ],
    });
  },
};

/** The calculation knows X and Y; an axis about X or Y has others. */
const renamed = (title: string, first: Axis, second: Axis): string =>
  title.replace(/\b[XY]\b/g, (name) => (name === 'X' ? first : second).toUpperCase());

/** Centre by a platter's face flipped half a turn. */
export const BY_FLIP: Routine = {
  name: 'centre-by-flip',
  title: 'Its centre by a face, flipped',
  about: 'the platter’s face upright at +90° and at −90°, then lying up',
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
        say: `Turn ${axis} until the bare face stands upright, looking toward ${one}${linear}. Touch it. What does ${linear} show?`,
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
        say: `Turn ${axis} back so that the face lies up. Touch it from above. What is its Z, the length of what touches taken off?`,
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
    const z = toldReadings(state, 'faceZ');
    const faceZ = z.reduce((sum, one) => sum + one / z.length, 0);
    const normal = state.told.normal === '-1' ? -1 : 1;
    // A face that looks toward plus is touched going toward minus, and lies half of what touches short of the spindle.
    const radius = sizeOf(gauge) / 2;
    const faces = (key: string, looks: 1 | -1) => toldReadings(state, key).map((mm) => mm - looks * radius);
    const found = faceFlip({
      face1: faces('face1', normal),
      face2: faces('face2', normal === 1 ? -1 : 1),
      normal,
      faceZ,
      ...touchingWith(gauge, machine, linear),
      sizeU: sizeU(gauge),
    });
    const zU = Math.hypot(found.gUncertainty.U, 2 * Math.hypot(touchU(gauge), machine.axes.z.step / Math.sqrt(12)));
    const axisZ = found.axisZ ?? 0;
    const inOrder = axis === 'A';
    return centreResult(
      state,
      inOrder ? [found.axis, axisZ] : [axisZ, found.axis],
      inOrder ? [found.uncertainty.U, zU] : [zU, found.uncertainty.U],
      'flip',
      {
        reference: gauge.name,
        uncertainty: found.uncertainty,
        tape: found.tape,
        cautions: found.cautions,
        notes: [
          found.g >= 0
            ? 'The face stands above the centre of rotation.'
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
            ? `${axis} at ${degrees(command)}. Find the middle of the ball. Where is it on ${linear.toUpperCase()}?`
            : `Still at ${degrees(command)}: where is its middle on ${linear.toUpperCase()}?`,
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
    const mean = (key: string) => toldReadings(state, key).reduce((sum, one, _, all) => sum + one / all.length, 0);
    const found = ballAngles({
      axis,
      sense: requireSense(subject),
      points: toldAngles(state, 'angles').map((command) => ({
        command,
        at: [mean(`${command} ${first}`), mean(`${command} ${second}`)] as [number, number],
      })),
      // A middle is the mean of two faces.
      pointU: Math.hypot(touchU(gauge), machine.axes[first].step / Math.sqrt(12)) * Math.SQRT1_2,
      step: 0.001,
    });
    return centreResult(state, found.centre, found.U, 'angles', {
      reference: gauge.name,
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions: found.cautions,
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

/** Centre as its maker gives it. */
export const BY_MAKER: Routine = {
  name: 'centre-by-maker',
  title: 'Its centre by the maker’s figures',
  about: 'as they stand in the machine’s papers or its control',
  suits: isRotary,
  needs: () => [
    {
      kind: 'length',
      key: 'U',
      label: 'They are good to ±',
      hint: 'As the papers have it; 0.02 mm where they say nothing.',
      start: 0.02,
    },
  ],
  asks: (state) => {
    const { axis } = own(state);
    return across(axis).map((linear): RoutineAsk => ({
      key: linear,
      say: `What do the papers, or the control, give as ${linear.toUpperCase()} of the centre of ${axis}, in machine coordinates?`,
      label: `${linear.toUpperCase()} of the centre`,
      least: 1,
      good: 1,
      picture: { kind: 'rotary', axis, what: 'bore' },
    }));
  },
  result: (state) => {
    const { axis } = own(state);
    const [first, second] = across(axis);
    const U = toldLength(state, 'U');
    const at: [number, number] = [toldReadings(state, first).at(-1) ?? 0, toldReadings(state, second).at(-1) ?? 0];
    const named = acrossNames(axis);
    return centreResult(state, at, [U, U], 'maker', {
      reference: 'the maker’s figures',
      uncertainty: combine([{ name: 'as the papers have it', u: U / 2, shape: 'normal' }]),
      tape: {
        sections: named.map((name, i) =>
          sumSection(`${name} of the centre`, [{ label: 'as given', value: at[i] ?? 0 }], name),
        ),
      },
      cautions: [ROTARY_CAUTIONS.trial],
      notes: ['Find it once yourself too: what was moved, rebuilt or has sagged since is not in any paper.'],
    });
  },
};

function centreResult(
  state: RoutineState,
  at: [number, number],
  U: [number, number],
  by: 'bore' | 'flip' | 'angles' | 'maker',
  rest: Pick<ReturnType<Routine['result']>, 'reference' | 'uncertainty' | 'tape' | 'cautions' | 'notes'> & {
    more?: ReturnType<Routine['result']>['lines'];
  },
): ReturnType<Routine['result']> {
  const { axis } = own(state);
  const [first, second] = acrossNames(axis);
  const { more = [], ...told } = rest;
  return {
    ...told,
    lines: [
      { say: `Centre of ${axis}, ${first}`, value: at[0], U: U[0], signed: true },
      { say: `Centre of ${axis}, ${second}`, value: at[1], U: U[1], signed: true },
      ...more,
    ],
    found: [{ what: 'centre', at, U, by }],
  };
}
