import { trip, trueLength, trueRadius, trueThickness } from './hidden';
import { chance } from '../../metrology/chance';
import type { Mill } from './mill';
import type { Between } from './spec';
import type { Surface, Wall } from './surface';

/** Where the contact stands to the part. */
export interface Near {
  surface: Surface;
  /** From the contact, or from what lies between, to the part, mm; negative where they press. */
  gap: number;
}

/** Beside a part a contact goes down at least so far below its top, mm, or it finds the edge's rounding and not the face. */
const BESIDE = 0.2;

/** The end of what is in the spindle, in the mill's own frame, mm; the nose where there is nothing. */
export const tipOf = ({ at, held, hidden }: Mill): number => at.z - (held ? trueLength(hidden, held) : 0);

/**
 * What the contact is nearest to, by plain geometry: a round contact of true radius beside a block, or its end over the top.
 *
 * @returns undefined where nothing is in the spindle, or nothing is below or beside it
 */
export function nearest(mill: Mill): Near | undefined {
  const { held, between, hidden, at } = mill;
  if (!held) return undefined;
  const radius = trueRadius(hidden, held);
  const thick = trueThickness(hidden, between, held);
  const x = at.x - hidden.corner.x;
  const y = at.y - hidden.corner.y;
  const [beyondX, beyondY] = [beyond(x, hidden.size.x), beyond(y, hidden.size.y)];
  const outside = Math.hypot(Math.max(beyondX, 0), Math.max(beyondY, 0));
  const away = outside > 0 ? outside : Math.max(beyondX, beyondY);
  const tip = tipOf(mill);
  const wall = wallAt(mill, radius, thick);
  if (tip > hidden.top - BESIDE) {
    const clear = away >= radius || (wall !== undefined && wall.gap >= 0);
    return clear ? undefined : { surface: 'top', gap: tip - hidden.top - thick };
  }
  if (wall) return wall;
  const side: Surface =
    beyondX > beyondY ? (x < hidden.size.x / 2 ? 'left' : 'right') : y < hidden.size.y / 2 ? 'front' : 'back';
  return { surface: side, gap: away - radius - thick };
}

/** The wall of the bore that a contact inside it is nearest to. */
function wallAt({ hidden, at }: Mill, radius: number, thick: number): Near | undefined {
  const { bore, corner } = hidden;
  if (!bore) return undefined;
  const x = at.x - corner.x - bore.x;
  const y = at.y - corner.y - bore.y;
  const off = Math.hypot(x, y);
  if (off >= bore.diameter / 2) return undefined;
  const sideways = Math.abs(x) >= Math.abs(y);
  const surface: Wall = sideways ? (x < 0 ? 'bore-left' : 'bore-right') : y < 0 ? 'bore-front' : 'bore-back';
  return { surface, gap: bore.diameter / 2 - off - radius - thick };
}

/** How far outside an extent from 0 something lies; negative inside. */
const beyond = (at: number, size: number): number => Math.max(-at, at - size);

/**
 * What a hand feels or an eye sees at the contact.
 *
 * `clear`: nothing near. `near`: about to. `found`: it jumps, its ring stops, the probe trips, the paper drags, the block just
 * passes.
 * `past`: too far, and it can be told: the feeler is stuck, the block does not pass. A finder that has jumped looks the
 * same however far past it is.
 */
export type Feel = 'clear' | 'near' | 'found' | 'past';

/** From here on it shows that a face is near, mm. */
const NEAR = 0.5;

/** A feeler or paper drags over so much, and a block passes just so freely, mm. */
const DRAGS = { feeler: 0.008, paper: 0.012, block: 0.02 };

/** A caliper reads a plate to so much, mm: standard deviation, and its display's step. */
const CALIPER = { sd: 0.006, step: 0.01 };

/** What a caliper says of a thickness, mm. */
export function caliperOn(mill: Mill, between: Between): number {
  const shown = trueThickness(mill.hidden, between) + CALIPER.sd * chance(mill.hidden.seed + mill.arms).normal();
  return Math.round(shown / CALIPER.step) * CALIPER.step;
}

/** Whether it shows by itself, by turning. */
export const turns = ({ held }: Mill): boolean => held?.kind === 'spring-finder' || held?.kind === 'bearing-finder';

/** How far before true contact it trips this time, mm. */
export function tripOf(mill: Mill, surface: Surface): number {
  const { held: contact, between, arms, hidden } = mill;
  return contact ? trip(hidden, { contact, between, surface, arms }) : 0;
}

export function feel(mill: Mill): Feel {
  const near = nearest(mill);
  if (!near) return 'clear';
  const gap = near.gap - tripOf(mill, near.surface);
  if (gap > NEAR) return 'clear';
  if (turns(mill)) return gap <= 0 ? (mill.rpm > 0 ? 'found' : 'near') : 'near';
  const { between, held } = mill;
  if (!between) return gap > 0 ? 'near' : held?.kind === 'probe' ? 'found' : 'past';
  // Its light is on from the first touch, however far past it is.
  if (between.kind === 'plate') return gap <= 0 ? 'found' : 'near';
  if (between.kind === 'block') return gap < 0 ? 'past' : gap <= DRAGS.block ? 'found' : 'near';
  return gap > 0 ? 'near' : gap >= -DRAGS[between.kind] ? 'found' : 'past';
}
