import { ASIDE } from '../outbox/keys';
import { deviceStorage } from './deviceStorage';
import type { Guard } from './shapes';

/**
 * What this device keeps under a name; the fallback where it keeps nothing. What is not of its shape is set aside as it is:
 * it can be saved to a file, and the app goes on without it.
 */
export function readStoredJson<T>(key: string, fallback: T, is: Guard<T>): T {
  const text = deviceStorage.getItem(key);
  if (text === null) return fallback;
  const value = parseStoredJson(text);
  if (is(value)) return value;
  setAsideStored(key);
  return fallback;
}

/** A text as JSON; undefined where it is none. */
export function parseStoredJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Puts away what cannot be used, under another name. */
export function setAsideStored(key: string): void {
  const text = deviceStorage.getItem(key);
  if (text === null) return;
  try {
    deviceStorage.setItem(ASIDE + key, JSON.stringify({ text, reason: 'not what it should be' }));
  } catch {
    // No room for it twice: it is of no use where it is.
  }
  deviceStorage.removeItem(key);
}

/** Keeps something that is only this device's own: where there is no room for it, it is let go. */
export function storeLocally(key: string, value: unknown): void {
  try {
    deviceStorage.setItem(key, JSON.stringify(value));
  } catch {
    deviceStorage.removeItem(key);
  }
}
