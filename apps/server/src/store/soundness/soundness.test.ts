import Database from 'better-sqlite3';
import request from 'supertest';
import { behind } from '../../testing/behind';
import { demoServer, leftFace, SETUP } from '../../testing/shop';
import { fullCheck } from './fullCheck';
import { brokenLines, goneRows, unsoundRows } from './soundness';

const READINGS = `/api/setups/${SETUP}/readings`;

/** A demo shop in which one device logged three readings in its line, closed again. */
async function logged(): Promise<string> {
  const { app, file, store } = demoServer();
  for (const number of [1, 2, 3])
    await request(app)
      .post(READINGS)
      .set('zero-point-order', `phone ${number}`)
      .send(leftFace({ id: `touch-${number}` }))
      .expect(201);
  store.close();
  return file;
}

function look<T>(file: string, at: (db: Database.Database) => T): T {
  const db = new Database(file, { readonly: true });
  try {
    return at(db);
  } finally {
    db.close();
  }
}

const checksums = async (file: string): Promise<string[]> =>
  (await fullCheck(file)).found.filter(({ where }) => where === 'checksums').map(({ what }) => what);

test('a shop as it was stored: every row and document has its checksum, and every line holds', async () => {
  const file = await logged();
  expect(look(file, unsoundRows)).toEqual([]);
  expect(look(file, goneRows)).toEqual([]);
  expect(look(file, brokenLines)).toEqual([]);
  const [sums, rows] = look(file, (db) =>
    ['SELECT count(*) FROM row_sums', 'SELECT (SELECT count(*) FROM readings) + (SELECT count(*) FROM entries)'].map(
      (sql) => Number(db.prepare(sql).pluck().get()),
    ),
  ) as [number, number];
  expect(sums).toBeGreaterThan(rows);
});

test.each([
  ['a figure', "UPDATE readings SET value = value + 1 WHERE id = 'touch-2'"],
  ['its text', `UPDATE readings SET source = '{"by":"typed","text":"-6.012","unit":"mm"}' WHERE id = 'touch-2'`],
  ['which side it came from', "UPDATE readings SET approach = -1 WHERE id = 'touch-2'"],
  ['the gauge', "UPDATE readings SET gauge_id = 'paper' WHERE id = 'touch-2'"],
  ['the zero it counts from', "UPDATE readings SET epoch = 'other' WHERE id = 'touch-2'"],
  ['a feeler', "UPDATE readings SET feeler = 0.1 WHERE id = 'touch-2'"],
  ['its time', "UPDATE readings SET taken_at = '2026-11-24T09:00:00.001Z' WHERE id = 'touch-2'"],
  ['when it was received', "UPDATE readings SET received_at = '2026-11-24T09:00:00.001Z' WHERE id = 'touch-2'"],
])('a reading whose %s was changed by another program is found and named', async (_what, sql) => {
  const file = await logged();
  behind(file, sql);
  expect(await checksums(file)).toEqual([`reading “touch-2” of the setup “${SETUP}” is not as it was stored`]);
});

test('what was taken away, put in, or taken out with its checksum is found', async () => {
  const gone = await logged();
  behind(gone, "DELETE FROM readings WHERE id = 'touch-2'");
  expect(await checksums(gone)).toEqual([`reading “touch-2” of the setup “${SETUP}” was taken away`]);

  const put = await logged();
  behind(
    put,
    `INSERT INTO readings SELECT seq + 1000, 'foreign', setup_id, on_what, subject, gauge_id, value, source, ticked, taken_at,
       axis, approach, scale, work_offset, rotary, epoch, feeler, across, tool, cutter_id, received_at
     FROM readings WHERE id = 'touch-2'`,
  );
  expect(await checksums(put)).toEqual([`reading “foreign” of the setup “${SETUP}” was put in by another program`]);

  const both = await logged();
  behind(
    both,
    `DELETE FROM row_sums WHERE seq = (SELECT seq FROM readings WHERE id = 'touch-2');
     DELETE FROM readings WHERE id = 'touch-2'`,
  );
  expect(look(both, brokenLines)).toEqual(['phone']);
  expect(await checksums(both)).toEqual(['the checksums of a device do not follow each other']);
});

test('one changed reading is left out and told; the rest of the shop opens and goes on', async () => {
  const file = await logged();
  behind(file, "UPDATE readings SET subject = '[[' WHERE id = 'touch-2'".replace("'[['", "'[]'"));
  const { app, store } = demoServer(file);
  const { body: health } = await request(app).get('/api/health').expect(200);
  expect(health).toMatchObject({
    ok: true,
    setAside: { count: 1, rows: [{ kind: 'reading', id: 'touch-2', setupId: SETUP, what: 'changed' }] },
  });
  const { body } = await request(app).get(`/api/setups/${SETUP}`).expect(200);
  const ids = (body as { readings: { id: string }[] }).readings.map(({ id }) => id);
  expect(ids).toEqual(expect.arrayContaining(['touch-1', 'touch-3']));
  expect(ids).not.toContain('touch-2');
  await request(app).get('/api/log').expect(200);
  await request(app).get('/api/setups').expect(200);
  await request(app)
    .post(READINGS)
    .send(leftFace({ id: 'touch-4' }))
    .expect(201);
  store.close();
});

test('a changed machine: its setups say what is left out and how to restore; all others are answered', async () => {
  const file = await logged();
  behind(file, `UPDATE documents SET body = '{"id":"knee-mill"}' WHERE kind = 'machine' AND key = 'knee-mill'`);
  const { app, store } = demoServer(file);
  const { body } = await request(app).get(`/api/setups/${SETUP}`).expect(503);
  expect(body).toMatchObject({ code: 'damaged' });
  expect(body.detail).toMatch(/machine “knee-mill” was changed outside Zero Point.*npm run restore/);
  const { body: bench } = await request(app).get('/api/setups').expect(200);
  const ids = (bench as { id: string }[]).map(({ id }) => id);
  const { body: standings } = await request(app).get(`/api/standings?of=${ids.join()}`).expect(200);
  expect((standings as { id: string }[]).map(({ id }) => id)).not.toContain(SETUP);
  expect((standings as unknown[]).length).toBeGreaterThan(0);
  await request(app).get('/api/log').expect(200);
  await request(app).get('/api/shop').expect(200);
  store.close();
});

test('a place in the record is not given twice, though what stood there was taken away', async () => {
  const file = await logged();
  behind(file, 'DELETE FROM readings WHERE seq = (SELECT max(seq) FROM readings)');
  const { app, store } = demoServer(file);
  await request(app)
    .post(READINGS)
    .send(leftFace({ id: 'touch-5' }))
    .expect(201);
  store.close();
});
