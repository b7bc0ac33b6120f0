import { finderByBlock } from '../../calibration/finderByBlock';
import { qualifyWords } from './qualify';

const found = finderByBlock({
  towardPlus: [-5.006, -5.005],
  towardMinus: [30.002, 30.003],
  block: { size: 25, U: 0.001 },
  method: { resolution: 0.001, methodSd: 0.002 },
  uTouch: 0.002,
});

test('a size that agrees is said with both ±, its own and that of the comparison', () => {
  expect(qualifyWords(found, { value: 10, U: 0.01 }, 'mm')).toMatch(
    /^⌀ 10\.008 mm ±0\.0\d\d mm, which agrees with the 10\.000 mm in use within ±0\.0\d\d mm\.$/,
  );
});

test('one that does not is to be touched again before it is kept', () => {
  expect(qualifyWords(found, { value: 9.95, U: 0.01 }, 'mm')).toMatch(
    /\+0\.058 mm from the 9\.950 mm in use, more than the ±.* Touch both sides again/,
  );
});
