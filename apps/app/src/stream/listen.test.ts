import { listen } from './listen';
import { latestSource, openSources, TestSource } from './testSource';

function see(hidden: boolean): void {
  Object.defineProperty(document, 'hidden', { configurable: true, value: hidden });
  document.dispatchEvent(new Event('visibilitychange'));
}

beforeEach(() => {
  jest.useFakeTimers();
  TestSource.all.length = 0;
  Object.defineProperty(globalThis, 'EventSource', { configurable: true, value: TestSource });
  see(false);
});
afterEach(() => jest.useRealTimers());

const settle = () => jest.advanceTimersByTime(50);

// A browser without workers that windows share: each page has a stream of its own.

test('what the server tells is heard until it is stopped', () => {
  const heard: unknown[] = [];
  const stop = listen('shop', (data) => heard.push(data));
  settle();
  latestSource().opens();
  latestSource().says('shop', 'one');
  expect(heard).toEqual(['one']);
  stop();
  settle();
  expect(openSources()).toEqual([]);
});

test('a page that nobody sees lets go of its stream, and asks from where it was when it is seen again', () => {
  let seq = 4;
  const missed: string[] = [];
  const stop = listen('setup:plate', () => undefined, { since: () => seq, again: () => missed.push('again') });
  settle();
  latestSource().opens();
  expect(missed).toEqual([]);
  see(true);
  settle();
  expect(openSources()).toEqual([]);
  seq = 9;
  see(false);
  settle();
  expect(openSources().map(({ url }) => url)).toEqual(['/api/stream?of=setup%3Aplate%3A9']);
  expect(missed).toEqual(['again']);
  stop();
  settle();
  see(true);
  see(false);
  settle();
  expect(openSources()).toEqual([]);
});

test('a link lets go of it too: six windows are all a browser has', () => {
  const stop = listen('link:knee', () => undefined, { unseen: true });
  settle();
  expect(openSources()).toHaveLength(1);
  see(true);
  settle();
  expect(openSources()).toEqual([]);
  stop();
});

describe('where windows share a worker', () => {
  /** A worker's port that writes down what it is asked. */
  const asked: unknown[] = [];
  const port = { postMessage: (what: unknown) => asked.push(what), onmessage: undefined as unknown };
  const scripts: string[] = [];
  class Shared {
    port = port;
    constructor(script: string) {
      scripts.push(script);
    }
  }
  const tell = (data: object) => (port.onmessage as (event: object) => void)({ data });

  test('all that is heard of goes through it; what a machine tells goes on though nobody sees the page', () => {
    jest.resetModules();
    Object.defineProperty(globalThis, 'SharedWorker', { configurable: true, value: Shared });
    document.head.innerHTML = '<meta name="stream" content="/stream.js">';
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    const fresh = (require('./listen') as { listen: typeof listen }).listen;
    const heard: unknown[] = [];
    let missed = 0;
    const stop = fresh('setup:plate', (data) => heard.push(data), { since: () => 4, again: () => (missed += 1) });
    const stopLink = fresh('link:knee', (data) => heard.push(data), { unseen: true });
    settle();
    expect(TestSource.all).toEqual([]);
    expect(scripts).toEqual(['/stream.js']);
    expect(asked).toEqual([
      { do: 'listen', number: 1, topic: 'setup:plate', since: 4 },
      { do: 'listen', number: 2, topic: 'link:knee', since: undefined },
    ]);
    tell({ number: 1, data: 'news' });
    tell({ number: 2, data: 'touch' });
    tell({ number: 1, again: true });
    expect([heard, missed]).toEqual([['news', 'touch'], 1]);
    see(true);
    expect(asked.slice(2)).toEqual([{ do: 'stop', number: 1 }]);
    see(false);
    expect(asked.slice(3)).toEqual([{ do: 'listen', number: 3, topic: 'setup:plate', since: 4 }]);
    stop();
    stopLink();
    window.dispatchEvent(new Event('pagehide'));
    expect(asked.slice(4)).toEqual([{ do: 'stop', number: 3 }, { do: 'stop', number: 2 }, { do: 'leave' }]);
  });
});
