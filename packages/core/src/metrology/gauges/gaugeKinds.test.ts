import type { GaugeKindFacts } from './gaugeKindFacts';
import { GAUGE_FACTS, GAUGE_KINDS, gaugeKindsWith, hasSize, isInstrument, isRound } from './gaugeKinds';

/** Which kinds have a capability, each said by hand: what is read off the table must not change unseen. */
const CAPABILITIES: readonly [string, (facts: GaugeKindFacts) => boolean, string][] = [
  ['turn in the spindle', ({ spin }) => spin !== 'standing', 'spring-finder bearing-finder'],
  [
    'are held in the spindle',
    ({ inSpindle }) => inSpindle,
    'spring-finder bearing-finder contact-light probe pin master-tool indicator plug',
  ],
  ['may sit on an arm', ({ seats }) => seats.includes('arm'), 'contact-light probe'],
  ['may sit in the spindle at a height', ({ seats }) => seats.includes('spindle'), 'contact-light probe'],
  ['have a length like a tool', ({ ownLength }) => ownLength, 'probe'],
  ['have a ball or tip to true', ({ hasTip }) => hasTip, 'contact-light probe'],
  ['need a part that conducts', ({ needsConduction }) => needsConduction, 'contact-light'],
  ['are plates with wire and clip', ({ isPlate }) => isPlate, 'touch-plate'],
  ['are used with a feeler', ({ withFeeler }) => withFeeler, 'pin'],
  ['go between a finder and a face', ({ goesBetween }) => goesBetween, 'feeler'],
  ['leave the cutter its own ±', ({ uSizeWithCutter }) => !uSizeWithCutter, 'feeler'],
  ['are met alike by probe and cutters', ({ onTouchOffPoint }) => onTouchOffPoint === 'alike', 'touch-plate'],
  ['are met by cutters alone', ({ onTouchOffPoint }) => onTouchOffPoint === 'cutters', 'feeler paper block setter'],
  ['trip a cycle', ({ tripsCycle }) => tripsCycle, 'contact-light probe touch-plate setter'],
  ['measure from outside', ({ measures }) => measures.includes('outside'), 'probe caliper micrometer'],
  ['measure from inside', ({ measures }) => measures.includes('inside'), 'probe caliper bore-gauge'],
  [
    'are measured by an instrument',
    ({ byInstrument }) => byInstrument,
    'pin feeler paper block touch-plate ring master-tool',
  ],
];

test.each(CAPABILITIES)('kinds that %s', (_, is, kinds) => {
  expect(gaugeKindsWith(is).join(' ')).toBe(kinds);
});

test('sizes: of half the contacts counts, and what only reads has none', () => {
  expect(GAUGE_KINDS.filter(isRound)).toEqual(['spring-finder', 'bearing-finder', 'contact-light', 'probe', 'pin']);
  expect(GAUGE_KINDS.filter(isInstrument)).toEqual(['indicator', 'caliper', 'micrometer', 'bore-gauge']);
  for (const kind of GAUGE_KINDS) {
    const { mm, in: inch } = GAUGE_FACTS[kind].start;
    expect([mm > 0, inch > 0]).toEqual([hasSize(kind), hasSize(kind)]);
    expect(hasSize(kind)).toBe(!isInstrument(kind));
  }
});

test.each(GAUGE_KINDS)('%s has a way to find just what it finds', (kind) => {
  const { finds, method, heightMethod, seats } = GAUGE_FACTS[kind];
  if (finds === 'edges' || finds === 'both') expect(method).not.toBeNull();
  if (finds === 'heights') expect(method).toBeNull();
  expect(heightMethod !== null).toBe(finds === 'heights' || finds === 'both');
  expect(seats.length).toBeGreaterThan(0);
});
