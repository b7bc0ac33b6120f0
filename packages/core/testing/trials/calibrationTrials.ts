import { drift } from '../../src/calibration/drift';
import { ballTrue } from '../../src/calibration/ballTrue';
import { calibrateProbeInRing } from '../../src/calibration/probeInRing';
import type { Chance } from '../../src/metrology/chance';
import { ballAngles } from '../../src/rotary/ballAngles';
import { indexTable } from '../../src/rotary/indexTable';
import { proveCentre } from '../../src/rotary/proveCentre';
import type { ProveCentreOutput } from '../../src/rotary/proveCentre.schema';
import { partTurn, turnedAbout, turnedInPlane, type Vector } from '../../src/rotary/turn';
import { GAUGE_FACTS } from '../../src/metrology/gauges/gaugeKinds';
import { offAxis, trueRadius } from '../../src/practice/mill/hiddenTruth';
import { metAt } from '../../src/practice/mill/touchPoint';
import type { Trial } from './coverage';
import { nothingOn, touchCount, touchedWith } from './shop';

/** What a scale shows of a true place, mm. */
const shown = (mm: number, step: number): number => Math.round(mm / step) * step;

/**
 * The mill's probe, off the spindle's axis, in a ring that is not quite as it is marked, two orientations, along one axis or
 * two: its mean effective radius.
 */
export function simulatedProbe(random: Chance, axes: 1 | 2): Trial {
  const { uTouch } = GAUGE_FACTS.probe;
  const step = 0.001;
  const [mill, count] = [nothingOn(random), touchCount()];
  const tool = touchedWith('probe', random.between(1, 8), 0);
  const ring = { diameter: random.between(15, 50), U: 0.002 };
  const truth = ring.diameter + (ring.U / 2) * random.normal();
  const along = (axis: 'x' | 'y') => {
    const centre = random.between(-300, 300);
    const off = random.between(-0.02, 0.02);
    const wall = (sign: 1 | -1, turned: 1 | -1) =>
      // Where it trips is another error in every direction of the probe's own body.
      Array.from({ length: random.pick(1, 2, 3) }, () =>
        shown(
          metAt(
            mill,
            { ...tool, surface: `${axis} ${sign} ${turned}`, arms: count() },
            centre + (sign * truth) / 2,
            sign,
          ) -
            turned * off,
          step,
        ),
      );
    const pair = (turned: 1 | -1) => ({ plus: wall(1, turned), minus: wall(-1, turned) });
    return { first: pair(1), turned: pair(-1) };
  };
  const found = calibrateProbeInRing({
    ring,
    x: along('x'),
    ...(axes === 2 && { y: along('y') }),
    method: { resolution: step, methodSd: uTouch },
    uTouch,
  });
  return { error: found.radius - trueRadius(mill, tool.contact), U: found.uncertainty.U };
}

/** The mill's ball where it is off the spindle, read at four quarters by an indicator: its TIR. */
export function simulatedBall(random: Chance): Trial {
  const mill = nothingOn(random);
  const { contact } = touchedWith('probe', 4, 0);
  const off = (turned: number) => offAxis(mill, { ...contact, runsOut: 0.006 }, turned);
  const readings = [0, 90, 180, 270].map((angle) => ({
    angle,
    reading: shown(off(angle).x + 0.001 * random.normal(), 0.001),
  }));
  const found = ballTrue({ readings, allowed: 0.004, resolution: 0.001, methodSd: 0.001 });
  const { x, y } = off(0);
  return { error: found.tir - 2 * Math.hypot(x, y), U: found.uncertainty.U };
}

/** One ball found at three to six angles of an axis of either sense: a coordinate of its centre. */
export function simulatedAngles(random: Chance): Trial {
  const sense = random.pick<1 | -1>(1, -1);
  const centre: [number, number] = [random.between(-300, 300), random.between(-300, 300)];
  const from: [number, number] = [centre[0] + random.between(20, 120), centre[1]];
  const n = random.pick(3, 4, 6);
  const apart = random.between(200, 360) / n;
  const points = Array.from({ length: n }, (_, i) => {
    const command = apart * i;
    const [u, v] = turnedInPlane(from, centre, partTurn({ sense, command }));
    return { command, at: [u + 0.002 * random.normal(), v + 0.002 * random.normal()] as [number, number] };
  });
  const found = ballAngles({ axis: 'B', sense, points, uPoint: 0.002, step: 0 });
  return { error: found.centre[0] - centre[0], U: found.uncertainty.U };
}

/**
 * A trunnion whose two axes pass each other, in either order and sense: where our offset at some index puts the tool on the
 * true machine, which has its centres elsewhere by what they are not known to.
 */
export function simulatedTrunnion(random: Chance): Trial {
  const [U, centreU] = [0.006, 0.008];
  const off = (of: number) => (of / 2) * random.normal();
  const axis = (name: 'A' | 'B' | 'C') => ({
    name,
    sense: random.pick<1 | -1>(1, -1),
    centre: [random.between(-40, 40), random.between(-80, 80)] as [number, number],
    centreU: [centreU, centreU] as [number, number],
    step: random.pick(0.001, 0.005),
  });
  const axes = random.pick(
    [axis('C'), axis('A')],
    [axis('A'), axis('B')],
    [axis('C'), axis('B')],
    [axis('A'), axis('C')],
  );
  const datum = { x: random.between(-80, 80), y: random.between(-80, 80), z: random.between(-40, 40) };
  const commands = Object.fromEntries(axes.map(({ name }) => [name, random.between(-110, 110)]));
  const [row] = indexTable({
    school: 'per-index',
    datum,
    datumU: { x: U, y: U, z: U },
    axes,
    indices: [{ name: 'there', commands }],
  }).rows;
  const truth = axes.reduce<Vector>(
    (at, { name, sense, centre: [u, v], step }) =>
      turnedAbout(
        at,
        name,
        [u + off(centreU), v + off(centreU)],
        partTurn({ sense, command: (commands[name] ?? 0) + step * (random.next() - 0.5) }),
      ),
    [datum.x + off(U), datum.y + off(U), datum.z + off(U)],
  );
  const i = random.pick<0 | 1 | 2>(0, 1, 2);
  const coordinate = (['x', 'y', 'z'] as const)[i];
  return { error: (row?.datum[coordinate] ?? Number.NaN) - truth[i], U: row?.U[coordinate] ?? Number.NaN };
}

/** Two walls left by cuts half a turn apart round a centre that is off by so much, measured twice each: what the proof says. */
export function simulatedWalls(random: Chance, off: number): ProveCentreOutput['along'][number] | undefined {
  const read = (mm: number) => [0, 1].map(() => shown(mm + 0.002 * random.normal(), 0.001));
  return proveCentre({
    axis: 'A',
    centre: [0, 0],
    centreU: [0.01, 0.01],
    by: {
      what: 'walls',
      along: random.pick<0 | 1>(0, 1),
      plus: { first: read(5), turned: read(5 - 2 * off) },
      minus: { first: read(5), turned: read(5 + 2 * off) },
      instrument: { resolution: 0.001, sd: 0.002 },
    },
  }).along[0];
}

/** A size of U 0.01 checked every week of a year and looked at after each: the week it is first called, or undefined. */
export function firstCalled(random: Chance, perWeek: number): number | undefined {
  const U = 0.01;
  const results: { at: string; value: number; U: number }[] = [];
  for (let week = 0; week < 52; week += 1) {
    const at = new Date(Date.UTC(2026, 0, 5 + 7 * week, 9)).toISOString();
    results.push({ at, value: 10 + perWeek * week + (U / 2) * random.normal(), U });
    const { verdict } = drift({ results });
    if (verdict === 'moved' || verdict === 'trend') return week + 1;
  }
  return undefined;
}
