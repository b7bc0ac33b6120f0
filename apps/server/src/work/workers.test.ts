import { createRecord } from '../record';
import { bundled } from '../testing/bundled';
import { demoServer, FONTS, SETUP } from '../testing/shop';
import { inThisThread, createWorkers, type Workers, type WorkerLimits } from './workers';

const file = bundled('work/worker.ts');

const closing: Workers[] = [];
afterAll(() => Promise.all(closing.map((workers) => workers.close())));

function threads(limits?: WorkerLimits): Workers {
  const workers = createWorkers(file, limits);
  closing.push(workers);
  return workers;
}

const { store } = demoServer();
afterAll(() => store.close());
const snapshot = createRecord(store).snapshotText(SETUP);
const CIRCLE = {
  name: 'bolt-circle' as const,
  body: { centre: { x: 0, y: 0 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' },
};

test('another process gives the same answers', async () => {
  const workers = threads();
  expect(await workers.run('calculate', CIRCLE)).toEqual(await inThisThread.run('calculate', CIRCLE));
  expect(await workers.run('standing', snapshot)).toEqual(await inThisThread.run('standing', snapshot));
  expect(await workers.run('positionsCsv', snapshot)).toBe(await inThisThread.run('positionsCsv', snapshot));
  const pdf = await workers.run('sheetPdf', {
    snapshot,
    at: '2026-12-02T10:00:00.000Z',
    by: '',
    origin: 'http://shop',
    paper: 'a4',
    fonts: FONTS,
  });
  expect(Buffer.from(pdf.subarray(0, 5)).toString()).toBe('%PDF-');
});

test('what it refuses comes back with its field', async () => {
  const body = { ...CIRCLE.body, holes: 0 };
  await expect(threads().run('calculate', { ...CIRCLE, body })).rejects.toMatchObject({
    status: 422,
    errors: [expect.objectContaining({ field: 'holes' })],
  });
});

test('what takes too long is stopped and said, and the next is answered', async () => {
  const workers = threads({ patience: 1 });
  await expect(workers.run('standing', snapshot)).rejects.toMatchObject({ status: 422, code: 'too-much' });
  const patient = threads();
  await expect(patient.run('calculate', CIRCLE)).resolves.toBeDefined();
});

test('what needs more memory than it may have is said, and the server stands', async () => {
  // What such a process says at its end would be taken for the end of the one that tests.
  const said = jest.spyOn(process.stderr, 'write').mockReturnValue(true);
  const workers = threads({ memory: 24 });
  const many = JSON.stringify({ a: Array.from({ length: 3_000_000 }, (_, i) => ({ i })) });
  await expect(workers.run('standing', many)).rejects.toMatchObject({ status: 422, code: 'too-much' });
  said.mockRestore();
  await expect(workers.run('standing', snapshot)).resolves.toMatchObject({ id: SETUP });
});

test('more than may wait is refused for a moment', async () => {
  const workers = threads({ queue: 1 });
  const all = await Promise.allSettled(Array.from({ length: 8 }, () => workers.run('standing', snapshot)));
  const refused = all.flatMap((one) => (one.status === 'rejected' ? [one.reason as unknown] : []));
  expect(refused.length).toBeGreaterThan(0);
  for (const reason of refused) expect(reason).toMatchObject({ status: 429, code: 'busy' });
  await expect(workers.run('standing', snapshot)).resolves.toMatchObject({ id: SETUP });
});
