import Database from 'better-sqlite3';
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { loadShop, settleShop } from '../demo/demo';
import { behind } from '../testing/behind';
import { demoServer, demoShop, freshFile, MIGRATIONS } from '../testing/shop';
import { BASELINE, newestVersion, readMigrations } from './migrations';
import { DatabaseRefused, openDatabase } from './openDatabase';
import { createStore } from './store';

const migrations = readMigrations(MIGRATIONS);

describe('opening a database', () => {
  test('a new one is durable, checked and at the newest version', () => {
    const db = openDatabase(freshFile(), migrations);
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal');
    expect(db.pragma('synchronous', { simple: true })).toBe(2);
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
    expect(db.pragma('user_version', { simple: true })).toBe(newestVersion(migrations));
    db.close();
  });

  test('a new file and its journal are their owner’s alone', () => {
    const file = freshFile();
    const db = openDatabase(file, migrations);
    db.exec('CREATE TABLE trial (id INTEGER)');
    for (const one of [file, `${file}-wal`, `${file}-shm`]) expect(statSync(one).mode & 0o777).toBe(0o600);
    db.close();
  });

  test('a file that is no database is refused with the remedy and left as it is', () => {
    const file = freshFile();
    const content = 'hello, this is a shopping list '.repeat(100);
    writeFileSync(file, content);
    expect(() => openDatabase(file, migrations)).toThrow(DatabaseRefused);
    expect(() => openDatabase(file, migrations)).toThrow(/is not a database.*Move it aside/);
    expect(readFileSync(file, 'utf8')).toBe(content);
  });

  test('another program’s database is refused', () => {
    const file = freshFile();
    const other = new Database(file);
    other.exec('CREATE TABLE recipes (id INTEGER)');
    other.close();
    expect(() => openDatabase(file, migrations)).toThrow(/another program/);
  });

  test('one from a newer version is refused and not touched', () => {
    const file = freshFile();
    openDatabase(file, [...migrations, { name: '999_later.sql', sql: 'CREATE TABLE later (id INTEGER)' }]).close();
    expect(() => openDatabase(file, migrations)).toThrow(/newer Zero Point.*Update/);
  });

  test.each([1, BASELINE - 1])(
    'one of version %i, never released, is refused with the way out and not touched',
    (version) => {
      const { file, store } = demoServer();
      store.close();
      behind(file, `PRAGMA user_version = ${version}`);
      const bytes = readFileSync(file);
      expect(() => openDatabase(file, migrations)).toThrow(
        new RegExp(`before the first release \\(version ${version} of the tables\\).*npm run backup.*npm run restore`),
      );
      expect(readFileSync(file).equals(bytes)).toBe(true);
    },
  );

  test('one with a body of a kind never released is refused by that kind', () => {
    const { file, store } = demoServer();
    store.close();
    behind(file, "UPDATE documents SET v = 1 WHERE kind = 'gauge'");
    expect(() => openDatabase(file, migrations)).toThrow(/before the first release \(a gauge of version 1\)/);
  });

  test('one of the last version before it, which has its tables, is opened as it is', () => {
    const { file, store } = demoServer();
    store.close();
    expect(newestVersion(migrations)).toBe(BASELINE);
    const db = openDatabase(file, migrations);
    expect(db.prepare('SELECT count(*) FROM readings').pluck().get()).toBe(16);
    db.close();
    expect(readdirSync(dirname(file)).filter((name) => name.endsWith('.copy'))).toEqual([]);
  });

  test('an older one is copied before it is brought up, and keeps its rows', () => {
    const { file, store } = demoServer();
    store.close();
    const later = [...migrations, { name: '999_later.sql', sql: 'CREATE TABLE later (id INTEGER)' }];
    const db = openDatabase(file, later);
    expect(db.prepare('SELECT count(*) FROM readings').pluck().get()).toBe(16);
    db.close();
    const copies = readdirSync(dirname(file)).filter((name) => name.endsWith('.copy'));
    expect(copies).toHaveLength(1);
    const copy = new Database(`${dirname(file)}/${copies[0]}`, { readonly: true });
    expect(copy.prepare('SELECT count(*) FROM readings').pluck().get()).toBe(16);
    expect(copy.pragma('user_version', { simple: true })).toBe(newestVersion(migrations));
    copy.close();
  });

  test('a migration that fails leaves the version and the tables as they were', () => {
    const { file, store } = demoServer();
    store.close();
    const broken = [
      ...migrations,
      { name: '998_ok.sql', sql: 'CREATE TABLE half (id INTEGER)' },
      { name: '999_bad.sql', sql: 'CREATE TABEL' },
    ];
    expect(() => openDatabase(file, broken)).toThrow(/syntax error/);
    const db = openDatabase(file, migrations);
    expect(db.prepare("SELECT count(*) FROM sqlite_schema WHERE name = 'half'").pluck().get()).toBe(0);
    db.close();
  });
});

describe('the demo shop', () => {
  test('is never loaded into a person’s own database, nor the other way round', () => {
    const own = createStore(openDatabase(freshFile(), migrations));
    settleShop(own, undefined);
    expect(() => settleShop(own, demoShop())).toThrow(/your own shop/);
    expect(own.tallies.summaries()).toEqual([]);
    own.close();
    const demo = demoServer();
    expect(() => settleShop(demo.store, undefined)).toThrow(/demo shop/);
    demo.store.close();
  });

  test('is loaded once, however often it is started', () => {
    const { store } = demoServer();
    settleShop(store, demoShop());
    expect(store.tallies.summaries().map(({ name }) => name)).toEqual([
      'Base plate on the knee mill',
      'Plinth on the gantry router',
      'Arm bracket on the trunnion mill',
      'Calendar wheel on the rotary table',
      'Pivots on the bench mill',
      'Feet of the base plate, knee mill',
    ]);
    store.close();
  });

  test('data that breaks the contract is refused whole', () => {
    const store = createStore(openDatabase(freshFile(), migrations));
    const shop = demoShop();
    const [first] = shop.setups;
    if (first?.readings[0]) first.readings[0].source = { by: 'typed', text: 'a quarter turn', unit: 'mm' };
    expect(() => loadShop(store, shop)).toThrow(/not a length/);
    expect(store.documents.all('machine')).toEqual([]);
    store.close();
  });
});
