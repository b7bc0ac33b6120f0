import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gaugeKinds';
import { samePlaceAlong } from '@zero-point/core/book/samePlaceAlong';
import type { RowEntry } from '@zero-point/core/record/entry';
import type { NewReading } from '@zero-point/core/record/reading';
import type { Repeatability, SetupSummary } from '@zero-point/core/record/snapshot';
import type { Axis } from '@zero-point/core/schema/quantities';
import type { Database } from 'better-sqlite3';
import type { Documents } from './documents';
import type { Entries } from './entries';
import type { Readings } from './readings';
import type { Setups } from './setups';

/** Repeats of one touch at one place: their values, and which of them are struck out. */
interface Repeats {
  gaugeId: string;
  across: { value: number } | undefined;
  values: Map<string, { value: number; struck: boolean }>;
  squares: number;
  n: number;
  /** Readings further than this from the middle of their touch stand apart, mm. */
  apart: number;
}

interface SetupTally {
  readings: number;
  changedAt: string;
  axes: Partial<Record<Axis, { at: string; seq: number; lost: boolean }>>;
}

interface GaugeTally {
  squares: number;
  dof: number;
  readings: number;
}

interface Counted {
  setups: Map<string, SetupTally>;
  gauges: Map<string, GaugeTally>;
  touches: Map<string, Repeats[]>;
  /** Where each reading that repeats something is counted, and which set-up counts it. */
  places: Map<string, { setupId: string; struck: boolean; repeats: Repeats | undefined }>;
  /** Set-ups that are practice, and how far apart is apart with a gauge, as they were looked up. */
  practice: Map<string, boolean>;
  apart: Map<string, number>;
}

interface Tables {
  setups: Setups;
  readings: Readings;
  entries: Entries;
  documents: Documents;
}

/**
 * What is told of many readings at once: how every gauge repeats over the whole log, and the lines of the bench.
 * Counted once after opening and kept up as rows arrive; counted anew where another program wrote into the file.
 */
export function tallies(db: Database, tables: Tables) {
  let counted: Counted | undefined;
  let seen: number | undefined;
  const dataVersion = () => Number(db.pragma('data_version', { simple: true }));

  function ready(): Counted {
    const now = dataVersion();
    if (counted === undefined || seen !== now) counted = count(tables);
    seen = now;
    return counted;
  }

  return {
    /** Takes in a row that was just stored. */
    added: (entry: RowEntry, seq: number): void => {
      if (counted && entry.setupId !== '') take(counted, entry, seq, tables);
    },
    /** What was counted may be wrong: a transaction was taken back, or a set-up changed what it is for. */
    forget: (): void => {
      counted = undefined;
    },
    repeatability: (): Repeatability[] =>
      [...ready().gauges]
        .filter(([, { dof }]) => dof > 0)
        .map(([gaugeId, { squares, dof, readings }]) => ({ gaugeId, sd: Math.sqrt(squares / dof), dof, readings }))
        .sort((a, b) => (a.gaugeId < b.gaugeId ? -1 : 1)),
    changedAt: (setupId: string, savedAt: string): string => latest(ready().setups.get(setupId)?.changedAt, savedAt),
    /** The bench, newest first. */
    summaries: (): SetupSummary[] => {
      const { setups } = ready();
      const names = new Map(
        (['machine', 'part'] as const).flatMap((kind) =>
          tables.documents.all(kind).map(({ key, body }) => [`${kind} ${key}`, body.name] as const),
        ),
      );
      return tables.setups
        .all()
        .flatMap(({ id }) => summary(id, setups.get(id), names, tables))
        .sort((a, b) => (a.changedAt === b.changedAt ? (a.id < b.id ? -1 : 1) : a.changedAt < b.changedAt ? 1 : -1));
    },
  };
}

const latest = (a: string | undefined, b: string): string => (a === undefined || a < b ? b : a);

const isPractice = ({ documents }: Tables, setupId: string): boolean =>
  documents.get('plan', setupId, '')?.body.purpose === 'practice';

function summary(
  id: string,
  tally: SetupTally | undefined,
  names: ReadonlyMap<string, string>,
  { documents }: Tables,
): SetupSummary[] {
  const plan = documents.get('plan', id, '');
  if (!plan) return [];
  const { name, machineId, partId, purpose } = plan.body;
  const axes = (['x', 'y', 'z'] as const).filter((axis) => tally?.axes[axis]?.lost === false);
  return [
    {
      id,
      name,
      purpose,
      machine: names.get(`machine ${machineId}`) ?? '',
      part: names.get(`part ${partId}`) ?? '',
      changedAt: latest(tally?.changedAt, plan.savedAt),
      readings: tally?.readings ?? 0,
      set: axes,
      patterns: documents.count('pattern', id),
    },
  ];
}

/** How far from its fellows a reading with a gauge stands apart: four times the default scatter of its kind, mm. */
const apartOf = ({ documents }: Tables, gaugeId: string): number =>
  4 * defaultU(documents.get('gauge', '', gaugeId)?.body.kind);

const defaultU = (kind: GaugeKind | undefined): number => (kind ? GAUGE_FACTS[kind].defaultU : Infinity);

function median(values: readonly number[]): number {
  const sorted = Float64Array.from(values).sort();
  const n = sorted.length;
  return ((sorted[Math.floor(n / 2)] ?? NaN) + (sorted[Math.floor((n - 1) / 2)] ?? NaN)) / 2;
}

function remembered<T>(known: Map<string, T>, key: string, look: () => T): T {
  const found = known.get(key) ?? look();
  known.set(key, found);
  return found;
}

function count(tables: Tables): Counted {
  const counted: Counted = {
    setups: new Map(),
    gauges: new Map(),
    touches: new Map(),
    places: new Map(),
    practice: new Map(),
    apart: new Map(),
  };
  for (const { seq, setupId, body } of tables.readings.each())
    take(counted, { kind: 'reading', setupId, body }, seq, tables);
  for (const { id } of tables.setups.all()) {
    for (const { seq, kind, body } of tables.entries.ofSetup(id))
      take(counted, { kind, setupId: id, body } as RowEntry, seq, tables);
  }
  return counted;
}

function take(counted: Counted, entry: RowEntry, seq: number, tables: Tables): void {
  const { setupId } = entry;
  const setup = counted.setups.get(setupId) ?? { readings: 0, changedAt: '', axes: {} };
  counted.setups.set(setupId, setup);
  switch (entry.kind) {
    case 'reading': {
      const { body } = entry;
      setup.readings += 1;
      setup.changedAt = latest(setup.changedAt, body.takenAt);
      const practice = remembered(counted.practice, setupId, () => isPractice(tables, setupId));
      const apart = remembered(counted.apart, body.gaugeId, () => apartOf(tables, body.gaugeId));
      const repeats = practice ? undefined : repeatsOf(counted, setupId, body, apart);
      counted.places.set(body.id, { setupId, struck: false, repeats });
      if (repeats) change(counted, repeats, body.id, { value: body.value, struck: false });
      return;
    }
    case 'strike': {
      const { readingId, action, at } = entry.body;
      const place = counted.places.get(readingId);
      const struck = action === 'strike';
      setup.changedAt = latest(setup.changedAt, at);
      if (!place || place.struck === struck) return;
      place.struck = struck;
      setup.readings += struck ? -1 : 1;
      const known = place.repeats?.values.get(readingId);
      if (place.repeats && known) change(counted, place.repeats, readingId, { ...known, struck });
      return;
    }
    case 'zeroing': {
      const { axis, at, form } = entry.body;
      const last = setup.axes[axis];
      setup.changedAt = latest(setup.changedAt, at);
      if (!last || last.at < at || (last.at === at && last.seq < seq))
        setup.axes[axis] = { at, seq, lost: form === 'lost' };
      return;
    }
    case 'check':
    case 'sweep':
      setup.changedAt = latest(setup.changedAt, entry.body.at);
      return;
    case 'calibration':
      return;
  }
}

/** The repeats a reading belongs to: of one thing on one zero of the scale with one contact at one place. */
function repeatsOf({ touches }: Counted, setupId: string, reading: NewReading, apart: number): Repeats | undefined {
  if (reading.on === 'gauge' || reading.source.by === 'practice') return undefined;
  const touch =
    reading.on === 'scale'
      ? [reading.axis, reading.approach, reading.place, reading.epoch, reading.feeler, reading.tool, reading.cutterId]
      : [];
  const key = JSON.stringify([setupId, reading.subject, reading.gaugeId, reading.source.by === 'control', ...touch]);
  const across = reading.on === 'scale' ? reading.across : undefined;
  const places = touches.get(key) ?? [];
  touches.set(key, places);
  const known = places.find((one) => samePlaceAlong(one.across, across));
  if (known) return known;
  const repeats: Repeats = { gaugeId: reading.gaugeId, across, values: new Map(), squares: 0, n: 0, apart };
  places.push(repeats);
  return repeats;
}

/** Puts one value of some repeats, and what their gauge gains or loses by it. */
function change({ gauges }: Counted, repeats: Repeats, id: string, value: { value: number; struck: boolean }): void {
  const before = { squares: repeats.squares, n: repeats.n };
  repeats.values.set(id, value);
  const all = [...repeats.values.values()].flatMap((one) => (one.struck ? [] : one.value));
  // One that stands apart says nothing of the gauge until somebody has looked at it.
  const live = all.filter((_, i, values) => Math.abs((values[i] ?? 0) - median(values)) <= repeats.apart);
  const mean = live.reduce((sum, one) => sum + one, 0) / live.length;
  repeats.n = live.length;
  repeats.squares = live.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  const gauge = gauges.get(repeats.gaugeId) ?? { squares: 0, dof: 0, readings: 0 };
  const counts = (n: number) => (n > 1 ? n : 0);
  gauge.squares += (repeats.n > 1 ? repeats.squares : 0) - (before.n > 1 ? before.squares : 0);
  gauge.dof += Math.max(0, repeats.n - 1) - Math.max(0, before.n - 1);
  gauge.readings += counts(repeats.n) - counts(before.n);
  gauges.set(repeats.gaugeId, gauge);
}
