import type { Calibration, CalibrationFound } from '../../records/shop/calibration';
import { seriesOf, voidsOf } from './calibrationSeries';

let seq = 0;
const row = (found: CalibrationFound, day: number): Calibration => {
  const at = `2026-0${day}-01T08:00:00.000Z`;
  seq += 1;
  return { id: `row-${seq}`, of: { kind: 'gauge', gaugeId: 'probe' }, found, from: at, at, seq, receivedAt: at };
};

test('each sort by itself, U as told or as its kind has it, and what was renewed begins again', () => {
  const all = [
    row({ what: 'size', value: 3.99, U: 0.004 }, 1),
    row({ what: 'touch', value: 0.001 }, 2),
    row({ what: 'size', value: 3.992 }, 3),
    row({ what: 'void', why: 'new-stylus' }, 4),
    row({ what: 'size', value: 4.001, U: 0.002 }, 5),
    row({ what: 'radii', x: { plus: 2, minus: 2 } }, 5),
  ];
  const [size, touch, ...rest] = seriesOf(all, 0.008);
  expect(rest).toEqual([]);
  expect(size?.results.map(({ value, U }) => [value, U])).toEqual([
    [3.99, 0.004],
    [3.992, 0.008],
    [4.001, 0.002],
  ]);
  expect(size?.current.map(({ value }) => value)).toEqual([4.001]);
  expect(touch).toMatchObject({ title: 'Scatter of a touch', results: [{ value: 0.001, U: 0.0005 }] });
  expect(voidsOf(all)).toMatchObject([{ why: 'new-stylus' }]);
});

test('a crash voids, and leaves it the same thing', () => {
  const all = [
    row({ what: 'size', value: 3.99, U: 0.004 }, 1),
    row({ what: 'void', why: 'crash' }, 2),
    row({ what: 'size', value: 3.97, U: 0.004 }, 3),
  ];
  expect(seriesOf(all, 0.008)[0]?.current).toHaveLength(2);
});

test('a centre is followed along both its coordinates, errors by the largest, a plate on each axis', () => {
  const centre = row({ what: 'centre', at: [108.56, -322.3], U: [0.01, 0.02], by: 'flip' }, 1);
  expect(seriesOf([centre], 0.01, ['Y', 'Z']).map(({ title, results }) => [title, results[0]?.value])).toEqual([
    ['Centre, Y', 108.56],
    ['Centre, Z', -322.3],
  ]);
  const errors = row(
    {
      what: 'errors',
      errors: [
        { at: 10, error: 0.002, U: 0.003 },
        { at: 25, error: -0.006, U: 0.003 },
      ],
    },
    1,
  );
  expect(seriesOf([errors], 0.01)[0]?.results[0]).toMatchObject({ value: -0.006 });
  const plate = row({ what: 'offsets', x: 10, y: 11, z: 9 }, 1);
  expect(seriesOf([plate], 0.01).map(({ results }) => results[0]?.value)).toEqual([10, 11, 9]);
});
