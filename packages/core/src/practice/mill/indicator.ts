import { cosDegrees, sinDegrees } from '../../units/degrees';
import { SWING } from './works/swing';
import { boxOf } from './box';
import { tipOf } from './toolTip';
import { drawn, offAxis } from './hiddenTruth';
import { wallAlong } from './wallAlong';
import type { Mill } from './mill';

/** An indicator's stylus goes in so far, mm, and stands in the middle of that where it was set well. */
const TRAVEL = 1.6;
const MIDDLE = TRAVEL / 2;

/** It bends where it is pushed so far beyond its travel, mm. */
const BENDS = 2;

/** A boss is so high, mm. */
const BOSS = 6;

/** How well it comes back, standard deviation, and what one line of it is, mm. */
const SD = 0.004;
export const LINE = 0.002;

/** On a boring head it only shows what the slide moved: that comes back better. */
const SLIDE_SD = 0.001;

/** Where an indicator's pointer stands: a figure, off the part, or against its stop. mm from the dial's zero, pressed = plus. */
export type DialShows = { mm: number } | 'free' | 'end';

/** How far the stylus is pressed in, mm; less than nothing where it does not reach; undefined where there is no indicator. */
export function pressedBy(mill: Mill): number | undefined {
  const { hidden, held, between, turned, work, at, spec } = mill;
  if (work?.kind === 'boring') return work.indicator ? MIDDLE + work.set / 2 - work.dialZero : undefined;
  if (between?.kind === 'stand') {
    const { x } = held ? offAxis(hidden, held, turned) : { x: 0 };
    return held ? MIDDLE + x : -1;
  }
  if (held?.kind !== 'indicator') return undefined;
  // Swung over the table it is pressed where the head leans toward.
  if (work?.kind === 'head') {
    const { x, y } = work.lean;
    return MIDDLE + (SWING / 2) * (Math.tan(x) * cosDegrees(turned) + Math.tan(y) * sinDegrees(turned));
  }
  const box = boxOf(mill);
  // A boss stands up from the part.
  if (!box || tipOf(mill) > box.top + (hidden.boss ? BOSS : 0)) return -1;
  if (work?.kind === 'vise') return at.y - (box.corner.y + Math.tan(work.turn) * (at.x - box.corner.x));
  if (work?.kind === 'chuck') {
    const towards = ((work.mark % 360) * Math.PI) / 180;
    const out = work.off[0] * Math.cos(towards) + work.off[1] * Math.sin(towards);
    return at.y - (box.corner.y - out);
  }
  const round = hidden.bore ?? hidden.boss;
  const drawnRound = spec.bore ?? spec.boss;
  if (!round || !drawnRound) return -1;
  const from = { x: at.x - box.corner.x - round.x, y: at.y - box.corner.y - round.y };
  const wall = wallAlong(from, round.diameter / 2, turned);
  // In a bore the arm reaches out to the wall, at a boss it comes in to it.
  return hidden.bore ? drawnRound.diameter / 2 + MIDDLE - wall : wall - (drawnRound.diameter / 2 - MIDDLE);
}

/** What the dial shows where it is, in whole lines; undefined where there is none. */
export function dialShows(mill: Mill): DialShows | undefined {
  const pressed = pressedBy(mill);
  if (pressed === undefined) return undefined;
  if (pressed < 0) return 'free';
  if (pressed > TRAVEL) return 'end';
  const raw = pressed - mill.dialZero + felt(mill);
  const mm = Math.round(raw / LINE) * LINE;
  return { mm: mm === 0 ? 0 : mm };
}

/** What it reads over or under this time: alike while nothing moves. */
function felt({ hidden, turned, at, work, dialReads }: Mill): number {
  const place = `${turned.toFixed(1)} ${at.x.toFixed(3)} ${at.y.toFixed(3)}`;
  const sd = work?.kind === 'boring' ? SLIDE_SD : SD;
  return sd * drawn(hidden, `dial ${place} ${dialReads}`);
}

/** The dial turned so that it shows nothing here; as it is where it cannot be read. */
export function zeroedDial(mill: Mill): Mill {
  const shows = dialShows(mill);
  return typeof shows === 'object' ? { ...mill, dialZero: mill.dialZero + shows.mm } : mill;
}

/** Pushed further than it gives. */
export const bentDial = (mill: Mill): boolean => (pressedBy(mill) ?? 0) > TRAVEL + BENDS;
