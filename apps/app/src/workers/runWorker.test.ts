/** @jest-environment node */
import { expose } from 'comlink';
import { runWorker, WorkRefused } from './runWorker';
import type { WorkOutcome } from './serveWork';

type Run = (job: number, tell: (share: number) => void) => Promise<WorkOutcome<number>>;

const Channel = globalThis.MessageChannel;
const open: MessageChannel[] = [];
const ended = jest.fn();

/** A worker that does this, on a channel within the test. */
function workerOf(run: Run): Worker {
  const channel = new Channel();
  open.push(channel);
  expose({ run }, channel.port2 as unknown as Parameters<typeof expose>[1]);
  return Object.assign(channel.port1, { terminate: ended, onerror: null }) as unknown as Worker;
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 50));

beforeEach(() => {
  ended.mockClear();
  // The one that progress is told by is made within: it too is closed after, or the test run would wait for it.
  globalThis.MessageChannel = class extends Channel {
    constructor() {
      super();
      open.push(this);
    }
  };
});
afterEach(() => {
  globalThis.MessageChannel = Channel;
  for (const { port1, port2 } of open.splice(0)) {
    port1.close();
    port2.close();
  }
});

test('a job is done once, told how far it is, and its worker ended', async () => {
  const told: number[] = [];
  const { result } = runWorker<number, number>(
    workerOf(async (job, tell) => {
      await (tell(0.5) as unknown as Promise<void>);
      return { ok: true, result: job * 2 };
    }),
    21,
    (share) => told.push(share),
  );
  await expect(result).resolves.toBe(42);
  expect(told).toEqual([0.5]);
  expect(ended).toHaveBeenCalledTimes(1);
});

test('what is told behind the answer is told no more: nothing is under way', async () => {
  const told = jest.fn();
  const { result } = runWorker<number, number>(
    workerOf(async (_, tell) => {
      setTimeout(() => tell(1), 5);
      return { ok: true, result: 1 };
    }),
    0,
    told,
  );
  await result;
  await settled();
  expect(told).not.toHaveBeenCalled();
});

test('what it refuses comes with its code and remedy', async () => {
  const refused = runWorker<number, number>(
    workerOf(async () => ({ ok: false, code: 'no-holes', message: 'The file has no holes.' })),
    0,
  ).result;
  await expect(refused).rejects.toEqual(new WorkRefused('no-holes', 'The file has no holes.'));
  expect(ended).toHaveBeenCalledTimes(1);
});

test('stopped, it gives nothing, and its worker is ended at once', async () => {
  const told = jest.fn();
  const { result, cancel } = runWorker<number, number>(
    workerOf(async (_, tell) => {
      setTimeout(() => tell(0.5), 10);
      await new Promise((resolve) => setTimeout(resolve, 30));
      return { ok: true, result: 1 };
    }),
    0,
    told,
  );
  cancel();
  await expect(result).resolves.toBeUndefined();
  await settled();
  expect(told).not.toHaveBeenCalled();
  expect(ended).toHaveBeenCalledTimes(1);
});
