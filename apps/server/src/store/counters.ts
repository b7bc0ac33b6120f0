import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { sameTouchPoint } from '@zero-point/core/state/basis/sameTouchPoint';
import type { RowEntry } from '@zero-point/core/records/kinds/entry';
import { loggedAt } from '@zero-point/core/records/kinds/merge';
import type { Repeatability, SetupSummary } from '@zero-point/core/records/snapshots/snapshot';
import type { Axis } from '@zero-point/core/schema/quantities';
import type { Database } from 'better-sqlite3';
import { median, sumNthPowerDeviations } from 'simple-statistics';
import type { Documents } from './documents';
import type { Entries } from './entries';
import { columnsOf, type ReadingColumns, type Readings } from './readings';
import type { Setups } from './setups';

/** Repeats of one touch at one place: their values, and which of them are struck out. */
interface Repeats {
  gaugeId: string;
  across: { value: number } | undefined;
  values: Map<string, { value: number; struck: boolean }>;
  /** As they were last added up: squares about their mean, and how many. */
  squares: number;
  n: number;
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
  /** Where each reading that repeats something is counted, and which setup counts it. */
  places: Map<string, { setupId: string; struck: boolean; repeats: Repeats | undefined }>;
  /** Setups that are practice, and how far apart is apart with a gauge, as they were looked up. */
  practice: Map<string, boolean>;
  apart: Map<string, number>;
  /** Repeats that changed since they were added up. */
  changed: Set<Repeats>;
}

interface Tables {
  setups: Setups;
  readings: Readings;
  entries: Entries;
  documents: Documents;
}

/**
 * What is told of many readings at once: how every gauge repeats over the whole log, and the lines of the bench.
 * Counted once after opening and kept up as rows arrive; counted again where another program wrote into the file.
 */
export function counters(db: Database, tables: Tables) {
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
    /** Takes in a setup that another process stored whole; nothing else was written meanwhile. */
    imported: (setupId: string): void => {
      if (!counted) return;
      countSetup(counted, setupId, tables);
      seen = dataVersion();
    },
    /** What was counted may be wrong: a transaction was taken back, or a setup changed what it is for. */
    forget: (): void => {
      counted = undefined;
    },
    repeatability: (): Repeatability[] =>
      [...addedUp(ready(), tables)]
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
  4 * ownScatter(documents.get('gauge', '', gaugeId)?.body.kind);

const ownScatter = (kind: GaugeKind | undefined): number => (kind ? GAUGE_FACTS[kind].uTouch : Infinity);

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
    changed: new Set(),
  };
  for (const columns of tables.readings.each()) takeReading(counted, columns, tables);
  for (const { id } of tables.setups.all()) countEntries(counted, id, tables);
  return counted;
}

function countSetup(counted: Counted, setupId: string, tables: Tables): void {
  for (const { body } of tables.readings.ofSetup(setupId)) takeReading(counted, columnsOf(setupId, body), tables);
  countEntries(counted, setupId, tables);
}

function countEntries(counted: Counted, setupId: string, tables: Tables): void {
  for (const { seq, kind, body } of tables.entries.ofSetup(setupId))
    take(counted, { kind, setupId, body } as RowEntry, seq, tables);
}

const tallyOf = ({ setups }: Counted, setupId: string): SetupTally => {
  const tally = setups.get(setupId) ?? { readings: 0, changedAt: '', axes: {} };
  setups.set(setupId, tally);
  return tally;
};

function takeReading(counted: Counted, columns: ReadingColumns, tables: Tables): void {
  const { id, setup_id: setupId, value, taken_at: takenAt } = columns;
  const setup = tallyOf(counted, setupId);
  setup.readings += 1;
  setup.changedAt = latest(setup.changedAt, takenAt);
  const practice = remembered(counted.practice, setupId, () => isPractice(tables, setupId));
  const repeats = practice ? undefined : repeatsOf(counted, columns);
  counted.places.set(id, { setupId, struck: false, repeats });
  if (!repeats) return;
  repeats.values.set(id, { value, struck: false });
  counted.changed.add(repeats);
}

function take(counted: Counted, entry: RowEntry, seq: number, tables: Tables): void {
  const { setupId } = entry;
  const setup = tallyOf(counted, setupId);
  setup.changedAt = latest(setup.changedAt, loggedAt(entry));
  switch (entry.kind) {
    case 'reading':
      takeReading(counted, columnsOf(setupId, entry.body), tables);
      return;
    case 'strike': {
      const { readingId, action } = entry.body;
      const place = counted.places.get(readingId);
      const struck = action === 'strike';
      if (!place || place.struck === struck) return;
      place.struck = struck;
      setup.readings += struck ? -1 : 1;
      const known = place.repeats?.values.get(readingId);
      if (!place.repeats || !known) return;
      place.repeats.values.set(readingId, { ...known, struck });
      counted.changed.add(place.repeats);
      return;
    }
    case 'zeroing': {
      const { axis, at, form } = entry.body;
      const last = setup.axes[axis];
      if (!last || last.at < at || (last.at === at && last.seq < seq))
        setup.axes[axis] = { at, seq, lost: form === 'lost' };
      return;
    }
    case 'check':
    case 'sweep':
    case 'readBack':
    case 'interruption':
    case 'programCheck':
    case 'measurement':
    case 'firstPart':
    case 'calibration':
    case 'reckoning':
      return;
  }
}

/** The repeats a reading belongs to: of one thing on one zero of the scale with one contact at one place. */
function repeatsOf({ touches }: Counted, columns: ReadingColumns): Repeats | undefined {
  const by = (JSON.parse(columns.source) as { by: string }).by;
  // A bore grows from size to size, and practice says nothing of a gauge.
  if (columns.on_what === 'gauge' || by === 'practice') return undefined;
  const { setup_id, subject, gauge_id, axis, approach, scale, work_offset, rotary, epoch, feeler, tool, cutter_id } =
    columns;
  const touch = [axis, approach, scale, work_offset, rotary, epoch, feeler, tool, cutter_id];
  const key = [setup_id, subject, gauge_id, by === 'control', ...touch].join('\n');
  const across = columns.across === null ? undefined : (JSON.parse(columns.across) as { value: number });
  const places = touches.get(key) ?? [];
  touches.set(key, places);
  const known = places.find((one) => sameTouchPoint(one.across, across));
  if (known) return known;
  const repeats: Repeats = { gaugeId: gauge_id, across, values: new Map(), squares: 0, n: 0 };
  places.push(repeats);
  return repeats;
}

/** What each gauge repeats to, once the touches that changed are added up again. */
function addedUp(counted: Counted, tables: Tables): Map<string, GaugeTally> {
  for (const repeats of counted.changed) {
    const { gaugeId } = repeats;
    const apart = remembered(counted.apart, gaugeId, () => apartOf(tables, gaugeId));
    const gauge = counted.gauges.get(gaugeId) ?? { squares: 0, dof: 0, readings: 0 };
    counted.gauges.set(gaugeId, gauge);
    tally(gauge, repeats, -1);
    Object.assign(repeats, scatterOf(repeats, apart));
    tally(gauge, repeats, 1);
  }
  counted.changed.clear();
  return counted.gauges;
}

/** Adds what some repeats say to their gauge, or takes it off again; one reading alone says nothing. */
function tally(gauge: GaugeTally, { squares, n }: Repeats, sign: 1 | -1): void {
  if (n < 2) return;
  gauge.squares += sign * squares;
  gauge.dof += sign * (n - 1);
  gauge.readings += sign * n;
}

/** Squares about the mean, of those not struck out; one that stands apart says nothing until somebody has looked at it. */
function scatterOf({ values }: Repeats, apart: number): { squares: number; n: number } {
  const all = [...values.values()].flatMap((one) => (one.struck ? [] : one.value));
  if (all.length < 2) return { n: all.length, squares: 0 };
  const middle = median(all);
  const live = all.filter((value) => Math.abs(value - middle) <= apart);
  // Two far from each other are both far from their middle.
  return { n: live.length, squares: live.length < 2 ? 0 : sumNthPowerDeviations(live, 2) };
}
