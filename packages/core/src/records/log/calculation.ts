import { rowKind, withStored } from '../kinds/kind';
import type { NewReckoning, Reckoning } from './calculation.schema';

export type { NewReckoning, Reckoning };

export const reckoningKind = rowKind<NewReckoning>()({
  name: 'reckoning',
  field: 'reckonings',
  of: 'shop',
  apart: true,
  collection: 'reckonings',
  title: 'reckoning',
  summary: 'Keep a calculator’s result',
  version: 1,
  asKept: withStored<NewReckoning>,
  when: ({ at }) => at,
});
