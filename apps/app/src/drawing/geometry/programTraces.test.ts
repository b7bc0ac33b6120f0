import { FEED, RAPID, writePath } from '@zero-point/core/program/motion/path';
import { programTraces } from './programTraces';
import type { View } from './view';

const view: View = { scale: 1, x: (mm) => mm, y: (mm) => 100 - mm };

function pathOf(...stretches: readonly [kind: number, x: number, y: number, z: number, tool?: number][]) {
  const path = writePath();
  stretches.forEach(([kind, x, y, z, tool = 0], i) => path.add({ kind, x, y, z, line: i + 1 }, tool));
  return path.path();
}

const square = pathOf([RAPID, 10, 10, 5], [FEED, 10, 10, -2], [FEED, 60, 10, -2], [RAPID, 60, 60, 5]);

test('rapids and feeds are lines of their own', () => {
  expect(programTraces(square, 'above', view, 100, 100)).toEqual([
    { rapid: false, tool: 0, d: 'M10.0 90.0L10.0 90.0L60.0 90.0' },
    { rapid: true, tool: 0, d: 'M60.0 90.0L60.0 40.0' },
  ]);
});

test('from the front Z goes up', () => {
  const [feeds] = programTraces(square, 'front', { ...view, y: (mm) => 50 - mm }, 100, 100);
  expect(feeds?.d).toBe('M10.0 45.0L10.0 52.0L60.0 52.0');
});

test('tools are told apart', () => {
  const both = pathOf([FEED, 0, 0, 0, 0], [FEED, 20, 0, 0, 0], [FEED, 20, 20, 0, 1]);
  expect(programTraces(both, 'above', view, 100, 100).map(({ tool }) => tool)).toEqual([0, 1]);
});

test('where nobody knows the place nothing is drawn', () => {
  expect(programTraces(pathOf([RAPID, NaN, NaN, 20], [RAPID, 10, 10, 20]), 'above', view, 100, 100)).toEqual([]);
});

test('half a million stretches over one another are as many as the drawing has dots', () => {
  const path = writePath();
  for (let i = 0; i < 500_000; i += 1)
    path.add({ kind: FEED, x: (i * 0.37) % 100, y: ((i / 270) * 0.05) % 100, z: 0, line: i }, 0);
  const traces = programTraces(path.path(), 'above', view, 100, 100);
  const stretches = traces.reduce((sum, { d }) => sum + d.split('L').length, 0);
  expect(stretches).toBeLessThan((100 / 1.6) ** 2 * 2);
  expect(stretches).toBeGreaterThan(100);
});
