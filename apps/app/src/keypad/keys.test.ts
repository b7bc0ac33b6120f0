import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { shopKeys } from './keys';

/** Presses keys by what they show and gives what was typed. */
function typed(dial: boolean, ...faces: string[]): string {
  const keys = shopKeys(dial).flat();
  return faces.reduce((text, face) => {
    const key = keys.find((one) => one.face === face);
    if (!key) throw new Error(`no key ${face}`);
    return key.press(text);
  }, '');
}

describe('the keypad types what shops type', () => {
  test.each<[LengthUnit, string[], string, number]>([
    ['mm', ['5', '.', '0', '1', '2', '±'], '-5.012', -5.012],
    ['mm', ['±', '5'], '-5', -5],
    ['mm', ['±', '5', '±'], '5', 5],
    ['in', ['1', 'space', '3', '/', '8'], '1 3/8', 34.925],
    ['mm', ['1', '/', '2', 'in'], '1/2 in', 12.7],
    ['in', ['5', 'mm'], '5 mm', 5],
    ['mm', ['5', 'thou'], '5 thou', 0.127],
    ['in', ['2', 'tenths'], '2 tenths', 0.00508],
    ['mm', ['1', '0', '.', '0', '2', '/', '2', '+', '.', '0', '5'], '10.02/2+.05', 5.06],
    ['mm', ['5', '−', '2'], '5-2', 3],
    ['mm', ['7', '8', '⌫'], '7', 7],
  ])('%s: %j', (unit, faces, text, mm) => {
    expect(typed(false, ...faces)).toBe(text);
    const read = parseLength(text, unit);
    expect(read.ok && read.mm).toBeCloseTo(mm, 12);
  });

  test('at a handwheel turns and lines are typed', () => {
    const text = typed(true, '1', '5', 'turns', '9', '3');
    const read = parseLength(text, 'mm', { perTurn: 3, lines: 120 });
    expect(read.ok && read.mm).toBeCloseTo(47.325, 12);
    expect(
      shopKeys(false)
        .flat()
        .some(({ face }) => face === 'turns'),
    ).toBe(false);
  });

  test('clear empties, rubbing out nothing stays nothing', () => {
    expect(typed(false, '1', '2', 'C')).toBe('');
    expect(typed(false, '⌫')).toBe('');
  });

  test.each([true, false])(
    'every key has a name to be spoken, none stands twice, and rows are as wide as each other',
    (dial) => {
      const rows = shopKeys(dial);
      const labels = rows.flat().map(({ label }) => label);
      expect(new Set(labels).size).toBe(labels.length);
      expect(rows.map((row) => row.reduce((sum, { wide = 1 }) => sum + wide, 0))).toEqual([6, 6, 6, 6]);
    },
  );
});
