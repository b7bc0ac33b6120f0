import { readSetupFile } from '@zero-point/core/formats/setupFile';
import { createRecord } from '../records/record';
import { exportSetup } from '../records/setupFile';
import { brokenLines, goneRows, unsoundRows } from '../store/soundness/soundness';
import { demoServer, freshFile, leftFace, SETUP } from '../testing/shop';
import { stageSetup, takeOverStaged } from './stageSetup';

/** A setup's file from one shop, under a name another shop has not. */
function fileOf() {
  const { store } = demoServer();
  const file = JSON.parse(JSON.stringify(exportSetup(store, createRecord(store), SETUP))) as {
    shop: { setups: { setup: { id: string } }[] };
  };
  store.close();
  for (const { setup } of file.shop.setups) setup.id = 'from-elsewhere';
  const text = JSON.stringify(file);
  // Rows have ids of their own in every shop.
  return readSetupFile(
    JSON.parse(text.replaceAll(/"id":"((?:reading|touch|zero|check|feet|base|plate)[\w-]*)"/g, '"id":"else-$1"')),
  );
}

test('what was logged while a file was read stays, the file comes behind it, every checksum holds', () => {
  const { store, file, db } = demoServer();
  const shop = { file, unsound: [] };
  const record = createRecord(store);
  const setup = fileOf();
  const staged = stageSetup(shop, setup, freshFile('copy.sqlite'));
  expect(store.setups.get(staged.id)).toBeUndefined();
  record.append('reading', SETUP, leftFace({ id: 'meanwhile' }));
  const before = store.lastSeq();
  takeOverStaged(file, staged);
  store.tallies.imported(staged.id);
  expect(store.readings.get('meanwhile')?.seq).toBe(before);
  const own = JSON.parse(record.snapshotText(staged.id)) as { readings: { seq: number; value: number }[] };
  expect(own.readings.map(({ value }) => value)).toEqual(setup.setups[0]?.readings.map(({ value }) => value));
  expect(own.readings.every(({ seq }) => seq > before)).toBe(true);
  expect([unsoundRows(db), goneRows(db), brokenLines(db)]).toEqual([[], [], []]);
  record.append('reading', SETUP, leftFace({ id: 'after' }));
  store.close();
});

test('opened by somebody else meanwhile: refused whole', () => {
  const { store, file } = demoServer();
  const shop = { file, unsound: [] };
  const staged = stageSetup(shop, fileOf(), freshFile('copy.sqlite'));
  takeOverStaged(file, staged);
  const last = store.lastSeq();
  expect(() => takeOverStaged(file, staged)).toThrow(/changed while the file was read/);
  expect(store.lastSeq()).toBe(last);
  store.close();
});
