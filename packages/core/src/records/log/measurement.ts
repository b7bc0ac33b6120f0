import { rowKind, withStored, type Stored } from '../kinds/kind';
import type { NewMeasurement, MeasuredThing, HoleOf } from './measurement.schema';

export type { MeasuredThing, HoleOf, NewMeasurement };

export type Measurement = NewMeasurement & Stored;

export const measurementKind = rowKind<NewMeasurement>()({
  name: 'measurement',
  field: 'measurements',
  of: 'setup',
  collection: 'measurements',
  title: 'measurement of the part',
  summary: 'Log what was measured of a finished part',
  version: 1,
  names: ({ gaugeId }) => [{ kind: 'gauge', id: gaugeId, field: 'gaugeId' }],
  asKept: withStored<NewMeasurement>,
  when: ({ at }) => at,
});
