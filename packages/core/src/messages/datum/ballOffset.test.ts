import { bookOf, plateSnapshot } from '../../state/basis/snapshot.case';
import { ballOffsetText } from './ballOffset';

const light = { id: 'light', name: 'Electronic edge finder', kind: 'contact-light' as const, nominal: 10 };
const said = (sits: 'arm' | 'spindle', armOffset: number) =>
  ballOffsetText(
    bookOf({
      ...plateSnapshot,
      datumPlan: { ...plateSnapshot.datumPlan, heights: { surface: 0, lift: 0, sits, armOffset } },
    }),
    light,
  );

test('the whole ball given for half of it is named, with the half', () => {
  expect(said('arm', 10)).toBe(
    'That is the whole ball. If its centre is level with the cutter, use half: 5.000 mm. Measure it.',
  );
  expect(said('arm', 9.9)).toBeDefined();
});

test('half of it, an offset of its own, or a ball in the spindle is not', () => {
  expect(said('arm', 5)).toBeUndefined();
  expect(said('arm', 12.4)).toBeUndefined();
  expect(said('spindle', 10)).toBeUndefined();
});
