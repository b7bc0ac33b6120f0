import type { Machine } from '../records/shop/machine';
import type { LengthUnit } from '../units/unit';
import { INCH } from '../units/unit';

/** What a machine of each kind mostly is; everything can be changed afterwards. */
export const MACHINE_KINDS: readonly { kind: Machine['kind']; name: string; about: string }[] = [
  { kind: 'dials', name: 'Manual mill', about: 'Handwheels with lines; you count turns' },
  { kind: 'readout', name: 'Manual mill with DRO', about: 'Scales on the axes, and a display' },
  { kind: 'router', name: 'CNC router', about: 'Homes, jogs, has work offsets' },
  { kind: 'machining-centre', name: 'CNC mill', about: 'Tool changer, probe, rotary axes' },
];

/** A new machine from one of four sensible starting points. Steps and travels in mm, in round figures of its unit. */
export function startingMachine(id: string, name: string, kind: Machine['kind'], units: LengthUnit): Machine {
  const mm = units === 'mm';
  const base = { id, name, kind, units };
  switch (kind) {
    case 'dials': {
      const dial = mm
        ? { perTurn: 2, lines: 100, countsUp: 'clockwise' as const }
        : { perTurn: 0.1 * INCH, lines: 100, countsUp: 'clockwise' as const };
      const axis = { step: dial.perTurn / dial.lines, travel: 300, dial };
      return {
        ...base,
        axes: { x: axis, y: { ...axis, travel: 150 }, z: { ...axis, travel: 250 } },
        habits: { answerFirst: 'move', toolLengthSchool: 'touch-every-change' },
        scale: 'dial',
        homing: 'none',
      };
    }
    case 'readout': {
      const axis = { step: mm ? 0.005 : 0.0002 * INCH, travel: 600 };
      return {
        ...base,
        axes: { x: axis, y: { ...axis, travel: 250 }, z: { ...axis, travel: 350 } },
        habits: { answerFirst: 'preset', toolLengthSchool: 'reference-tool' },
        scale: 'readout',
        homing: 'none',
      };
    }
    case 'router': {
      const axis = { step: mm ? 0.01 : 0.0005 * INCH, travel: 600 };
      return {
        ...base,
        axes: { x: axis, y: { ...axis, travel: 400 }, z: { ...axis, travel: 90 } },
        habits: { answerFirst: 'move', toolLengthSchool: 'touch-every-change' },
        scale: 'machine',
        homing: 'homes',
        jogSteps: mm ? [10, 1, 0.1, 0.01] : [INCH, 0.1 * INCH, 0.01 * INCH, 0.001 * INCH],
        workOffsets: ['G54', 'G55', 'G56'],
      };
    }
    case 'machining-centre': {
      const axis = { step: mm ? 0.001 : 0.0001 * INCH, travel: 500 };
      return {
        ...base,
        axes: { x: axis, y: { ...axis, travel: 400 }, z: { ...axis, travel: 450 } },
        habits: { answerFirst: 'work-offset', toolLengthSchool: 'true-length' },
        scale: 'machine',
        homing: 'absolute',
        jogSteps: mm ? [1, 0.1, 0.01, 0.001] : [0.1 * INCH, 0.01 * INCH, 0.001 * INCH, 0.0001 * INCH],
        workOffsets: ['G54', 'G55', 'G56', 'G57', 'G58', 'G59'],
        rotary: [
          { name: 'A', sense: 1, limits: { from: -110, to: 110 } },
          { name: 'C', sense: 1 },
        ],
      };
    }
  }
}
