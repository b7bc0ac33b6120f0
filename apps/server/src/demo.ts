import { shopFile } from '@zero-point/core/contract/shopFile';
import type { z } from 'zod';
import { createLedger } from './ledger';
import { DatabaseRefused } from './store/openDatabase';
import type { Store } from './store/store';

/**
 * Fills a new database with a shop given as data, checked and stored by the rules every request goes through.
 *
 * @throws ZodError when the data is not as the contract has it
 */
export function loadShop(store: Store, data: z.input<typeof shopFile>): void {
  const shop = shopFile.parse(data);
  store.write(() => {
    for (const machine of shop.machines) store.machines.put(machine);
    for (const gauge of shop.gauges) store.gauges.put(gauge);
    for (const tool of shop.tools) store.tools.put(tool);
    for (const part of shop.parts) store.parts.put(part);
    for (const {
      setup,
      patterns,
      readings,
      strikes,
      zeroings,
      checks,
      alignments,
      sweeps,
      datumPlan,
      cutPlan,
    } of shop.setups) {
      const ledger = createLedger(store, () => setup.createdAt);
      ledger.createSetup(setup);
      for (const pattern of patterns) ledger.putPattern(setup.id, pattern);
      for (const reading of readings) ledger.appendReading(setup.id, reading);
      for (const strike of strikes) ledger.appendStrike(setup.id, strike);
      for (const zeroing of zeroings) ledger.appendZeroing(setup.id, zeroing);
      for (const check of checks) ledger.appendCheck(setup.id, check);
      for (const alignment of alignments) ledger.putAlignment(setup.id, alignment);
      for (const sweep of sweeps) ledger.appendSweep(setup.id, sweep);
      if (datumPlan) ledger.putDatumPlan(setup.id, datumPlan);
      if (cutPlan) ledger.putCutPlan(setup.id, cutPlan);
    }
  });
}

/**
 * Makes sure a database is the shop asked for: a new one is filled or marked, the other kind refused.
 *
 * @throws DatabaseRefused when the demo is asked for on a person's own shop, or the other way round
 */
export function settleShop(store: Store, demo: z.input<typeof shopFile> | undefined): void {
  const kind = store.kind();
  const wanted = demo ? 'demo' : 'own';
  if (kind !== undefined && kind !== wanted) {
    throw new DatabaseRefused(
      wanted === 'demo'
        ? 'This database is your own shop. The demo is never loaded into it; name another file with DATABASE.'
        : 'This database is the demo shop. Your own shop needs a file of its own; name another with DATABASE.',
    );
  }
  if (kind === wanted) return;
  store.write(() => {
    store.setKind(wanted);
    if (demo) loadShop(store, demo);
  });
}
