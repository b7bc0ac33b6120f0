import { fit } from './fit';

test.each([
  ['26 H7', undefined, 26, 26.021, null],
  ['26 H7', 25.9, 26, 26.021, 'under'],
  ['26 H7', 26.021, 26, 26.021, 'within'],
  ['26 H7', 26.03, 26, 26.021, 'over'],
  ['8 P7', 8, 7.976, 7.991, 'over'],
] as const)('%s, measured %s', (text, measured, low, high, lies) => {
  const answer = fit({ fit: text, ...(measured !== undefined && { measured }) });
  expect(answer).toMatchObject({ low: expect.closeTo(low, 9), high: expect.closeTo(high, 9), lies });
});

test('what is left is to the middle of the limits', () => {
  expect(fit({ fit: '26 H7', measured: 25.9 }).left).toBeCloseTo(0.1105, 12);
});

test('a shaft is refused by name', () => {
  expect(() => fit({ fit: '26 h7' })).toThrow(/shaft/);
});

test.each([
  ['1 in H7', 25.4, 25.421],
  ['0.5in H8', 12.7, 12.727],
  ['1 1/2" H7', 38.1, 38.125],
  ['26 H7', 26, 26.021],
  ['26.5mm JS7', 26.4895, 26.5105],
])('the limits of %s are those of its size in millimetres', (text, low, high) => {
  expect(fit({ fit: text }).low).toBeCloseTo(low, 9);
  expect(fit({ fit: text }).high).toBeCloseTo(high, 9);
});
