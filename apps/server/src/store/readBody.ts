import { parseStored } from '@zero-point/core/records/kinds/storedBody';
import { BODIES } from '@zero-point/core/records/kinds/schemas';
import type { z } from 'zod';
import { KINDS, type BodyOf, type KindName } from '@zero-point/core/records/kinds/kinds';

/**
 * A stored body as its kind has it today: brought up from an older version, then parsed, so that a new field with a
 * default reaches old rows too.
 *
 * @throws ZodError when what is stored is not of its kind: the file was changed by something else
 */
export function readBody<K extends KindName>(name: K, v: number, body: string): BodyOf<K> {
  const { schema, upgrade } = BODIES[name];
  const stored: unknown = JSON.parse(body);
  const brought = v < KINDS[name].version && upgrade ? upgrade(stored, v) : stored;
  return parseStored(schema as z.ZodType<BodyOf<K>>, brought);
}
