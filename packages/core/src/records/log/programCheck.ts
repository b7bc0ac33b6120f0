import { rowKind, withStored } from '../kinds/kind';
import type { NewProgramCheck } from './programCheck.schema';

export type { NewProgramCheck };

export const programCheckKind = rowKind<NewProgramCheck>()({
  name: 'programCheck',
  field: 'programChecks',
  of: 'setup',
  collection: 'program-checks',
  title: 'check of a program',
  summary: 'Log that a program was held against what is set',
  version: 1,
  asKept: withStored<NewProgramCheck>,
  when: ({ at }) => at,
});
