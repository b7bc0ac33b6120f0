import type { Cutter, Tool } from './cutter';
import { documentKind } from '../kinds/kind';
import type { Magazine } from './magazine.schema';

export type { Magazine };

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

export const magazineKind = documentKind<Magazine>()({
  name: 'magazine',
  field: 'magazine',
  of: 'shop',
  collection: 'magazines',
  title: 'list of tool numbers',
  summary: 'Log which cutter has which number in a machine',
  version: 1,
  names: ({ id, tools }) => [
    { kind: 'machine', id, field: 'id' },
    ...tools.map(({ cutterId }, i) => ({ kind: 'cutter', id: cutterId, field: `tools.${i}.cutterId` })),
  ],
  key: ({ id }) => id,
  shows: 'of-machine',
  empty: null,
});
