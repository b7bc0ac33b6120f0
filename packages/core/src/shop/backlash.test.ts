import { backlash } from './backlash';

const method = { resolution: 0.025, methodSd: 0.01 };

describe('backlash of an axis', () => {
  test('half a dozen from each side on the bench mill give 0.18', () => {
    const result = backlash({
      fromMinus: [10.2, 10.175, 10.18, 10.175, 10.185, 10.165],
      fromPlus: [10, 9.995, 10.01, 9.99, 10.005, 10],
      method,
    });
    expect(result.backlash).toBeCloseTo(0.18, 12);
    expect(result.uncertainty.U).toBeGreaterThan(0.005);
    expect(result.uncertainty.U).toBeLessThan(0.03);
    expect(result.notes).toEqual([]);
  });

  test('is a size whichever way the dial counts', () => {
    expect(backlash({ fromMinus: [10], fromPlus: [10.22], method }).backlash).toBeCloseTo(0.22, 12);
  });

  test('says when too few were taken, and when nothing can be seen', () => {
    const { notes } = backlash({ fromMinus: [10, 10.001], fromPlus: [10], method });
    expect(notes).toEqual([{ code: 'few-from-one-side', fewest: 1 }, { code: 'less-than-its-u' }]);
  });
});
