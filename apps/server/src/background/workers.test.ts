import { bundled } from '../testing/bundled';
import { demoServer, FONTS, freshFile, SETUP } from '../testing/shop';
import { inThisThread, createWorkers, type Workers, type WorkerLimits } from './workers';

const file = bundled('background/worker.ts');

const closing: Workers[] = [];
afterAll(() => Promise.all(closing.map((workers) => workers.close())));

function threads(limits?: WorkerLimits): Workers {
  const workers = createWorkers(file, limits);
  closing.push(workers);
  return workers;
}

const { store, file: shopFile } = demoServer();
afterAll(() => store.close());
const setup = { shop: { file: shopFile, unsound: [] }, id: SETUP };
const CIRCLE = {
  name: 'bolt-circle' as const,
  body: { centre: { x: 0, y: 0 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' },
};

test('another process gives the same answers', async () => {
  const workers = threads();
  expect(await workers.run('calculate', CIRCLE)).toEqual(await inThisThread.run('calculate', CIRCLE));
  expect(await workers.run('standing', setup)).toEqual(await inThisThread.run('standing', setup));
  expect(await workers.run('positionsCsv', setup)).toBe(await inThisThread.run('positionsCsv', setup));
  const pdf = await workers.run('sheetPdf', {
    setup,
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
  await expect(workers.run('standing', setup)).rejects.toMatchObject({ status: 422, code: 'too-much' });
  const patient = threads();
  await expect(patient.run('calculate', CIRCLE)).resolves.toBeDefined();
});

test('what needs more memory than it may have is said, and the server stands', async () => {
  // What such a process says at its end would be taken for the end of the one that tests.
  const said = jest.spyOn(process.stderr, 'write').mockReturnValue(true);
  const workers = threads({ memory: 24 });
  const body = Buffer.from(JSON.stringify({ a: Array.from({ length: 900_000 }, (_, i) => ({ i })) }));
  await expect(workers.run('setupFileRead', { shop: setup.shop, body, to: freshFile() })).rejects.toMatchObject({
    status: 422,
    code: 'too-much',
  });
  said.mockRestore();
  await expect(workers.run('standing', setup)).resolves.toMatchObject({ id: SETUP });
});

test('more than may wait is refused for a moment', async () => {
  const workers = threads({ queue: 1 });
  const all = await Promise.allSettled(Array.from({ length: 8 }, () => workers.run('standing', setup)));
  const refused = all.flatMap((one) => (one.status === 'rejected' ? [one.reason as unknown] : []));
  expect(refused.length).toBeGreaterThan(0);
  for (const reason of refused) expect(reason).toMatchObject({ status: 429, code: 'busy' });
  await expect(workers.run('standing', setup)).resolves.toMatchObject({ id: SETUP });
});
