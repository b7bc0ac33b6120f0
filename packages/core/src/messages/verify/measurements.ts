import type { SetupState } from '../../state/basis/setupState';
import {
  holeName,
  holeNamed,
  type Correction,
  type MeasuredSize,
  type VerifiedHole,
} from '../../state/verify/measurements';
import { keepsTable } from '../../zAndTools/schools';
import { hasController } from '../../records/shop/machine';
import type { MeasuredThing } from '../../records/log/measurement';
import { formatAngle, formatLength, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';

/** What was measured, by name. */
export function measuredName(book: SetupState, of: MeasuredThing): string {
  const hole = (one: Parameters<typeof holeNamed>[1]): string => {
    const found = holeNamed(book, one);
    return found ? holeName(found) : 'a hole that is not in hand';
  };
  switch (of.kind) {
    case 'size':
      return `⌀ of ${hole(of.of)}`;
    case 'chord':
      return `${hole(of.from)} to ${hole(of.to)}, over pins`;
    case 'edge':
      return `${hole(of.of)} from the ${of.face} face`;
    case 'place':
      return `${of.axis.toUpperCase()} of ${hole(of.of)}`;
    case 'height':
    case 'wall':
      return of.name;
  }
}

/** A measured size against what it should be: figures with unit, sign and ±. */
export function sizeWords(size: MeasuredSize, unit: LengthUnit): string {
  const off = formatLengthUnit(size.found - size.should, { unit, plus: true });
  return `${formatLengthUnit(size.found, { unit })} ${plusMinus(size.U, unit)}; should be ${formatLength(size.should, { unit })}, so ${off}`;
}

/** In or out, told by mark and word. */
export const measurementText = (isIn: boolean | null): string =>
  isIn === null ? 'no limits given' : isIn ? '✓ in' : '✗ out';

/** Where a hole is off, and its true position. */
export function holeOffWords({ hole, found, U, told }: VerifiedHole, unit: LengthUnit): string {
  if (!told) return 'not enough measured to find its place';
  const off = (axis: 'x' | 'y') => formatLength(found[axis] - hole[axis], { unit, plus: true });
  const position = 2 * Math.hypot(found.x - hole.x, found.y - hole.y);
  return `X ${off('x')}, Y ${off('y')} ${unit} ${plusMinus(U, unit)}; true position ⌀ ${formatLengthUnit(position, { unit })}`;
}

/** What is left of a hole once shift and turn of the whole pattern are taken out: no setting mends that. */
export const leftoverWords = ({ leftPosition }: { leftPosition: number }, unit: LengthUnit): string =>
  `left after shift and rotation: ⌀ ${formatLengthUnit(leftPosition, { unit })}`;

/**
 * What to change for the next part, in a sentence with its sign, as this machine is set: a figure that is added to a work
 * offset has the other sign on a DRO, so there the move is said instead.
 */
export function correctionWords(book: Pick<SetupState, 'machine' | 'setup'>, correction: Correction): string {
  const unit = book.setup.units;
  const signed = (mm: number) => formatLengthUnit(mm, { unit, plus: true });
  switch (correction.kind) {
    case 'shift': {
      const by = `X ${signed(correction.x)}, Y ${signed(correction.y)}, each ${plusMinus(correction.U, unit)}`;
      return hasController(book.machine)
        ? `Work offset: add ${by}.`
        : `Part zero: go to zero, move by ${by}, and set zero there.`;
    }
    case 'turn':
      return `Turn the part by ${formatAngle(Math.abs(correction.angle))} ±${formatAngle(correction.U)} ${correction.angle > 0 ? 'anticlockwise' : 'clockwise'} seen from above, then find zero again.`;
    case 'length': {
      const [by, way] = [plusMinus(correction.U, unit), correction.by < 0 ? 'lower' : 'higher'];
      return keepsTable(book.machine.habits.toolLengthSchool)
        ? `Row of tool ${correction.tool}: add ${signed(correction.by)} ${by}, so that it cuts ${way}.`
        : `Tool ${correction.tool} must cut ${formatLengthUnit(Math.abs(correction.by), { unit })} ${by} ${way}: at its next touch-off, add ${signed(-correction.by)} to the figure you set Z to.`;
    }
  }
}
