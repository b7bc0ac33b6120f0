import { createHub, type Hub, type Topic } from './hub';
import { latestSource, openSources, TestSource } from './testSource';

let hub: Hub;
beforeEach(() => {
  jest.useFakeTimers();
  TestSource.all.length = 0;
  hub = createHub((url) => new TestSource(url) as unknown as EventSource);
});
afterEach(() => jest.useRealTimers());

const settle = () => jest.advanceTimersByTime(50);

/** Listens and writes down what is heard. */
function listening(topic: Topic, since?: number) {
  const heard: unknown[] = [];
  let missed = 0;
  const stop = hub.listen({ topic, since, heard: (data) => heard.push(data), again: () => (missed += 1) });
  return { heard, stop, missed: () => missed };
}

const topicsOf = (url: string): string[] => new URLSearchParams(url.split('?')[1]).getAll('of');

test('all who listen share one stream, and each hears its own', () => {
  const shop = listening('shop');
  const plate = listening('setup:plate', 7);
  const other = listening('setup:bracket', 3);
  const again = listening('shop');
  settle();
  expect(openSources()).toHaveLength(1);
  expect(topicsOf(latestSource().url)).toEqual(['setup:bracket:3', 'setup:plate:7', 'shop']);
  latestSource().opens();
  latestSource().says('shop', { setupId: 'plate' });
  latestSource().says('setup:plate', { seq: 8 });
  expect([shop.heard, again.heard, plate.heard, other.heard]).toEqual([
    [{ setupId: 'plate' }],
    [{ setupId: 'plate' }],
    [{ seq: 8 }],
    [],
  ]);
});

test('one more thing to hear of: the stream before goes on until the new one is heard, from where it had come to', () => {
  const plate = listening('setup:plate', 7);
  settle();
  const first = latestSource();
  first.opens();
  first.says('setup:plate', { seq: 9 });
  listening('link:knee-mill');
  settle();
  const second = latestSource();
  expect(topicsOf(second.url)).toEqual(['link:knee-mill', 'setup:plate:9']);
  first.says('setup:plate', { seq: 10 });
  expect(plate.heard).toEqual([{ seq: 9 }, { seq: 10 }]);
  second.opens();
  expect(openSources()).toEqual([second]);
  expect(plate.missed()).toBe(0);
});

test('changed twice before it is heard, no stream is left over', () => {
  listening('shop');
  settle();
  latestSource().opens();
  listening('setup:plate', 1);
  settle();
  listening('setup:bracket', 1);
  settle();
  expect(openSources()).toHaveLength(3);
  latestSource().opens();
  expect(openSources()).toHaveLength(1);
});

test('who joins from further back is told what it lacks; who joins at the same place changes nothing', () => {
  listening('setup:plate', 7);
  settle();
  latestSource().opens();
  latestSource().says('setup:plate', { seq: 9 });
  listening('setup:plate', 9);
  settle();
  expect(TestSource.all).toHaveLength(1);
  listening('setup:plate', 4);
  settle();
  expect(topicsOf(latestSource().url)).toEqual(['setup:plate:4']);
});

test('a link that others listen to is told at once as it stands', () => {
  listening('link:knee-mill');
  settle();
  latestSource().opens();
  latestSource().says('link:knee-mill', { state: 'live' });
  expect(listening('link:knee-mill').heard).toEqual([{ state: 'live' }]);
});

test('nobody listens: no stream', () => {
  const one = listening('shop');
  settle();
  latestSource().opens();
  one.stop();
  settle();
  expect(openSources()).toEqual([]);
});

test('a break is told once when the server is heard again', () => {
  const one = listening('shop');
  settle();
  latestSource().opens();
  latestSource().dispatchEvent(new Event('error'));
  latestSource().opens();
  latestSource().opens();
  expect(one.missed()).toBe(1);
});

test('a stream that the browser gave up is opened again, and what was missed is asked for', () => {
  const one = listening('setup:plate', 5);
  settle();
  const first = latestSource();
  first.opens();
  first.close();
  first.dispatchEvent(new Event('error'));
  jest.advanceTimersByTime(1100);
  expect(latestSource()).not.toBe(first);
  expect(topicsOf(latestSource().url)).toEqual(['setup:plate:5']);
  latestSource().opens();
  expect(one.missed()).toBe(1);
});

test('one that is refused again and again is tried ever more seldom', () => {
  listening('shop');
  settle();
  const refuse = () => {
    latestSource().close();
    latestSource().dispatchEvent(new Event('error'));
  };
  for (let i = 0; i < 4; i += 1) {
    refuse();
    jest.advanceTimersByTime(1000 * 2 ** i - 1);
    const tries = TestSource.all.length;
    jest.advanceTimersByTime(2);
    expect(TestSource.all).toHaveLength(tries + 1);
  }
  latestSource().opens();
  refuse();
  jest.advanceTimersByTime(1001);
  expect(latestSource().readyState).toBe(0);
});
