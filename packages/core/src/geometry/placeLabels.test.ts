import fc from 'fast-check';
import { placeLabels, type LabelledMark, type OccupiedArea } from './placeLabels';

const HEIGHT = 8;

test('a word stands above and to the right, where it is free there', () => {
  const [box] = placeLabels([{ x: 0, y: 0, reach: 2, width: 6 }], HEIGHT);
  expect(box?.x).toBeCloseTo(Math.SQRT2, 9);
  expect(box?.y).toBeCloseTo(-Math.SQRT2 - HEIGHT, 9);
});

test('it goes to the side it wants, or to the next that is free', () => {
  const alone: LabelledMark = { x: 0, y: 0, reach: 2, width: 6, toward: { x: 0, y: 1 } };
  expect(placeLabels([alone], HEIGHT)[0]).toMatchObject({ x: -3, y: 2 });
  const [box] = placeLabels([alone], HEIGHT, [{ x: -3, y: 3, width: 6, height: 6 }]);
  // Nothing beneath is free then.
  expect((box?.y ?? NaN) + HEIGHT).toBeLessThanOrEqual(3);
});

test('hemmed in on every side it is left out', () => {
  const round = Array.from({ length: 8 }, (_, i) => {
    const angle = (i * Math.PI) / 4;
    return { x: 7 * Math.cos(angle), y: 7 * Math.sin(angle), reach: 2.6, width: 6 };
  });
  expect(placeLabels([{ x: 0, y: 0, reach: 2, width: 6 }, ...round], HEIGHT)[0]).toBeUndefined();
});

test('two holes beside each other are never read as one number', () => {
  const [one, eleven] = placeLabels(
    [
      { x: 225, y: 286, reach: 4, width: 5 },
      { x: 216, y: 287, reach: 3, width: 10 },
    ],
    HEIGHT,
  );
  if (!one || !eleven) throw new Error('both have room');
  const apart = one.x + one.width <= eleven.x || eleven.x + eleven.width <= one.x;
  const above = one.y + one.height <= eleven.y || eleven.y + eleven.height <= one.y;
  expect(apart || above).toBe(true);
});

const mark: fc.Arbitrary<LabelledMark> = fc.record({
  x: fc.double({ min: 0, max: 300, noNaN: true }),
  y: fc.double({ min: 0, max: 300, noNaN: true }),
  reach: fc.double({ min: 1, max: 12, noNaN: true }),
  width: fc.double({ min: 4, max: 16, noNaN: true }),
});

/** How deep two boxes lie over each other; 0 or less where they do not. */
const depth = (a: OccupiedArea, b: OccupiedArea): number =>
  Math.min(
    Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x),
    Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y),
  );

test('no word lies over another, over a mark, or over what is taken; each touches its own mark', () => {
  fc.assert(
    fc.property(fc.array(mark, { maxLength: 40 }), (marks) => {
      const taken = [{ x: 100, y: 100, width: 60, height: 20 }];
      const boxes = placeLabels(marks, HEIGHT, taken);
      boxes.forEach((box, i) => {
        const own = marks[i];
        if (!box || !own) return;
        for (const other of [...taken, ...boxes.slice(i + 1)]) if (other) expect(depth(box, other)).toBeLessThan(1e-6);
        for (const one of marks) {
          const near = { x: Math.min(Math.max(one.x, box.x), box.x + box.width), y: Math.min(Math.max(one.y, box.y), box.y + box.height) }; // prettier-ignore
          const far = Math.hypot(one.x - near.x, one.y - near.y);
          expect(far).toBeGreaterThan(one.reach - 1e-6);
          if (one === own) expect(far).toBeLessThan(own.reach + 1e-6);
        }
      });
    }),
  );
});

test('a mark with nothing near has its word', () => {
  fc.assert(
    fc.property(mark, (one) => {
      expect(placeLabels([one], HEIGHT)[0]).toBeDefined();
    }),
  );
});
