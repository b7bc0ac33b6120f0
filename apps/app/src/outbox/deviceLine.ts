import type { DeviceStorage } from '../cache/deviceStorage';

/**
 * The line in which this device's entries stand: its name, and the numbers they take as they are logged. The server stores
 * them in that order whichever tab sends them, and whatever the device's clock does. Not the queue itself.
 */

/** Where an entry stands in its device's line. */
export interface DeliveryTurn {
  line: string;
  number: number;
}

const LINE = 'zero-point.line';

interface Line {
  id: string;
  last: number;
}

function read(storage: Pick<DeviceStorage, 'getItem'>): Line | undefined {
  try {
    const { id, last } = JSON.parse(storage.getItem(LINE) ?? '') as Partial<Line>;
    return typeof id === 'string' && Number.isSafeInteger(last) ? { id, last: Number(last) } : undefined;
  } catch {
    return undefined;
  }
}

/** Digits of a number in a key, so that keys sort as the numbers do. */
const DIGITS = 12;

/** Behind any key of an older program, which begins with a digit or a letter up to f. */
const MARK = 'n';

/** A key under which an entry waits: its number, and a name that no other tab makes. */
export const keyAt = (number: number, name: string): string => `${MARK}${String(number).padStart(DIGITS, '0')}-${name}`;

/** The number a key carries; undefined for one of an older program, which stands before all that have one. */
export function numberOf(key: string): number | undefined {
  const [, digits] = /^n(\d+)-/.exec(key) ?? [];
  return digits === undefined ? undefined : Number(digits);
}

/** What stands behind the number in a key. */
export const nameOf = (key: string): string => key.replace(/^n\d+-/, '');

export function deviceLine(storage: Pick<DeviceStorage, 'getItem' | 'setItem'>, newName: () => string) {
  const line = (): Line => read(storage) ?? { id: newName(), last: 0 };
  const keep = (kept: Line) => storage.setItem(LINE, JSON.stringify(kept));
  return {
    /** Takes the next number; also behind every one that waits, should another tab have taken it meanwhile. */
    next(waiting: readonly string[]): number {
      const { id, last } = line();
      const number = 1 + Math.max(last, ...waiting.map((key) => numberOf(key) ?? 0));
      keep({ id, last: number });
      return number;
    },
    /** Goes on behind this number. */
    goOn(last: number): void {
      keep({ ...line(), last });
    },
    turn(number: number): DeliveryTurn {
      return { line: line().id, number };
    },
  };
}
