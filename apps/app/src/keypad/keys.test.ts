import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { shopKeys } from './keys';

/** Presses keys by what they show and reads what was typed. */
function typed(unit: LengthUnit, ...faces: string[]): string {
  const keys = shopKeys(unit).flat();
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
    ['in', ['1', '␣', '3', '/', '8'], '1 3/8', 34.925],
    ['mm', ['1', '/', '2', 'in'], '1/2 in', 12.7],
    ['mm', ['1', '0', '.', '0', '2', '/', '2', '+', '.', '0', '5'], '10.02/2+.05', 5.06],
    ['mm', ['5', '−', '2'], '5-2', 3],
    ['mm', ['7', '8', '⌫'], '7', 7],
  ])('%s: %j', (unit, faces, text, mm) => {
    expect(typed(unit, ...faces)).toBe(text);
    const read = parseLength(text, unit);
    expect(read.ok && read.mm).toBeCloseTo(mm, 12);
  });

  test('clear empties, rubbing out nothing stays nothing', () => {
    expect(typed('mm', '1', '2', 'C')).toBe('');
    expect(typed('mm', '⌫')).toBe('');
  });

  test('every key has a name to be spoken, and none stands twice', () => {
    const keys = shopKeys('in').flat();
    expect(keys).toHaveLength(20);
    expect(new Set(keys.map(({ label }) => label)).size).toBe(20);
  });
});
