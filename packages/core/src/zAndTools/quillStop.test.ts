import fc from 'fast-check';
import { quillStop } from './quillStop';

test('knee locked at +12.500, full depth at +3.150: the quill goes down 9.350', () => {
  const found = quillStop({ locked: 12.5, deepest: 3.15, travel: 60 });
  if (found.kind !== 'travel') throw new Error(found.kind);
  expect(found.travel).toBeCloseTo(9.35, 12);
  expect(found.tape.sections[0]?.lines.map(({ value }) => value)).toEqual([12.5, -3.15]);
});

test('knee locked at −4.000, full depth at −18.310: 14.310', () => {
  expect(quillStop({ locked: -4, deepest: -18.31 })).toMatchObject({ travel: expect.closeTo(14.31, 9) });
});

test('the tip is where it was asked to be, wherever the knee was locked', () => {
  const mm = fc.double({ min: -200, max: 200, noNaN: true });
  fc.assert(
    fc.property(mm, mm, fc.double({ min: 0.001, max: 150, noNaN: true }), (length, deepest, above) => {
      const locked = deepest + above;
      const found = quillStop({ locked, deepest });
      // The tip on the part: what Z shows less the tool's own length, less what the quill went down.
      const tip = locked - length - (found.kind === 'travel' ? found.travel : NaN);
      expect(tip).toBeCloseTo(deepest - length, 6);
    }),
  );
});

test('a knee that stands at full depth or above it leaves the quill nothing', () => {
  expect(quillStop({ locked: 3.15, deepest: 3.15 })).toEqual({ kind: 'knee-too-high' });
  expect(quillStop({ locked: 2, deepest: 3.15 })).toEqual({ kind: 'knee-too-high' });
});

test('deeper than the quill goes: by how much', () => {
  const found = quillStop({ locked: 80, deepest: 3.15, travel: 60 });
  expect(found).toEqual({ kind: 'out-of-reach', needs: expect.closeTo(76.85, 9), over: expect.closeTo(16.85, 9) });
  expect(quillStop({ locked: 63.15, deepest: 3.15, travel: 60 }).kind).toBe('travel');
});
