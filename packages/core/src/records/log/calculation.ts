import { rowKind, withStored } from '../kinds/kind';
import type { NewCalculation, CalculationRow } from './calculation.schema';

export type { NewCalculation, CalculationRow };

export const calculationKind = rowKind<NewCalculation>()({
  name: 'reckoning',
  field: 'reckonings',
  of: 'shop',
  apart: true,
  collection: 'reckonings',
  title: 'reckoning',
  summary: 'Keep a calculator’s result',
  version: 1,
  asKept: withStored<NewCalculation>,
  when: ({ at }) => at,
});
