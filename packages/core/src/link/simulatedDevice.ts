import { chance } from '../metrology/chance';
import { act } from '../practice/mill/reduceMill';
import { feel } from '../practice/mill/contact';
import { hide } from '../practice/mill/hiddenTruth';
import { createMill, type Mill } from '../practice/mill/mill';
import { shows } from '../practice/mill/scaleReading';
import type { MillSpec } from '../practice/mill/millSpec';
import { feelText } from '../practice/mistakeText';
import type { Approach, Axis } from '../schema/quantities';
import { millimetresPer, type LengthUnit } from '../units/unit';
import { PROTOCOL, type Hello, type DeviceMessage, type DeviceCommand } from './message';

/** A device with the practice mill behind it, in place of one of metal. */
export interface SimulatedDevice {
  name: string;
  kind: Hello['kind'];
  unit: LengthUnit;
  seed: number;
  mill: Mill;
  /** How often it was homed: each time its zero comes out a little elsewhere. */
  homed: number;
  /** Work offsets, mm in machine coordinates. */
  offsets: Readonly<Record<string, Readonly<Record<Axis, number>>>>;
}

export interface SimulatedDeviceSpec {
  name: string;
  kind: Hello['kind'];
  unit: LengthUnit;
  mill: MillSpec;
  seed: number;
}

const AXES = ['x', 'y', 'z'] as const;
const NOWHERE = { x: 0, y: 0, z: 0 };

export const createSimulatedDevice = ({ name, kind, unit, mill, seed }: SimulatedDeviceSpec): SimulatedDevice => ({
  name,
  kind,
  unit,
  seed,
  mill: createMill(mill, hide(mill, seed)),
  homed: 0,
  offsets: kind === 'controller' ? { G54: NOWHERE, G55: NOWHERE, G56: NOWHERE } : {},
});

/** Homing comes back to about a hundredth, mm: standard deviation. */
const HOMES_SD = 0.008;

/** A cycle creeps by so much, goes so far at most, and backs off so far, mm. */
const CREEP = 0.01;
const FARTHEST = 60;
const BACK = 2;

/** A figure as a device sends it: in its unit, without what float64 leaves. */
const plain = (mm: number, unit: LengthUnit): number => Number((mm / millimetresPer(unit)).toFixed(6));

const figuresOf = ({ mill, unit }: SimulatedDevice) => ({
  x: plain(shows(mill, 'x'), unit),
  y: plain(shows(mill, 'y'), unit),
  z: plain(shows(mill, 'z'), unit),
});

const scaleOf = ({ kind }: SimulatedDevice) => (kind === 'controller' ? 'machine' : 'readout');

/** Where it stands, and what would be seen there. */
export function positionLine(standIn: SimulatedDevice): DeviceMessage {
  const { mill, unit } = standIn;
  const felt = feel(mill);
  return {
    is: 'position',
    unit,
    scale: scaleOf(standIn),
    at: figuresOf(standIn),
    rpm: mill.rpm,
    says: feelText(mill, felt),
    felt: felt === 'found',
    holds: { spindle: mill.held?.id, hand: mill.between?.id },
  };
}

export function helloLine({ name, kind, unit, mill: { spec } }: SimulatedDevice): DeviceMessage {
  const step = Object.fromEntries(AXES.map((axis) => [axis, plain(spec.step[axis], unit)]));
  return {
    is: 'hello',
    protocol: PROTOCOL,
    name,
    kind,
    unit,
    step,
    standIn: true,
    tray: [
      ...spec.contacts.map(({ id, name: called }) => ({ id, name: called, goes: 'spindle' as const })),
      ...spec.betweens.map(({ id, name: called }) => ({ id, name: called, goes: 'hand' as const })),
    ],
  };
}

const touchLine = (standIn: SimulatedDevice): DeviceMessage => ({
  is: 'touch',
  unit: standIn.unit,
  scale: scaleOf(standIn),
  at: figuresOf(standIn),
});

const trouble = (says: string): DeviceMessage => ({ is: 'trouble', says });

/** What a stand-in does and says when it is asked or told something. */
export function answer(
  standIn: SimulatedDevice,
  what: DeviceCommand,
): { next: SimulatedDevice; lines: DeviceMessage[] } {
  const says = (...lines: DeviceMessage[]) => ({ next: standIn, lines });
  const { unit, kind, mill } = standIn;
  if (
    kind === 'readout' &&
    (what.do === 'home' || what.do === 'probe' || what.do === 'offset' || what.do === 'offsets')
  )
    return says(trouble('A DRO cannot do that.'));
  switch (what.do) {
    case 'hello':
      return says(helloLine(standIn), positionLine(standIn));
    case 'read':
      return says(positionLine(standIn));
    case 'press':
      return says(touchLine(standIn));
    case 'act': {
      const next = { ...standIn, mill: act(mill, what.act) };
      const tripped = next.mill.held?.kind === 'probe' && next.mill.found && !mill.found;
      return { next, lines: [positionLine(next), ...(tripped ? [touchLine(next)] : [])] };
    }
    case 'home': {
      const { normal } = chance(standIn.seed * 1000 + standIn.homed);
      const zero = { x: HOMES_SD * normal(), y: HOMES_SD * normal(), z: HOMES_SD * normal() };
      const next = { ...standIn, homed: standIn.homed + 1, mill: { ...mill, zero } };
      return { next, lines: [positionLine(next)] };
    }
    case 'probe':
      return probe(standIn, what.axis, what.way);
    case 'offsets':
      return says({
        is: 'offsets',
        unit,
        rows: Object.entries(standIn.offsets).map(([name, at]) => ({
          name,
          x: plain(at.x, unit),
          y: plain(at.y, unit),
          z: plain(at.z, unit),
        })),
      });
    case 'offset': {
      const row = standIn.offsets[what.name];
      if (!row) return says(trouble(`There is no offset ${what.name}.`));
      const next = { ...standIn, offsets: { ...standIn.offsets, [what.name]: { ...row, [what.axis]: what.value } } };
      return answer(next, { do: 'offsets' });
    }
    case 'tools':
      return says({
        is: 'tools',
        unit,
        rows: mill.spec.contacts
          .filter(({ kind: of }) => of === 'cutter')
          .map(({ length, diameter }, i) => ({
            number: i + 1,
            length: plain(length, unit),
            diameter: plain(diameter, unit),
          })),
      });
  }
}

/** Creeps along an axis until the probe trips, tells what it found with the ball taken off, and backs off. */
function probe(standIn: SimulatedDevice, axis: Axis, way: Approach): { next: SimulatedDevice; lines: DeviceMessage[] } {
  const { held, rpm } = standIn.mill;
  if (standIn.homed === 0) return { next: standIn, lines: [trouble('Home it first.')] };
  if (held?.kind !== 'probe') return { next: standIn, lines: [trouble('There is no probe in the spindle.')] };
  if (rpm > 0) return { next: standIn, lines: [trouble('The spindle turns. Stop it first.')] };
  if (axis === 'z' && way === 1) return { next: standIn, lines: [trouble('Z is probed downward.')] };
  let mill = standIn.mill;
  for (let gone = 0; gone < FARTHEST && !mill.found && !mill.broken; gone += CREEP)
    mill = act(mill, { do: 'move', axis, by: way * CREEP });
  if (!mill.found) {
    const next = { ...standIn, mill };
    return { next, lines: [positionLine(next), trouble(`Nothing was found within ${FARTHEST} mm.`)] };
  }
  const off = axis === 'z' ? -held.length : (way * held.diameter) / 2;
  const found = shows(mill, axis) + off;
  const touching = { ...standIn, mill };
  const next = { ...standIn, mill: act(mill, { do: 'move', axis, by: -way * BACK }) };
  return {
    next,
    lines: [
      touchLine(touching),
      positionLine(next),
      {
        is: 'result',
        unit: standIn.unit,
        scale: 'machine',
        cycle: `probe ${axis.toUpperCase()}${way === 1 ? '+' : '−'}`,
        axis,
        found: plain(found, standIn.unit),
      },
    ],
  };
}
