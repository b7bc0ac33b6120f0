import type { Alignment } from '../contract/alignment';
import type { CutPlan } from '../contract/cutPlan';
import type { DatumPlan } from '../contract/datumPlan';
import type { NewCheck, NewReading, NewStrike, NewSweep, NewZeroing } from '../contract/ledger';
import type { KeptTable } from '../contract/toolTable';
import type { Holding } from '../contract/holding';
import type { Gauge, Machine, Part, Tool } from '../contract/shop';
import type { Pattern, Plan, Snapshot } from '../contract/setup';

/** A thing of the shop, put whole; it belongs to no set-up. */
export type ShopEntry = { kind: 'shop'; setupId: '' } & (
  | { collection: 'machines'; body: Machine }
  | { collection: 'gauges'; body: Gauge }
  | { collection: 'tools'; body: Tool }
  | { collection: 'parts'; body: Part }
  | { collection: 'tables'; body: KeptTable }
  | { collection: 'holdings'; body: Holding }
);

/** Something a person did to a set-up that must reach the ledger exactly once. */
export type Entry =
  | { kind: 'reading'; setupId: string; body: NewReading }
  | { kind: 'strike'; setupId: string; body: NewStrike }
  | { kind: 'zeroing'; setupId: string; body: NewZeroing }
  | { kind: 'pattern'; setupId: string; body: Pattern }
  | { kind: 'plan'; setupId: string; body: Plan }
  | { kind: 'check'; setupId: string; body: NewCheck }
  | { kind: 'alignment'; setupId: string; body: Alignment }
  | { kind: 'datum'; setupId: string; body: DatumPlan }
  | { kind: 'cut'; setupId: string; body: CutPlan }
  | { kind: 'sweep'; setupId: string; body: NewSweep }
  | ShopEntry;

/**
 * The set-up as it will be once the server has these entries. Entries the snapshot already holds
 * change nothing, so it does not matter whether an answer was lost on the way back.
 */
export function withEntries(snapshot: Snapshot, entries: readonly Entry[]): Snapshot {
  return entries
    .filter(({ kind, setupId }) => kind === 'shop' || setupId === snapshot.setup.id)
    .reduce(withEntry, snapshot);
}

function withEntry(snapshot: Snapshot, entry: Entry): Snapshot {
  switch (entry.kind) {
    case 'reading': {
      if (snapshot.readings.some(({ id }) => id === entry.body.id)) return snapshot;
      const reading = { ...entry.body, ...unsent(entry.body.takenAt), struckBy: null, struckReason: null };
      return { ...snapshot, readings: [...snapshot.readings, reading] };
    }
    case 'strike': {
      const { readingId, action, id, reason } = entry.body;
      const struckBy = action === 'strike' ? id : null;
      const struckReason = action === 'strike' ? reason : null;
      return {
        ...snapshot,
        readings: snapshot.readings.map((reading) =>
          reading.id === readingId ? { ...reading, struckBy, struckReason } : reading,
        ),
      };
    }
    case 'zeroing':
      return { ...snapshot, zeroings: added(snapshot.zeroings, { ...entry.body, ...unsent(entry.body.at) }) };
    case 'check':
      return { ...snapshot, checks: added(snapshot.checks, { ...entry.body, ...unsent(entry.body.at) }) };
    case 'sweep':
      return { ...snapshot, sweeps: added(snapshot.sweeps, { ...entry.body, ...unsent(entry.body.at) }) };
    case 'alignment':
      return {
        ...snapshot,
        alignments: [...snapshot.alignments.filter(({ task }) => task !== entry.body.task), entry.body],
      };
    case 'datum':
      return { ...snapshot, datumPlan: entry.body };
    case 'cut':
      return { ...snapshot, cutPlan: entry.body };
    case 'pattern': {
      const known = snapshot.patterns.some(({ id }) => id === entry.body.id);
      const patterns = known
        ? snapshot.patterns.map((pattern) => (pattern.id === entry.body.id ? entry.body : pattern))
        : [...snapshot.patterns, entry.body];
      return { ...snapshot, patterns };
    }
    case 'shop':
      return withThing(snapshot, entry);
    case 'plan':
      return { ...snapshot, setup: { ...snapshot.setup, ...entry.body } };
  }
}

/** A thing of the shop in place of the one this set-up has of it. */
function withThing(snapshot: Snapshot, entry: ShopEntry): Snapshot {
  const put = <T extends { id: string }>(all: readonly T[], thing: T): T[] =>
    all.some(({ id }) => id === thing.id) ? all.map((one) => (one.id === thing.id ? thing : one)) : [...all, thing];
  switch (entry.collection) {
    case 'machines':
      return snapshot.machine.id === entry.body.id ? { ...snapshot, machine: entry.body } : snapshot;
    case 'parts':
      return snapshot.part.id === entry.body.id ? { ...snapshot, part: entry.body } : snapshot;
    case 'gauges':
      return { ...snapshot, gauges: put(snapshot.gauges, entry.body) };
    case 'tools':
      return { ...snapshot, tools: put(snapshot.tools, entry.body).sort((a, b) => a.number - b.number) };
    case 'tables':
      return snapshot.machine.id === entry.body.id ? { ...snapshot, toolTable: entry.body } : snapshot;
    case 'holdings':
      return { ...snapshot, holdings: put(snapshot.holdings, entry.body) };
  }
}

const added = <T extends { id: string }>(rows: readonly T[], row: T): T[] =>
  rows.some(({ id }) => id === row.id) ? [...rows] : [...rows, row];

/** Place in the ledger of what the server has not numbered yet: behind everything it has. */
const unsent = (at: string) => ({ seq: Number.MAX_SAFE_INTEGER, receivedAt: at });
