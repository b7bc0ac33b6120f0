import type { z } from 'zod';
import { isOneLine } from '../../schema/quantities';

/** What stands in one line, wherever it stands. */
const LINES = new Set(['name', 'workOffset', 'fit']);

/** The same with line ends and unseen signs taken out of names, which an older program let through. */
function oneLineNames(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(oneLineNames);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [
      key,
      LINES.has(key) && typeof one === 'string' && !isOneLine(one)
        ? one.replace(/[\p{Cc}\p{Cf}\u2028\u2029]+/gu, ' ').trim() || '-'
        : oneLineNames(one),
    ]),
  );
}

/**
 * A body that was stored, as its kind has it today; a name that an older program let through with several lines becomes
 * one line.
 *
 * @throws ZodError when what is stored is not of its kind
 */
export function parseStored<B>(schema: z.ZodType<B>, body: unknown): B {
  const read = schema.safeParse(body);
  return read.success ? read.data : schema.parse(oneLineNames(body));
}
