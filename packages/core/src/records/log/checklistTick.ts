import { rowKind, withStored } from '../kinds/kind';
import type { NewCheck, ChecklistTick } from './checklistTick.schema';

export type { NewCheck, ChecklistTick };

export const checkKind = rowKind<NewCheck>()({
  name: 'check',
  field: 'checks',
  of: 'setup',
  collection: 'checks',
  title: 'tick',
  summary: 'Tick or skip a step of workholding, or a whole alignment',
  version: 1,
  asKept: withStored<NewCheck>,
  when: ({ at }) => at,
});
