import fc from 'fast-check';
import Papa from 'papaparse';
import { sweepFromCsv } from './sweepCsv';

describe('an indicator sweep from CSV', () => {
  test('is read by the names of its columns, whatever stands between', () => {
    expect(sweepFromCsv('no,angle,reading_in\r\n1,0,0.001\r\n2,90.5,-.002\r\n', 'mm')).toEqual([
      { angle: 0, reading: expect.closeTo(0.0254, 12) },
      { angle: 90.5, reading: expect.closeTo(-0.0508, 12) },
    ]);
  });

  test('may be bare figures, with semicolons and decimal commas', () => {
    expect(sweepFromCsv('0;0,06\n90;-0,02', 'mm')).toEqual([
      { angle: 0, reading: 0.06 },
      { angle: 90, reading: -0.02 },
    ]);
  });

  test.each([
    ['', /empty/],
    ['time,depth\n1,2', /columns angle and reading are needed; this file has time, depth/],
    ['angle,reading\n0,0.1\nninety,0.2', /Row 3, column angle: “ninety” is not an angle/],
    ['angle,reading\n0,0.1\n90,1.234.5', /Row 3, column reading: .*Two decimal marks/],
    ['angle,reading\n0', /Row 2, column reading/],
    [`angle,reading\n${'0,0\n'.repeat(2001)}`, /2001 readings; at most 2000/],
  ])('%j is refused with the place and the remedy', (text, message) => {
    expect(() => sweepFromCsv(text, 'mm')).toThrow(message);
  });

  test('what is written is what is read', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ angle: fc.integer({ min: -720, max: 720 }), thou: fc.integer({ min: -9999, max: 9999 }) }),
          {
            minLength: 1,
            maxLength: 50,
          },
        ),
        (rows) => {
          const points = rows.map(({ angle, thou }) => ({ angle, reading: thou / 1000 }));
          expect(sweepFromCsv(Papa.unparse(points), 'mm')).toEqual(points);
        },
      ),
    );
  });
});
