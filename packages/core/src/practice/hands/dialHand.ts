import { alignmentOf } from '../../state/alignment/plan';
import { alignmentPass, isInLine, type AlignmentAnswer } from '../../state/alignment/taskAnswer';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { runOutPlaces, runOutRings } from '../../state/zAndTools/runOut';
import { boxOf } from '../mill/box';
import { dialShows } from '../mill/indicator';
import { lowerTo, raise } from './hand';
import { INDICATOR, type Clumsy, type Worker } from './worker';

/** So often something is tapped or moved and read again at most. */
const PASSES = 12;

/** What the dial shows, mm; not a number where it does not. */
export function readDial({ hand }: Worker): number {
  const shows = dialShows(hand.mill());
  return typeof shows === 'object' ? shows.mm : NaN;
}

/** Brings the stylus, low, against what stands away from the operator, until the dial is in the middle of its travel. */
function toMiddle(at: Worker): void {
  const { hand } = at;
  const box = boxOf(hand.mill());
  if (!box) return;
  raise(hand);
  hand.toward('x', box.corner.x + box.size.x / 2);
  hand.toward('y', box.corner.y - 3);
  lowerTo(hand, -6);
  for (let i = 0; i < 400 && !(readDial(at) > -0.05); i += 1) hand.do({ do: 'move', axis: 'y', by: 0.05 });
}

/** One pass of an alignment: each place read, and what the book makes of it. */
function pass(
  at: Worker,
  task: 'head' | 'vise' | 'centre' | 'chuck',
  number: number,
  goTo: (place: number) => void,
): AlignmentAnswer | undefined {
  const plan = alignmentOf(at.book(), task);
  if (!plan) return undefined;
  for (;;) {
    const { next, answer } = alignmentPass(at.book(), plan, number);
    if (next === undefined) return answer;
    goTo(next);
    at.dial({ kind: 'alignment', task, place: next, pass: number }, INDICATOR, readDial(at));
  }
}

/** The jaw read, tapped and read again until it is in line; then bolted, and read once more. */
export function lineUpVise(at: Worker, { taps = 1, bolts }: Clumsy): void {
  const { hand } = at;
  toMiddle(at);
  const along = (place: number) => {
    const box = boxOf(hand.mill());
    hand.toward('x', (box?.corner.x ?? 0) + place);
    if (place === 0) hand.do({ do: 'zero-dial' });
  };
  for (let n = 1; n <= PASSES; n += 1) {
    const answer = pass(at, 'vise', n, along);
    const { work } = hand.mill();
    if (answer?.task !== 'vise' || work?.kind !== 'vise') return;
    if (isInLine(answer)) {
      if (work.tight || bolts === 'loose') return;
      hand.do({ do: 'bolts', tight: true });
      if (bolts === 'not-read') return;
    } else {
      hand.do({ do: 'bolts', tight: false });
      hand.do({ do: 'tap', by: taps * answer.result.tap });
    }
  }
}

/** Swung to all four sides, tapped by half of what opposite ones differ by, and swung again until the head is square. */
export function squareHead(at: Worker): void {
  const { hand } = at;
  for (let n = 1; n <= PASSES; n += 1) {
    const read: Record<number, number> = {};
    const answer = pass(at, 'head', n, (place) => {
      hand.do({ do: 'turn', by: place - hand.mill().turned });
      if (place === 180) hand.do({ do: 'zero-dial' });
      read[place] = readDial(at);
    });
    if (!answer || isInLine(answer)) return;
    for (const [along, plus, minus] of [
      ['x', 0, 180],
      ['y', 90, 270],
    ] as const)
      hand.do({ do: 'tap', along, by: (read[minus] ?? 0) - (read[plus] ?? 0) });
  }
}

/** By hand to an angle of the spindle; the dial set to nothing at the first. */
function turnTo(at: Worker, angle: number): void {
  const { hand } = at;
  hand.do({ do: 'turn', by: angle - hand.mill().turned });
  if (angle === 0) hand.do({ do: 'zero-dial' });
}

/** Over the round thing by eye, low, the stylus at its wall. */
function overRound(at: Worker): void {
  const { hand } = at;
  const { hidden } = hand.mill();
  const { corner } = boxOf(hand.mill()) ?? hidden;
  const round = hidden.bore ?? hidden.boss ?? { x: 0, y: 0 };
  raise(hand);
  hand.toward('x', corner.x + round.x + 0.25);
  hand.toward('y', corner.y + round.y - 0.2);
  lowerTo(hand, hidden.bore ? -4 : 2);
}

/** Swept, moved as the book says, and swept again until the spindle stands over the middle. */
export function sweepCentre(at: Worker): void {
  const { hand } = at;
  overRound(at);
  for (let n = 1; n <= PASSES; n += 1) {
    const answer = pass(at, 'centre', n, (place) => turnTo(at, place));
    if (answer?.task !== 'centre' || answer.school !== 'sweep' || isInLine(answer)) return;
    const { move } = answer.result;
    for (const axis of ['x', 'y'] as const) hand.drive(axis, hand.reads(axis) + move[axis]);
  }
}

/** So often it is swept at most, and so near the middle it is left standing, mm. */
const SWEEPS = 4;
const OVER = 0.006;

const QUARTERS = [0, 90, 180, 270];

/** A boss or bore swept in the datum's own log; both axes set to what its middle is on the part. */
export function sweepAndSet(at: Worker, of: string): void {
  const { hand } = at;
  overRound(at);
  const subject = { kind: 'round', of } as const;
  for (let n = 1; n <= SWEEPS; n += 1) {
    for (const place of QUARTERS) {
      turnTo(at, place);
      at.dial({ kind: 'sweep', of, place, pass: n }, INDICATOR, readDial(at));
    }
    const answer = featureAnswer(at.book(), subject);
    const { off } = answer ?? {};
    if (!answer || !off) return;
    const over = Math.hypot(off.x, off.y) < OVER || n === SWEEPS;
    for (const axis of ['x', 'y'] as const) {
      // Where it stands over the middle, what is left is preset there.
      if (over) at.set(subject, axis, (answer[axis]?.nominal ?? 0) + off[axis]);
      else hand.drive(axis, hand.reads(axis) - off[axis]);
    }
    if (over) return;
  }
}

/** Opposite faces of a part in a chuck compared, half of it tapped, and again until it runs true. */
export function trueInChuck(at: Worker, { taps = 1, parallels }: Clumsy): void {
  const { hand } = at;
  hand.do({ do: 'parallels', in: parallels === true });
  toMiddle(at);
  const turnTable = (mark: number) => {
    const { work } = hand.mill();
    if (work?.kind === 'chuck') hand.do({ do: 'index', by: mark - work.mark });
  };
  for (let n = 1; n <= PASSES; n += 1) {
    const answer = pass(at, 'chuck', n, (mark) => {
      turnTable(mark);
      if (mark === 0 || mark === 90) hand.do({ do: 'zero-dial' });
    });
    if (answer?.task !== 'chuck' || isInLine(answer)) return;
    for (const { mark, off } of answer.result.off) {
      turnTable(mark);
      hand.do({ do: 'tap', by: taps * off });
    }
  }
}

/** A tool read all round at its teeth by an indicator on its stand. */
export function readRunOut(at: Worker, number: number): void {
  const tool = at.book().tools.find((one) => one.number === number);
  if (!tool) return;
  const [{ height }] = runOutRings(tool);
  for (const place of runOutPlaces(tool)) {
    turnTo(at, place);
    at.dial({ kind: 'run-out', tool: number, height, place, pass: 1 }, INDICATOR, readDial(at));
  }
}
