import { alignmentShop, configured } from '../../state/alignment/alignment.case';
import { ALIGNMENT_TASKS } from '../../records/values/tasks';
import { alignmentSteps, MAKING_PLUG } from './steps';

const steps = (task: (typeof ALIGNMENT_TASKS)[number], change: object = {}) =>
  alignmentSteps(configured(alignmentShop, task, change)).join(' | ');

/** The texts follow each other in this order. */
function expectInOrder(text: string, ...parts: RegExp[]): void {
  const places = parts.map((part) => text.search(part));
  expect(places).not.toContain(-1);
  expect(places).toEqual([...places].sort((a, b) => a - b));
}

test('every way has its steps, and what was tightened is read once more after it', () => {
  for (const task of ALIGNMENT_TASKS) expect(alignmentSteps(configured(alignmentShop, task)).length).toBeGreaterThan(2);
  for (const task of ['head', 'vise', 'skew'] as const) expect(steps(task)).toMatch(/tightening moves it\.$/);
  for (const school of ['sweep', 'plug']) expect(steps('centre', { school })).toMatch(/bolting moves it\.$/);
});

test('a plug: seated, bolted while it sits, drawn out, swept', () => {
  expectInOrder(
    steps('centre', { school: 'plug' }),
    /in a collet/,
    /enters without force\. Never push/,
    /Plug still seated: tighten the bolts/,
    /Take the plug out/,
    /sweep/,
  );
  expect(MAKING_PLUG).toMatch(/one setting.*without pressing/);
});

test('parallels are out before a chuck is first turned, however it is read, and the brake is on before it is cut', () => {
  expectInOrder(steps('chuck'), /on parallels/, /Lock the table/, /out before the table first turns/);
  expectInOrder(steps('chuck', { standing: false }), /tight enough/, /Parallels and spacers out/, /Then turn/, /Read/);
  expectInOrder(steps('level'), /brake off/, /zero the axis/, /Brake on/);
});

test('the head comes before the vise and the level', () => {
  for (const task of ['vise', 'level'] as const) expect(steps(task)).toMatch(/^The head square to the table first/);
});
