import { COPIES, deviceStorage } from './deviceStorage';
import type { Guard } from './shapes';
import { parseStoredJson } from './storedJson';

/** What a page last showed, kept on the device: it stands there at once the next time, and while the server is away. */

const nameOf = (name: string): string => `${COPIES}.last.${name}`;

/** Keeps an answer as it passes; where the device has no room it only passes. */
export const kept =
  (name: string) =>
  <T>(answer: T): T => {
    try {
      deviceStorage.setItem(nameOf(name), JSON.stringify(answer));
    } catch {
      deviceStorage.removeItem(nameOf(name));
    }
    return answer;
  };

/** What was last seen; undefined where nothing was, or nothing of its shape: the server has it still. */
export function seenLast<T>(name: string, is: Guard<T>): T | undefined {
  const text = deviceStorage.getItem(nameOf(name));
  const value = text === null ? undefined : parseStoredJson(text);
  if (is(value)) return value;
  if (text !== null) deviceStorage.removeItem(nameOf(name));
  return undefined;
}

/** How a query begins with what was last seen, as something long out of date. */
export const cachedResponse = <T>(
  name: string,
  is: Guard<T>,
): { initialData: () => T | undefined; initialDataUpdatedAt: number } => ({
  initialData: () => seenLast(name, is),
  initialDataUpdatedAt: 0,
});
