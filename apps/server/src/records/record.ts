import { sameBody } from './sameBody';
import { FIRST_VERSION, NO_VERSION } from '@zero-point/core/records/kinds/kind';
import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  KINDS,
  ROW_KINDS,
  type BodyOf,
  type DocumentName,
  type KindName,
  type RowName,
} from '@zero-point/core/records/kinds/kinds';
import type { KeptEntry, RowEntry } from '@zero-point/core/records/kinds/entry';
import { documentKey, type Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import type { NewSetup, Setup } from '@zero-point/core/records/setup/plan';
import { plan as planSchema } from '@zero-point/core/records/setup/plan.schema';
import { guardRow } from './referenceChecks';
import { conflict, invalid, notFound, superseded, unavailable } from '../http/problem';
import { workholdingLists } from './workholdingLists';
import { leftOut } from '../store/databaseFault';
import type { BodyRow } from '../store/entries';
import type { DeviceTurn } from '../store/deviceLines';
import { columnsOf } from '../store/readings';
import type { Store } from '../store/store';

/** What an append answers: the same whether it was the first time or a repeat. */
export type Appended<T> = T & { seq: number; receivedAt: string };

/** A save as it is sent. */
export interface Saved<K extends DocumentName> {
  version: string;
  began: string;
  body: BodyOf<K>;
}

/** What is new in a setup's record behind a place in it. */
export interface News {
  entries: KeptEntry[];
  seq: number;
  repeatability: Snapshot['repeatability'];
}

const isConstraint = (error: unknown): boolean =>
  String((error as { code?: unknown } | null)?.code).startsWith('SQLITE_CONSTRAINT');

/** Something new under a number that was settled before: it has come out of its order. */
const settledBefore = (): Error => conflict('Another entry of this device came under this number. Nothing was stored.');

/** A setup's own record of more characters than this is long. */
const LONG = 100_000;

/** Told whenever something was stored: whose it is; the empty text for the shop. */
export type Heard = (setupId: string) => void;

/** What people do to the record, each in one transaction; knows the rules, not HTTP routes or SQL. */
export function createRecord(store: Store, now: () => string = () => new Date().toISOString()) {
  const listeners = new Set<Heard>();
  const tell = (setupId: string) => listeners.forEach((heard) => heard(setupId));

  function requireOwner(setupId: string): void {
    if (setupId !== '' && !store.setups.get(setupId)) throw notFound('setup', setupId);
  }

  /** @throws HttpProblem 422 when a body names what the shop has not */
  function checkNames<K extends KindName>(name: K, body: BodyOf<K>): void {
    const kind = KINDS[name] as { names?: (body: unknown) => { kind: string; id: string; field: string }[] };
    const missing = (kind.names?.(body) ?? []).filter(
      (named) => named.kind !== 'reading' && !store.documents.has(named.kind as DocumentName, '', named.id),
    );
    if (missing.length > 0) {
      throw invalid(
        missing.map((named) => ({
          field: named.field,
          message: `names no ${named.kind} of this shop; add it to the shop first`,
        })),
      );
    }
  }

  /** A row under this id, where there is one. */
  function known(
    name: RowName,
    id: string,
  ): { seq: number; setupId: string; receivedAt: string; body: unknown } | undefined {
    if (name === 'reading') return store.readings.get(id);
    const row = store.entries.get(id);
    return row?.kind === name ? row : undefined;
  }

  /**
   * Stores a row once: a repeat answers the same, other content under the same id is refused. It is inserted first, and
   * what stands under its id is only looked up where the table itself objects: most rows are new.
   */
  function append<K extends RowName>(
    kind: K,
    setupId: string,
    body: BodyOf<K>,
    turn?: DeviceTurn,
  ): Appended<BodyOf<K>> {
    const entry = { kind, setupId, body } as unknown as RowEntry;
    const { fresh, seq, receivedAt } = store.write(() => {
      // A reading asks for nothing more than the table does: it is sent most.
      if (kind !== 'reading') requireOwner(setupId);
      checkNames(kind, body);
      guardRow(store, entry);
      if (turn) store.lines.settle(turn);
      const at = now();
      try {
        const seq = insert(entry, at, turn?.line);
        if (turn?.repeat) throw settledBefore();
        return { fresh: true, seq, receivedAt: at };
      } catch (error) {
        if (!isConstraint(error)) throw error;
        return { fresh: false, ...repeated(entry) };
      }
    });
    if (fresh) {
      store.tallies.added(entry, seq);
      tell(setupId);
    }
    return { ...entry.body, seq, receivedAt } as unknown as Appended<BodyOf<K>>;
  }

  /** The row that stands where another could not be stored, if it says the same. @throws HttpProblem 404 or 409 */
  function repeated({ kind, setupId, body }: RowEntry): { seq: number; receivedAt: string } {
    const before = known(kind, body.id);
    if (before?.setupId === setupId && sameBody(before.body, body)) return before;
    requireOwner(setupId);
    throw conflict(
      !before && kind === 'zeroing' && body.opens !== undefined
        ? 'This zero was opened by another setting already. Nothing was changed; set the axis again.'
        : `The id “${body.id}” is already in the log with other content. Nothing was changed; send the new content under a new id.`,
    );
  }

  const insert = (entry: RowEntry, receivedAt: string, line?: string): number =>
    entry.kind === 'reading'
      ? store.readings.insert(columnsOf(entry.setupId, entry.body), receivedAt, line)
      : store.entries.insert(
          entry.kind,
          entry.setupId,
          entry.body as BodyOf<BodyRow> & { id: string },
          receivedAt,
          line,
        );

  /** Makes the setup that a plan is saved for, where there is none: it was started while this server was away. */
  function startBy(kind: DocumentName, setupId: string, began: string): void {
    if (kind === 'plan' && began === NO_VERSION && !store.setups.get(setupId))
      store.setups.insert({ id: setupId, createdAt: now() });
  }

  /** Saves a document whole, where it began from the version that stands. */
  function save<K extends DocumentName>(
    kind: K,
    setupId: string,
    key: string,
    saved: Saved<K>,
    turn?: DeviceTurn,
  ): Saved<K> {
    store.write(() => {
      startBy(kind, setupId, saved.began);
      requireOwner(setupId);
      if (turn) store.lines.settle(turn);
      const current = store.documents.get(kind, setupId, key);
      if (current?.version === saved.version) {
        if (sameBody(current.body, saved.body)) return;
        throw conflict(
          `The version “${saved.version}” was saved with other content. Save the new content under a new version.`,
        );
      }
      const stands = current?.version ?? (kind === 'plan' ? NO_VERSION : FIRST_VERSION);
      // Started by the one way and, its answer lost, by the other: one start.
      const startedTwice =
        saved.began === NO_VERSION && stands === FIRST_VERSION && sameBody(current?.body, saved.body);
      if (stands !== saved.began && !startedTwice) {
        throw superseded(DOCUMENT_KINDS[kind].title, {
          version: stands,
          body: current?.body ?? DOCUMENT_KINDS[kind].empty ?? null,
        });
      }
      checkNames(kind, saved.body);
      if (turn?.repeat) throw settledBefore();
      store.documents.put(kind, setupId, key, saved, now(), turn?.line);
      // What a setup is for, and of what kind a gauge is, decides what counts.
      if (kind === 'plan' || kind === 'gauge') store.tallies.forget();
    });
    tell(setupId);
    return saved;
  }

  /** Creates a setup once; the same again answers the same. */
  function createSetup(setup: NewSetup): NewSetup {
    store.write(() => {
      const { id, createdAt, ...plan } = setup;
      const there = store.setups.get(id);
      if (there) {
        const stands = store.documents.get('plan', id, '');
        if (there.createdAt !== createdAt || !sameBody(stands?.body, plan))
          throw conflict(`There is another setup with the id “${id}”. Nothing was changed.`);
        return;
      }
      checkNames('plan', plan);
      store.setups.insert({ id, createdAt });
      store.documents.put('plan', id, '', { version: FIRST_VERSION, body: planSchema.parse(plan) }, createdAt);
    });
    tell(setup.id);
    return setup;
  }

  /** @throws HttpProblem 404 */
  function setupOf(id: string): Setup {
    const there = store.setups.get(id);
    const plan = store.documents.get('plan', id, '');
    if (there && !plan) requireSound('plan', id, '');
    if (!there || !plan) throw notFound('setup', id);
    return { ...plan.body, ...there, changedAt: store.tallies.changedAt(id, plan.savedAt) };
  }

  /** @throws HttpProblem 503 where what a setup stands on is left out, since something else changed it */
  function requireSound(kind: DocumentName, setupId: string, key: string): void {
    if (store.unsound.some((row) => row.kind === kind && row.setupId === setupId && row.id === key))
      throw unavailable(leftOut(`${DOCUMENT_KINDS[kind].title}${key === '' ? '' : ` “${key}”`}`));
  }

  /** Everything of a setup but its readings. */
  function documentsOf(setupId: string): Omit<Snapshot, 'readings'> {
    const setup = setupOf(setupId);
    requireSound('machine', '', setup.machineId);
    requireSound('part', '', setup.partId);
    const versions: Record<string, string> = {};
    const fields: Record<string, unknown> = {};
    for (const name of DOCUMENT_NAMES) {
      if (name === 'plan') continue;
      const { of, shows, field, empty } = DOCUMENT_KINDS[name];
      const owner = of === 'setup' ? setupId : '';
      const own = shows === 'of-machine' ? setup.machineId : shows === 'of-part' ? setup.partId : '';
      const all = shows === 'all' ? store.documents.all(name, owner) : [store.documents.get(name, owner, own)];
      if (all.length === 1 && all[0] === undefined) requireSound(name, owner, own);
      for (const one of all) if (one) versions[documentKey(name, one.key)] = one.version;
      fields[field] = shows === 'all' ? all.flatMap((one) => one?.body ?? []) : (all[0]?.body ?? empty);
    }
    versions.plan = store.documents.version('plan', setupId, '');
    for (const { field } of Object.values(ROW_KINDS)) fields[field] = [];
    for (const { kind, seq, receivedAt, body } of [...store.entries.ofShop(), ...store.entries.ofSetup(setupId)]) {
      const { field } = ROW_KINDS[kind];
      (fields[field] as unknown[]).push({ ...(body as object), seq, receivedAt });
    }
    fields.holdings = workholdingLists(fields.holdings as Snapshot['holdings']);
    const { strikes: _, readings: _none, reckonings: _apart, ...rest } = fields;
    return {
      ...(rest as unknown as Omit<Snapshot, 'readings' | 'setup' | 'versions' | 'seq' | 'repeatability'>),
      setup,
      versions,
      seq: store.lastSeq(),
      repeatability: store.tallies.repeatability(),
    };
  }

  return {
    append,
    save,
    createSetup,
    setupOf,
    /** Whether a setup holds so much that it takes long to work anything out of it. */
    isLong: (setupId: string): boolean => store.weight(setupId) > LONG,
    /** A setup whole, as JSON: many readings are put together without being taken apart first. */
    snapshotText: (setupId: string): string =>
      store.read(() => {
        const rest = JSON.stringify(documentsOf(setupId));
        return `${rest.slice(0, -1)},"readings":${store.readings.textOfSetup(setupId)}}`;
      }),
    /** What came behind a place in the record: of the setup, and of the shop. */
    since: (setupId: string, seq: number): News =>
      store.read(() => {
        requireOwner(setupId);
        const rows = [...store.entries.ofShop(seq), ...store.entries.ofSetup(setupId, seq)];
        const saved = [...store.documents.since('', seq), ...store.documents.since(setupId, seq)];
        const entries = [
          ...store.readings.ofSetup(setupId, seq).map((row) => ({ ...row, kind: 'reading' as const })),
          ...rows,
          ...saved.map(({ savedAt, key: _, ...one }) => ({ ...one, began: one.version, receivedAt: savedAt })),
        ] as KeptEntry[];
        entries.sort((a, b) => a.seq - b.seq);
        return { entries, seq: store.lastSeq(), repeatability: store.tallies.repeatability() };
      }),
    /** Says that something was stored, where another process stored it. */
    tell,
    /** Calls `heard` whenever something is stored; gives back how to stop it. */
    listen: (heard: Heard): (() => void) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
  };
}

export type ShopRecord = ReturnType<typeof createRecord>;
