import { ADVICE } from './advice';
import { ALIGNMENT } from './alignment';
import { CALIBRATION } from './calibration';
import { DATUM } from './datum';
import { HEIGHTS } from './zAndTools';
import { POSITIONS } from './holes';
import { ROTARY } from './rotary';
import { SHOP } from './shop';
import { SIZE } from './boreAndFace';
import { VERIFY } from './verify';

export type { Calculation } from './calculation';

/** Every calculation there is. Adding one is adding an entry to its subject's. */
export const REGISTRY = {
  ...DATUM,
  ...HEIGHTS,
  ...POSITIONS,
  ...SIZE,
  ...SHOP,
  ...ALIGNMENT,
  ...CALIBRATION,
  ...ROTARY,
  ...VERIFY,
  ...ADVICE,
} as const;

export type CalculationName = keyof typeof REGISTRY;

export const isCalculation = (name: string): name is CalculationName => Object.hasOwn(REGISTRY, name);
