import type { Feature } from '../../records/setup/datumPlan';
import { overwriteWords } from '../../messages/datum/overwrittenZero';
import type { FeatureAnswer } from './featureAnswer';
import { overwrittenZero } from './overwrittenZero';
import { bookOf, plateSnapshot, presetDone, rowOf } from '../basis/snapshot.case';

const snapshot = { ...plateSnapshot, part: { ...plateSnapshot.part, holes: [{ x: 62, y: 58, diameter: 26 }] } };
const BORE: Feature = { kind: 'round', of: 'hole-1' };
const found = { x: { workOffset: 0.013 }, y: { workOffset: -0.005 } } as FeatureAnswer;

const set = (axis: 'x' | 'y', subject: Parameters<typeof presetDone>[0]) =>
  rowOf('zeroing', presetDone(subject, axis, 0, `${axis} set`));
const LEFT = set('x', { kind: 'face', face: 'left' });
const FRONT = set('y', { kind: 'face', face: 'front' });

test('a bore after both faces: the first zero is named, and where the bore was found', () => {
  const lost = overwrittenZero(bookOf(snapshot, [LEFT, FRONT]), BORE, found);
  expect(lost?.at.x).toBeCloseTo(62.013, 9);
  expect(lost?.at.y).toBeCloseTo(57.995, 9);
  if (!lost) throw new Error('nothing lost');
  const words = overwriteWords(snapshot, 'bore, hole 1', lost);
  expect(words.lost).toMatch(/X was set by the left face, Y was set by the front face\. .* loses that zero/);
  expect(words.instead).toContain('X +62.013, Y +57.995 mm');
});

test.each([
  ['one axis is not set yet', [LEFT], BORE],
  ['nothing is set', [], BORE],
  ['a face is set again', [LEFT, FRONT], { kind: 'face', face: 'left' }],
  ['it was set by this bore before', [set('x', BORE as never), set('y', BORE as never)], BORE],
] as const)('nothing is lost where %s', (_, entries, feature) => {
  expect(overwrittenZero(bookOf(snapshot, [...entries]), feature, found)).toBeUndefined();
});
