import { closeSync, openSync, statSync, writeSync } from 'node:fs';
import request from 'supertest';
import { behind } from '../../testing/behind';
import { demoServer, leftFace, SETUP } from '../../testing/shop';
import { fullCheck } from './fullCheck';

const READINGS = `/api/setups/${SETUP}/readings`;

describe('a look through the whole file', () => {
  test('of a whole shop counts all of it and finds nothing', async () => {
    const { app, db } = demoServer();
    await request(app).post(READINGS).send(leftFace()).expect(201);
    const count = (table: string) => Number(db.prepare(`SELECT count(*) FROM ${table}`).pluck().get());
    const { body } = await request(app).get('/api/shop/check').expect(200);
    expect(body).toEqual({
      tables: expect.any(Number),
      entries: count('readings') + count('entries') + count('documents'),
      found: [],
    });
    expect(body.tables).toBeGreaterThan(6);
    db.close();
  });

  test('finds an entry that is not of its kind, one that names what is not there, and says how to restore', async () => {
    const { file, db } = demoServer();
    db.close();
    behind(
      file,
      `UPDATE entries SET body = '{"id":7}' WHERE seq = (SELECT min(seq) FROM entries);
       UPDATE readings SET setup_id = 'nowhere' WHERE seq = (SELECT min(seq) FROM readings);
       UPDATE readings SET source = '{"by":"nobody"}' WHERE seq = (SELECT max(seq) FROM readings);`,
    );
    const { found, remedy } = await fullCheck(file);
    const pages = found.filter(({ where }) => where !== 'checksums');
    expect(found.filter(({ where }) => where === 'checksums')).toHaveLength(3);
    expect(pages.map(({ where, what }) => `${where}: ${what.replace(/\d+/, 'n')}`).sort()).toEqual([
      'entries: number n is not what it should be',
      'readings: names what is not there',
      'readings: number n is not what it should be',
    ]);
    expect(remedy).toMatch(/npm run restore/);
  });

  test('finds damaged pages on the disk, though the server still holds them in memory', async () => {
    const { app, db, file } = demoServer();
    await request(app).get(`/api/setups/${SETUP}`).expect(200);
    db.pragma('wal_checkpoint(TRUNCATE)');
    const handle = openSync(file, 'r+');
    for (let at = 4 * 4096; at < statSync(file).size; at += 2 * 4096)
      writeSync(handle, Buffer.alloc(4096, 0x5a), 0, 4096, at);
    closeSync(handle);
    const { body } = await request(app).get('/api/shop/check').expect(200);
    expect(body.found.length).toBeGreaterThan(0);
    expect(body.remedy).toMatch(/npm run restore/);
    db.close();
  });

  test('answers others meanwhile, and looks once for all who ask', async () => {
    const { app, db, store } = demoServer();
    store.write(() => {
      for (let i = 0; i < 5000; i += 1)
        db.prepare(
          `INSERT INTO readings SELECT (SELECT max(seq) + 1 FROM readings), 'copy-${i}', setup_id, on_what, subject, gauge_id,
             value, source, ticked, taken_at, axis, approach, scale, work_offset, rotary, epoch, feeler, across, tool, cutter_id, received_at
           FROM readings WHERE seq = (SELECT min(seq) FROM readings)`,
        ).run();
    });
    const order: string[] = [];
    const ask = async (path: string) => {
      const { body } = await request(app).get(path).expect(200);
      order.push(path);
      return body as unknown;
    };
    const [first, second] = await Promise.all([ask('/api/shop/check'), ask('/api/shop/check'), ask('/api/health')]);
    expect(first).toEqual(second);
    expect(order[0]).toBe('/api/health');
    db.close();
  });
});
