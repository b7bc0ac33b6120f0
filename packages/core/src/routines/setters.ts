import { finderByBlock } from '../calibration/finderByBlock';
import { heightMaster } from '../calibration/heightMaster';
import { EDGE_CAUTIONS, HEIGHT_CAUTIONS } from '../cautions/caution';
import {
  knownSize,
  controlledNeed,
  ownGauge,
  toldGauge,
  toldLength,
  toldMachine,
  shownOf,
  toldReadings,
  touchingWith,
  type Routine,
} from './routine';

/** Z at which a setter answers, by a master tool. */
export const SETTER_HEIGHT: Routine = {
  name: 'setter-height',
  title: 'Its height by a master tool',
  about: 'where the bare gauge line would touch it',
  suits: (subject) => subject.kind === 'gauge' && subject.gauge.kind === 'setter',
  needs: () => [
    controlledNeed,
    { kind: 'gauge', key: 'master', label: 'Master tool of known length', of: ['master-tool'] },
  ],
  asks: () => [
    {
      key: 'touch',
      say: 'Master tool in the spindle, wiped. Come down slowly onto the setter. What does Z show as it answers?',
      label: 'Z as it answers',
      least: 1,
      good: 5,
      picture: { kind: 'onto', tool: 'master', on: 'setter', raised: false },
      cautions: [HEIGHT_CAUTIONS.comeSlowly],
    },
  ],
  result: (state) => {
    const master = toldGauge(state, 'master');
    const machine = toldMachine(state);
    const { size: length, U: masterU } = knownSize(master);
    const found = heightMaster({
      readings: toldReadings(state, 'touch'),
      known: { what: 'setter-by-master', length, U: masterU },
      ...touchingWith(ownGauge(state), machine, 'z'),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Z of the setter for a tool of no length', value: found.value, U, signed: true }],
      found: [{ what: 'trigger', value: found.value, machineId: machine.id, U }],
      reference: master.name,
      ...shownOf(found),
      notes: [`A tool that answers at Z is as long as Z less this. It counts on the ${machine.name}.`],
    };
  },
};

/** The setter's plate sideways, for diameters. */
export const SETTER_SIDES: Routine = {
  name: 'setter-sides',
  title: 'Its sides by a master tool',
  about: 'the plate’s effective width, which diameters are measured from',
  suits: (subject) => subject.kind === 'gauge' && subject.gauge.kind === 'setter',
  needs: () => [
    controlledNeed,
    { kind: 'length', key: 'diameter', label: 'Diameter of the master tool', start: 10 },
    { kind: 'length', key: 'diameterU', label: 'That diameter is known to ±', start: 0.002 },
  ],
  asks: () =>
    (['plus', 'minus'] as const).map((side) => ({
      key: side,
      say: `Master tool below the plate’s edge, standing still. Touch the plate’s ${side === 'plus' ? 'left' : 'right'} side, coming from the ${side === 'plus' ? 'left' : 'right'}. What does X show as it answers?`,
      label: `X at its ${side === 'plus' ? 'left' : 'right'} side`,
      least: 1,
      good: 3,
      picture: { kind: 'sides' as const, next: side },
      cautions: [EDGE_CAUTIONS.standingFinder, EDGE_CAUTIONS.raiseFirst],
    })),
  result: (state) => {
    const setter = ownGauge(state);
    const found = finderByBlock({
      what: 'plate',
      towardPlus: toldReadings(state, 'plus'),
      towardMinus: toldReadings(state, 'minus'),
      block: { size: toldLength(state, 'diameter'), U: toldLength(state, 'diameterU') },
      ...touchingWith(setter, toldMachine(state), 'x'),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Effective width of the plate', value: found.diameter, U }],
      found: [{ what: 'width', value: found.diameter, U }],
      reference: 'a master tool',
      ...shownOf(found),
      notes: ['A cutter’s diameter is what both sides span less this width.'],
    };
  },
};
