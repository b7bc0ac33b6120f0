import { wallSide, type RecheckTarget, type RecheckTouch } from '../../state/verify/recheckTargets';
import type { SetupState } from '../../state/basis/setupState';
import type { Shift } from '../../state/datum/zeroDoubt';
import { gapOf } from '../../state/gauges/gaugeSeat';
import { recheckUse } from '../../state/verify/recheckFace';
import { contactInUse } from '../../state/gauges/contactSize';
import { zSetWith } from '../../state/verify/recheckZ';
import { roundOf } from '../../datum/feature';
import { FACE_TOUCH } from '../../datum/partFrame';
import { heightMethod } from '../../zAndTools/heightMethod';
import { formatLengthUnit } from '../../units/formatLength';
import { plusMinus } from '../basis/verdict';
import { capitalize } from '../basis/grammar';

/** What to do for one touch, and what the scale should show then. */
export function recheckSentence(book: SetupState, { of }: RecheckTarget, touch: RecheckTouch): string {
  const unit = book.setup.units;
  const axis = touch.axis.toUpperCase();
  const shows = `${axis} should show ${formatLengthUnit(touch.expected.reading, { unit })} ${plusMinus(touch.expected.U, unit)}.`;
  switch (of.kind) {
    case 'face':
      return `Touch the ${of.face} face again, coming from ${FACE_TOUCH[of.face].from}: ${shows}`;
    case 'round': {
      const { kind, name } = roundOf(book.part, of.of);
      const side = touch.axis === 'z' ? '' : wallSide(book, of.of, { axis: touch.axis, approach: touch.approach });
      const from = kind === 'bore' ? 'from inside' : 'from outside';
      const other = touch.axis === 'x' ? 'Y' : 'X';
      return `Touch ${name} at its ${side} wall, ${from}, ${other} at its middle: ${shows}`;
    }
    case 'z':
      return `${heightAgain(book, touch, of.tool)}: ${shows}`;
  }
}

/** How the tool that Z was found with meets its gauge once more. */
function heightAgain(book: SetupState, { use, byControl }: RecheckTouch, tool: number): string {
  const gauge = book.gauges.find(({ id }) => id === use.gaugeId);
  const method = heightMethod(gauge?.kind);
  if (byControl || !gauge) return 'Run the cycle that found Z again';
  const gap = gapOf(book, gauge) ?? 0;
  if (gap === 0) return `Touch the same surface with the ${method.words} again`;
  return method.arrives === 'raised'
    ? `Raise tool ${tool} past the same ${method.words} again, until it just slides under`
    : `Bring tool ${tool} down onto the same ${method.words} again`;
}

/** Why something cannot be touched again yet, and what to do about it. */
export function recheckRefusal(book: SetupState, { of }: RecheckTarget, axesSet: boolean): string {
  switch (of.kind) {
    case 'z': {
      const tool = zSetWith(book);
      return tool !== undefined && tool !== of.tool
        ? `Z was set with tool ${tool} since. Touch tool ${tool} again in Z & tools.`
        : 'Z is not set yet: touch off and set it in Z & tools first.';
    }
    case 'face':
      return `${FACE_TOUCH[of.face].axis.toUpperCase()} is not set yet: find it in Datum first.`;
    case 'round': {
      if (!axesSet) return 'X and Y are not set yet: find them in Datum first.';
      const touch = contactInUse(book, { ...recheckUse(book), takenAt: '' }, 'x');
      const gauge = book.gauges.find(({ id }) => id === book.setup.finderId)?.name ?? 'The finder';
      return touch
        ? `${gauge} does not go into ${roundOf(book.part, of.of).name}: choose a smaller one in Plan.`
        : `${gauge} needs its cutter. Choose it in Shop.`;
    }
  }
}

/** What touching again has told of one axis, with sign, ± and what to do. */
export function recheckShiftText(
  book: SetupState,
  { of, name }: RecheckTarget,
  { axis, off, U, stands }: Shift,
): string {
  const unit = book.setup.units;
  const by = `${formatLengthUnit(off, { unit, plus: true })} ${plusMinus(U, unit)}`;
  const along = of.kind === 'round' ? ` in ${axis.toUpperCase()}` : '';
  const end = stands ? 'The zero is good.' : `Set ${axis.toUpperCase()} again, or find what moved.`;
  return `${stands ? '✓' : '✗'} ${capitalize(name)}${along}: ${by} from where it was. ${end}`;
}
