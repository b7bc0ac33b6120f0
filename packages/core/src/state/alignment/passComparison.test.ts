import { passComparisonText } from '../../messages/alignment/passComparison';
import { alignmentShop, configured, readPass } from './alignment.case';
import { passComparison } from './passComparison';

const vise = configured(alignmentShop, 'vise');
const chuck = configured(alignmentShop, 'chuck');

const after = (alignment: typeof vise, ...passes: number[][]) =>
  passComparison(
    passes.reduce((book, values, i) => readPass(book, alignment, values, i + 1), alignmentShop),
    alignment,
    passes.length,
  );

test('a jaw that ran true and is out once its bolts are tight was moved by tightening', () => {
  expect(after(vise, [0, 0.12], [0, 0.001], [0, 0.06])).toBe('came out');
  expect(passComparisonText('came out', 'vise')).toMatch(/tightening the bolts moved it\. .* in turn\.$/);
});

test('the whole difference of a flip tapped instead of half leaves the part as far out on the other side', () => {
  expect(after(chuck, [0, -0.06, 0, 0.08], [0, 0.058, 0, -0.08])).toBe('overshot');
  expect(passComparisonText('overshot', 'chuck')).toMatch(/the whole difference was moved\. Move half\.$/);
});

test('half of it tapped, a little too much or the wrong way is neither', () => {
  expect(after(chuck, [0, -0.06, 0, 0.08], [0, 0, 0, 0.001])).toBeUndefined();
  expect(after(chuck, [0, -0.06, 0, 0.08], [0, 0.02, 0, -0.02])).toBeUndefined();
  expect(after(chuck, [0, -0.06, 0, 0.08], [0, -0.12, 0, 0.16])).toBeUndefined();
});

test('the first pass, one that runs true, and a plug have nothing to be told', () => {
  expect(after(vise, [0, 0.12])).toBeUndefined();
  expect(after(vise, [0, 0.12], [0, 0])).toBeUndefined();
  const plug = configured(alignmentShop, 'centre', { school: 'plug', plugId: 'plug' });
  expect(after(plug, [62.01, 57.99], [61.01, 57.99])).toBeUndefined();
});

test('what lies within what both passes are known to is nobody’s fault', () => {
  expect(after(vise, [0, 0.001], [0, 0.004])).toBeUndefined();
});
