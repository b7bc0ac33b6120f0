import { documentKind } from '../kinds/kind';
import type { Plan, NewSetup, Setup } from './plan.schema';

export type { Plan, NewSetup, Setup };

/** What a setup can be started without. */
export const ASSUMED = ['tolerance', 'finder', 'height-gauge'] as const;
export type Assumed = (typeof ASSUMED)[number];
export type PartZero = Plan['partZero'];

export const planKind = documentKind<Plan>()({
  name: 'plan',
  field: 'setup',
  of: 'setup',
  collection: 'plan',
  title: 'plan',
  summary: 'Change the plan, or start a setup by it',
  version: 1,
  names: ({ machineId, partId, finderId, heightGaugeId }) => [
    { kind: 'machine', id: machineId, field: 'machineId' },
    { kind: 'part', id: partId, field: 'partId' },
    { kind: 'gauge', id: finderId, field: 'finderId' },
    { kind: 'gauge', id: heightGaugeId, field: 'heightGaugeId' },
  ],
  key: () => '',
  shows: 'one',
  empty: undefined,
});
