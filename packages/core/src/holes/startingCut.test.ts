import fc from 'fast-check';
import { HOLE_STEPS } from '../records/values/holeSteps';
import { startingCut } from './startingCut';

test('a 4.2 drill in brass: 44 m/min and a twentieth of a millimetre a turn', () => {
  const { rpm, feed } = startingCut('drill', 4.2, 'brass');
  expect(rpm).toBe(3330);
  expect(feed).toBe(168);
});

test('a reamer turns slower than its drill and feeds more a turn; steel is cut slower than brass', () => {
  const [drill, reamer] = [startingCut('drill', 6, 'brass'), startingCut('ream', 6, 'brass')];
  expect(reamer.rpm).toBeLessThan(drill.rpm / 2);
  expect(reamer.feed / reamer.rpm).toBeGreaterThan(drill.feed / drill.rpm);
  expect(startingCut('drill', 6).rpm).toBeLessThan(drill.rpm);
});

test('never beyond what the machine turns and feeds', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...HOLE_STEPS),
      fc.double({ min: 0.3, max: 60, noNaN: true }),
      fc.integer({ min: 1, max: 8000 }),
      fc.integer({ min: 0, max: 20_000 }),
      fc.integer({ min: 10, max: 5000 }),
      (step, diameter, leastRpm, more, mostFeed) => {
        const limits = { leastRpm, mostRpm: leastRpm + more, mostFeed };
        const { rpm, feed } = startingCut(step, diameter, 'aluminium', limits);
        expect(rpm).toBeGreaterThanOrEqual(leastRpm);
        expect(rpm).toBeLessThanOrEqual(limits.mostRpm);
        expect(feed).toBeGreaterThan(0);
        expect(feed).toBeLessThanOrEqual(mostFeed);
      },
    ),
  );
});
