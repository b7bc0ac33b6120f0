import { z } from 'zod';
import { id } from '../schema/quantities';
import { toolNumber } from '../schema/toolNumber';
import type { Cutter, Tool } from './cutter';
import { documentKind } from './kind';

/** Which cutter each number of one machine stands for, kept under the machine's id. */
export const magazine = z
  .object({
    id,
    tools: z
      .array(z.object({ number: toolNumber, cutterId: id }))
      .max(9999, { error: 'must hold at most 9999 tools' })
      .refine((tools) => new Set(tools.map(({ number }) => number)).size === tools.length, {
        error: 'must not hold a tool number twice',
      }),
  })
  .meta({ id: 'Magazine' });

export type Magazine = z.output<typeof magazine>;

/** The tools of a machine by their numbers, smallest first. */
export function toolsOf(cutters: readonly Cutter[], held: Magazine | null): Tool[] {
  const byId = new Map(cutters.map((cutter) => [cutter.id, cutter]));
  return (held?.tools ?? [])
    .flatMap(({ number, cutterId }) => {
      const cutter = byId.get(cutterId);
      return cutter ? [{ ...cutter, number }] : [];
    })
    .sort((a, b) => a.number - b.number);
}

export const magazineKind = documentKind({
  name: 'magazine',
  field: 'magazine',
  of: 'shop',
  collection: 'magazines',
  title: 'list of tool numbers',
  summary: 'Say which cutter each number of a machine stands for',
  version: 1,
  schema: magazine,
  names: ({ id, tools }) => [
    { kind: 'machine', id, field: 'id' },
    ...tools.map(({ cutterId }, i) => ({ kind: 'cutter', id: cutterId, field: `tools.${i}.cutterId` })),
  ],
  key: ({ id }) => id,
  shows: 'of-machine',
  empty: null,
});
