import { dialAngle, pointerAngle, shortWay } from './dialAngle';

describe('the pointer of an indicator', () => {
  test('goes round once a turn', () => {
    expect(pointerAngle(0.1, 0.4)).toBeCloseTo(90, 9);
    expect(pointerAngle(-0.2, 0.4)).toBeCloseTo(-180, 9);
  });

  test('is followed past the top the short way', () => {
    expect(shortWay(170, -170)).toBeCloseTo(20, 9);
    expect(shortWay(-170, 170)).toBeCloseTo(-20, 9);
    expect(shortWay(10, 60)).toBeCloseTo(50, 9);
  });

  test('stands on a line, inside its range, and never on minus nothing', () => {
    expect(dialAngle(0.0531, 0.002, 0.4)).toBeCloseTo(0.054, 12);
    expect(dialAngle(7, 0.01, 5)).toBe(5);
    expect(Object.is(dialAngle(-0.0001, 0.01, 5), 0)).toBe(true);
  });
});
