import { z } from 'zod';
import { KINDS, type BodyOf, type KindName, type SetupKind, type ShopKind } from '../kinds/kinds';
import type { NewSetup } from '../setup/plan';
import { BODIES } from '../kinds/schemas';
import { newSetup } from '../setup/plan.schema';

type ShopLists = { [K in ShopKind as (typeof KINDS)[K]['collection']]: BodyOf<K>[] };
type OfSetup = { [K in Exclude<SetupKind, 'plan'> as (typeof KINDS)[K]['collection']]: BodyOf<K>[] };

/** A whole shop as data: what the demo is, and what a restore will read. Every kind stands under its collection. */
export interface ShopFile extends ShopLists {
  setups: (OfSetup & { setup: NewSetup })[];
}

const lists = (of: 'shop' | 'setup'): Record<string, z.ZodType> =>
  Object.fromEntries(
    (Object.keys(KINDS) as KindName[])
      .filter((name) => KINDS[name].of === of && name !== 'plan')
      .map((name) => [KINDS[name].collection, z.array(BODIES[name] as z.ZodType).default([])]),
  );

export const shopFile = z
  .strictObject({
    ...lists('shop'),
    setups: z.array(z.strictObject({ setup: newSetup, ...lists('setup') })),
  })
  .meta({ id: 'ShopFile' }) as unknown as z.ZodType<ShopFile>;
