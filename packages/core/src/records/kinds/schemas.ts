import type { z } from 'zod';
import { alignment } from '../setup/alignment.schema';
import { newCalibration } from '../shop/calibration.schema';
import { newCheck } from '../log/checklistTick.schema';
import { cutPlan } from '../setup/cutPlan.schema';
import { cutter } from '../shop/cutter.schema';
import { datumPlan } from '../setup/datumPlan.schema';
import { firstPart } from '../log/firstPart.schema';
import { gauge } from '../shop/gauge.schema';
import { holding } from '../shop/workholdingList.schema';
import { indexPlan } from '../setup/indexPlan.schema';
import { newInterruption } from '../log/interruption.schema';
import { machine } from '../shop/machine.schema';
import { magazine } from '../shop/magazine.schema';
import { measurement } from '../log/measurement.schema';
import { obstacles } from '../setup/obstacles.schema';
import { part } from '../shop/part.schema';
import { pattern } from '../setup/pattern.schema';
import { plan } from '../setup/plan.schema';
import { programCheck } from '../log/programCheck.schema';
import { newReadBack } from '../log/readBack.schema';
import { newReading } from '../log/reading.schema';
import { newCalculation } from '../log/calculation.schema';
import { newStrike } from '../log/strike.schema';
import { newSweep } from '../log/sweep.schema';
import { keptTable } from '../shop/toolTable.schema';
import { newZeroing } from '../log/zeroing.schema';
import type { BodyOf, KindName } from './kinds';

/** How the body of every kind is read. Apart from `kinds.ts`, since a page that only shows a setup reads no body. */
export const BODIES: { readonly [K in KindName]: z.ZodType<BodyOf<K>> } = {
  alignment,
  calibration: newCalibration,
  check: newCheck,
  cutPlan,
  cutter,
  datumPlan,
  firstPart,
  gauge,
  holding,
  indexPlan,
  interruption: newInterruption,
  machine,
  magazine,
  measurement,
  obstacles,
  part,
  pattern,
  plan,
  programCheck,
  readBack: newReadBack,
  reading: newReading,
  reckoning: newCalculation,
  strike: newStrike,
  sweep: newSweep,
  toolTable: keptTable,
  zeroing: newZeroing,
};
