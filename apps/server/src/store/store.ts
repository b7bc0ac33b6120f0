import type { KeptTable } from '@zero-point/core/contract/toolTable';
import type { CutPlan } from '@zero-point/core/contract/cutPlan';
import type { DatumPlan } from '@zero-point/core/contract/datumPlan';
import { EMPTY_DATUM_PLAN } from '@zero-point/core/datum/datumPlan';
import { EMPTY_CUT_PLAN } from '@zero-point/core/positions/cutPlan';
import type { Holding } from '@zero-point/core/contract/holding';
import type { Gauge, Machine, Part, Tool } from '@zero-point/core/contract/shop';
import type { Database } from 'better-sqlite3';
import { alignments } from './alignments';
import { checks } from './checks';
import { documents } from './documents';
import { patterns } from './patterns';
import { plans } from './plans';
import { readings } from './readings';
import { repeatability } from './repeatability';
import { setups } from './setups';
import { strikes } from './strikes';
import { sweeps } from './sweeps';
import { zeroings } from './zeroings';

/** Every table's queries, and the one way to write: a transaction. */
export function createStore(db: Database) {
  const kind = db.prepare<[], 'demo' | 'own'>('SELECT kind FROM shop').pluck();
  const transact = db.transaction((work: () => unknown) => work());
  const setKind = db.prepare('INSERT INTO shop (kind) VALUES (?)');
  return {
    machines: documents<Machine>(db, 'machines'),
    gauges: documents<Gauge>(db, 'gauges'),
    tools: documents<Tool>(db, 'tools'),
    parts: documents<Part>(db, 'parts'),
    holdings: documents<Holding>(db, 'holdings'),
    tables: documents<KeptTable>(db, 'tables'),
    setups: setups(db),
    readings: readings(db),
    strikes: strikes(db),
    zeroings: zeroings(db),
    patterns: patterns(db),
    checks: checks(db),
    alignments: alignments(db),
    sweeps: sweeps(db),
    datumPlans: plans<DatumPlan>(db, 'datum_plans', EMPTY_DATUM_PLAN),
    cutPlans: plans<CutPlan>(db, 'cut_plans', EMPTY_CUT_PLAN),
    repeatability: repeatability(db),
    /** What this database holds; undefined while it is new. */
    kind: (): 'demo' | 'own' | undefined => kind.get(),
    setKind: (value: 'demo' | 'own') => setKind.run(value),
    /** Runs `work` in one transaction that either stores all of it or nothing. */
    write: <T>(work: () => T): T => transact.immediate(work) as T,
    close: () => db.close(),
  };
}

export type Store = ReturnType<typeof createStore>;
