import { featureKey } from '@zero-point/core/datum/feature';
import { plateBook } from '@zero-point/core/state/basis/snapshot.case';
import fc from 'fast-check';
import { featurePlaces } from './featurePlaces';
import { placeTargets } from './targetPlace';
import { fitToView } from './view';

const part = {
  ...plateBook.part,
  holes: [
    { x: 62, y: 58, diameter: 26 },
    { x: 8, y: 8, diameter: 5 },
    { x: 112, y: 30, diameter: 3 },
    { x: 121.5, y: 35.9, diameter: 3 },
  ],
};
const viewOf = (width: number, height: number) =>
  fitToView({ left: 0, bottom: 0, right: part.size.x, top: part.size.y }, width, height, 52);

describe('targets on a drawing', () => {
  test('never overlap and are never smaller than a finger, whatever is wanted', () => {
    const wanted = fc.record({
      x: fc.integer({ min: 0, max: 400 }),
      y: fc.integer({ min: 0, max: 300 }),
      width: fc.integer({ min: 1, max: 120 }),
      height: fc.integer({ min: 1, max: 120 }),
    });
    fc.assert(
      fc.property(fc.array(wanted, { maxLength: 25 }), (all) => {
        const { placed, left } = placeTargets(all.map((one, thing) => ({ ...one, thing })));
        expect(placed.length + left.length).toBe(all.length);
        for (const one of placed) {
          expect(Math.min(one.width, one.height)).toBeGreaterThanOrEqual(48);
          for (const other of placed) {
            if (one === other) continue;
            const apart =
              Math.abs(one.x - other.x) >= (one.width + other.width) / 2 ||
              Math.abs(one.y - other.y) >= (one.height + other.height) / 2;
            expect(apart).toBe(true);
          }
        }
      }),
    );
  });

  test('the first wanted is the first placed; what has no room is left over, not lost', () => {
    const at = { x: 100, y: 100, width: 48, height: 48 };
    const { placed, left } = placeTargets([
      { ...at, thing: 'first' },
      { ...at, x: 120, thing: 'second' },
      { ...at, x: 150, thing: 'third' },
    ]);
    expect(placed.map(({ thing }) => thing)).toEqual(['first', 'third']);
    expect(left).toEqual(['second']);
  });

  test.each([
    ['a phone', 390, 250],
    ['a wide screen', 680, 690],
  ])('all faces and corners of the stock and its largest bore are on the drawing of %s', (_, width, height) => {
    const { placed, left } = featurePlaces(part, viewOf(width, height));
    const keys = placed.map(({ thing }) => featureKey(thing));
    expect(keys).toEqual(
      expect.arrayContaining([
        ...['left', 'right', 'front', 'back'].map((face) => `face.${face}`),
        ...['front-left', 'front-right', 'back-left', 'back-right'].map((corner) => `corner.${corner}`),
        'round.hole-1',
      ]),
    );
    // A hole of 5 mm in the corner has no room beside the corner itself.
    expect(left.map(featureKey)).toContain('round.hole-2');
    expect(new Set([...keys, ...left.map(featureKey)]).size).toBe(4 + 4 + 4 + 1);
  });
});
