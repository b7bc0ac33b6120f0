import { withEntries } from '../../records/kinds/merge';
import { nextReadingText } from '../../messages/verify/bestNextReading';
import { deriveState } from '../basis/setupState';
import { featureAnswer } from '../datum/featureAnswer';
import { bestNextDepthReading, bestNextReading } from './bestNextReading';
import { plateSnapshot, caseReading, rowOf } from '../basis/snapshot.case';
import { zZeroAnswer } from '../zAndTools/zZero';

const touched = (face: 'left' | 'front', values: readonly number[]) =>
  values.map((value) => rowOf('reading', caseReading({ kind: 'face', face }, value)));

const far = {
  id: 'far',
  name: 'Far',
  kind: 'points' as const,
  holeDiameter: 4,
  points: [{ x: 170, y: 100 }],
};

test('nothing is said while nothing is found', () => {
  expect(bestNextReading(deriveState(plateSnapshot))).toBeUndefined();
});

test('the axis touched once is the worse one, and one more touch of it lowers its ±', () => {
  const book = deriveState(
    withEntries({ ...plateSnapshot, patterns: [far] }, [
      ...touched('left', [-5.01]),
      ...touched('front', [-5.001, -5.003, -5.002, -5.002]),
    ]),
  );
  const help = bestNextReading(book);
  expect(help).toMatchObject({ axis: 'x', hole: { pattern: { id: 'far' } } });
  const repeat = help?.helps.find(({ what }) => what === 'repeat');
  expect(repeat?.U ?? Infinity).toBeLessThan(help?.U ?? 0);
  const again = deriveState(
    withEntries({ ...plateSnapshot, patterns: [far] }, [
      ...touched('left', [-5.01, -5.01]),
      ...touched('front', [-5.001, -5.003, -5.002, -5.002]),
    ]),
  );
  // What was promised comes about: the touch that was asked for, as near as the repeats of the method say.
  expect(bestNextReading(again)?.U ?? 0).toBeLessThan(help?.U ?? 0);
});

test('every help makes it surer by a twentieth at least, best first', () => {
  const book = deriveState(withEntries(plateSnapshot, [...touched('left', [-5.01]), ...touched('front', [-5])]));
  const help = bestNextReading(book);
  const Us = help?.helps.map(({ U }) => U) ?? [];
  expect(Us.length).toBeGreaterThan(0);
  expect([...Us].sort((a, b) => a - b)).toEqual(Us);
  for (const U of Us) expect(U).toBeLessThan(0.95 * (help?.U ?? 0));
});

test('the sentence names the hole, the ± now and then', () => {
  const tight = { ...plateSnapshot, patterns: [far], setup: { ...plateSnapshot.setup, tolerance: 0.01 } };
  const book = deriveState(withEntries(tight, [...touched('left', [-5.01]), ...touched('front', [-5])]));
  const help = bestNextReading(book);
  expect(help && nextReadingText(book, help)).toMatch(
    /at hole 1 of Far is known to ±0\.0\d\d mm\. .+ would make it ±0\.0\d\d mm\.$/,
  );
});

test('the same thing is told with one ±: where the step of a search outweighs all else, and at part zero of two faces', () => {
  const heights = { surface: 0, lift: 0, step: 0.1 };
  const searched = deriveState(
    withEntries({ ...plateSnapshot, datumPlan: { ...plateSnapshot.datumPlan, heights } }, [
      rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, -50, { axis: 'z' })),
      ...touched('left', [-5.01]),
    ]),
  );
  const answer = zZeroAnswer(searched)?.uncertainty;
  // A step is bounded: twice its standard uncertainty would be more than it can be off.
  expect(answer?.U ?? NaN).toBeLessThan(1.99 * (answer?.u ?? 0));
  expect(bestNextDepthReading(searched)?.U).toBe(answer?.U);
  const faces = deriveState(withEntries(plateSnapshot, [...touched('left', [-5.01]), ...touched('front', [-5])]));
  expect(bestNextReading(faces)?.U).toBeCloseTo(featureAnswer(faces, { kind: 'face', face: 'left' })?.x?.uncertainty.U ?? NaN, 12); // prettier-ignore
});
