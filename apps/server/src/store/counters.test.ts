import { chance } from '@zero-point/core/metrology/chance';
import { FIRST_EPOCH } from '@zero-point/core/records/values/place';
import { createRecord } from '../records/record';
import { demoServer, leftFace, MIGRATIONS, SETUP, xSet } from '../testing/shop';
import { readMigrations } from './migrations';
import { openDatabase } from './openDatabase';
import { createStore, type Store } from './store';

const OTHER = 'plinth-router';

/** What the tallies tell, to the digits that adding and taking off again in another order leaves. */
const told = ({ tallies }: Store) => ({
  repeatability: tallies.repeatability().map(({ sd, ...rest }) => ({ ...rest, sd: Number(sd.toPrecision(9)) })),
  bench: tallies.summaries(),
});

/** The same file counted from nothing, as after a restart. */
function counted(file: string) {
  const again = createStore(openDatabase(file, readMigrations(MIGRATIONS)));
  try {
    return told(again);
  } finally {
    again.close();
  }
}

describe('what is kept up as rows arrive', () => {
  test.each([1, 2, 3, 4, 5])('is what counting from nothing gives, whatever was done (%i)', (seed) => {
    const { file, store } = demoServer();
    const record = createRecord(store);
    const random = chance(seed);
    const logged: string[] = [];
    let epoch = FIRST_EPOCH;
    told(store);
    for (let i = 0; i < 120; i += 1) {
      const what = random.between(0, 1);
      const at = new Date(Date.UTC(2026, 10, 24, 9, i)).toISOString();
      if (what < 0.7 || logged.length === 0) {
        // Now and then one that stands apart, which says nothing of the finder until somebody has looked at it.
        const value = Number((-5 + random.between(-0.004, 0.004) + (what < 0.05 ? 1 : 0)).toFixed(3));
        const id = `touch-${i}`;
        record.append('reading', SETUP, leftFace({ id, value, text: String(value), epoch, takenAt: at }));
        logged.push(id);
      } else if (what < 0.95) {
        const readingId = logged[Math.floor(random.between(0, logged.length))] ?? '';
        const action = random.between(0, 1) < 0.6 ? 'strike' : 'restore';
        record.append('strike', SETUP, { id: `strike-${i}`, readingId, action, reason: '', at });
      } else {
        const opens = `x-${i}`;
        record.append('zeroing', SETUP, xSet({ id: `zero-${i}`, opens, began: epoch, at }));
        epoch = opens;
      }
      if (i % 17 === 0) expect(told(store)).toEqual(counted(file));
    }
    expect(told(store)).toEqual(counted(file));
    store.close();
  });

  test('two that stand apart from each other say nothing, and the setup is still told', () => {
    const { file, store } = demoServer();
    const record = createRecord(store);
    const before = told(store).repeatability;
    for (const value of [-5.01, -4.01])
      record.append('reading', SETUP, leftFace({ id: `touch${value}`, value, text: String(value) }));
    expect(told(store).repeatability).toEqual(before);
    expect(() => record.snapshotText(SETUP)).not.toThrow();
    // A third beside one of them says which it was.
    record.append('reading', SETUP, leftFace({ id: 'third', value: -5.012, text: '-5.012' }));
    expect(told(store).repeatability).not.toEqual(before);
    expect(told(store)).toEqual(counted(file));
    store.close();
  });

  test('starts again where another program wrote into the file', () => {
    const { file, store } = demoServer();
    const before = told(store);
    const other = createStore(openDatabase(file, readMigrations(MIGRATIONS)));
    for (const value of [-5.01, -5.014])
      createRecord(other).append('reading', SETUP, leftFace({ id: `touch${value}`, value, text: String(value) }));
    other.close();
    expect(told(store)).not.toEqual(before);
    expect(told(store)).toEqual(counted(file));
    store.close();
  });

  test('is as before where a transaction was taken back', () => {
    const { store } = demoServer();
    const record = createRecord(store);
    const before = told(store);
    // The strike names a reading that is not there, so the write is refused.
    expect(() =>
      record.append('strike', SETUP, {
        id: 'strike',
        readingId: 'nobody',
        action: 'strike',
        reason: '',
        at: '2026-11-24T09:00:00.000Z',
      }),
    ).toThrow();
    expect(told(store)).toEqual(before);
    store.close();
  });
});

describe('the bench', () => {
  test('puts first what was last worked on, and counts only what is in force', () => {
    const { store } = demoServer();
    const record = createRecord(store);
    const row = (id: string) => store.tallies.summaries().find((one) => one.id === id);
    const was = row(OTHER)?.readings ?? 0;
    const late = '2026-12-01T09:00:00.000Z';
    record.append('reading', OTHER, {
      ...leftFace({ id: 'late', takenAt: late, scale: 'machine', gaugeId: 'touch-plate' }),
    });
    expect(store.tallies.summaries()[0]).toMatchObject({ id: OTHER, readings: was + 1, changedAt: late });
    record.append('strike', OTHER, { id: 'gone', readingId: 'late', action: 'strike', reason: 'bumped', at: late });
    expect(row(OTHER)?.readings).toBe(was);
    store.close();
  });

  test('an axis whose zero was lost is not set', () => {
    const { store } = demoServer();
    const record = createRecord(store);
    const set = () => store.tallies.summaries().find(({ id }) => id === SETUP)?.set ?? [];
    record.append('zeroing', SETUP, xSet({ at: '2026-12-01T09:00:00.000Z' }));
    expect(set()).toContain('x');
    record.append(
      'zeroing',
      SETUP,
      xSet({
        id: 'lost',
        form: 'lost',
        opens: 'x-3',
        began: 'x-2',
        value: 0,
        at: '2026-12-01T10:00:00.000Z',
      }),
    );
    expect(set()).not.toContain('x');
    store.close();
  });
});
