import { newReading, type NewReading } from '@zero-point/core/record/reading';
import type { Database } from 'better-sqlite3';
import { NEXT_SEQ } from './nextSeq';

interface ReadingRow {
  seq: number;
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
  received_at: string;
}

const text = JSON.stringify;

/** A part of a JSON object that is there only where it holds something. */
const given = (name: string, json: string | number | null): string => (json === null ? '' : `,"${name}":${json}`);

/** What a touch has and other readings have not. */
function touchText(row: ReadingRow): string {
  if (row.on_what !== 'scale') return '';
  const offset = given('workOffset', row.work_offset === null ? null : text(row.work_offset));
  const place = `{"scale":${text(row.scale)}${offset}${given('index', row.rotary)}}`;
  const cutter = given('cutterId', row.cutter_id === null ? null : text(row.cutter_id));
  return `,"axis":${text(row.axis)},"approach":${row.approach},"place":${place},"epoch":${text(row.epoch)},"feeler":${row.feeler}${given('across', row.across)}${given('tool', row.tool)}${cutter}`;
}

/** A row as the JSON of the reading it was, without braces: columns are put together, not parsed and printed again. */
const bodyText = (row: ReadingRow): string =>
  `"on":${text(row.on_what)},"subject":${row.subject},"id":${text(row.id)},"gaugeId":${text(row.gauge_id)},"value":${row.value},"source":${row.source},"ticked":${row.ticked},"takenAt":${text(row.taken_at)}${touchText(row)}`;

/** The strike in force of a reading, if any. */
export interface Struck {
  by: string;
  reason: string;
}

/** A reading in the ledger with the set-up it belongs to. */
export interface StoredReading {
  seq: number;
  setupId: string;
  receivedAt: string;
  body: NewReading;
}

const toReading = (row: ReadingRow): StoredReading => ({
  seq: row.seq,
  setupId: row.setup_id,
  receivedAt: row.received_at,
  body: newReading.parse(JSON.parse(`{${bodyText(row)}}`)),
});

/** Queries of the readings table: added, never changed. */
export function readings(db: Database) {
  const insert = db.prepare<(string | number | null)[], { seq: number }>(`
    INSERT INTO readings (seq, id, setup_id, on_what, subject, gauge_id, value, source, ticked, taken_at, axis, approach,
                          scale, work_offset, rotary, epoch, feeler, across, tool, cutter_id, received_at)
    VALUES (${NEXT_SEQ}, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?) RETURNING seq`);
  const get = db.prepare<[string], ReadingRow>('SELECT * FROM readings WHERE id = ?');
  const ofSetup = db.prepare<[string, number], ReadingRow>(
    'SELECT * FROM readings WHERE setup_id = ? AND seq > ? ORDER BY seq',
  );
  const all = db.prepare<[], ReadingRow>('SELECT * FROM readings ORDER BY seq');
  return {
    insert: (setupId: string, r: NewReading, receivedAt: string): number => {
      const touch = r.on === 'scale' ? r : undefined;
      return (
        insert.get(
          r.id,
          setupId,
          r.on,
          text(r.subject),
          r.gaugeId,
          r.value,
          text(r.source),
          text(r.ticked),
          r.takenAt,
          touch?.axis ?? null,
          touch?.approach ?? null,
          touch?.place.scale ?? null,
          touch?.place.workOffset ?? null,
          touch?.place.index ? text(touch.place.index) : null,
          touch?.epoch ?? null,
          touch?.feeler ?? null,
          touch?.across ? text(touch.across) : null,
          touch?.tool ?? null,
          touch?.cutterId ?? null,
          receivedAt,
        )?.seq ?? 0
      );
    },
    /** A reading as it was appended, whether struck out since or not. */
    get: (id: string): StoredReading | undefined => {
      const row = get.get(id);
      return row && toReading(row);
    },
    /** Readings of a set-up behind a place in the record. */
    ofSetup: (setupId: string, since = 0): StoredReading[] => ofSetup.all(setupId, since).map(toReading),
    /** All readings of a set-up as the JSON of a list, each with its place and the strike in force. */
    textOfSetup: (setupId: string, struck: ReadonlyMap<string, Struck>): string =>
      `[${ofSetup
        .all(setupId, 0)
        .map((row) => {
          const strike = struck.get(row.id);
          return `{${bodyText(row)},"seq":${row.seq},"receivedAt":${text(row.received_at)},"struckBy":${strike ? text(strike.by) : null},"struckReason":${strike ? text(strike.reason) : null}}`;
        })
        .join(',')}]`,
    /** Every reading of the shop, one after the other. */
    each: function* (): Generator<StoredReading> {
      for (const row of all.iterate()) yield toReading(row);
    },
  };
}

export type Readings = ReturnType<typeof readings>;
