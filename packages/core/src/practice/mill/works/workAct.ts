import { chance, type Chance } from '../../../metrology/chance';
import { tipOf } from '../toolTip';
import { boxOf, reachOf } from '../box';
import { SWING } from './swing';
import { boredTo } from './bar';
import { appendEvent } from '../appendEvent';
import type { Mill } from '../mill';
import type { MillAct } from '../millAct';
import type { WorkOf } from './work';

export type WorkAct = Extract<
  MillAct,
  {
    do:
      | 'tap'
      | 'bolts'
      | 'blow'
      | 'try'
      | 'index'
      | 'parallels'
      | 'indicator'
      | 'head'
      | 'lock'
      | 'home'
      | 'cut'
      | 'measure';
  }
>;

/** Length of the jaw that is lined up, mm, from the bolt that stays snug to the end that is tapped. */
export const JAW = 120;

/** A tap moves by so much of itself more or less: standard deviation. */
const TAP = 0.12;

/** Bolts that are tightened move a vise's end by up to so much, mm. */
const BOLTED = 0.015;

/** A slide goes as it is locked about as it did before: standard deviation, mm on the diameter. */
const LOCK_SD = 0.001;

/** How well a bore comes out of one pass, and a gauge reads it: standard deviation, mm; and the gauge's step. */
const CUT_SD = 0.0015;
const GAUGE = { sd: 0.002, step: 0.001 };

/** A pass deeper than this is more than the cutter bears, mm. */
const DEEPEST = 0.5;

/** Clear of what a table sweeps as it tilts, mm. */
const CLEAR = 8;

/** What is done with the work itself. Each thing is a little different every time. */
export function workAct(mill: Mill, what: WorkAct): Mill {
  const by = chance(mill.hidden.seed * 31 + mill.done);
  const next = { ...mill, done: mill.done + 1 };
  const { work } = mill;
  switch (what.do) {
    case 'tap':
      return tapped(next, what, 1 + TAP * by.normal());
    case 'bolts':
      return tightened(next, what.tight, by);
    case 'blow':
      return work?.kind === 'seat' ? blown(next, work, what.side, by) : mill;
    case 'try':
      return work?.kind === 'seat' ? { ...next, work: { ...work, tried: loose(work) } } : mill;
    case 'index':
      return work?.kind === 'chuck'
        ? turnedChuck(next, work, what.by)
        : work?.kind === 'tilt'
          ? tilted(next, work, what.by)
          : mill;
    case 'parallels':
      return work?.kind === 'chuck' ? { ...next, work: { ...work, parallels: what.in } } : mill;
    case 'indicator':
      return work?.kind === 'boring' ? atHead(next, { ...work, indicator: what.on }) : mill;
    case 'head':
      return work?.kind === 'boring' ? atHead(next, { ...work, set: work.set + 2 * what.by, locked: false }) : mill;
    case 'lock':
      return work?.kind === 'boring' && !work.locked
        ? atHead(next, { ...work, locked: true, set: work.set + work.locks + LOCK_SD * by.normal() })
        : mill;
    case 'home':
      return homed(next, by.normal);
    case 'cut':
      return work?.kind === 'boring'
        ? bored(next, work, by.normal())
        : work?.kind === 'facing'
          ? faced(next, work)
          : mill;
    case 'measure':
      return measured(next, by.normal());
  }
}

/** What is tapped goes about as far as it was meant to. */
function tapped(mill: Mill, { by, along = 'x' }: Extract<WorkAct, { do: 'tap' }>, times: number): Mill {
  const { work } = mill;
  switch (work?.kind) {
    case 'vise':
      return tapVise(mill, work, by * times);
    case 'chuck':
      return tapPart(mill, work, by, times);
    case 'head': {
      const lean = { ...work.lean, [along]: work.lean[along] + (by * times) / SWING };
      return { ...mill, dialReads: mill.dialReads + 1, work: { ...work, lean } };
    }
    default:
      return mill;
  }
}

function tapVise(mill: Mill, work: WorkOf<'vise'>, moved: number): Mill {
  if (work.tight) return mill;
  return { ...mill, dialReads: mill.dialReads + 1, work: { ...work, turn: work.turn + moved / JAW } };
}

function bolted(mill: Mill, work: WorkOf<'vise'>, tight: boolean, moved: number): Mill {
  const turn = tight && !work.tight ? work.turn + moved / JAW : work.turn;
  return { ...mill, dialReads: mill.dialReads + 1, work: { ...work, turn, tight, gone: 0 } };
}

/** A table goes so far as it is bolted, mm either way; a part is lifted so far by the jaw that presses it, mm. */
const BOLTED_TABLE = 0.03;
const LIFTED = { least: 0.05, most: 0.2 };

/** Whatever is held tight there, or let loose. */
function tightened(mill: Mill, tight: boolean, by: Chance): Mill {
  const { work } = mill;
  switch (work?.kind) {
    case 'vise':
      return bolted(mill, work, tight, by.between(-BOLTED, BOLTED));
    case 'table': {
      const go = (mm: number) => (tight && !work.tight ? mm + by.between(-BOLTED_TABLE, BOLTED_TABLE) : mm);
      const moved = { x: go(work.moved.x), y: go(work.moved.y) };
      return { ...mill, dialReads: mill.dialReads + 1, work: { ...work, moved, tight, swept: false } };
    }
    case 'seat': {
      const lifts = () => (tight ? by.between(LIFTED.least, LIFTED.most) : 0);
      const off = tight === work.tight ? work.off : { left: lifts(), right: lifts() };
      return { ...mill, work: { ...work, off, tight, tried: undefined } };
    }
    default:
      return mill;
  }
}

/** A parallel moves under a part that stands off it by more than this, mm. */
const MOVES = 0.003;

const loose = ({ off }: WorkOf<'seat'>) => ({ left: off.left > MOVES, right: off.right > MOVES });

/** A blow takes a side most of the way down, and the other with it a little. */
function blown(mill: Mill, work: WorkOf<'seat'>, side: 'left' | 'right', by: Chance): Mill {
  const other = side === 'left' ? 'right' : 'left';
  const leaves = by.between(0.05, 0.35);
  const off = { ...work.off, [side]: work.off[side] * leaves, [other]: work.off[other] * 0.8 };
  return { ...mill, work: { ...work, off, tried: undefined } };
}

/** Pushed away from the operator by so much, the mark that looks at him goes with it. */
function tapPart(mill: Mill, work: WorkOf<'chuck'>, by: number, times: number): Mill {
  const towards = (work.mark * Math.PI) / 180;
  const [c, s] = [Math.cos(towards), Math.sin(towards)];
  const out = work.off[0] * c + work.off[1] * s;
  const moved = by * times;
  const before = work.tapped ?? { by: 0, out };
  return {
    ...mill,
    dialReads: mill.dialReads + 1,
    work: {
      ...work,
      tapped: { ...before, by: before.by + by },
      off: [work.off[0] - moved * c, work.off[1] - moved * s],
    },
  };
}

function turnedChuck(mill: Mill, work: WorkOf<'chuck'>, by: number): Mill {
  // What was tapped there, in however many taps, is judged as the table goes on.
  const tapped = work.tapped ? appendEvent(mill, { kind: 'tapped', ...work.tapped }) : mill;
  const turned = {
    ...tapped,
    dialReads: mill.dialReads + 1,
    work: { ...work, tapped: undefined, mark: (((work.mark + by) % 360) + 360) % 360 },
  };
  return work.parallels ? appendEvent(turned, { kind: 'parallels-in' }) : turned;
}

/** A table that tilts sweeps round; what stands low beside it is in its way. */
function tilted(mill: Mill, work: WorkOf<'tilt'>, by: number): Mill {
  const command = Math.min(90, Math.max(-90, work.command + by));
  const turned: Mill = { ...mill, work: { ...work, command }, found: false, pressing: false, arms: mill.arms + 1 };
  const low = mill.held !== undefined && tipOf(mill) < reachOf(mill) + CLEAR;
  return low ? { ...appendEvent(turned, { kind: 'swung-into' }), broken: 'bent' } : turned;
}

/** A hand at the head, whose spindle should stand. */
function atHead(mill: Mill, work: WorkOf<'boring'>): Mill {
  const there = { ...mill, dialReads: mill.dialReads + 1, work };
  if (mill.rpm === 0) return there;
  const turning = appendEvent(there, { kind: 'hand-at-turning' });
  return work.indicator ? { ...appendEvent(turning, { kind: 'indicator-on' }), broken: 'thrown' } : turning;
}

/** The bar is fed through: of what it is set beyond the bore, its spring leaves a share. */
function bored(mill: Mill, work: WorkOf<'boring'>, chanced: number): Mill {
  if (mill.rpm === 0) return mill;
  const right = boredTo(work.spring, work.bore, work.set);
  const bore = right > work.bore ? right + CUT_SD * chanced : right;
  const cut = appendEvent(mill, { kind: 'cut', set: work.set });
  return { ...cut, work: { ...work, bore: Math.max(bore, work.bore), cuts: work.cuts + 1 } };
}

function faced(mill: Mill, work: WorkOf<'facing'>): Mill {
  const box = boxOf(mill);
  if (mill.rpm === 0 || !mill.held || !box) return mill;
  const depth = box.top - tipOf(mill);
  if (depth <= 0) return mill;
  const cut = {
    ...mill,
    work: { ...work, off: work.off + depth, passes: work.passes + 1 },
  };
  return depth > DEEPEST ? appendEvent(cut, { kind: 'too-deep' }) : cut;
}

/** By bore gauge, or by micrometer over what is left. */
function measured(mill: Mill, chanced: number): Mill {
  const { work } = mill;
  const size = work?.kind === 'boring' ? work.bore : boxOf(mill)?.size.z;
  if (size === undefined) return mill;
  const value = Math.round((size + GAUGE.sd * chanced) / GAUGE.step) * GAUGE.step;
  const there = { ...mill, measured: value };
  return mill.rpm > 0 ? appendEvent(there, { kind: 'hand-at-turning' }) : there;
}

/** Up and to its own zero: what was set is kept from there, and its switches trip a little elsewhere than before. */
function homed(mill: Mill, chanced: () => number): Mill {
  const sd = mill.spec.homes;
  if (sd === undefined) return mill;
  const { zero, homedOff: was } = mill;
  const off = { x: sd * chanced(), y: sd * chanced(), z: sd * chanced() };
  return {
    ...mill,
    screw: START,
    at: START,
    zero: { x: zero.x - was.x + off.x, y: zero.y - was.y + off.y, z: zero.z - was.z + off.z },
    homedOff: off,
    found: false,
    pressing: false,
    under: false,
    arms: mill.arms + 1,
    raisedAt: mill.events.length,
  };
}

const START = { x: 0, y: 0, z: 0 };
