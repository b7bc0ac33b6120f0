import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { answersOf } from '../testing/answers';
import { demoServer } from '../testing/shop';
import { createRecord } from './record';

const { store } = demoServer();
const record = createRecord(store);
afterAll(() => store.close());

test.each(store.setups.all().map(({ id }) => id))('every answer of %s is what it was, to the last digit', (id) => {
  const answers = answersOf(JSON.parse(record.snapshotText(id)) as Snapshot);
  // Through JSON, so that what is left out and what is undefined are the same.
  expect(JSON.parse(JSON.stringify(answers))).toMatchSnapshot();
});
