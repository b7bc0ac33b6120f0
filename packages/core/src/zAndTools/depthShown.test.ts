import fc from 'fast-check';
import { depthShown } from './depthShown';
import { lengthIn, type LengthMethod } from './schools';

test.each([
  ['longer than the reference that set Z', -2.25, 5.4, 0, 3.15],
  ['shorter than the reference that set Z', -6, -12.31, 0, -18.31],
  ['Z set by a longer tool', -6, -12.31, 5.4, -23.71],
])('%s', (_, z, length, setterLength, shown) => {
  expect(depthShown({ z, length, setterLength }).shown).toBeCloseTo(shown, 9);
});

test('the sum of its working is the figure', () => {
  const { shown, tape } = depthShown({ z: -2.25, length: 5.4, setterLength: 1 });
  expect(tape.sections[0]?.total.value).toBe(shown);
  expect(tape.sections[0]?.lines.map(({ value }) => value)).toEqual([-2.25, 5.4, -1]);
});

test('true for spindles and tools as they are, in every school that keeps a table', () => {
  const mm = fc.double({ min: -200, max: 200, noNaN: true });
  const school = fc.constantFrom<LengthMethod>('reference-tool', 'touch-part', 'true-length');
  fc.assert(
    fc.property(school, mm, mm, mm, mm, (each, gaugeTop, setter, tool, z) => {
      // Gauge line to tip of each tool; the spindle is the tip's height plus that.
      const touching = (long: number) => gaugeTop + long;
      const frame = { reference: touching(setter), gauge: 10, surface: 0, trigger: gaugeTop };
      const H = (long: number) => lengthIn(each, touching(long), frame);
      // Z was set with the setter: with its tip on zero it shows nothing.
      const spindleAtZero = setter;
      const shows = z + tool - spindleAtZero;
      expect(depthShown({ z, length: H(tool), setterLength: H(setter) }).shown).toBeCloseTo(shows, 6);
    }),
  );
});
