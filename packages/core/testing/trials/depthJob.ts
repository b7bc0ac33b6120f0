import { kneeLockedAt, quillDepth } from '../../src/state/toolChange/quillDepth';
import { deriveState, type SetupState } from '../../src/state/basis/setupState';
import { zZeroAnswer } from '../../src/state/zAndTools/zZero';
import { toolDepth } from '../../src/state/toolChange/toolDepth';
import { touchOffPoint } from '../../src/state/toolChange/touchOffPoint';
import type { LengthMethod } from '../../src/zAndTools/schools';
import { chance } from '../../src/metrology/chance';
import type { Machine } from '../../src/records/shop/machine';
import type { TouchedSubject } from '../../src/records/values/subject';
import { raise, raisePast, standOver, type Hand } from '../../src/practice/hands/hand';
import { AT, worker, type Worker } from '../../src/practice/hands/worker';
import { benchMill, BETWEENS, kneeMill, practiceSnapshot, TRAY } from '../../src/practice/lessons/practiceShop';
import { boxOf, topOf } from '../../src/practice/mill/box';
import { hide } from '../../src/practice/mill/hiddenTruth';
import { createMill } from '../../src/practice/mill/mill';
import type { Contact, MillSpec } from '../../src/practice/mill/millSpec';
import { tipOf } from '../../src/practice/mill/toolTip';

/** What a manual job is done with: how lengths are kept, what is read, and what goes down to the depth. */
export interface DepthKind {
  school: Exclude<LengthMethod, 'touch-part'>;
  reads: 'readout' | 'dial';
  /** The spindle's own axis, or the quill with the knee locked and the scale on the knee. */
  by: 'axis' | 'quill';
}

/** How a job ended: how far the tip is from the depth that was asked for, mm, + too high, and what was said of that. */
export interface DepthJob {
  kind: DepthKind;
  error: number;
  U: number;
  /** How much longer the tool is than the one that set Z. */
  longer: number;
  asked: number;
}

const SCHOOLS = ['reference-tool', 'true-length', 'touch-every-change'] as const;

/** Every kind there is. */
export const DEPTH_KINDS: readonly DepthKind[] = SCHOOLS.flatMap((school) =>
  (['readout', 'dial'] as const).flatMap((reads) => (['axis', 'quill'] as const).map((by) => ({ school, reads, by }))),
);

const MASTER: Contact = { id: 'master-100', name: 'Master tool 100', kind: 'cutter', diameter: 20, length: 100 };

/** Tools are raised past the block by so much, mm. */
const STEP = 0.02;

/** Quill up at its stop. */
const UP = 100;

const millOf = ({ reads, by }: DepthKind, length: number): MillSpec => ({
  ...(reads === 'dial' ? benchMill : kneeMill)([TRAY.cutter, { ...TRAY.drill, length }, MASTER], [BETWEENS.block]),
  ...(by === 'quill' && { quill: true as const }),
});

const machineOf = ({ school, reads }: DepthKind): Machine => {
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' } as const;
  const axis = reads === 'dial' ? { step: 0.025, travel: 300, dial } : { step: 0.005, travel: 400 };
  return {
    id: 'depth-mill',
    name: 'Mill',
    kind: reads === 'dial' ? 'dials' : 'readout',
    units: 'mm',
    axes: { x: axis, y: axis, z: axis },
    habits: { answerFirst: 'preset', toolLengthSchool: school },
    scale: reads,
  };
};

/**
 * One manual job on the practice mill, done by a scripted hand to the letter: Z with tool 1 on a block, tool 2 in as its school
 * has it, then to a random depth by the figure that is said. Where the tip then is only the mill knows.
 */
export function depthJob(kind: DepthKind, seed: number): DepthJob {
  const draw = chance(seed);
  const spec = millOf(kind, draw.between(45, 110));
  const heights = { surface: 0, lift: 0, step: STEP, ...(kind.by === 'quill' && { moves: 'knee' as const }) };
  const at = worker(
    { snapshot: (id, when) => practiceSnapshot(id, when, 'Depth', { machine: machineOf(kind), heights }) },
    {},
    { start: createMill(spec, hide(spec, seed)), id: 'depth', at: AT },
  );
  const { hand } = at;
  if (kind.by === 'quill') {
    hand.do({ do: 'quill', by: -UP });
    hand.do({ do: 'quill-lock', on: true });
  }
  if (kind.school === 'true-length') touchWith(at, MASTER.id, { kind: 'master', master: MASTER.id });
  touchWith(at, TRAY.cutter.id, { kind: 'z-zero', tool: 1 });
  at.set({ kind: 'z-zero', tool: 1 }, 'z', zZeroAnswer(at.book())?.result.setZ ?? NaN);
  if (kind.school === 'touch-every-change') {
    touchWith(at, TRAY.cutter.id, { kind: 'tool-spot', tool: 1 });
    touchWith(at, TRAY.drill.id, undefined);
    at.set({ kind: 'tool-spot', tool: 2 }, 'z', touchOffPoint(at.book()).kept?.figure ?? NaN);
  } else touchWith(at, TRAY.drill.id, { kind: 'tool-length', tool: 2 });
  const asked = draw.between(0.5, 10);
  const depth = toolDepth(at.book(), 2, asked);
  if (depth.kind !== 'shown' || depth.U === null) throw new Error(`no figure: ${depth.kind}`);
  beside(hand);
  const book = at.book();
  if (kind.by === 'axis') hand.drive('z', inSteps(depth.deepest, book));
  else downByQuill(hand, book, depth.deepest, draw.between(2, 40));
  const mill = hand.mill();
  if (mill.broken) throw new Error(`broken: ${mill.broken}`);
  return { kind, error: tipOf(mill) - topOf(mill) + asked, U: depth.U, longer: depth.shift, asked };
}

/** To the nearest step that the scale shows. */
const inSteps = (mm: number, { machine }: SetupState): number =>
  Math.round(mm / machine.axes.z.step) * machine.axes.z.step;

/** Puts a tool in and raises it past the block over the part; logs what Z shows. */
function touchWith({ hand, ...at }: Worker, contact: string, subject: TouchedSubject | undefined): number {
  hand.do({ do: 'put', between: undefined });
  if (hand.mill().held?.id !== contact) {
    hand.do({ do: 'move', axis: 'z', by: 60 });
    hand.do({ do: 'hold', contact });
  }
  standOver(hand, 8);
  hand.do({ do: 'put', between: BETWEENS.block.id });
  const z = raisePast(hand, STEP);
  if (subject) at.touch(subject, 'z', z, { way: 1 });
  return z;
}

/** Clear of the part, so that nothing is met on the way down. */
function beside(hand: Hand): void {
  raise(hand);
  hand.do({ do: 'put', between: undefined });
  const box = boxOf(hand.mill());
  hand.toward('x', (box?.corner.x ?? 0) - 60);
}

/** The knee locked where it is, so far above the depth; then the quill down to its stop. */
function downByQuill(hand: Hand, book: SetupState, deepest: number, above: number): void {
  hand.drive('z', inSteps(deepest + above, book));
  const cutPlan = { ...book.cutPlan, kneeLocked: { at: hand.reads('z'), zeroingId: book.zeroings.at(-1)?.id ?? '' } };
  const locked = deriveState({ ...book, cutPlan });
  const found = quillDepth(locked, deepest);
  if (found?.kind !== 'travel') throw new Error(`no quill stop: ${found?.kind} at ${kneeLockedAt(locked)}`);
  hand.do({ do: 'quill-lock', on: false });
  hand.do({ do: 'quill', by: found.travel });
}

/** How many of some jobs ended within their U, and how many beyond three times it. */
export function depthShares(jobs: readonly DepthJob[]): { within: number; beyond: number } {
  const within = jobs.filter(({ error, U }) => Math.abs(error) <= U).length / jobs.length;
  return { within, beyond: jobs.filter(({ error, U }) => Math.abs(error) > 3 * U).length };
}
