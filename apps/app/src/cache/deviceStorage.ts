/**
 * What this device keeps: the browser's storage, or memory where the browser gives none or denies it. Copies of setups
 * give way before anything that was logged does.
 */
export interface DeviceStorage {
  readonly length: number;
  key: (index: number) => string | null;
  getItem: (key: string) => string | null;
  setItem: (key: string, value: string) => void;
  removeItem: (key: string) => void;
}

/** Copies of what the server has: they can be fetched again. */
export const COPIES = 'zero-point.copy';

/** Lessons on the practice mill that can be gone on with. */
export const PRACTICE = 'zero-point.practice.';

function memory(): DeviceStorage {
  const items = new Map<string, string>();
  return {
    get length() {
      return items.size;
    },
    key: (index) => [...items.keys()][index] ?? null,
    getItem: (key) => items.get(key) ?? null,
    setItem: (key, value) => void items.set(key, value),
    removeItem: (key) => void items.delete(key),
  };
}

/** The browser's own storage where it works; a browser may hide it, deny it, or throw at the first touch. */
function browserStorage(): DeviceStorage | undefined {
  try {
    const storage = globalThis.localStorage;
    const probe = 'zero-point.probe';
    storage.setItem(probe, probe);
    storage.removeItem(probe);
    return storage;
  } catch (error) {
    // Full is not denied: what is there can be read, and copies give way.
    return (error as { name?: unknown }).name === 'QuotaExceededError' ? globalThis.localStorage : undefined;
  }
}

export const keysOf = (storage: DeviceStorage, prefix: string): string[] =>
  Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '').filter((key) => key.startsWith(prefix));

/** Lessons on copies of the shop's own machines: each keeps its machine as it was. */
const ON_COPIES = `${PRACTICE}practice-own-`;

/** Lets go of every copy; what was logged stays. */
export const forgetCopies = (storage: DeviceStorage): void =>
  [...keysOf(storage, COPIES), ...keysOf(storage, ON_COPIES)].forEach((key) => storage.removeItem(key));

/** A storage in which copies give way, one after the other, to what needs the room; and lessons after them. */
export function givingWay(storage: DeviceStorage): DeviceStorage {
  return {
    get length() {
      return storage.length;
    },
    key: (index) => storage.key(index),
    getItem: (key) => storage.getItem(key),
    removeItem: (key) => storage.removeItem(key),
    setItem: (key, value) => {
      for (;;) {
        try {
          return storage.setItem(key, value);
        } catch (error) {
          const [copy] = [...keysOf(storage, COPIES), ...keysOf(storage, PRACTICE)].filter((one) => one !== key);
          if (copy === undefined) throw error;
          storage.removeItem(copy);
        }
      }
    },
  };
}

const found = browserStorage();

/** Nothing logged outlives this page: the browser keeps nothing for it. */
export const keepsNothing = found === undefined;

export const deviceStorage: DeviceStorage = givingWay(found ?? memory());
