import { zeroOf } from '../../datum/partFrame';
import type { SetupState } from '../basis/setupState';
import { radiusBefore } from './previousContact';
import { lastZeroing } from '../basis/activeRecords';
import { datumInForce } from './localDatum';

/** A look at where the spindle stands once X and Y are set and it was driven to zero. */
export interface ZeroCheckState {
  /** The look's name in the log of checks: another setting is looked at again. */
  item: string;
  /** What was said of it last. */
  seen: 'there' | 'elsewhere' | undefined;
  /** Radius of what touched before each setting, mm; 0 for none. */
  radius: { x: number; y: number };
  /** Part zero from the part's left and front face, mm; undefined where a size is not entered. */
  from: { x: number; y: number } | undefined;
}

/** So much of a setting's id tells it from every other; a check's name holds 64 letters. */
const TAIL = 20;

/** What is kept with a look that found the spindle somewhere else. */
export const ELSEWHERE = 'Not over zero.';

/** The look that is due, or was made, since X and Y were set; undefined until both are, or where the machine has only one. */
export function zeroCheck(book: SetupState): ZeroCheckState | undefined {
  const { machine, part, setup } = book;
  const [x, y] = [lastZeroing(book, 'x'), lastZeroing(book, 'y')];
  // Under a local datum 0,0 is somewhere else on the part.
  if (datumInForce(book)) return undefined;
  if (!x || !y || machine.without?.includes('x') || machine.without?.includes('y')) return undefined;
  // Of both settings: whichever was made again, by whatever device's clock, it is looked at again.
  const item = `over-zero-${x.id.slice(-TAIL)}-${y.id.slice(-TAIL)}`;
  const last = book.index.lastCheck.get(item);
  const zero = zeroOf(part, setup.partZero);
  const untold = part.untold?.some((axis) => axis !== 'z') ?? false;
  return {
    item,
    seen: last?.action === 'tick' ? 'there' : last?.reason === ELSEWHERE ? 'elsewhere' : undefined,
    radius: { x: radiusBefore(book, 'x', x), y: radiusBefore(book, 'y', y) },
    from: untold ? undefined : zero,
  };
}
