import type { GaugeKind } from '../metrology/gauges/gaugeKinds';
import type { Gauge } from '../records/shop/gauge';
import { usualGauge } from './usualGauge';

const shopOf = (...kinds: GaugeKind[]): Gauge[] =>
  kinds.map((kind, i) => ({ id: `${kind} ${i}`, name: kind, kind, nominal: 10 }));

const everything = shopOf(
  'contact-light',
  'touch-plate',
  'feeler',
  'block',
  'pin',
  'probe',
  'paper',
  'setter',
  'spring-finder',
);

test.each([
  ['dials', 'spring-finder', 'block'],
  ['readout', 'spring-finder', 'block'],
  ['router', 'touch-plate', 'touch-plate'],
  ['machining-centre', 'probe', 'block'],
] as const)(
  'at a machine of kind %s: a %s, and a %s for heights, whatever stands first in the shop',
  (machine, edges, heights) => {
    expect(usualGauge(everything, machine, 'edges')?.kind).toBe(edges);
    expect(usualGauge(everything, machine, 'heights')?.kind).toBe(heights);
  },
);

test('no probe is put into a spindle with a DRO while there is a pin', () => {
  expect(usualGauge(shopOf('probe', 'pin'), 'readout', 'edges')?.kind).toBe('pin');
});

test('what is there is taken for faces before there is nothing; for heights only what goes under a tool', () => {
  expect(usualGauge(shopOf('probe'), 'dials', 'edges')?.kind).toBe('probe');
  expect(usualGauge(shopOf('probe', 'spring-finder'), 'dials', 'heights')).toBeUndefined();
  expect(usualGauge(shopOf('micrometer', 'ring'), 'router', 'edges')).toBeUndefined();
});

test('of two of a kind the first that is in use', () => {
  const [old, kept, last] = shopOf('block', 'block', 'block');
  if (!old || !kept || !last) throw new Error('three blocks');
  expect(usualGauge([{ ...old, retiredOn: '2026-01-01' }, kept, last], 'readout', 'heights')).toBe(kept);
});
