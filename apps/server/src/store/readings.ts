import type { NewReading } from '@zero-point/core/records/log/reading';
import { newReading } from '@zero-point/core/records/log/reading.schema';
import type { Database } from 'better-sqlite3';
import { NEXT_SEQ } from './nextSeq';
import type { RowSums, SummedTable } from './soundness/rowSums';
import { SOUND } from './soundness/setAside';

/** A reading as columns: what it is, and what of it decides which touch it repeats. */
export interface ReadingColumns {
  id: string;
  setup_id: string;
  on_what: NewReading['on'];
  subject: string;
  gauge_id: string;
  value: number;
  source: string;
  ticked: string;
  taken_at: string;
  axis: string | null;
  approach: number | null;
  scale: string | null;
  work_offset: string | null;
  rotary: string | null;
  epoch: string | null;
  feeler: number | null;
  across: string | null;
  tool: number | null;
  cutter_id: string | null;
}

const text = JSON.stringify;

/** A part of a JSON object in SQL, there only where its column holds something. */
const given = (name: string, column: string, json = `json_quote(${column})`): string =>
  `iif(${column} IS NULL, '', ',"${name}":' || ${json})`;

/**
 * A row as the JSON of the reading it was, without its closing brace. Put together where the columns are, so that many
 * readings are neither taken apart nor made into objects only to be printed again.
 */
const BODY = `'{"on":' || json_quote(on_what) || ',"subject":' || subject || ',"id":' || json_quote(r.id)
  || ',"gaugeId":' || json_quote(gauge_id) || ',"value":' || json_quote(value) || ',"source":' || source
  || ',"ticked":' || ticked || ',"takenAt":' || json_quote(taken_at)
  || iif(on_what <> 'scale', '',
         ',"axis":' || json_quote(axis) || ',"approach":' || approach
         || ',"place":{"scale":' || json_quote(scale) || ${given('workOffset', 'work_offset')} || ${given('index', 'rotary', 'rotary')}
         || '},"epoch":' || json_quote(epoch) || ',"feeler":' || json_quote(feeler)
         || ${given('across', 'across', 'across')} || ${given('tool', 'tool')} || ${given('cutterId', 'cutter_id')})`;

/** A reading in the log with the setup it belongs to. */
export interface StoredReading {
  seq: number;
  setupId: string;
  receivedAt: string;
  body: NewReading;
}

interface Row {
  seq: number;
  setupId: string;
  receivedAt: string;
  body: string;
}

const toReading = ({ body, ...row }: Row): StoredReading => ({ ...row, body: newReading.parse(JSON.parse(body)) });

const ROW = `SELECT seq, setup_id AS setupId, received_at AS receivedAt, ${BODY} || '}' AS body FROM readings r`;

const COLUMNS = [
  'id',
  'setup_id',
  'on_what',
  'subject',
  'gauge_id',
  'value',
  'source',
  'ticked',
  'taken_at',
  'axis',
  'approach',
  'scale',
  'work_offset',
  'rotary',
  'epoch',
  'feeler',
  'across',
  'tool',
  'cutter_id',
] as const satisfies readonly (keyof ReadingColumns)[];

const SUMMED = ['setup_id', 'id', ...COLUMNS.filter((column) => column !== 'id' && column !== 'setup_id')] as const;

export const SUMMED_READINGS: SummedTable = {
  table: 'readings',
  columns: `'reading', ${SUMMED.map((column) => `r.${column}`).join(', ')}, r.received_at`,
};

/** A reading as the table has it. */
export function columnsOf(setupId: string, r: NewReading): ReadingColumns {
  const touch = r.on === 'scale' ? r : undefined;
  return {
    id: r.id,
    setup_id: setupId,
    on_what: r.on,
    subject: text(r.subject),
    gauge_id: r.gaugeId,
    value: r.value,
    source: text(r.source),
    ticked: text(r.ticked),
    taken_at: r.takenAt,
    axis: touch?.axis ?? null,
    approach: touch?.approach ?? null,
    scale: touch?.place.scale ?? null,
    work_offset: touch?.place.workOffset ?? null,
    rotary: touch?.place.index ? text(touch.place.index) : null,
    epoch: touch?.epoch ?? null,
    feeler: touch?.feeler ?? null,
    across: touch?.across ? text(touch.across) : null,
    tool: touch?.tool ?? null,
    cutter_id: touch?.cutterId ?? null,
  };
}

/** Queries of the readings table: added, never changed. */
export function readingQueries(db: Database, sums: RowSums) {
  // By place: binding so many values by name takes as long as storing them.
  const insert = db.prepare<(string | number | null)[], { seq: number }>(`
    INSERT INTO readings (seq, ${SUMMED.join(', ')}, received_at)
    VALUES (${NEXT_SEQ}, ${SUMMED.map(() => '?').join(', ')}, ?) RETURNING seq`);
  const get = db.prepare<[string], Row>(`${ROW} WHERE r.id = ? AND ${SOUND}`);
  const ofSetup = db.prepare<[string, number], Row>(`${ROW} WHERE setup_id = ? AND seq > ? AND ${SOUND} ORDER BY seq`);
  const some = db.prepare<[number, number], { place: number; body: string }>(
    `SELECT seq AS place, ${BODY} || '}' AS body FROM readings r WHERE seq > ? ORDER BY seq LIMIT ?`,
  );
  const latest = db.prepare<[number], { id: string; setupId: string }>(
    `SELECT id, setup_id AS setupId FROM readings r WHERE ${SOUND} ORDER BY seq DESC LIMIT ?`,
  );
  const uses = db.prepare<[string, string], { id: string; touches: number; last: string }>(`
    SELECT setup_id AS id, count(*) AS touches, max(taken_at) AS last FROM readings r
    WHERE gauge_id = ? AND taken_at > ? AND ${SOUND} GROUP BY setup_id ORDER BY last DESC`);
  const all = db.prepare<[], ReadingColumns>(
    `SELECT ${COLUMNS.join(', ')} FROM readings r WHERE ${SOUND} ORDER BY seq`,
  );
  const textOfSetup = db
    .prepare<{ setupId: string }, string | null>(
      `
    WITH struck AS (
      SELECT body ->> 'readingId' AS reading_id, body ->> 'action' AS action, body ->> 'reason' AS reason, id, max(seq)
      FROM entries r WHERE kind = 'strike' AND setup_id = @setupId AND ${SOUND} GROUP BY reading_id
    )
    SELECT group_concat(one, ',') FROM (
      SELECT ${BODY} || ',"seq":' || seq || ',"receivedAt":' || json_quote(received_at)
             || ',"struckBy":' || json_quote(s.id) || ',"struckReason":' || json_quote(s.reason) || '}' AS one
      FROM readings r LEFT JOIN struck s ON s.reading_id = r.id AND s.action = 'strike'
      WHERE setup_id = @setupId AND ${SOUND} ORDER BY seq)`,
    )
    .pluck();
  return {
    /** @param line the line of the device it came by */
    insert: (columns: ReadingColumns, receivedAt: string, line?: string): number => {
      const [setupId, id, ...rest] = SUMMED;
      const values = [columns[setupId], columns[id], ...rest.map((one) => columns[one]), receivedAt] as const;
      const seq = insert.get(...values)?.seq ?? 0;
      sums.add(seq, 'reading', values, line);
      return seq;
    },
    /** So many behind a place in the record, as JSON that nobody has looked at. */
    some: (after: number, most: number) => some.all(after, most),
    /** The latest of the whole shop, newest first. */
    latest: (most: number) => latest.all(most),
    /** Touches with a gauge behind a moment, setup by setup, the latest first. */
    usesOf: (gaugeId: string, since: string) => uses.all(gaugeId, since),
    /** A reading as it was appended, whether struck out since or not. */
    get: (id: string): StoredReading | undefined => {
      const row = get.get(id);
      return row && toReading(row);
    },
    /** Readings of a setup behind a place in the record. */
    ofSetup: (setupId: string, since = 0): StoredReading[] => ofSetup.all(setupId, since).map(toReading),
    /** All readings of a setup as the JSON of a list, each with its place and the strike in force. */
    textOfSetup: (setupId: string): string => `[${textOfSetup.get({ setupId }) ?? ''}]`,
    /** Every reading of the shop, one after the other, as columns. */
    each: (): IterableIterator<ReadingColumns> => all.iterate(),
  };
}

export type Readings = ReturnType<typeof readingQueries>;
