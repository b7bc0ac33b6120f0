import { rowKind, withStored } from '../kinds/kind';
import type { NewCalibration, Calibration, RotaryName } from './calibration.schema';

export type { NewCalibration, Calibration, RotaryName };

/** What makes all that was known of a thing doubtful at once. */
export const VOIDED_BY = ['crash', 'dropped', 'new-stylus', 'repaired'] as const;

/** How a centre of rotation was found. */
export const CENTRE_WAYS = ['bore', 'flip', 'angles', 'maker', 'proved'] as const;
export type CalibrationFound = Calibration['found'];
export type Calibrated = Calibration['of'];
export type VoidedBy = (typeof VOIDED_BY)[number];
export type CentreWay = (typeof CENTRE_WAYS)[number];

export const calibrationKind = rowKind<NewCalibration>()({
  name: 'calibration',
  field: 'calibrations',
  of: 'shop',
  collection: 'calibrations',
  title: 'calibration',
  summary: 'Say what a gauge or an axis was found to be, and from when on',
  version: 1,
  names: ({ of }) => {
    switch (of.kind) {
      case 'gauge':
        return [{ kind: 'gauge', id: of.gaugeId, field: 'of.gaugeId' }];
      case 'cutter':
        return [{ kind: 'cutter', id: of.cutterId, field: 'of.cutterId' }];
      case 'axis':
      case 'rotary':
      case 'spot':
        return [{ kind: 'machine', id: of.machineId, field: 'of.machineId' }];
    }
  },
  asKept: withStored<NewCalibration>,
  when: ({ at }) => at,
});
