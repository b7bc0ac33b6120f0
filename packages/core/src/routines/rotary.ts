import { ROTARY_CAUTIONS } from '../cautions/caution';
import { cycleCentre } from '../datum/round/cycleCentre';
import { combine } from '../metrology/uncertainty';
import { acrossNames } from '../rotary/turn';
import type { Axis } from '../schema/quantities';
import { sumSection } from '../working/working';
import { turnSeenFrom } from '../messages/rotary/rotaryCentre';
import { toldLength, toldReadings, type Routine, type RoutineAsk } from './routine';
import { across, centreResult, isRotary, isOnAxis, othersAtZero, own } from './rotaryAxis';

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
    { kind: 'length', key: 'left', label: 'TIR left when swept, or what the probe repeats to', start: 0.004 },
  ],
  asks: (state) => {
    const { axis } = own(state);
    return across(axis).map((linear, i): RoutineAsk => ({
      key: linear,
      say:
        i === 0
          ? `${othersAtZero(own(state))}Spindle over the table’s own bore, swept until it reads alike all round. Where is that on ${isOnAxis(linear)}?`
          : `Standing there, where is it on ${isOnAxis(linear)}?`,
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
      uTouch: left / 4,
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
