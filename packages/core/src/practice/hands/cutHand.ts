import { boreAnswer } from '../../state/boreAndFace/bore';
import { patternPositions } from '../../holes/patterns/pattern';
import { lowerTo, raise } from './hand';
import { readDial } from './dialHand';
import type { Clumsy, Worker } from './worker';

/** A bore takes no more passes than this. */
const PASSES = 10;

/** So often the slide is set and locked for one pass, and so near it is to come, mm on the diameter. */
const LOCKS = 4;
const NEAR_IT = 0.004;

/** Measures the bore and logs it, after a pass at a setting or before the first. */
function measureBore(at: Worker, of: string, gaugeId: string, set?: number): number {
  at.hand.do({ do: 'spin', rpm: 0 });
  at.hand.do({ do: 'measure' });
  const value = at.hand.mill().measured ?? NaN;
  const source = { by: 'typed', text: String(value), unit: 'mm' };
  const subject = { kind: 'bore-size', of, ...(set !== undefined && { set, setText: set.toFixed(3) }) };
  at.add({
    kind: 'reading',
    body: { on: 'gauge', id: at.name(), subject, gaugeId, value, source, ticked: [], takenAt: at.when },
  });
  return value;
}

/** A bore crept to size: set by the indicator, locked, read again, indicator off, cut, measured. */
export function boreToSize(at: Worker, of: string, { unlocked, leavesOn }: Clumsy): void {
  const { hand } = at;
  const plan = at.book().cutPlan.bores.find(({ id }) => id === of);
  if (!plan) return;
  let set = measureBore(at, of, plan.gaugeId);
  for (let i = 0; i < PASSES; i += 1) {
    const next = boreAnswer(at.book(), plan).answer?.result.next;
    if (!next) return;
    hand.do({ do: 'indicator', on: true });
    hand.do({ do: 'zero-dial' });
    const before = readDial(at);
    // What locking moves the slide by is allowed for, once it is known.
    let [shift, locked, loose] = [0, set, set];
    for (let n = 0; n < LOCKS && Math.abs(locked - next.set) > NEAR_IT; n += 1) {
      hand.do({ do: 'head', by: (next.set - shift - locked) / 2 });
      loose = set + 2 * (readDial(at) - before);
      hand.do({ do: 'lock' });
      locked = set + 2 * (readDial(at) - before);
      shift = locked - loose;
      if (unlocked) break;
    }
    set = unlocked ? loose : locked;
    if (leavesOn !== true) hand.do({ do: 'indicator', on: false });
    hand.do({ do: 'spin', rpm: 500 });
    hand.do({ do: 'cut' });
    measureBore(at, of, plan.gaugeId, set);
  }
}

/** The top, down to 0 in passes: each at its depth under zero, mm. */
export function faceDown(at: Worker, remove: number, { leavesOn, onePass }: Clumsy): void {
  const { hand } = at;
  hand.do({ do: 'move', axis: 'z', by: 3 });
  if (leavesOn !== true) hand.do({ do: 'put', between: undefined });
  hand.do({ do: 'spin', rpm: 1000 });
  const passes = onePass ? [remove] : [0.4, 0.8, remove - 0.1, remove];
  for (const depth of passes) {
    hand.drive('z', -depth);
    hand.do({ do: 'cut' });
  }
  hand.do({ do: 'spin', rpm: 0 });
}

/** Every hole of every pattern marked with a spot drill. */
export function spotHoles(at: Worker, contact: string, { circles = 1 }: Clumsy): void {
  const { hand } = at;
  raise(hand);
  hand.do({ do: 'spin', rpm: 0 });
  hand.do({ do: 'hold', contact });
  hand.do({ do: 'spin', rpm: 1000 });
  for (const { x, y } of at.book().patterns.flatMap(patternPositions)) {
    raise(hand);
    hand.drive('x', circles * x);
    hand.drive('y', circles * y);
    lowerTo(hand, 0.5);
    hand.do({ do: 'move', axis: 'z', by: -0.8 });
  }
  raise(hand);
}
