import { knownToday } from '../../state/basis/setupState';
import type { Calibration } from '../../records/shop/calibration';
import type { Machine } from '../../records/shop/machine';
import { machine as machineSchema } from '../../records/shop/machine.schema';
import type { Axis } from '../../schema/quantities';
import type { Between, Contact, MillSpec } from '../mill/millSpec';
import { freePlay } from './freePlay';
import type { Lesson } from './lesson';
import { BETWEENS, BORE, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

/** A machine of the shop, and what the shop knows of it, as practice takes them: copies, which nothing leads back from. */
export interface OwnMachine {
  machine: Machine;
  calibrations: readonly Calibration[];
}

const AXES: readonly Axis[] = ['x', 'y', 'z'];

/** It finds its own zero so well each time: standard deviation, mm. */
const HOMES = 0.012;

/** A machine of one's own goes under this name in practice, so that nothing found there is taken for the shop's. */
const NAME = 'practice-own';

/** What the shop found of its own machine that holds for a mill like it: the play of its screws, and which way it counts. */
const holding = ({ machine, calibrations }: OwnMachine): Calibration[] =>
  calibrations.flatMap((one) => {
    const { of, found } = one;
    if ((of.kind !== 'axis' && of.kind !== 'rotary') || of.machineId !== machine.id) return [];
    if (found.what !== 'backlash' && found.what !== 'sense') return [];
    return [{ ...one, of: { ...of, machineId: NAME } } as Calibration];
  });

/** Plays of the screws as they were found; where nobody found them, those of the practice mill. */
function playOf({ machine, calibrations }: OwnMachine): MillSpec['play'] {
  const usual = kneeMill([]).play;
  const [known] = knownToday({ gauges: [], machines: [machine], calibrations }).machines;
  const of = (axis: Axis) => known?.axes[axis].backlash?.value ?? (axis === 'z' ? 0 : usual[axis]);
  // A control takes up the play of its own screws.
  return machine.scale === 'machine' ? { x: 0, y: 0, z: 0 } : { x: of('x'), y: of('y'), z: of('z') };
}

/** What a machine like this is worked with. */
function tray({ kind }: Machine): { contacts: readonly Contact[]; betweens: readonly Between[] } {
  const { probe, lamp, cutter, drill, spot, pin } = TRAY;
  if (kind === 'router' || kind === 'machining-centre')
    return { contacts: [cutter, drill, spot, probe, lamp, pin], betweens: Object.values(BETWEENS) };
  return { contacts: Object.values(TRAY), betweens: Object.values(BETWEENS) };
}

/** A mill that shows, steps, homes and slips as the machine does. */
export function millLike(own: OwnMachine): MillSpec {
  const { machine } = own;
  const dials = machine.scale === 'dial';
  const of = <T>(tell: (axis: Axis) => T) => ({ x: tell('x'), y: tell('y'), z: tell('z') });
  const dial = (axis: Axis) => machine.axes[axis].dial;
  const wheels = Object.fromEntries(AXES.flatMap((axis) => (dial(axis) ? [[axis, dial(axis)]] : [])));
  const tilts = machine.rotary?.find(({ name }) => name === 'A');
  const { contacts, betweens } = tray(machine);
  return {
    ...kneeMill(contacts, betweens),
    step: of((axis) => {
      const turned = dial(axis);
      return dials && turned ? turned.perTurn / turned.lines : machine.axes[axis].step;
    }),
    reads: dials ? 'screw' : 'table',
    play: playOf(own),
    wheels,
    ...(machine.without && { axes: AXES.filter((axis) => !machine.without?.some((one) => one === axis)) }),
    ...(machine.scale === 'readout' && ({ twoZeros: true, quill: true } as const)),
    ...(machine.homing === 'homes' && { homes: HOMES }),
    // A part on a tilting table has no bore: its table's axis is what is found there.
    ...(tilts
      ? { work: 'tilt' as const, sense: tilts.sense }
      : { bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter } }),
  };
}

/** Free play on a machine of one's own. */
export function ownPlay(id: string, own: OwnMachine): Lesson {
  // What is known of it beside its record stays behind.
  const { retiredOn: _, ...machine } = machineSchema.parse(own.machine);
  const mill = millLike(own);
  const title = `Free, on ${machine.name}`;
  const [first] = mill.contacts;
  const finder = mill.contacts.find(({ kind }) => kind === 'probe' || kind === 'spring-finder') ?? first;
  return freePlay({
    id,
    title,
    does: doesWords(machine),
    mill,
    snapshot: (setupId, at) =>
      practiceSnapshot(setupId, at, title, {
        machine: { ...machine, id: NAME },
        calibrations: holding(own).map((one) => ({ ...one, from: one.from < at ? one.from : at })),
        bored: mill.bore !== undefined,
        ...(machine.kind === 'router' || machine.kind === 'machining-centre'
          ? { plan: { ...(finder && { finderId: finder.id }) } }
          : {}),
      }),
  });
}

/** What kind of mill it is there, in a sentence. */
function doesWords({ scale, homing, rotary }: Machine): string {
  const shows = {
    dial: 'Collars only, and the play in its screws.',
    readout: 'Its DRO, with two zeros.',
    machine: 'Its control’s own coordinates.',
  }[scale];
  const homes = homing === 'homes' ? ' It homes by switches that are never quite alike.' : '';
  const tilts = rotary?.some(({ name }) => name === 'A') === true ? ' Its table tilts.' : '';
  return `${shows}${homes}${tilts} Set what you like.`;
}
