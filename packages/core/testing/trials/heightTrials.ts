import { runOut } from '../../src/zAndTools/runOut';
import { toolLength } from '../../src/zAndTools/toolLength';
import { zZero } from '../../src/zAndTools/zZero';
import type { Chance } from '../../src/metrology/chance';
import { GAUGE_FACTS, type GaugeKind } from '../../src/metrology/gauges/gaugeKinds';
import type { Hidden } from '../../src/practice/mill/hiddenTruth';
import { tipMetAt } from '../../src/practice/mill/touchPoint';
import type { Between, Contact } from '../../src/practice/mill/millSpec';
import type { Trial } from './coverage';
import { cutterOver, nothingOn, touchCount } from './shop';

/** A gauge under tools on the mill, and what is told of it, which is true on average. */
interface Under {
  random: Chance;
  mill: Hidden;
  with: { contact: Contact; between: Between };
  /** How often it was touched. */
  count: () => number;
  told: { method: { resolution: number; methodSd: number }; uTouch: number; uSize: number };
  /** As it is marked. */
  thickness: number;
}

function under(random: Chance, kind: GaugeKind): Under {
  const { uTouch, uSize } = GAUGE_FACTS[kind];
  const thickness = random.between(0.5, 30);
  return {
    random,
    mill: nothingOn(random),
    count: touchCount(),
    with: cutterOver(kind, thickness),
    told: { method: { resolution: random.pick(0.001, 0.005, 0.01), methodSd: uTouch }, uTouch, uSize },
    thickness,
  };
}

const shown = (value: number, { told }: Under): number =>
  Math.round(value / told.method.resolution) * told.method.resolution;

/** Readings of a tool of some length whose gauge stands on a surface: each touch as the mill has it, and the display. */
function touched(of: Under, surface: number, tool: string, length = 0): number[] {
  return Array.from({ length: of.random.pick(1, 2, 3, 5) }, () =>
    shown(length + tipMetAt(of.mill, { ...of.with, surface: tool, arms: of.count() }, surface), of),
  );
}

/** The same by steps from below: the gauge passes at the first step that leaves it room. */
function searched(of: Under, surface: number, step: number, tool: string, length = 0): number {
  const passes = length + tipMetAt(of.mill, { ...of.with, surface: tool, arms: of.count() }, surface);
  // Where the steps fall is chance each time.
  const phase = of.random.between(0, step);
  return shown(Math.ceil((passes - phase) / step) * step + phase, of);
}

export type HeightSimulation = (random: Chance, kind: GaugeKind) => Trial;

const simulateZ =
  (search: 'felt' | 'half taken' | 'gauge kept'): HeightSimulation =>
  (random, kind) => {
    const of = under(random, kind);
    const surface = random.between(-300, 0);
    const step = random.pick(0.01, 0.02, 0.05, 0.1);
    const found = zZero({
      readings: search === 'felt' ? touched(of, surface, 'tool') : [searched(of, surface, step, 'tool')],
      gaugeThickness: of.thickness,
      surfaceHeight: 0,
      ...of.told,
      ...(search !== 'felt' && { search: { step, takeHalf: search === 'half taken' } }),
    });
    return { error: found.workOffset - surface, U: found.uncertainty.U };
  };

const simulateLength =
  (way: 'felt' | 'by steps'): HeightSimulation =>
  (random, kind) => {
    const of = under(random, kind);
    const surface = random.between(-300, 0);
    const length = random.between(-80, 80);
    const step = random.pick(0.01, 0.02, 0.05, 0.1);
    const read = (tool: string, longer: number) =>
      way === 'felt' ? touched(of, surface, tool, longer) : [searched(of, surface, step, tool, longer)];
    const { uSize: _, ...told } = of.told;
    const found = toolLength({
      reference: { tool: 1, z: { readings: read('reference', 0) } },
      tool: 2,
      readings: read('tool', length),
      ...told,
      ...(way === 'by steps' && { searchStep: step }),
    });
    return { error: found.offset - length, U: found.uncertainty.U };
  };

/** A tool's teeth or places round its shank, each where it truly is, and what an indicator shows there. */
function simulatedRing(random: Chance, n: number, around: 'teeth' | 'shank') {
  const eccentricity = random.between(0, 0.015);
  const phase = random.between(0, 2 * Math.PI);
  const sd = GAUGE_FACTS.indicator.uTouch;
  const resolution = random.pick(0.001, 0.002, 0.01);
  const truth = Array.from({ length: n }, (_, i) => ({
    angle: (i * 360) / n,
    // Teeth are ground each a little different besides.
    at:
      eccentricity * Math.cos((2 * Math.PI * i) / n - phase) + (around === 'teeth' ? random.between(-0.003, 0.003) : 0),
  }));
  const readings = truth.map(({ angle, at }) => ({
    angle,
    reading: Math.round((at + sd * random.normal()) / resolution) * resolution,
  }));
  const found = runOut({ rings: [{ on: around, height: 5, readings }], tolerance: 0.02, resolution, methodSd: sd });
  const places = truth.map(({ at }) => at);
  return { found, eccentricity, spread: Math.max(...places) - Math.min(...places) };
}

const simulateTeeth: HeightSimulation = (random) => {
  const { found, spread } = simulatedRing(random, random.pick(2, 3, 4, 5, 6), 'teeth');
  return { error: found.worst - spread, U: found.uncertainty.U };
};

const simulatePlaces: HeightSimulation = (random) => {
  const { found, spread } = simulatedRing(random, random.pick(8, 12, 24), 'shank');
  return { error: found.worst - spread, U: found.uncertainty.U };
};

const simulateFitted: HeightSimulation = (random) => {
  const { found, eccentricity } = simulatedRing(random, random.pick(6, 8, 12, 24), 'shank');
  return { error: (found.fitted?.tir ?? Number.NaN) - 2 * eccentricity, U: found.fitted?.U ?? Number.NaN };
};

const ON = ['block', 'feeler', 'paper', 'touch-plate', 'setter', 'contact-light'] as const;
const PAST = ['block', 'feeler'] as const;

/** Every height, length and run-out by every gauge that finds it. */
export const HEIGHT_TRIALS: readonly {
  feature: string;
  methods: readonly GaugeKind[];
  simulate: HeightSimulation;
}[] = [
  { feature: 'Z on a gauge', methods: ON, simulate: simulateZ('felt') },
  { feature: 'Z by search, half taken', methods: PAST, simulate: simulateZ('half taken') },
  { feature: 'Z by search, gauge kept', methods: PAST, simulate: simulateZ('gauge kept') },
  { feature: 'tool length', methods: ON, simulate: simulateLength('felt') },
  { feature: 'tool length by search', methods: PAST, simulate: simulateLength('by steps') },
  { feature: 'run-out, teeth, spread', methods: ['indicator'], simulate: simulateTeeth },
  { feature: 'run-out, shank, spread', methods: ['indicator'], simulate: simulatePlaces },
  { feature: 'run-out, shank, fitted', methods: ['indicator'], simulate: simulateFitted },
];
