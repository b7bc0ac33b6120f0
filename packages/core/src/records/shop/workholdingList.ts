import { documentKind } from '../kinds/kind';
import type { Holding, HoldingStep } from './workholdingList.schema';

export type { HoldingStep, Holding };

export const holdingKind = documentKind<Holding>()({
  name: 'holding',
  field: 'holdings',
  of: 'shop',
  collection: 'holdings',
  title: 'list',
  summary: 'Add or replace a workholding list',
  version: 1,
  key: ({ id }) => id,
  shows: 'all',
  empty: undefined,
});
