import type { z } from 'zod';
import { alignment, upgradeAlignment } from '../setup/alignment.schema';
import { newCalibration } from '../shop/calibration.schema';
import { newCheck } from '../log/checklistTick.schema';
import { cutPlan } from '../setup/cutPlan.schema';
import { cutter } from '../shop/cutter.schema';
import { datumPlan, upgradeDatumPlan } from '../setup/datumPlan.schema';
import { firstPart } from '../log/firstPart.schema';
import { gauge, upgradeGauge } from '../shop/gauge.schema';
import { holding } from '../shop/workholdingList.schema';
import { indexPlan } from '../setup/indexPlan.schema';
import { newInterruption } from '../log/interruption.schema';
import { machine, upgradeMachine } from '../shop/machine.schema';
import { magazine } from '../shop/magazine.schema';
import { measurement } from '../log/measurement.schema';
import { obstacles } from '../setup/obstacles.schema';
import { part } from '../shop/part.schema';
import { pattern } from '../setup/pattern.schema';
import { plan } from '../setup/plan.schema';
import { programCheck } from '../log/programCheck.schema';
import { newReadBack, upgradeReadBack } from '../log/readBack.schema';
import { newReading } from '../log/reading.schema';
import { newCalculation } from '../log/calculation.schema';
import { newStrike } from '../log/strike.schema';
import { newSweep } from '../log/sweep.schema';
import { keptTable } from '../shop/toolTable.schema';
import { newZeroing } from '../log/zeroing.schema';
import type { BodyOf, KindName } from './kinds';

/** How the body of a kind is read: as it is today, and how one of an older version becomes one of today. */
interface BodyReader<Body> {
  schema: z.ZodType<Body>;
  /** A field with a default needs none. */
  upgrade?: (old: unknown, from: number) => unknown;
}

/** How the body of every kind is read. Apart from `kinds.ts`, since a page that only shows a setup reads no body. */
export const BODIES: { readonly [K in KindName]: BodyReader<BodyOf<K>> } = {
  alignment: { schema: alignment, upgrade: upgradeAlignment },
  calibration: { schema: newCalibration },
  check: { schema: newCheck },
  cutPlan: { schema: cutPlan },
  cutter: { schema: cutter },
  datumPlan: { schema: datumPlan, upgrade: upgradeDatumPlan },
  firstPart: { schema: firstPart },
  gauge: { schema: gauge, upgrade: upgradeGauge },
  holding: { schema: holding },
  indexPlan: { schema: indexPlan },
  interruption: { schema: newInterruption },
  machine: { schema: machine, upgrade: upgradeMachine },
  magazine: { schema: magazine },
  measurement: { schema: measurement },
  obstacles: { schema: obstacles },
  part: { schema: part },
  pattern: { schema: pattern },
  plan: { schema: plan },
  programCheck: { schema: programCheck },
  readBack: { schema: newReadBack, upgrade: upgradeReadBack },
  reading: { schema: newReading },
  reckoning: { schema: newCalculation },
  strike: { schema: newStrike },
  sweep: { schema: newSweep },
  toolTable: { schema: keptTable },
  zeroing: { schema: newZeroing },
};
