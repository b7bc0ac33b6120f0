import { centrePlug } from '../../src/alignment/centrePlug';
import { centreSweep } from '../../src/alignment/centreSweep';
import type { Approach } from '../../src/schema/quantities';
import { circle } from '../../src/datum/round/circle';
import { corner } from '../../src/datum/faces/corner';
import { edge } from '../../src/datum/faces/edge';
import { holeLine } from '../../src/datum/round/holeLine';
import { oppositeFaces } from '../../src/datum/faces/oppositeFaces';
import type { Point } from '../../src/geometry/point';
import { METHODS, type Method } from '../../src/metrology/gauges/gaugeKindFacts';
import { METHOD_FACTS } from '../../src/methods/method';
import { GAUGE_FACTS } from '../../src/metrology/gauges/gaugeKinds';
import { metAt } from '../../src/practice/mill/touchPoint';
import { rotate } from '../../src/geometry/rotate';
import { readSweep } from '../closedForms/indicator';
import type { Chance } from '../../src/metrology/chance';
import type { Trial } from './coverage';
import { touchFaceWith, touchSurface, finderOf, finderRadius, shownReading, type Finder } from './finder';

type Simulation = (random: Chance, method: Method) => Trial;

const place = ({ between }: Chance): Point => ({ x: between(-300, 300), y: between(-200, 200) });

const simulateFace: Simulation = (random, method) => {
  const mill = finderOf(random, method);
  const at = random.between(-300, 300);
  const approach = random.pick<Approach>(1, -1);
  const found = edge({ ...mill.told, readings: touchFaceWith(mill, at, approach, 'x', 'face'), approach, nominal: 0 });
  return { error: found.edge - at, U: found.uncertainty.U };
};

const simulateMiddle =
  (kind: 'web' | 'slot', of: 'place' | 'size'): Simulation =>
  (random, method) => {
    const mill = finderOf(random, method);
    const at = random.between(-300, 300);
    const width = 2 * finderRadius(mill) + random.between(2, 200);
    const sign: Approach = kind === 'web' ? 1 : -1;
    const low = touchFaceWith(mill, at - width / 2, sign, 'x', 'low');
    const high = touchFaceWith(mill, at + width / 2, sign === 1 ? -1 : 1, 'x', 'high');
    const found = oppositeFaces({
      ...mill.told,
      first: { readings: low, approach: sign },
      second: { readings: high, approach: sign === 1 ? -1 : 1 },
      expected: { kind, width },
      nominal: 0,
    });
    return of === 'place'
      ? { error: found.centre - at, U: found.uncertainty.U }
      : { error: found.width - width, U: found.widthUncertainty.U };
  };

/** A turned part's corner, on scales without backlash: what is left of one is simulated with single faces. */
const simulateCorner =
  (way: 'axes' | 'square' | 'measured'): Simulation =>
  (random, method) => {
    const mill = finderOf(random, method);
    const { lostMotion: _, ...told } = mill.told;
    const still: Finder = { ...mill, told, lost: 0 };
    const turn = way === 'axes' ? 0 : random.between(-3, 3);
    const at = place(random);
    const [sx, sy] = [random.pick<Approach>(1, -1), random.pick<Approach>(1, -1)];
    const radius = finderRadius(still);
    const seen = (u: number, v: number) => {
      const { x, y } = rotate({ x: u, y: v }, turn);
      return { x: at.x + x - mill.eccentric.x, y: at.y + y - mill.eccentric.y };
    };
    // Its middle stands half of it, square to the face, before that; from there it is a touch like any other.
    const along = (u: number) => {
      const { x, y } = seen(sx * u, -sy * radius);
      return { x, y: touchSurface(still, y + sy * radius, sy, 'along x') };
    };
    const up = (v: number) => {
      const { x, y } = seen(-sx * radius, sy * v);
      return { x: touchSurface(still, x + sx * radius, sx, 'along y'), y };
    };
    const far = random.between(60, 200);
    const found = corner({
      ...told,
      alongX: { touches: (way === 'axes' ? [10] : [10, far]).map(along), approach: sy },
      alongY: { touches: (way === 'measured' ? [10, far * 0.6] : [random.between(10, 40)]).map(up), approach: sx },
      ...(way !== 'axes' && { want: way === 'square' ? ('skew' as const) : ('squareness' as const) }),
      nominal: { x: 0, y: 0 },
    });
    const axis = random.pick<'x' | 'y'>('x', 'y');
    return { error: found.corner[axis] - at[axis], U: found.U[axis] };
  };

function touchRound(mill: Finder, at: Point, radius: number, n: number, feature: 'bore' | 'boss'): Point[] {
  const { random } = mill;
  const start = random.between(0, 360);
  const inward = feature === 'bore' ? -1 : 1;
  return Array.from({ length: n }, (_, i) => {
    const angle = ((start + (i * 360) / n) * Math.PI) / 180;
    // From the middle out to a wall of a bore, or in to that of a boss.
    const met = metAt(
      mill.mill,
      { ...mill.with, surface: `wall ${i}`, arms: mill.count() },
      radius,
      inward === -1 ? 1 : -1,
    );
    const felt = met + inward * mill.high;
    return {
      x: shownReading(at.x + felt * Math.cos(angle) - mill.eccentric.x, mill),
      y: shownReading(at.y + felt * Math.sin(angle) - mill.eccentric.y, mill),
    };
  });
}

const simulatePoints =
  (feature: 'bore' | 'boss', of: 'place' | 'size'): Simulation =>
  (random, method) => {
    const mill = finderOf(random, method);
    const at = place(random);
    const radius = finderRadius(mill) + random.between(3, 40);
    const { lostMotion: _, ...told } = mill.told;
    const found = circle({
      ...told,
      feature,
      touches: touchRound(mill, at, radius, random.pick(3, 4, 6, 8), feature),
      nominal: { x: 0, y: 0 },
    });
    if (of === 'size') return { error: found.diameter - 2 * radius, U: found.U.diameter };
    const axis = random.pick<'x' | 'y'>('x', 'y');
    return { error: found.centre[axis] - at[axis], U: found.U[axis] };
  };

const simulateSweep: Simulation = (random) => {
  const feature = random.pick<'bore' | 'boss'>('bore', 'boss');
  const off = { x: random.between(-0.2, 0.2), y: random.between(-0.2, 0.2) };
  const indicator = {
    sense: 1 as const,
    resolution: random.pick(0.002, 0.01),
    methodSd: GAUGE_FACTS.indicator.uTouch,
  };
  const n = random.pick(4, 8, 12);
  const found = centreSweep({
    feature,
    points: Array.from({ length: n }, (_, i) => ({
      angle: (i * 360) / n,
      reading: readSweep(off, 20, feature, (i * 360) / n, {
        sense: 1,
        step: indicator.resolution,
        noise: () => indicator.methodSd * random.normal(),
      }),
    })),
    indicator,
    allowed: 0.025,
  });
  return { error: found.off.x - off.x, U: found.U.x };
};

const simulatePlug: Simulation = (random) => {
  const at = place(random);
  const sd = GAUGE_FACTS.plug.uTouch;
  const tir = random.between(0, 0.03);
  const direction = random.between(0, 2 * Math.PI);
  const resolution = random.pick(0.001, 0.005, 0.01);
  const read = (true_: number, cast: number) => {
    const seat = true_ + sd * random.normal() + (tir / 2) * cast;
    return Array.from(
      { length: random.pick(1, 2, 3) },
      () => Math.round((seat + sd * random.normal()) / resolution) * resolution,
    );
  };
  const found = centrePlug({
    x: read(at.x, Math.cos(direction)),
    y: read(at.y, Math.sin(direction)),
    nominal: { x: 0, y: 0 },
    method: { resolution, methodSd: sd },
    uTouch: sd,
    plugTir: tir,
    confirm: { by: 'word' },
    allowed: 0.05,
  });
  return { error: found.centre.x - at.x, U: found.uncertainty.U };
};

/** Part zero from two holes of a turned part: the origin, or the direction as an error at a hundred millimetres. */
const simulateHoleLine =
  (of: 'origin' | 'direction'): Simulation =>
  (random, method) => {
    const mill = finderOf(random, method);
    const { lostMotion: _, ...told } = mill.told;
    const [turn, zero] = [random.between(-5, 5), place(random)];
    const nominals = [
      { x: random.between(5, 40), y: random.between(5, 40) },
      { x: random.between(80, 160), y: random.between(50, 90) },
    ] as const;
    const radius = finderRadius(mill) + random.between(3, 10);
    const [from, to] = nominals.map((nominal) => {
      const turned = rotate(nominal, turn);
      const at = { x: zero.x + turned.x, y: zero.y + turned.y };
      const found = circle({ ...told, feature: 'bore', touches: touchRound(mill, at, radius, 4, 'bore'), nominal });
      return { found: found.centre, nominal, u: { x: found.axes.x.u, y: found.axes.y.u } };
    });
    if (!from || !to) throw new Error('no holes');
    const found = holeLine({ from, to });
    return of === 'origin'
      ? { error: found.workOffset.x - zero.x, U: found.U.x }
      : { error: (((found.skew - turn) * Math.PI) / 180) * 100, U: ((found.U.skew * Math.PI) / 180) * 100 };
  };

const touching = METHODS.filter((method) => METHOD_FACTS[method].contact !== 'centre');
const entering = touching.filter((method) => METHOD_FACTS[method].finds.includes('rounds'));

/** Every feature by every method that finds it. */
export const DATUM_TRIALS: readonly { feature: string; methods: readonly Method[]; simulate: Simulation }[] = [
  { feature: 'face', methods: touching, simulate: simulateFace },
  { feature: 'corner, true to the axes', methods: touching, simulate: simulateCorner('axes') },
  { feature: 'corner with skew, square', methods: touching, simulate: simulateCorner('square') },
  { feature: 'corner, both faces measured', methods: touching, simulate: simulateCorner('measured') },
  { feature: 'middle of stock or web', methods: touching, simulate: simulateMiddle('web', 'place') },
  { feature: 'width of stock or web', methods: touching, simulate: simulateMiddle('web', 'size') },
  { feature: 'middle of a slot', methods: touching, simulate: simulateMiddle('slot', 'place') },
  { feature: 'width of a slot', methods: touching, simulate: simulateMiddle('slot', 'size') },
  { feature: 'bore by three or more', methods: entering, simulate: simulatePoints('bore', 'place') },
  { feature: 'diameter of a bore', methods: entering, simulate: simulatePoints('bore', 'size') },
  { feature: 'boss by three or more', methods: entering, simulate: simulatePoints('boss', 'place') },
  { feature: 'diameter of a boss', methods: entering, simulate: simulatePoints('boss', 'size') },
  { feature: 'bore or boss by sweep', methods: ['indicator'], simulate: simulateSweep },
  { feature: 'bore by plug', methods: ['plug'], simulate: simulatePlug },
  { feature: 'two holes, origin', methods: entering, simulate: simulateHoleLine('origin') },
  { feature: 'two holes, direction', methods: entering, simulate: simulateHoleLine('direction') },
];
