import { GAUGE_FACTS } from '../metrology/gauges/gaugeKinds';
import { armOffset } from '../calibration/armOffset';
import { heightMaster } from '../calibration/heightMaster';
import { calibrateProbeInRing } from '../calibration/probeInRing';
import { sizeOf, uTouch } from '../state/gauges/contactSize';
import { HEIGHT_CAUTIONS, METHOD_CAUTIONS } from '../cautions/caution';
import { formatLengthUnit } from '../units/formatLength';
import {
  knownSize,
  controlledNeed,
  machineNeed,
  ownGauge,
  toldGauge,
  toldMachine,
  toldMean,
  shownOf,
  toldReadings,
  touchingWith,
  type Routine,
  type RoutineAsk,
  type RoutineState,
} from './routine';
import { underTool } from './underTool';

const WALLS = [
  { key: 'x+', axis: 'x', wall: 'plus', say: 'toward +X, the right wall' },
  { key: 'x-', axis: 'x', wall: 'minus', say: 'toward −X, the left wall' },
  { key: 'y+', axis: 'y', wall: 'plus', say: 'toward +Y, the back wall' },
  { key: 'y-', axis: 'y', wall: 'minus', say: 'toward −Y, the front wall' },
] as const;

/** A probe in a ring, a pair along one axis or both, in one orientation or two. */
export const IN_RING: Routine = {
  name: 'in-ring',
  title: 'Probe in a ring',
  about: 'its effective radius, and its offset from the spindle',
  suits: (subject) => subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].hasTip,
  needs: ({ subject }) => [
    // An electronic edge finder needs no control: it lights on any machine.
    subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].ownLength ? controlledNeed : machineNeed,
    { kind: 'gauge', key: 'ring', label: 'Ring; see its marking', of: ['ring'] },
    {
      kind: 'choice',
      key: 'turns',
      label: 'Spindle',
      options: [
        { value: '2', label: 'as it is, then turned 180°' },
        { value: '1', label: 'as it is only' },
      ],
    },
    {
      kind: 'choice',
      key: 'walls',
      label: 'Walls',
      options: [
        { value: '4', label: 'four, on X and Y' },
        { value: '2', label: 'a pair, on X' },
      ],
    },
  ],
  asks: ({ told }) => {
    const walls = told.walls === '2' ? WALLS.slice(0, 2) : WALLS;
    const turns = told.turns === '1' ? [false] : [false, true];
    return turns.flatMap((turned) =>
      walls.map(({ key, axis, say }, i): RoutineAsk => ({
        key: turned ? `${key}t` : key,
        say:
          i === 0
            ? turned
              ? `Back off the wall, ring still clamped. Turn the spindle half a turn by hand. Touch again ${say}. What does ${axis.toUpperCase()} show?`
              : `Ring flat and clamped, the ball in it at half its height. First centre the ball roughly, both ways. Then touch ${say}. What does ${axis.toUpperCase()} show?`
            : `Touch ${say}${turned ? ', spindle still turned' : ''}. What does ${axis.toUpperCase()} show?`,
        label: `${axis.toUpperCase()} ${say.split(',')[0] ?? ''}${turned ? ', turned' : ''}`,
        least: 1,
        good: 2,
        picture: { kind: 'ring', toward: key, turned },
        cautions: [METHOD_CAUTIONS.probeSlow],
      })),
    );
  },
  result: (state) => {
    const ring = toldGauge(state, 'ring');
    const { size: diameter, U: ringU } = knownSize(ring);
    const pair = (axis: 'x' | 'y', end: '' | 't') => ({
      plus: toldReadings(state, `${axis}+${end}`),
      minus: toldReadings(state, `${axis}-${end}`),
    });
    const along = (axis: 'x' | 'y') => ({
      first: pair(axis, ''),
      ...(state.told.turns !== '1' && { turned: pair(axis, 't') }),
    });
    const found = calibrateProbeInRing({
      ring: { diameter, U: ringU },
      x: along('x'),
      ...(state.told.walls !== '2' && { y: along('y') }),
      ...touchingWith(ownGauge(state), toldMachine(state), 'x'),
    });
    const { U } = found.uncertainty;
    const off = [found.x.eccentricity, found.y?.eccentricity].filter((mm): mm is number => typeof mm === 'number');
    const size = (mm: number) => formatLengthUnit(mm, { unit: state.unit });
    return {
      lines: [
        { say: 'Effective diameter', value: 2 * found.radius, U: 2 * U },
        { say: 'Effective radius', value: found.radius, U },
        { say: 'Toward +X', value: found.x.toward.plus },
        { say: 'Toward −X', value: found.x.toward.minus },
        ...(found.y
          ? [
              { say: 'Toward +Y', value: found.y.toward.plus },
              { say: 'Toward −Y', value: found.y.toward.minus },
            ]
          : []),
      ],
      found: [
        { what: 'size', value: 2 * found.radius, U: 2 * U },
        { what: 'radii', x: found.x.toward, ...(found.y && { y: found.y.toward }), U },
      ],
      reference: ring.name,
      ...shownOf(found),
      notes: [
        off.length > 0
          ? `The ball is ${size(Math.hypot(...off))} off the spindle’s axis${off.length === 1 ? ' along X' : ''}. Adjust its screws if that is too much.`
          : 'From one orientation only the radius is known. Turn the spindle 180° and touch again to find the ball’s offset.',
      ],
      compare: { value: 2 * found.radius, U: 2 * U },
    };
  },
};

/** A probe's length from the gauge line, by a master tool and a block. */
export const PROBE_LENGTH: Routine = {
  name: 'probe-length',
  title: 'Its length on a block',
  about: 'against a master tool of known length, on one surface',
  suits: (subject) => subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].ownLength,
  needs: () => [
    controlledNeed,
    { kind: 'gauge', key: 'master', label: 'Master tool of known length', of: ['master-tool'] },
    { kind: 'gauge', key: 'block', label: 'Block on the surface', of: ['block'] },
  ],
  asks: () => [
    {
      key: 'master',
      say: 'Master tool in the spindle, the block on a flat surface. Raise until the block just slides under the master. What does Z show?',
      label: 'Z, the master on the block',
      least: 1,
      good: 3,
      picture: { kind: 'onto', tool: 'master', on: 'block', raised: true },
      cautions: [HEIGHT_CAUTIONS.raiseOnto],
    },
    {
      key: 'probe',
      say: 'Probe in the spindle, the block left where it is. Come down slowly onto the block. What does Z show as it answers?',
      label: 'Z, the probe on the block',
      least: 1,
      good: 3,
      picture: { kind: 'onto', tool: 'probe', on: 'block', raised: false },
      cautions: [HEIGHT_CAUTIONS.comeSlowly],
    },
  ],
  result: (state) => {
    const master = toldGauge(state, 'master');
    const block = toldGauge(state, 'block');
    const readings = toldReadings(state, 'master');
    const known = knownSize(master);
    const machine = toldMachine(state);
    // The gauge line stands over the surface by block and master while the master touches.
    const surface = toldMean(state, 'master') - known.size - sizeOf(block);
    const feel = uTouch(block);
    const found = heightMaster({
      readings: toldReadings(state, 'probe'),
      known: {
        what: 'probe-by-block',
        block: sizeOf(block),
        surface,
        // The master's own touch is in it; the block is under both, and cancels.
        U: 2 * Math.hypot(known.U / 2, feel / Math.sqrt(readings.length), machine.axes.z.step / Math.sqrt(12)),
      },
      ...touchingWith(ownGauge(state), machine, 'z'),
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Length from the gauge line', value: found.value, U }],
      found: [{ what: 'length', value: found.value, U }],
      reference: `${master.name}, ${block.name}`,
      ...shownOf(found),
      notes: ['Enter it in the control as the probe’s length, and read it back.'],
    };
  },
};

/** The cutter on the surface that the sensor touched, by what is under it. */
function cutterAsk(state: Pick<RoutineState, 'gauges' | 'told'>): RoutineAsk {
  const { does, ...shown } = underTool(state, 'under', 'cutter');
  return {
    key: 'cutter',
    say: `Spindle stopped, arm swung away. The cutter over the same surface. ${does} What does Z show?`,
    label: 'Z, the cutter touches',
    least: 1,
    good: 3,
    ...shown,
  };
}

/** The offset of a sensor on an arm to the cutter beside it. */
export const ON_ARM: Routine = {
  name: 'on-arm',
  title: 'Its offset on an arm',
  about: 'sensor and cutter on one surface',
  suits: (subject) => subject.kind === 'gauge' && GAUGE_FACTS[subject.gauge.kind].hasTip,
  needs: () => [
    machineNeed,
    { kind: 'gauge', key: 'under', label: 'Under the cutter', of: ['feeler', 'block', 'paper'] },
  ],
  asks: (state) => [
    {
      key: 'sensor',
      say: 'Arm swung in to its stop. Come down slowly until the sensor answers on a flat surface. What does Z show?',
      label: 'Z, the sensor answers',
      least: 1,
      good: 3,
      picture: { kind: 'onto', tool: 'sensor', on: 'surface', raised: false },
      cautions: [HEIGHT_CAUTIONS.comeSlowly],
    },
    cutterAsk(state),
  ],
  result: (state) => {
    const under = toldGauge(state, 'under');
    const { size: thickness, U: gaugeU } = knownSize(under);
    const sensor = ownGauge(state);
    const found = armOffset({
      sensor: toldReadings(state, 'sensor'),
      cutter: toldReadings(state, 'cutter'),
      gauge: { thickness, U: gaugeU },
      method: touchingWith(sensor, toldMachine(state), 'z').method,
      uTouch: { sensor: uTouch(sensor), cutter: uTouch(under) },
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Cutter above the surface when it answers', value: found.offset, U, signed: true }],
      found: [{ what: 'arm', value: found.offset, U }],
      reference: under.name,
      ...shownOf(found),
      notes: ['It holds for this cutter at this setting of the arm; find it again after either was moved.'],
    };
  },
};
