import { listen } from './listen';

/** A line to the server as a browser has it: what opens and closes it is written down. */
class Line extends EventTarget {
  static readonly lines: Line[] = [];
  open = true;
  constructor(readonly url: string) {
    super();
    Line.lines.push(this);
  }
  close(): void {
    this.open = false;
  }
}

const openLines = () => Line.lines.filter(({ open }) => open);
const latest = () => Line.lines.at(-1);

function see(hidden: boolean): void {
  Object.defineProperty(document, 'hidden', { configurable: true, value: hidden });
  document.dispatchEvent(new Event('visibilitychange'));
}

beforeEach(() => {
  Line.lines.length = 0;
  Object.defineProperty(globalThis, 'EventSource', { configurable: true, value: Line });
  see(false);
});

const told = (name: string, data: string) => latest()?.dispatchEvent(new MessageEvent(name, { data }));

test('what the server tells is heard until it is stopped', () => {
  const heard: string[] = [];
  const stop = listen(() => '/events', ({ data }) => heard.push(data)); // prettier-ignore
  told('changed', 'one');
  expect(heard).toEqual(['one']);
  stop();
  expect(openLines()).toEqual([]);
});

test('a page that nobody sees lets go of its line, and asks from where it was when it is seen again', () => {
  let seq = 4;
  const missed: string[] = [];
  const stop = listen(
    () => `/setups/plate/events?since=${seq}`,
    () => undefined,
    { name: 'news', again: () => missed.push('again') },
  );
  latest()?.dispatchEvent(new Event('open'));
  expect(missed).toEqual([]);
  see(true);
  expect(openLines()).toEqual([]);
  seq = 9;
  see(false);
  expect(openLines().map(({ url }) => url)).toEqual(['/api/setups/plate/events?since=9']);
  latest()?.dispatchEvent(new Event('open'));
  expect(missed).toEqual(['again']);
  stop();
  see(true);
  see(false);
  expect(openLines()).toEqual([]);
});

test('a line that broke and came back says that something was missed, once', () => {
  let missed = 0;
  const stop = listen(
    () => '/events',
    () => undefined,
    { again: () => (missed += 1) },
  );
  latest()?.dispatchEvent(new Event('open'));
  latest()?.dispatchEvent(new Event('error'));
  latest()?.dispatchEvent(new Event('open'));
  latest()?.dispatchEvent(new Event('open'));
  expect(missed).toBe(1);
  stop();
});

test('what a machine tells is heard on a page that nobody sees', () => {
  const heard: string[] = [];
  const stop = listen(() => '/machines/knee/link/events', ({ data }) => heard.push(data), { name: 'link', unseen: true }); // prettier-ignore
  see(true);
  told('link', 'touch');
  expect(heard).toEqual(['touch']);
  stop();
});
