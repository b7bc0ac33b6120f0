import { deviceStorage } from './deviceStorage';

/** What this device keeps under a name; the fallback where it keeps nothing that can be read. */
export function stored<T>(key: string, fallback: T): T {
  try {
    return (JSON.parse(deviceStorage.getItem(key) ?? 'null') as T | null) ?? fallback;
  } catch {
    return fallback;
  }
}

/** Keeps something that is only this device's own: where there is no room for it, it is let go. */
export function storeLocally(key: string, value: unknown): void {
  try {
    deviceStorage.setItem(key, JSON.stringify(value));
  } catch {
    deviceStorage.removeItem(key);
  }
}
