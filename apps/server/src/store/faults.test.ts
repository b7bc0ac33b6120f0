import Database from 'better-sqlite3';
import { closeSync, linkSync, mkdirSync, openSync, readFileSync, statSync, symlinkSync, writeSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../http/app';
import { readSettings, SettingRefused } from '../settings';
import { DAMAGED, databaseFault } from './databaseFault';
import { readMigrations } from './migrations';
import { damageOf, DatabaseRefused, holdAlone, openDamaged, openDatabase } from './openDatabase';
import { createStore } from './store';
import { demoServer, FONTS, freshFile, leftFace, MIGRATIONS, SETUP } from '../testing/shop';
import { inThisThread } from '../background/workers';

const READINGS = `/api/setups/${SETUP}/readings`;
const migrations = readMigrations(MIGRATIONS);

describe('while it runs', () => {
  test('a file locked by another program: said within a second, others read on, and it is stored once free', async () => {
    const { app, db, file, store } = demoServer();
    const other = new Database(file);
    other.exec('BEGIN IMMEDIATE');
    const { body, headers } = await request(app).post(READINGS).send(leftFace()).expect(503);
    expect(Number(db.pragma('busy_timeout', { simple: true }))).toBeLessThan(1000);
    expect(body).toMatchObject({ code: 'locked', detail: expect.stringMatching(/Another program holds.*sent again/) });
    expect(headers['retry-after']).toBe('2');
    await request(app).get(`/api/setups/${SETUP}`).expect(200);
    other.exec('ROLLBACK');
    other.close();
    await request(app).post(READINGS).send(leftFace()).expect(201);
    store.close();
  });

  test('a full disk: 507, nothing half stored, and the rest goes on', async () => {
    const { app, db, store } = demoServer();
    const pages = Number(db.pragma('page_count', { simple: true }));
    db.pragma(`max_page_count = ${pages}`);
    const before = store.lastSeq();
    let answer = await request(app).post(READINGS).send(leftFace());
    for (let i = 0; answer.status === 201 && i < 500; i += 1)
      answer = await request(app)
        .post(READINGS)
        .send(leftFace({ id: `fill-${i}`, ticked: Array.from({ length: 20 }, () => 'x'.repeat(60)) }));
    expect([answer.status, answer.body.code]).toEqual([507, 'disk-full']);
    const { body } = await request(app).get(`/api/setups/${SETUP}`).expect(200);
    expect(body.seq).toBe(store.lastSeq());
    expect(store.lastSeq()).toBeGreaterThanOrEqual(before);
    db.pragma(`max_page_count = ${pages + 1000}`);
    await request(app)
      .post(READINGS)
      .send(leftFace({ id: 'room-again' }))
      .expect(201);
    store.close();
  });

  test('other errors of the database are no fault of the disk', () => {
    const error = Object.assign(new Error('UNIQUE constraint failed'), { code: 'SQLITE_CONSTRAINT_UNIQUE' });
    expect(databaseFault(error)).toBeUndefined();
    expect(databaseFault(new Error('anything'))).toBeUndefined();
    expect(databaseFault(Object.assign(new Error(), { code: 'SQLITE_READONLY_DBMOVED' }))?.code).toBe('read-only');
    expect(databaseFault(Object.assign(new Error(), { code: 'SQLITE_IOERR_WRITE' }))?.code).toBe('disk-trouble');
  });
});

/** Overwrites pages in the middle of a file, as a failing disk does. */
function damage(file: string): void {
  const { size } = statSync(file);
  const handle = openSync(file, 'r+');
  for (let at = Math.floor((size * 0.7) / 4096) * 4096; at < size; at += 3 * 4096)
    writeSync(handle, Buffer.alloc(4096, 0x5a), 0, 4096, at);
  closeSync(handle);
}

describe('a damaged file', () => {
  test('is found at the start, read from as far as it goes, and never written to', async () => {
    const { file, store } = demoServer();
    store.close();
    expect(damageOf(file)).toBeUndefined();
    damage(file);
    const bytes = readFileSync(file);
    expect(damageOf(file)).toEqual(expect.any(String));
    const db = openDamaged(file);
    const damaged = createStore(db, DAMAGED);
    const app = createApp({
      store: damaged,
      db,
      fonts: FONTS,
      workers: inThisThread,
      logger: pino({ level: 'silent' }),
    });
    const { body } = await request(app).post(READINGS).send(leftFace()).expect(503);
    expect(body).toMatchObject({ code: 'damaged', detail: expect.stringMatching(/npm run restore/) });
    expect((await request(app).get('/api/health').expect(200)).body).toMatchObject({ ok: false });
    await request(app).post('/api/reckon/edge').send({}).expect(422);
    damaged.close();
    expect(readFileSync(file).equals(bytes)).toBe(true);
  });

  test('no file yet, and a folder, are not damaged', () => {
    const file = freshFile();
    expect(damageOf(file)).toBeUndefined();
    expect(damageOf(dirname(file))).toBeUndefined();
  });
});

describe('at the start', () => {
  test('a folder for a file is said, with a file to name', () => {
    const folder = join(dirname(freshFile()), 'shop');
    mkdirSync(folder);
    expect(() => openDatabase(folder, migrations)).toThrow(/is a folder\. Name a file in it/);
  });

  test('a place where nothing can be made is said', () => {
    expect(() => openDatabase('/dev/null/shop.sqlite', migrations)).toThrow(DatabaseRefused);
    expect(() => openDatabase('/dev/null/shop.sqlite', migrations)).toThrow(/cannot be opened.*DATABASE/);
  });

  test('of two servers on one file the second is refused, and may have it once the first is gone', () => {
    const file = freshFile();
    const letGo = holdAlone(file);
    expect(() => holdAlone(file)).toThrow(/open in another Zero Point/);
    letGo();
    holdAlone(file)();
  });

  test.each([
    ['a symbolic link', symlinkSync],
    ['a link to its folder', (file: string, name: string) => symlinkSync(dirname(file), dirname(name))],
    ['a hard link', linkSync],
  ])('the same file by %s is the same file', (what, link) => {
    const file = freshFile();
    openDatabase(file, migrations).close();
    const beside = freshFile();
    const name = what.includes('folder') ? join(`${dirname(beside)}-link`, basename(file)) : beside;
    link(file, name);
    const letGo = holdAlone(file);
    expect(() => holdAlone(name)).toThrow(/open in another Zero Point/);
    letGo();
    const other = holdAlone(name);
    expect(() => holdAlone(file)).toThrow(/open in another Zero Point/);
    other();
  });

  test('HOST and PORT that cannot be used are named', () => {
    const settings = (env: object) => () => readSettings(env as NodeJS.ProcessEnv, '.');
    expect(settings({})()).toMatchObject({ host: '127.0.0.1', port: 4747 });
    expect(settings({ HOST: '::1', PORT: '0' })()).toMatchObject({ host: '::1', port: 0 });
    for (const PORT of ['', 'eighty', '70000', '-1', '80.5']) expect(settings({ PORT })).toThrow(/^PORT must be/);
    expect(settings({ HOST: '0.0.0.0' })).toThrow(SettingRefused);
    expect(settings({ HOST: '0.0.0.0' })).toThrow(/npm start -- --lan/);
    expect(settings({ HOST: 'my computer' })).toThrow(/^HOST must be an address/);
    expect(settings({ DEMO_LINKS: 'knee-mill=4751,trunnion-mill=4752' })().demoLinks).toEqual([
      { machineId: 'knee-mill', port: 4751 },
      { machineId: 'trunnion-mill', port: 4752 },
    ]);
    expect(settings({ DEMO_LINKS: 'knee-mill' })).toThrow(/^DEMO_LINKS must be as knee-mill=4751/);
  });
});
