import { passMistake } from './passMistake';

const U = 0.006;

test('a dial of the radius turned by the diameter cuts twice what was set', () => {
  expect(passMistake(25.4, [{ set: 25.6, measured: 25.8 }], U)).toBe('twice');
  expect(passMistake(25.4, [{ set: 25.6, measured: 25.78 }], U)).toBe('twice');
});

test('a slide gone the wrong way, or shifted as it was locked, cuts nothing', () => {
  expect(passMistake(25.4, [{ set: 25.6, measured: 25.403 }], U)).toBe('nothing');
  expect(
    passMistake(
      25.4,
      [
        { set: 25.6, measured: 25.56 },
        { set: 25.8, measured: 25.561 },
      ],
      U,
    ),
  ).toBe('nothing');
});

test('a bar that springs is no slip, and neither is a setting too small to tell', () => {
  const worked = [
    { set: 25.6, measured: 25.56 },
    { set: 25.8, measured: 25.752 },
    { set: 25.95, measured: 25.9104 },
  ];
  for (let i = 1; i <= worked.length; i += 1) expect(passMistake(25.4, worked.slice(0, i), U)).toBeUndefined();
  expect(passMistake(25.4, [{ set: 25.42, measured: 25.44 }], U)).toBeUndefined();
  expect(passMistake(25.4, [], U)).toBeUndefined();
});
