import type { z } from 'zod';
import { alignment, upgradeAlignment } from './alignment.schema';
import { newCalibration } from './calibration.schema';
import { newCheck } from './check.schema';
import { cutPlan } from './cutPlan.schema';
import { cutter } from './cutter.schema';
import { datumPlan, upgradeDatumPlan } from './datumPlan.schema';
import { firstPart } from './firstPart.schema';
import { gauge, upgradeGauge } from './gauge.schema';
import { holding } from './holding.schema';
import { indexPlan } from './indexPlan.schema';
import { newInterruption } from './interruption.schema';
import { machine, upgradeMachine } from './machine.schema';
import { magazine } from './magazine.schema';
import { measurement } from './measurement.schema';
import { obstacles } from './obstacles.schema';
import { part } from './part.schema';
import { pattern } from './pattern.schema';
import { plan } from './plan.schema';
import { programCheck } from './programCheck.schema';
import { newReadBack, upgradeReadBack } from './readBack.schema';
import { newReading } from './reading.schema';
import { newReckoning } from './reckoning.schema';
import { newStrike } from './strike.schema';
import { newSweep } from './sweep.schema';
import { keptTable } from './toolTable.schema';
import { newZeroing } from './zeroing.schema';
import type { BodyOf, KindName } from './kinds';

/** How the body of a kind is read: as it is today, and how one of an older version becomes one of today. */
interface BodyReader<Body> {
  schema: z.ZodType<Body>;
  /** A field with a default needs none. */
  upgrade?: (old: unknown, from: number) => unknown;
}

/** How the body of every kind is read. Apart from `kinds.ts`, since a page that only shows a set-up reads no body. */
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
  reckoning: { schema: newReckoning },
  strike: { schema: newStrike },
  sweep: { schema: newSweep },
  toolTable: { schema: keptTable },
  zeroing: { schema: newZeroing },
};
