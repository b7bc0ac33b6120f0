import type { z } from 'zod';
import { KINDS, type BodyOf, type KindName } from './kinds';
import { BODIES } from './schemas';
import { parseStored } from './storedBody';

/** Written by a newer program, or by one of before the first release. */
export class OtherVersion extends Error {}

/**
 * A body as its kind has it, wherever it was kept: parsed, so that a new field with a default reaches what is older.
 *
 * @param v the version of its kind that it was written by
 * @throws OtherVersion when that is not this program's
 * @throws ZodError when it is not of its kind
 */
export function readBody<K extends KindName>(name: K, v: number, body: unknown): BodyOf<K> {
  const { version } = KINDS[name];
  if (v !== version) throw new OtherVersion(`${name}: version ${v}, where this program has ${version}`);
  return parseStored(BODIES[name] as z.ZodType<BodyOf<K>>, body);
}
