import { COPIES, deviceStorage } from './deviceStorage';

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

/** What was last seen; undefined where nothing was, or nothing that can be read. */
export function seenLast<T>(name: string): T | undefined {
  try {
    return (JSON.parse(deviceStorage.getItem(nameOf(name)) ?? 'null') as T | null) ?? undefined;
  } catch {
    return undefined;
  }
}

/** How a query begins with what was last seen, as something long out of date. */
export const lastSeen = <T>(name: string): { initialData: () => T | undefined; initialDataUpdatedAt: number } => ({
  initialData: () => seenLast<T>(name),
  initialDataUpdatedAt: 0,
});
