import type { Machine } from '@zero-point/core/records/shop/machine';
import { machine as machineSchema } from '@zero-point/core/records/shop/machine.schema';
import { saveThing, type Versioned } from './logEntry';

/** Keeps a machine; what was found of its axes stands apart, and is not saved with it. */
export const saveMachine = (shop: Versioned, machine: Machine): void =>
  saveThing(shop, 'machine', machineSchema.parse(machine));
