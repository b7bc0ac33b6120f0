import { documentKind } from '../kinds/kind';
import type { Gauge } from './gauge.schema';

export type { Gauge };

export const gaugeKind = documentKind<Gauge>()({
  name: 'gauge',
  field: 'gauges',
  of: 'shop',
  collection: 'gauges',
  title: 'gauge',
  summary: 'Add or replace a gauge',
  version: 2,
  key: ({ id }) => id,
  shows: 'all',
  empty: undefined,
});
