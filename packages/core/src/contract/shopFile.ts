import { z } from 'zod';
import { alignment } from './alignment';
import { datumPlan } from './datumPlan';
import { newCheck, newReading, newStrike, newSweep, newZeroing } from './ledger';
import { cutPlan } from './cutPlan';
import { pattern } from './pattern';
import { newSetup } from './setup';
import { gauge, machine, part, tool } from './shop';

/** A whole shop as data: what the demo is, and what a restore will read. */
export const shopFile = z
  .object({
    machines: z.array(machine),
    gauges: z.array(gauge),
    tools: z.array(tool),
    parts: z.array(part),
    setups: z.array(
      z.object({
        setup: newSetup,
        patterns: z.array(pattern),
        readings: z.array(newReading),
        strikes: z.array(newStrike),
        zeroings: z.array(newZeroing),
        checks: z.array(newCheck).default([]),
        alignments: z.array(alignment).default([]),
        sweeps: z.array(newSweep).default([]),
        datumPlan: datumPlan.optional(),
        cutPlan: cutPlan.optional(),
      }),
    ),
  })
  .meta({ id: 'ShopFile' });

export type ShopFile = z.output<typeof shopFile>;
