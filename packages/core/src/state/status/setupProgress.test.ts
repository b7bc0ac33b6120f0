import type { Entry } from '../../records/kinds/entry';
import type { Pattern } from '../../records/setup/pattern';
import type { Face } from '../../records/values/subject';
import { nextWords } from '../../messages/status/setupProgress';
import { axesSetWords } from '../../messages/datum/axesSet';
import type { SetupState } from '../basis/setupState';
import { progressOf } from './setupProgress';
import { bookOf, plateSnapshot, presetDone, caseReading, sizeRead, withTools } from '../basis/snapshot.case';

const setupId = plateSnapshot.setup.id;
const tools = [
  { id: 't1', number: 1, name: 'End mill', diameter: 10 },
  { id: 't2', number: 2, name: 'Drill 3', diameter: 3, kind: 'drill' as const },
];
const spots: Pattern = {
  id: 'p',
  name: 'Feet',
  kind: 'points',
  holeDiameter: 3,
  points: [
    { x: 10, y: 10 },
    { x: 90, y: 10 },
  ],
  steps: ['drill'],
};

const face = (name: Face, value: number): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind: 'face', face: name }, value),
});
const set = (axis: 'x' | 'y' | 'z', value: number): Entry => ({
  kind: 'zeroing',
  setupId,
  body: presetDone(
    axis === 'z' ? { kind: 'z-zero', tool: 1 } : { kind: 'face', face: axis === 'x' ? 'left' : 'front' },
    axis,
    value,
    `${axis}-2`,
  ),
});
const touch = (kind: 'z-zero' | 'tool-length', tool: number, value: number, epoch: string): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind, tool }, value, { axis: 'z', gaugeId: 'block', epoch }),
});
const drilled = (hole: number): Entry => ({
  kind: 'check',
  setupId,
  body: {
    id: `done-${hole}`,
    item: `hole-p-${hole}-drill`,
    text: `Drill hole ${hole}`,
    action: 'tick',
    reason: '',
    at: `2026-11-24T10:0${hole}:00.000Z`,
  },
});

const found: Entry[] = [face('left', -5), face('front', -5), set('x', -5), set('y', -5)];
const high: Entry[] = [touch('z-zero', 1, 37.42, 'first'), set('z', 10), touch('tool-length', 2, -2.31, 'z-2')];

const shop = (patterns: Pattern[], ...entries: Entry[]): SetupState =>
  bookOf({ ...plateSnapshot, ...withTools(tools), patterns }, entries);

const told = (book: SetupState) => {
  const { state, next } = progressOf(book);
  return [state, next.station, nextWords(book, next)];
};

test.each<[string, SetupState, [string, string, string]]>([
  ['nothing done', shop([]), ['not-begun', 'plan', 'Not begun: hold the part, then touch its first face.']],
  ['one face', shop([], face('left', -5)), ['under-way', 'datum', 'Find X and Y.']],
  ['X set', shop([], face('left', -5), set('x', -5)), ['under-way', 'datum', 'Find Y.']],
  ['X and Y set', shop([], ...found), ['under-way', 'heights', 'Set Z with tool 1.']],
  ['Z set', shop([spots], ...found, ...high.slice(0, 2)), ['under-way', 'heights', 'Touch tool 2, the last one.']],
  [
    'a tool no hole calls for',
    shop([], ...found, ...high.slice(0, 2)),
    ['under-way', 'positions', 'Enter where the holes are.'],
  ],
  ['tools measured', shop([], ...found, ...high), ['under-way', 'positions', 'Enter where the holes are.']],
  ['holes told', shop([spots], ...found, ...high), ['under-way', 'positions', 'Drill hole 1 of Feet, 2 to go.']],
])('%s', (_, book, words) => {
  expect(told(book)).toEqual(words);
});

test('a slip comes before anything else, with both figures', () => {
  const [state, station, words] = told(shop([spots], ...found, face('left', -5), face('right', 190)));
  expect([state, station]).toEqual(['slip', 'datum']);
  expect(words).toMatch(/apart ±.*, but the part is 184\.000 mm\.$/);
});

test('with every hole done a bore that was begun is brought to size, and then it is finished', () => {
  const bore = {
    id: 'b',
    name: 'Bearing bore',
    low: 26,
    high: 26.021,
    counts: 'radius' as const,
    step: 0.005,
    gaugeId: 'pin',
  };
  const entries = [...found, ...high, drilled(1), drilled(2)];
  const items = progressOf(shop([spots], ...entries)).next;
  const boring = (...more: Entry[]) =>
    bookOf({ ...plateSnapshot, ...withTools(tools), patterns: [spots], cutPlan: { bores: [bore] } }, [
      ...entries,
      ...more,
    ]);
  const size = (value: number): Entry => ({
    kind: 'reading',
    setupId,
    body: sizeRead({ kind: 'bore-size', of: 'b' }, value),
  });
  expect(items.what).toBe('finished');
  expect(told(boring())).toEqual(['under-way', 'size', 'Bring Bearing bore to size.']);
  expect(told(boring(size(26.01)))[0]).toBe('finished');
});

test('stations that are done are told in the order people work', () => {
  expect(progressOf(shop([], ...found, ...high)).done).toEqual(['plan', 'datum', 'heights']);
});

test.each([
  [[], 'nothing set yet'],
  [['x'], 'X set, Y and Z not yet'],
  [['x', 'y'], 'X and Y set, Z not yet'],
  [['x', 'y', 'z'], 'X, Y and Z set'],
] as const)('%j', (axes, words) => {
  expect(axesSetWords(axes)).toBe(words);
});

test('a tool that is ground is touched again before more holes, and brings no finished work back', () => {
  const ground = (cutterId: string): Entry => ({
    kind: 'calibration',
    setupId: '',
    body: {
      id: `${cutterId} ground`,
      of: { kind: 'cutter', cutterId },
      found: { what: 'void', why: 'repaired' },
      from: '2027-01-02T10:00:00.000Z',
      at: '2027-01-02T10:00:00.000Z',
    },
  });
  const [first, second] = tools.map(({ id }) => id);
  if (!first || !second) throw new Error('two tools');
  const half = [...found, ...high, drilled(1)];
  expect(told(shop([spots], ...half, ground(second)))[2]).toBe('Touch tool 2, the last one.');
  expect(told(shop([spots], ...half, ground(first)))[2]).toBe('Set Z with tool 1.');
  const all = [...half, drilled(2)];
  expect(told(shop([spots], ...all, ground(second), ground(first)))[0]).toBe('finished');
});
