import { isDeepStrictEqual } from 'node:util';
import type { z } from 'zod';
import {
  newCheck,
  newReading,
  newStrike,
  newSweep,
  newZeroing,
  type NewCheck,
  type NewReading,
  type NewStrike,
  type NewSweep,
  type NewZeroing,
} from '@zero-point/core/contract/ledger';
import type { CutPlan } from '@zero-point/core/contract/cutPlan';
import type { DatumPlan } from '@zero-point/core/contract/datumPlan';
import type { Alignment } from '@zero-point/core/contract/alignment';
import type { NewSetup, Pattern, Plan, Snapshot } from '@zero-point/core/contract/setup';
import { newSetup } from '@zero-point/core/contract/setup';
import type { Holding } from '@zero-point/core/contract/holding';
import { DEFAULT_HOLDINGS } from '@zero-point/core/workholding/defaultHoldings';
import type { Dial } from '@zero-point/core/positions/dial';
import { parseLength } from '@zero-point/core/units/parseLength';
import { conflict, invalid, notFound } from './http/problem';
import type { Store } from './store/store';

/** What an append answers: the same whether it was the first time or a repeat. */
export type Appended<T> = T & { seq: number; receivedAt: string };

const TEXT_MATCHES = 1e-9;

const isConstraint = (error: unknown): boolean =>
  String((error as { code?: unknown } | null)?.code).startsWith('SQLITE_CONSTRAINT');

/** @throws HttpProblem 422 when the text typed is not the value sent */
function checkText({ text, unit, value, across, subject }: NewReading, dial: () => Dial | undefined): void {
  const check = (field: string, typed: string, mm: number) => {
    const plain = parseLength(typed, unit);
    const read = plain.ok ? plain : parseLength(typed, unit, dial());
    if (!read.ok) throw invalid([{ field: `${field}text`, message: `is not a length: ${read.message}` }]);
    if (Math.abs(read.mm - mm) > TEXT_MATCHES) {
      throw invalid([{ field: `${field}value`, message: `is ${mm} mm, but the text “${typed}” means ${read.mm} mm` }]);
    }
  };
  check('', text, value);
  if (across) check('across.', across.text, across.value);
  if (subject.kind === 'bore-size' && subject.set !== undefined)
    check('subject.set', subject.setText ?? '', subject.set);
}

/** The shop's short lists: its own where it changed one, else those it started with. */
export function holdingsOf(store: Store): Holding[] {
  const own = store.holdings.all();
  return [
    ...DEFAULT_HOLDINGS.map((first) => own.find(({ id }) => id === first.id) ?? first),
    ...own.filter(({ id }) => !DEFAULT_HOLDINGS.some((first) => first.id === id)),
  ];
}

/** What people do to set-ups, each in one transaction; knows the rules, not HTTP routes or SQL. */
export function createLedger(store: Store, now: () => string = () => new Date().toISOString()) {
  const requireSetup = (id: string) => {
    const found = store.setups.get(id);
    if (!found) throw notFound('set-up', id);
    return found;
  };

  /**
   * Stores a row once: a repeat answers the same, other content under the same id is refused.
   * One insert is one transaction; what it hangs on is only looked up when the table itself objects.
   */
  function append<T extends { id: string }>(
    schema: z.ZodType<T>,
    setupId: string,
    row: T,
    table: {
      get(id: string): (T & { setupId: string; seq: number; receivedAt: string }) | undefined;
      insert(setupId: string, row: T, at: string): number;
    },
    explain: () => void,
  ): Appended<T> {
    const receivedAt = now();
    try {
      return { ...row, seq: table.insert(setupId, row, receivedAt), receivedAt };
    } catch (error) {
      if (!isConstraint(error)) throw error;
      const known = table.get(row.id);
      if (!known) {
        requireSetup(setupId);
        explain();
        throw error;
      }
      if (known.setupId !== setupId || !isDeepStrictEqual(schema.parse(known), row)) {
        throw conflict(
          `The id “${row.id}” is already in the ledger with other content. Nothing was changed; send the new content under a new id.`,
        );
      }
      return { ...row, seq: known.seq, receivedAt: known.receivedAt };
    }
  }

  /** The handwheel a reading may have been typed from, as turns and lines. */
  const dialOf = (setupId: string, axis: NewReading['axis']): Dial | undefined =>
    store.machines.get(requireSetup(setupId).machineId)?.axes[axis].dial;

  function checkPlan(plan: Plan): void {
    const wrong: { field: string; message: string }[] = [];
    const need = (field: keyof Plan, found: boolean, what: string) => {
      if (!found) wrong.push({ field, message: `names no ${what} of this shop; add it to the shop first` });
    };
    need('machineId', store.machines.has(plan.machineId), 'machine');
    need('partId', store.parts.has(plan.partId), 'part');
    need('finderId', store.gauges.has(plan.finderId), 'gauge');
    need('heightGaugeId', store.gauges.has(plan.heightGaugeId), 'gauge');
    if (wrong.length > 0) throw invalid(wrong);
  }

  return {
    appendReading: (setupId: string, reading: NewReading): Appended<NewReading> => {
      checkText(reading, () => dialOf(setupId, reading.axis));
      return append(newReading, setupId, reading, store.readings, () => {
        if (!store.gauges.has(reading.gaugeId)) {
          throw invalid([{ field: 'gaugeId', message: 'names no gauge of this shop; add it to the shop first' }]);
        }
      });
    },

    appendStrike: (setupId: string, strike: NewStrike): Appended<NewStrike> => {
      requireSetup(setupId);
      if (store.readings.get(strike.readingId)?.setupId !== setupId) {
        throw invalid([{ field: 'readingId', message: 'names no reading of this set-up' }]);
      }
      return append(newStrike, setupId, strike, store.strikes, () => undefined);
    },

    appendZeroing: (setupId: string, zeroing: NewZeroing): Appended<NewZeroing> =>
      append(newZeroing, setupId, zeroing, store.zeroings, () => undefined),

    appendCheck: (setupId: string, check: NewCheck): Appended<NewCheck> =>
      append(newCheck, setupId, check, store.checks, () => undefined),

    appendSweep: (setupId: string, sweep: NewSweep): Appended<NewSweep> =>
      append(newSweep, setupId, sweep, store.sweeps, () => undefined),

    putAlignment: (setupId: string, alignment: Alignment): Alignment =>
      store.write(() => {
        requireSetup(setupId);
        if ('indicatorId' in alignment && !store.gauges.has(alignment.indicatorId)) {
          throw invalid([{ field: 'indicatorId', message: 'names no gauge of this shop; add it to the shop first' }]);
        }
        store.alignments.put(setupId, alignment);
        store.setups.touch(setupId, now());
        return alignment;
      }),

    putDatumPlan: (setupId: string, plan: DatumPlan): DatumPlan =>
      store.write(() => {
        requireSetup(setupId);
        store.datumPlans.put(setupId, plan);
        store.setups.touch(setupId, now());
        return plan;
      }),

    putCutPlan: (setupId: string, plan: CutPlan): CutPlan =>
      store.write(() => {
        requireSetup(setupId);
        plan.bores.forEach(({ gaugeId }, i) => {
          if (!store.gauges.has(gaugeId))
            throw invalid([
              { field: `bores.${i}.gaugeId`, message: 'names no gauge of this shop; add it to the shop first' },
            ]);
        });
        store.cutPlans.put(setupId, plan);
        store.setups.touch(setupId, now());
        return plan;
      }),

    /** Creates a set-up once; the same again answers the same. */
    createSetup: (setup: NewSetup): NewSetup =>
      store.write(() => {
        const known = store.setups.get(setup.id);
        if (known) {
          if (!isDeepStrictEqual(newSetup.parse(known), setup)) {
            throw conflict(`There is another set-up with the id “${setup.id}”. Nothing was changed.`);
          }
          return setup;
        }
        checkPlan(setup);
        store.setups.insert(setup);
        return setup;
      }),

    changePlan: (setupId: string, plan: Plan) =>
      store.write(() => {
        requireSetup(setupId);
        checkPlan(plan);
        store.setups.update(setupId, plan, now());
        return requireSetup(setupId);
      }),

    putPattern: (setupId: string, pattern: Pattern): Pattern =>
      store.write(() => {
        requireSetup(setupId);
        const owner = store.patterns.owner(pattern.id);
        if (owner !== undefined && owner !== setupId) {
          throw conflict(`The pattern “${pattern.id}” belongs to another set-up. Nothing was changed; use a new id.`);
        }
        store.patterns.put(setupId, pattern);
        store.setups.touch(setupId, now());
        return pattern;
      }),

    snapshot: (setupId: string): Snapshot => {
      const setup = requireSetup(setupId);
      const machine = store.machines.get(setup.machineId);
      const part = store.parts.get(setup.partId);
      if (!machine || !part) throw new Error(`set-up ${setupId} has lost its machine or part`);
      return {
        setup,
        machine,
        part,
        gauges: store.gauges.all(),
        tools: store.tools.all().sort((a, b) => a.number - b.number),
        readings: store.readings.ofSetup(setupId),
        zeroings: store.zeroings.ofSetup(setupId),
        patterns: store.patterns.ofSetup(setupId),
        holdings: holdingsOf(store),
        checks: store.checks.ofSetup(setupId),
        alignments: store.alignments.ofSetup(setupId),
        sweeps: store.sweeps.ofSetup(setupId),
        datumPlan: store.datumPlans.get(setupId),
        cutPlan: store.cutPlans.get(setupId),
        toolTable: store.tables.get(setup.machineId) ?? null,
        repeatability: store.repeatability(),
      };
    },
  };
}

export type Ledger = ReturnType<typeof createLedger>;
