import { fromOutboxEntry } from '@zero-point/core/records/kinds/readOutboxEntry';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { KeptStorage } from '../testing/keptStorage';
import { createOutbox, type OutboxWorld } from './outbox';

const entry = (id: string): Entry => ({
  kind: 'strike',
  setupId: 'plate',
  body: { id, readingId: 'r', action: 'strike', reason: 'misread', at: '2026-11-24T09:00:00.000Z' },
});

let counter = 0;

function device(send: OutboxWorld['send'], storage = new KeptStorage(), change: Partial<OutboxWorld> = {}) {
  const outbox = createOutbox({
    storage,
    newKey: () => String((counter += 1)).padStart(8, '0'),
    send,
    exclusive: (work) => work(),
    onDelivered: () => undefined,
    onChange: () => undefined,
    reader: () => fromOutboxEntry,
    loadReader: async () => undefined,
    ...change,
  });
  return { outbox, storage };
}

const ids = (waiting: { entry: Entry }[]) => waiting.map(({ entry: { body } }) => 'id' in body && body.id);

describe('the outbox', () => {
  test('a refused entry is kept whole, and goes to the end of the queue once more when asked', async () => {
    let gaugeIsThere = false;
    const got: unknown[] = [];
    const { outbox } = device(async (sent) => {
      if (ids([{ entry: sent }])[0] === 'bad' && !gaugeIsThere) return { kind: 'refused', reason: 'no such gauge' };
      got.push(ids([{ entry: sent }])[0]);
      return { kind: 'delivered' };
    });
    outbox.add(entry('bad'));
    outbox.add(entry('good'));
    await outbox.flush();
    expect(got).toEqual(['good']);
    const [refused] = outbox.refused();
    expect(refused?.entry).toEqual(entry('bad'));
    gaugeIsThere = true;
    outbox.again(refused?.key ?? '');
    expect(outbox.refused()).toEqual([]);
    expect(await outbox.flush()).toBe(true);
    expect(got).toEqual(['good', 'bad']);
    outbox.again('nobody');
    expect(outbox.waiting()).toEqual([]);
  });

  test('what the server says is the matter with it is known until it stores again', async () => {
    let fault: string | undefined = 'The disk is full.';
    const { outbox } = device(async () => (fault === undefined ? { kind: 'delivered' } : { kind: 'away', fault }));
    outbox.add(entry('a'));
    expect(await outbox.flush()).toBe(false);
    expect(outbox.fault()).toBe('The disk is full.');
    fault = undefined;
    expect(await outbox.flush()).toBe(true);
    expect(outbox.fault()).toBeUndefined();
  });

  test('keeps entries while the server is away, across a reload, and delivers them in order once', async () => {
    const away = device(async () => ({ kind: 'away' }));
    for (const id of ['a', 'b', 'c']) away.outbox.add(entry(id));
    expect(await away.outbox.flush()).toBe(false);

    const got: Entry[] = [];
    const back = device(async (sent) => {
      got.push(sent);
      return { kind: 'delivered' };
    }, away.storage);
    expect(ids(back.outbox.waiting())).toEqual(['a', 'b', 'c']);
    expect(await back.outbox.flush()).toBe(true);
    expect(await back.outbox.flush()).toBe(true);
    expect(ids(got.map((sent) => ({ entry: sent })))).toEqual(['a', 'b', 'c']);
    expect(back.outbox.waiting()).toEqual([]);
  });

  test('stops at the first that finds the server away, so nothing overtakes', async () => {
    let up = false;
    const got: string[] = [];
    const { outbox } = device(async (sent) => {
      if (!up) return { kind: 'away' };
      got.push(String(ids([{ entry: sent }])[0]));
      up = got.length !== 2;
      return { kind: 'delivered' };
    });
    for (const id of ['a', 'b', 'c']) outbox.add(entry(id));
    await outbox.flush();
    expect(got).toEqual([]);
    up = true;
    await outbox.flush();
    expect(got).toEqual(['a', 'b']);
    expect(ids(outbox.waiting())).toEqual(['c']);
  });

  test('an entry the server refuses is set aside with the reason and does not block the next', async () => {
    const { outbox } = device(async (sent) =>
      ids([{ entry: sent }])[0] === 'bad' ? { kind: 'refused', reason: 'no such reading' } : { kind: 'delivered' },
    );
    outbox.add(entry('bad'));
    outbox.add(entry('good'));
    expect(await outbox.flush()).toBe(true);
    expect(outbox.refused()).toMatchObject([{ reason: 'no such reading' }]);
    outbox.dismiss(outbox.refused()[0]?.key ?? '');
    expect(outbox.refused()).toEqual([]);
  });

  test('calls while one delivery runs do not send anything twice', async () => {
    let sends = 0;
    const { outbox } = device(async () => {
      sends += 1;
      await new Promise((resolve) => setTimeout(resolve, 5));
      return { kind: 'delivered' };
    });
    outbox.add(entry('a'));
    await Promise.all([outbox.flush(), outbox.flush(), outbox.flush()]);
    expect(sends).toBe(1);
  });

  test('a delivered entry is handed over before it leaves the outbox', async () => {
    const storage = new KeptStorage();
    const seen: number[] = [];
    const { outbox } = device(async () => ({ kind: 'delivered' }), storage, {
      onDelivered: () => seen.push(outbox.waiting().length),
    });
    outbox.add(entry('a'));
    await outbox.flush();
    expect(seen).toEqual([1]);
    expect(outbox.waiting()).toEqual([]);
  });

  test('a full device says so at once instead of pretending', () => {
    const { outbox, storage } = device(async () => ({ kind: 'delivered' }));
    storage.full = true;
    expect(() => outbox.add(entry('a'))).toThrow('quota');
    expect(outbox.waiting()).toEqual([]);
  });

  const REASON = { kind: 'refused' as const, reason: 'changed meanwhile', current: { version: 'theirs', body: {} } };
  const save = (version: string, began: string, tolerance: number): Entry => ({
    kind: 'cutPlan',
    setupId: 'plate',
    version,
    began,
    body: { bores: [], mode: tolerance > 1 ? 'cnc' : 'readout' },
  });

  test('saves overtaken by another device are set aside as one, the last of them', async () => {
    const sent: Entry[] = [];
    const { outbox } = device(async (one) => {
      sent.push(one);
      return one.kind === 'cutPlan' ? REASON : { kind: 'delivered' };
    });
    outbox.add(save('a', 'first', 1));
    outbox.add(entry('between'));
    outbox.add(save('b', 'a', 2));
    expect(await outbox.flush()).toBe(true);
    expect(sent).toHaveLength(2);
    expect(outbox.refused()).toMatchObject([{ current: { version: 'theirs' }, entry: { version: 'b' } }]);
    expect(outbox.waiting()).toEqual([]);
  });

  test.each([
    ['a text cut short', '{"format":2,"kind'],
    [
      'a kind of a newer program',
      '{"format":2,"kindVersion":1,"entry":{"kind":"hologram","setupId":"plate","body":{}}}',
    ],
    ['a body that is none', '{"format":2,"kindVersion":1,"entry":{"kind":"check","setupId":"plate","body":{"id":7}}}'],
  ])('%s is set aside as it is, and the rest goes on', async (_, text) => {
    const got: Entry[] = [];
    const { outbox, storage } = device(async (one) => {
      got.push(one);
      return { kind: 'delivered' };
    });
    storage.setItem('zero-point.outbox.00000000', text);
    outbox.add(entry('good'));
    expect(ids(outbox.waiting())).toEqual(['good']);
    expect(outbox.aside()).toMatchObject([{ text }]);
    expect(await outbox.flush()).toBe(true);
    expect(got).toHaveLength(1);
    outbox.dismiss(outbox.aside()[0]?.key ?? '');
    expect(outbox.aside()).toEqual([]);
  });

  test('an entry of a program never released is set aside, and never lost', async () => {
    const { outbox, storage } = device(async () => ({ kind: 'delivered' }));
    const body = { id: 't', name: 'Drill', kind: 'pin', nominal: 4 };
    const text = JSON.stringify({ format: 2, kindVersion: 1, entry: { kind: 'gauge', setupId: '', body } });
    storage.setItem('zero-point.outbox.00000001', text);
    expect(await outbox.flush()).toBe(true);
    expect(outbox.aside()).toMatchObject([{ text, reason: 'gauge: version 1, where this program has 2' }]);
  });
});
