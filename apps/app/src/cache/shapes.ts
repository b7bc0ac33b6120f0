/** What this device kept may be of any shape: another build wrote it, or something else did. Each is looked at before it is used. */

export type Guard<T> = (value: unknown) => value is T;

export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object whose fields pass their checks. */
export const hasFields = (value: unknown, fields: Readonly<Record<string, (field: unknown) => boolean>>): boolean =>
  isRecord(value) && Object.entries(fields).every(([name, is]) => is(value[name]));

export const isText = (value: unknown): value is string => typeof value === 'string';
export const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);
export const isList = (value: unknown): value is unknown[] => Array.isArray(value);

/** A list of which every member passes. */
export const isListOf =
  (is: (one: unknown) => boolean) =>
  (value: unknown): boolean =>
    Array.isArray(value) && value.every(is);
