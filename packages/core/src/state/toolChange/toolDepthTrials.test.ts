/**
 * Random jobs at a manual mill, done as they are told: the reference sets Z on a block, another tool touches the same block,
 * and the display is brought to the figure for the depth. Where the tip is then is known here, and to nobody else.
 */
import { chance } from '../../metrology/chance';
import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { Entry } from '../../records/kinds/entry';
import { withTools, bookOf, plateSnapshot, presetDone, caseReading } from '../basis/snapshot.case';
import { zZeroAnswer } from '../zAndTools/zZero';
import { toolDepth } from './toolDepth';

const setupId = plateSnapshot.setup.id;
const TOOLS = [1, 2].map((number) => ({ id: `t${number}`, number, name: `Tool ${number}`, diameter: 6 }));
const { uTouch, uSize } = GAUGE_FACTS.block;
const STEP = plateSnapshot.machine.axes.z.step;

/** The display rounds to its step. */
const shown = (mm: number) => Math.round(mm / STEP) * STEP;

/** One job: how far the tip is from the depth that was asked for, and what was said of that. */
function job(seed: number): { error: number; U: number; shift: number } {
  const draw = chance(seed);
  const long = [draw.between(40, 120), draw.between(40, 120)] as const;
  const block = 10 + uSize * draw.normal();
  // Each touch repeats no better than the hand, and trips where it does.
  const felt = () => uTouch * draw.normal() + uTouch * draw.normal();
  const counts = draw.between(-300, 300);
  const at = long[0] + block + felt();
  const readings: Entry[] = [];
  const touch = (tool: 1 | 2, value: number, epoch?: string) =>
    readings.push({
      kind: 'reading',
      setupId,
      body: caseReading({ kind: tool === 1 ? 'z-zero' : 'tool-length', tool }, value, {
        axis: 'z',
        gaugeId: 'block',
        cutterId: `t${tool}`,
        ...(epoch !== undefined && { epoch }),
      }),
    });
  touch(1, shown(at - counts));
  const begun = bookOf({ ...plateSnapshot, ...withTools(TOOLS) }, readings);
  const setTo = zZeroAnswer(begun)?.result.setZ ?? NaN;
  readings.push({ kind: 'zeroing', setupId, body: presetDone({ kind: 'z-zero', tool: 1 }, 'z', setTo, 'z set') });
  // Set while it touched: from here the display counts so.
  const now = at - setTo;
  touch(2, shown(long[1] + block + felt() - now), 'z set');
  const deep = draw.between(0.5, 30);
  const depth = toolDepth(bookOf({ ...plateSnapshot, ...withTools(TOOLS) }, readings), 2, deep);
  if (depth.kind !== 'shown' || depth.U === null) throw new Error(`no figure: ${depth.kind}`);
  return { error: depth.deepest + now - long[1] - -deep, U: depth.U, shift: depth.shift };
}

test('1 500 jobs with tools of different lengths end at their depth within U, none beyond three of it', () => {
  const jobs = Array.from({ length: 1500 }, (_, seed) => job(seed + 1));
  const within = jobs.filter(({ error, U }) => Math.abs(error) <= U).length;
  expect(within / jobs.length).toBeGreaterThanOrEqual(0.94);
  expect(jobs.filter(({ error, U }) => Math.abs(error) > 3 * U)).toEqual([]);
  // Longer and shorter tools alike, and by far more than any ±: a sign the other way would end millimetres off.
  expect(jobs.filter(({ shift }) => shift > 5).length).toBeGreaterThan(400);
  expect(jobs.filter(({ shift }) => shift < -5).length).toBeGreaterThan(400);
});
