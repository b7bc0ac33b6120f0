import { criedWolf, namedFirst } from '../../testing/trials/mistakeTrials';
import { explain } from './explain';
import type { ExplainInput, Mistake } from './explain.schema';

const plate: ExplainInput = { measured: 184, known: 184, U: 0.02, radius: 5, feeler: 0.05, perTurn: 3, backlash: 0.18 };

describe('why it does not agree', () => {
  test.each<[string, Partial<ExplainInput>, Mistake]>([
    ['half a 10 mm finder forgotten at one face', { measured: 188.99 }, 'radius-once'],
    ['the right face touched from the wrong side', { measured: 194.004 }, 'radius-twice'],
    ['the feeler forgotten', { measured: 183.952, U: 0.012 }, 'feeler'],
    ['a lost turn of the handwheel', { measured: 181.01 }, 'turns'],
    ['two turns too many', { measured: 190.01 }, 'turns'],
    ['one touch from the other side', { measured: 184.176 }, 'backlash'],
    ['inches typed as millimetres', { measured: 184 / 25.4 }, 'inch-for-mm'],
    ['a forgotten minus', { measured: -184.004 }, 'sign'],
    ['a radius for a diameter', { measured: 92.003 }, 'diameter-for-radius'],
    ['a slipped decimal point', { measured: 18.4 }, 'decimal-place'],
    ['1/16 for 1/8', { measured: 184 + 1.5875 }, 'sixteenth'],
    ['the feeler forgotten at both faces', { measured: 184 - 0.1, U: 0.008 }, 'feeler-twice'],
    ['half of a 64th', { measured: 184 + 25.4 / 128, U: 0.008 }, 'half-64th'],
    ['1/8 in taken as 3.125', { measured: 184 - 0.025, U: 0.004, radius: 3.175 / 2 }, 'inch-of-25'],
    ['a neighbouring 64th', { measured: 184 - 0.397 }, 'neighbouring-64th'],
    ['a misread millimetre', { measured: 185.005 }, 'misread-figure'],
    [
      'a plate marked 12.70 that measures 12.42',
      { measured: 183.72, plate: { entered: 12.7, measured: 12.42 } },
      'plate',
    ],
  ])('%s', (_, change, slip) => {
    const { agrees, likely } = explain({ ...plate, ...change });
    expect(agrees).toBe(false);
    expect(likely[0]?.slip).toBe(slip);
  });

  test('what agrees is left in peace', () => {
    expect(explain({ ...plate, measured: 184.02 })).toMatchObject({ agrees: true, likely: [] });
  });

  test('a plate never measured is asked for, before a slip that only happens to fit is named', () => {
    const told = { ...plate, measured: 183.9, backlash: 0.1 };
    expect(explain(told).likely[0]?.slip).toBe('feeler-twice');
    expect(explain({ ...told, plateUnmeasured: true })).toMatchObject({ ask: 'measure-plate', likely: [] });
    // No plate is five millimetres from its marking.
    expect(explain({ ...told, measured: 189, plateUnmeasured: true })).toMatchObject({
      ask: null,
      likely: [{ slip: 'radius-once' }],
    });
  });

  test('what fits nothing is said not to agree, and no slip is made up', () => {
    expect(explain({ ...plate, measured: 191.3 })).toMatchObject({ agrees: false, likely: [] });
  });

  test('slips that were not possible are not named', () => {
    const { likely } = explain({ measured: 187, known: 184, U: 0.02 });
    expect(likely).toEqual([]);
  });
});

describe('against a simulated shop', () => {
  test('the planted slip comes first in 95 of 100 where the candidates lie apart', () => {
    expect(namedFirst(5000, 11)).toBeGreaterThanOrEqual(0.95);
  });

  test('where they do not lie apart, all that fit are listed', () => {
    const { likely } = explain({ ...plate, measured: 184 + 0.1, feeler: 0.1, backlash: 0.105 });
    expect(likely.map(({ slip }) => slip)).toEqual(expect.arrayContaining(['feeler', 'backlash', 'misread-figure']));
  });

  test('cries wolf in fewer than 1 in 100 clean cases', () => {
    expect(criedWolf(5000, 12)).toBeLessThan(0.01);
  });
});
