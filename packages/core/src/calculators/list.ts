import type { Calculator } from './form';
import { TOOL_LENGTH, Z_ON_GAUGE } from './zAndTools';
import { BOLT_CIRCLE, TURNS } from './holes';
import { FIT, NEXT_BORE, PASSES, TURN_LENGTH } from './sizes';
import { BETWEEN, BORE_CENTRE, EDGE } from './touching';

/** Everything that can be reckoned without a setup, in the order people work. */
export const CALCULATORS: readonly Calculator[] = [
  EDGE,
  BETWEEN,
  BORE_CENTRE,
  BOLT_CIRCLE,
  TOOL_LENGTH,
  Z_ON_GAUGE,
  TURNS,
  NEXT_BORE,
  FIT,
  PASSES,
  TURN_LENGTH,
];

/** A calculation by its address; undefined where there is none. */
export const calculatorNamed = (name: unknown): Calculator | undefined => CALCULATORS.find((one) => one.name === name);
