import type { ShopBackup } from '@zero-point/core/formats/shopBackup';
import { readShopBackup } from '@zero-point/core/formats/shopBackup';
import { existsSync, mkdtempSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import request from 'supertest';
import { readMigrations } from '../store/migrations';
import { DatabaseRefused, openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';
import { demoServer, freshFile, leftFace, MIGRATIONS, SETUP } from '../testing/shop';
import { clockJump, copiesFolder, copyWhole, writeDailyCopy, pruneCopies } from './keepCopies';
import { openBackup } from './openBackup';
import { restore } from './restore';
import { shopJson } from './shopJson';

const migrations = readMigrations(MIGRATIONS);
const MADE = '2026-11-26T10:00:00.000Z';

const emptyStore = (file = freshFile()) => createStore(openDatabase(file, migrations));

/** As it would come from a file. */
const through = (backup: ShopBackup): ShopBackup => readShopBackup(JSON.parse(JSON.stringify(backup)));

/** What a backup holds, without when it was made. */
const content = ({ setups, record, shop }: ShopBackup) => ({ setups, record, shop });

describe('the whole shop as JSON', () => {
  test('there and back into an empty shop is the same to the last digit, in the same order', async () => {
    const { app, store } = demoServer();
    await request(app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(leftFace({ value: -5.0123456789012345, text: '-5.0123456789012345' }))
      .expect(201);
    await request(app)
      .post(`/api/setups/${SETUP}/strikes`)
      .send({ id: 'strike-1', readingId: 'touch-1', action: 'strike', reason: 'slipped', at: MADE })
      .expect(201);
    const before = shopJson(store, MADE);
    const copy = emptyStore();
    const done = restore(copy, through(before));
    expect(done).toMatchObject({ setups: before.setups.length, same: 0, differ: [] });
    expect(content(shopJson(copy, MADE))).toEqual(content(before));
    // And the answers are read from the same: all of a setup's snapshot but its places in the count.
    const kept = before.record.find((one) => one.kind === 'reading' && (one.body as { id: string }).id === 'touch-1');
    expect((kept?.body as { value: number }).value).toBe(-5.0123456789012345);
    store.close();
    copy.close();
  });

  test('looked at first, nothing of it comes in', () => {
    const { store } = demoServer();
    const copy = emptyStore();
    const would = restore(copy, shopJson(store, MADE), true);
    expect(would.readings).toBeGreaterThan(10);
    expect(copy.lastSeq()).toBe(0);
    expect(copy.kind()).toBeUndefined();
    const did = restore(copy, shopJson(store, MADE));
    expect(did).toEqual(would);
    store.close();
    copy.close();
  });

  test('into a shop that went on: what is new comes in, what is here stays, twice is once', async () => {
    const { app, store } = demoServer();
    const before = through(shopJson(store, MADE));
    const gone = demoServer();
    await request(gone.app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(leftFace({ id: 'only-there' }))
      .expect(201);
    const gauge = gone.store.documents.get('gauge', '', 'spring-finder-10');
    if (!gauge) throw new Error('no finder');
    gone.store.documents.put(
      'gauge',
      '',
      gauge.key,
      { version: 'mine', body: { ...gauge.body, name: 'My finder' } },
      MADE,
    );
    await request(app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(leftFace({ id: 'only-here' }))
      .expect(201);
    const done = restore(store, through(shopJson(gone.store, MADE)));
    expect(done).toMatchObject({ setups: 0, documents: 0, readings: 1 });
    expect(done.differ).toEqual([expect.stringMatching(/^gauge “My finder”/)]);
    expect(store.readings.get('only-here')).toBeDefined();
    expect(store.readings.get('only-there')).toBeDefined();
    expect(store.documents.get('gauge', '', 'spring-finder-10')?.version).not.toBe('mine');
    expect(restore(store, before)).toMatchObject({ setups: 0, documents: 0, readings: 0, rows: 0, differ: [] });
    store.close();
    gone.store.close();
  });

  test('a backup that names what is in neither is refused whole', () => {
    const { store } = demoServer();
    const backup = shopJson(store, MADE);
    const lame = { ...backup, record: backup.record.filter(({ kind }) => kind !== 'gauge') };
    const copy = emptyStore();
    expect(() => restore(copy, lame)).toThrow(/not whole: .* names the gauge/);
    expect(copy.lastSeq()).toBe(0);
    const orphaned = { ...backup, setups: backup.setups.slice(1) };
    expect(() => restore(copy, orphaned)).toThrow(/not whole: .* is of the setup/);
    expect(copy.lastSeq()).toBe(0);
    store.close();
    copy.close();
  });

  test('the demo is never mixed with a person’s own shop', () => {
    const { store } = demoServer();
    const own = emptyStore();
    own.setKind('own');
    expect(() => restore(own, shopJson(store, MADE))).toThrow(/kept apart/);
    store.close();
    own.close();
  });
});

describe('a file that is to be restored', () => {
  test('a copy of the database is read without the journal of another day that lies beside it', async () => {
    const { db, store } = demoServer();
    const copy = join(dirname(freshFile()), 'copy.sqlite');
    await copyWhole(db, copy);
    const before = content(shopJson(store, MADE));
    store.close();
    writeFileSync(`${copy}-wal`, Buffer.alloc(8192, 7));
    expect(content(openBackup(copy, migrations))).toEqual(before);
    expect(readFileSync(`${copy}-wal`).length).toBe(8192);
  });

  test('JSON with a byte-order mark is read', () => {
    const { store } = demoServer();
    const file = freshFile('shop.json');
    writeFileSync(file, `\uFEFF${JSON.stringify(shopJson(store, MADE))}`);
    expect(openBackup(file, migrations).setups.length).toBeGreaterThan(3);
    store.close();
  });

  test.each([
    ['no file', undefined, /cannot be read/],
    ['a picture', '\x89PNG', /neither a copy/],
    ['other JSON', '{"hello": 1}', /not a Zero Point backup/],
    ['a later form', '{"format":"zero-point-shop","version":2}', /newer Zero Point/],
    ['cut off', '{"format":"zero-point-shop","version":1,"rec', /cut off/],
  ])('%s is refused in words', (_name, text, why) => {
    const file = freshFile('backup.json');
    if (text !== undefined) writeFileSync(file, text);
    expect(() => openBackup(file, migrations)).toThrow(why);
  });

  test('one reading damaged inside names its place', () => {
    const { store } = demoServer();
    const backup = shopJson(store, MADE) as { record: { kind: string; body: object }[] };
    const at = backup.record.findIndex(({ kind }) => kind === 'reading');
    backup.record[at] = { ...(backup.record[at] as { kind: string; body: object }), body: { value: 'five' } };
    expect(() => readShopBackup(JSON.parse(JSON.stringify(backup)))).toThrow(
      new RegExp(`damaged at record\\.${at}\\.body`),
    );
    store.close();
  });
});

describe('daily copies', () => {
  const day = (n: number) => new Date(Date.parse('2026-11-26') - n * 86_400_000).toISOString().slice(0, 10);

  test('two weeks whole, then the first of each week, then of each month', () => {
    const names = Array.from({ length: 400 }, (_, i) => `shop-${day(i)}.sqlite`);
    const gone = new Set(pruneCopies(names));
    const kept = names.filter((name) => !gone.has(name));
    expect(kept.slice(0, 15)).toEqual(names.slice(0, 15));
    const ages = kept.map((name) => names.indexOf(name));
    const weekly = ages.filter((age) => age > 14 && age <= 90);
    expect(weekly.length).toBeGreaterThanOrEqual(11);
    expect(weekly.length).toBeLessThanOrEqual(12);
    expect(ages.filter((age) => age > 90).length).toBeLessThanOrEqual(12);
    expect(ages.filter((age) => age > 90).length).toBeGreaterThanOrEqual(10);
    // Thinned day by day it comes to the same kept span, and the oldest stays.
    expect(pruneCopies(kept)).toEqual([]);
  });

  test('a start with the clock 400 days ahead, or two of them, makes no copy old by that', () => {
    const names = Array.from({ length: 32 }, (_, i) => `shop-${day(i)}.sqlite`);
    const thinned = names.filter((name) => !pruneCopies(names).includes(name));
    const ahead = [`shop-${day(-400)}.sqlite`, `shop-${day(-401)}.sqlite`];
    // At the most the thinning goes on as after a week more: 23 of 32 went once.
    expect(pruneCopies([...thinned, ahead[0] ?? '']).length).toBeLessThanOrEqual(2);
    expect(pruneCopies([...thinned, ...ahead]).length).toBeLessThanOrEqual(3);
    expect(pruneCopies([...names, ahead[0] ?? '']).length).toBeLessThanOrEqual(pruneCopies(names).length + 1);
  });

  test('a shop that stood still for a year loses none of its copies by that', () => {
    const names = Array.from({ length: 20 }, (_, i) => `shop-${day(365 + i)}.sqlite`);
    expect(pruneCopies([`shop-${day(0)}.sqlite`, ...names]).length).toBeLessThanOrEqual(pruneCopies(names).length + 4);
  });

  test('a jump of the clock is noticed, both ways; a holiday is none', () => {
    const names = [`shop-${day(0)}.sqlite`, `shop-${day(1)}.sqlite`];
    expect(clockJump(names, day(-400))).toBe(400);
    expect(clockJump(names, day(365))).toBe(-365);
    expect(clockJump(names, day(-40))).toBeUndefined();
    expect(clockJump(names, day(-1))).toBeUndefined();
    expect(clockJump([], day(0))).toBeUndefined();
  });

  test('with the clock a year ahead a copy is made, none is let go, and that is told', async () => {
    const { db, file, store } = demoServer();
    const folder = copiesFolder(file);
    for (let i = 0; i < 32; i += 1) await writeDailyCopy(db, file, new Date(`${day(32 - i)}T08:00:00Z`));
    const before = readdirSync(folder);
    const told: number[] = [];
    await writeDailyCopy(db, file, new Date(`${day(-400)}T08:00:00Z`), (days) => told.push(days));
    expect(readdirSync(folder)).toEqual(expect.arrayContaining(before));
    expect(told).toEqual([401]);
    store.close();
  });

  test('files that are no daily copies are left alone', () => {
    expect(pruneCopies(['notes.txt', 'shop-2020-01-01T10-00-00.json'])).toEqual([]);
  });

  test('once a day, whole, while readings come in', async () => {
    const { app, db, file, store } = demoServer();
    const now = new Date('2026-11-26T08:00:00Z');
    const copying = writeDailyCopy(db, file, now);
    await request(app).post(`/api/setups/${SETUP}/readings`).send(leftFace()).expect(201);
    const copy = await copying;
    expect(copy).toMatch(/shop-2026-11-26\.sqlite$/);
    expect(statSync(copy ?? '').mode & 0o777).toBe(0o600);
    expect(await writeDailyCopy(db, file, now)).toBeUndefined();
    // One file alone, nothing beside it that belongs to it.
    expect(readdirSync(copiesFolder(file))).toEqual(['shop-2026-11-26.sqlite']);
    expect(openBackup(copy ?? '', migrations).setups).toEqual(store.setups.all());
    store.close();
  });
});

test('both copies are handed out whole', async () => {
  const { app, store } = demoServer();
  const json = await request(app).get('/api/shop/copy.json').expect(200);
  expect(json.headers['content-disposition']).toMatch(/attachment; filename="shop-\d{4}-\d\d-\d\d\.json"/);
  expect(content(readShopBackup(json.body))).toEqual(content(shopJson(store, MADE)));
  const sqlite = await request(app)
    .get('/api/shop/copy.sqlite')
    .buffer()
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200);
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-')), 'got.sqlite');
  writeFileSync(file, sqlite.body as Buffer);
  expect(content(openBackup(file, migrations))).toEqual(content(shopJson(store, MADE)));
  expect(existsSync(file)).toBe(true);
  store.close();
});

test('a refusal to open says so as the start does', () => {
  expect(() => openBackup('/nowhere/at/all.sqlite', migrations)).toThrow(DatabaseRefused);
});
