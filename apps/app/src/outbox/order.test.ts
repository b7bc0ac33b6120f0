import { fromOutboxEntry } from '@zero-point/core/records/kinds/readOutboxEntry';
import { documentOf } from '@zero-point/core/records/kinds/outboxEntry';
import type { DocumentEntry, Entry } from '@zero-point/core/records/kinds/entry';
import fc from 'fast-check';
import { KeptStorage } from '../testing/keptStorage';
import type { DeliveryTurn } from './deviceLine';
import { createOutbox, type Delivery } from './outbox';

const strike = (id: string): Entry => ({
  kind: 'strike',
  setupId: 'plate',
  body: { id, readingId: 'r', action: 'strike', reason: 'misread', at: '2026-11-24T09:00:00.000Z' },
});

const save = (version: string, began: string): Entry => ({
  kind: 'cutPlan',
  setupId: 'plate',
  version,
  began,
  body: { bores: [], mode: 'readout' },
});

const nameOf = (entry: Entry): string =>
  'version' in entry ? entry.version : String((entry.body as { id: string }).id);

/** A server that keeps what it is sent in the order of each line, and knows the version of a document that stands. */
function server(settled = new Map<string, number>()) {
  const stored: string[] = [];
  const versions = new Map<string, string>();
  const store = (entry: Entry): Delivery => {
    const document = documentOf(entry);
    if (document !== undefined) {
      const { version, began } = entry as DocumentEntry;
      const stands = versions.get(document) ?? 'first';
      if (stands === version) return { kind: 'delivered' };
      if (stands !== began) return { kind: 'refused', reason: 'superseded', current: { version: stands, body: {} } };
      versions.set(document, version);
    } else if (stored.includes(nameOf(entry))) return { kind: 'delivered' };
    stored.push(nameOf(entry));
    return { kind: 'delivered' };
  };
  return {
    stored,
    take(entry: Entry, turn: DeliveryTurn | undefined): Delivery {
      if (!turn) return store(entry);
      const last = settled.get(turn.line) ?? turn.number - 1;
      if (turn.number > last + 1) return { kind: 'out-of-order', expects: last + 1 };
      const known = stored.includes(nameOf(entry));
      const stands = [...versions.values()].includes(nameOf(entry));
      if (turn.number <= last) {
        const repeats = documentOf(entry) === undefined ? known : stands;
        return repeats ? { kind: 'delivered' } : { kind: 'out-of-order', expects: last + 1 };
      }
      settled.set(turn.line, turn.number);
      return store(entry);
    },
  };
}

type Tab = ReturnType<typeof createOutbox>;

function tab(
  storage: KeptStorage,
  send: (entry: Entry, turn: DeliveryTurn | undefined) => Promise<Delivery>,
  newKey: () => string,
): Tab {
  return createOutbox({
    storage,
    newKey,
    send,
    exclusive: (work) => work(),
    onDelivered: () => undefined,
    onChange: () => undefined,
    reader: () => fromOutboxEntry,
    loadReader: async () => undefined,
  });
}

let names = 0;
const fresh = () => `${(names += 1)}`;

describe('the order of a device’s entries', () => {
  test('is that in which they were logged though its clock is set back', async () => {
    const clock = ['0190', '0180', '0170', '0160'];
    const there = server();
    const outbox = tab(
      new KeptStorage(),
      async (...sent) => there.take(...sent),
      () => clock.shift() ?? fresh(),
    );
    for (const id of ['a', 'b', 'c']) outbox.add(strike(id));
    expect(await outbox.flush()).toBe(true);
    expect(there.stored).toEqual(['a', 'b', 'c']);
  });

  test('holds where two tabs without locks send at once, each entry stored once and none refused', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.scheduler(),
        fc.array(fc.tuple(fc.boolean(), fc.boolean()), { minLength: 1, maxLength: 8 }),
        async (scheduler, acts) => {
          const there = server();
          const storage = new KeptStorage();
          // An answer may be as late as the question: both are on their way for some time.
          const send = async (entry: Entry, turn: DeliveryTurn | undefined): Promise<Delivery> => {
            await scheduler.schedule(Promise.resolve(), `to ${nameOf(entry)}`);
            const answer = there.take(entry, turn);
            await scheduler.schedule(Promise.resolve(), `from ${nameOf(entry)}`);
            return answer;
          };
          const tabs = [tab(storage, send, fresh), tab(storage, send, fresh)] as const;
          const logged: string[] = [];
          let began = 'first';
          const flushes: Promise<boolean>[] = [];
          for (const [second, document] of acts) {
            const name = `e${logged.length}`;
            const outbox = tabs[second ? 1 : 0];
            outbox.add(document ? save(name, began) : strike(name));
            if (document) began = name;
            logged.push(name);
            flushes.push(outbox.flush());
            if (scheduler.count() > 0) await scheduler.waitOne();
          }
          await scheduler.waitIdle();
          await Promise.all(flushes);
          for (const outbox of tabs) {
            const last = outbox.flush();
            await scheduler.waitIdle();
            expect(await last).toBe(true);
          }
          expect(there.stored).toEqual(logged);
          expect(tabs[0].refused()).toEqual([]);
          expect(tabs[0].waiting()).toEqual([]);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('closes ranks where what the server asks for is no longer here: a copy put back, or an entry set aside', async () => {
    const settled = new Map<string, number>();
    const there = server(settled);
    const storage = new KeptStorage();
    const outbox = tab(storage, async (...sent) => there.take(...sent), fresh);
    for (const id of ['a', 'b', 'c']) outbox.add(strike(id));
    await outbox.flush();
    const [line] = settled.keys();
    settled.set(line ?? '', 1);
    for (const id of ['d', 'e']) outbox.add(strike(id));
    expect(await outbox.flush()).toBe(true);
    expect(there.stored).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(settled.get(line ?? '')).toBe(3);
    outbox.add(strike('f'));
    await outbox.flush();
    expect(settled.get(line ?? '')).toBe(4);
  });

  test('numbers go on where another tab has used more of them', async () => {
    const settled = new Map<string, number>();
    const there = server(settled);
    const outbox = tab(new KeptStorage(), async (...sent) => there.take(...sent), fresh);
    outbox.add(strike('a'));
    await outbox.flush();
    const [line] = settled.keys();
    settled.set(line ?? '', 40);
    for (const id of ['b', 'c']) outbox.add(strike(id));
    expect(await outbox.flush()).toBe(true);
    expect(there.stored).toEqual(['a', 'b', 'c']);
    expect(settled.get(line ?? '')).toBe(42);
  });

  test('a server that asks for the same again and again is tried again later, not for ever', async () => {
    let sends = 0;
    const outbox = tab(new KeptStorage(), async () => ({ kind: 'out-of-order', expects: (sends += 1) + 5 }), fresh);
    outbox.add(strike('a'));
    expect(await outbox.flush()).toBe(false);
    expect(sends).toBe(2);
    expect(outbox.waiting()).toHaveLength(1);
  });

  test('entries of an older program, which have no number, are sent before all others', async () => {
    const there = server();
    const storage = new KeptStorage();
    const turns: (DeliveryTurn | undefined)[] = [];
    const outbox = tab(storage, async (entry, turn) => (turns.push(turn), there.take(entry, turn)), fresh);
    outbox.add(strike('new'));
    storage.setItem('zero-point.outbox.019ac', JSON.stringify({ format: 2, kindVersion: 1, entry: strike('old') }));
    expect(await outbox.flush()).toBe(true);
    expect(there.stored).toEqual(['old', 'new']);
    expect(turns.map((turn) => turn?.number)).toEqual([undefined, 1]);
  });

  test('what is refused and mended goes to the end, the mended one', async () => {
    const got: string[] = [];
    const outbox = tab(
      new KeptStorage(),
      async (entry) => {
        if (nameOf(entry) === 'wrong')
          return { kind: 'refused', reason: 'no', errors: [{ field: 'reason', message: 'too long' }] };
        got.push(nameOf(entry));
        return { kind: 'delivered' };
      },
      fresh,
    );
    outbox.add(strike('wrong'));
    outbox.add(strike('b'));
    await outbox.flush();
    const [refused] = outbox.refused();
    expect(refused?.errors).toEqual([{ field: 'reason', message: 'too long' }]);
    outbox.again(refused?.key ?? '', strike('right'));
    await outbox.flush();
    expect(got).toEqual(['b', 'right']);
    expect(outbox.refused()).toEqual([]);
  });
});
