import type { Point } from '../../src/geometry/point';
import type { Method } from '../../src/metrology/gauges/gaugeKindFacts';
import { METHOD_FACTS } from '../../src/methods/method';
import type { Chance } from '../../src/metrology/chance';
import { GAUGE_FACTS, type GaugeKind } from '../../src/metrology/gauges/gaugeKinds';
import type { Approach } from '../../src/schema/quantities';
import { trueRadius, trueThickness, type Hidden } from '../../src/practice/mill/hiddenTruth';
import { metAt } from '../../src/practice/mill/touchPoint';
import type { Between, Contact } from '../../src/practice/mill/millSpec';
import { nothingOn, touchCount, touchedWith } from './shop';

/** A finder on the mill, and what is told of it, which is true on average. */
export interface Finder {
  random: Chance;
  mill: Hidden;
  with: { contact: Contact; between: Between | undefined };
  /** How often it has touched. */
  count: () => number;
  /** What the program is told. */
  told: {
    contact: { diameter: number; feeler: number; tir: number; spin: 'turning' | 'slow' | 'standing' };
    method: { resolution: number; methodSd: number };
    uTouch: number;
    uSize: number;
    lostMotion?: { value: number; U: number };
  };
  /** A contact that turns touches with its high side: by so much more than half of it. */
  high: number;
  /** Eccentricity of a contact that stands still. */
  eccentric: Point;
  lost: number;
}

const KIND: Readonly<Record<Method, GaugeKind>> = {
  'spring-finder': 'spring-finder',
  'bearing-finder': 'bearing-finder',
  'pin-feeler': 'pin',
  'cutter-paper': 'paper',
  'cutter-feeler': 'feeler',
  'contact-light': 'contact-light',
  'touch-plate': 'touch-plate',
  probe: 'probe',
  indicator: 'indicator',
  plug: 'plug',
};

/** A finder of a method, drawn again: its size, run-out, scale and what is told of it. */
export function finderOf(random: Chance, method: Method): Finder {
  const { between, pick } = random;
  if (method === 'indicator' || method === 'plug') throw new RangeError(`${method} touches no wall`);
  const { uTouch, uSize, spin } = GAUGE_FACTS[KIND[method]];
  const onDials = pick(false, false, true);
  const tir = pick(0, between(0, 0.02));
  const value = between(0.05, 0.6);
  const eccentricity = spin === 'standing' ? tir / 2 : 0;
  const direction = between(0, 2 * Math.PI);
  const contact = {
    diameter: between(2, 12),
    feeler:
      METHOD_FACTS[method].contact === 'cutter' ? between(0.05, 12) : method === 'pin-feeler' ? pick(0.05, 0.1) : 0,
    tir,
    spin,
  };
  return {
    random,
    mill: nothingOn(random),
    count: touchCount(),
    with: touchedWith(method, contact.diameter, contact.feeler),
    told: {
      contact,
      method: { resolution: onDials ? 0.025 : pick(0.001, 0.005, 0.01), methodSd: uTouch },
      uTouch,
      uSize,
      ...(onDials && { lostMotion: { value, U: 0.012 } }),
    },
    high: spin === 'standing' ? 0 : tir / 2,
    eccentric: { x: eccentricity * Math.cos(direction), y: eccentricity * Math.sin(direction) },
    lost: onDials ? value + 0.006 * random.normal() : 0,
  };
}

/** As the scale shows it. */
export const shownReading = (value: number, { told }: Finder): number =>
  Math.round(value / told.method.resolution) * told.method.resolution;

/** Half of the contact as it truly is, with what lies between. */
export const finderRadius = ({ mill, with: { contact, between }, high }: Finder): number =>
  trueRadius(mill, contact) + trueThickness(mill, between, contact) + high;

/** What the scale shows as a flat at `at` is found once more: the mill's own trip there, backlash and the display on top. */
export const touchSurface = (finder: Finder, at: number, approach: Approach, surface: string): number =>
  shownReading(
    metAt(finder.mill, { ...finder.with, surface, arms: finder.count() }, at, approach) -
      approach * finder.high -
      (approach === -1 ? finder.lost : 0),
    finder,
  );

const touches = ({ random }: Finder): number => random.pick(1, 2, 3, 5);

/** Readings of a face at `at` with its outward normal against `approach`; the eccentric contact touches early or late. */
export function touchFaceWith(
  finder: Finder,
  at: number,
  approach: Approach,
  axis: 'x' | 'y',
  surface: string,
): number[] {
  return Array.from({ length: touches(finder) }, () =>
    touchSurface(finder, at - finder.eccentric[axis], approach, surface),
  );
}
