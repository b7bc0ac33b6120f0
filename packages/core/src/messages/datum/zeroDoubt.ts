import type { ZeroDoubt, FaceShift } from '../../state/datum/zeroDoubt';
import type { SetupState } from '../../state/basis/setupState';
import { featureName } from '../../datum/feature';
import { formatLengthUnit } from '../../units/formatLength';
import { plusMinus } from '../basis/verdict';

const HAPPENED: Readonly<Record<ZeroDoubt['what'], string>> = {
  homed: 'The machine was homed',
  'power-off': 'The power was off',
  away: 'The machine was left',
};

/** Axes in words: "X and Y", "X, Y and Z". */
const listed = (axes: readonly string[]): string =>
  axes.length < 2 ? axes.join('') : `${axes.slice(0, -1).join(', ')} and ${axes.at(-1) ?? ''}`;

/** Why a zero is in doubt, and the one touch that proves it; or by how much it did not come back. */
export function doubtWords(book: SetupState, { what, axes, faces, shift }: ZeroDoubt): string {
  if (shift) return faceShiftWords(book, shift);
  const names = listed(axes.map((axis) => axis.toUpperCase()));
  const [face] = faces;
  const touch = face ? `, then touch the ${featureName(book.part, face)} once more` : '';

  return `${HAPPENED[what]} since ${names} ${axes.length > 1 ? 'were' : 'was'} set. Tool fully raised, rapids low: move toward zero slowly, ready to stop, and look${touch}.`;
}

/** Where a face is now against where it was, and what that means. */
export function faceShiftWords(book: SetupState, { feature, axis, off, U, stands }: FaceShift): string {
  const unit = book.setup.units;
  const name = featureName(book.part, feature);
  const by = `${formatLengthUnit(off, { unit, plus: true })} ${plusMinus(U, unit)}`;
  return stands
    ? `The ${name} came back, off by ${by}: the zero is good. The scatter of homing is now in every ±.`
    : `The ${name} is off by ${by}: the zero of ${axis.toUpperCase()} has moved. Touch it again to be sure, or set X, Y and Z again.`;
}
