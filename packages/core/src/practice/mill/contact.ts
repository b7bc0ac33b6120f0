import type { Point } from '../../geometry/point';
import { boxOf, isOnPart } from './box';
import { plugOver } from './works/plug';
import { offAxis, trip, trueRadius, trueThickness } from './hiddenTruth';
import { chance } from '../../metrology/chance';
import type { Mill } from './mill';
import type { Between } from './millSpec';
import type { Near, Surface, Wall } from './surface';
import { tipOf } from './toolTip';

/** A cutter that turns goes into the part, and does not stand against it. */
export const drilling = ({ held, rpm, between }: Mill): boolean => held?.kind === 'cutter' && rpm > 0 && !between;

/** What stands on the part. */
const ON_TOP: ReadonlySet<string> = new Set(['setter', 'sensor']);

/** Beside a part a contact goes down at least so far below its top, mm, or it finds the edge's rounding and not the face. */
const BESIDE = 0.2;

/**
 * What the contact is nearest to, by plain geometry: a round contact of true radius beside a block, or its end over the top.
 *
 * @returns undefined where nothing is in the spindle, or nothing is below or beside it
 */
export function nearest(mill: Mill): Near | undefined {
  const { held, between, hidden } = mill;
  const box = boxOf(mill);
  if (!held || !box || held.kind === 'indicator' || between?.kind === 'stand') return undefined;
  const radius = trueRadius(hidden, held);
  if (held.kind === 'plug') return plugOver(mill, box);
  const { x, y } = isOnPart(mill, box, endOf(mill));
  const [beyondX, beyondY] = [beyond(x, box.size.x), beyond(y, box.size.y)];
  const outside = Math.hypot(Math.max(beyondX, 0), Math.max(beyondY, 0));
  const away = outside > 0 ? outside : Math.max(beyondX, beyondY);
  const tip = tipOf(mill);
  const thick = trueThickness(hidden, between, held);
  // What stands on the part is not beside it.
  const beside = between && ON_TOP.has(between.kind) ? 0 : thick;
  const wall = wallAt(mill, { x, y }, radius + beside);
  if (drilling(mill) && away < 0 && !wall) return { surface: 'top', gap: tip - box.top };
  if (tip > box.top - BESIDE) {
    const clear = away >= radius || (wall !== undefined && wall.gap >= 0);
    return clear ? undefined : { surface: 'top', gap: tip - box.top - thick };
  }
  if (wall) return wall;
  // Its middle is over the metal: it came from above.
  if (away < 0) return { surface: 'top', gap: tip - box.top - thick };
  const side: Surface =
    beyondX > beyondY ? (x < box.size.x / 2 ? 'left' : 'right') : y < box.size.y / 2 ? 'front' : 'back';
  return { surface: side, gap: away - radius - beside };
}

/** Where the end of what is held stands, from above: beside the spindle's axis by as much as it runs out. */
function endOf({ at, held, hidden, turned }: Mill): { x: number; y: number } {
  if (held?.runsOut === undefined) return at;
  const off = offAxis(hidden, held, turned);
  return { x: at.x + off.x, y: at.y + off.y };
}

/** The wall of the bore that a contact inside it is nearest to: where on the part it stands, and half of it with what lies between. */
function wallAt({ hidden: { bore } }: Mill, on: Point, radius: number): Near | undefined {
  if (!bore) return undefined;
  const x = on.x - bore.x;
  const y = on.y - bore.y;
  const off = Math.hypot(x, y);
  if (off >= bore.diameter / 2) return undefined;
  const sideways = Math.abs(x) >= Math.abs(y);
  const surface: Wall = sideways ? (x < 0 ? 'bore-left' : 'bore-right') : y < 0 ? 'bore-front' : 'bore-back';
  return { surface, gap: bore.diameter / 2 - off - radius };
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

/** What tells a touch by a light. */
const LIGHTS: ReadonlySet<string> = new Set(['probe', 'contact-light', 'plate', 'setter', 'sensor']);

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
  if (!between) return gap > 0 ? 'near' : held && (LIGHTS.has(held.kind) || held.kind === 'plug') ? 'found' : 'past';
  // Its light is on from the first touch, however far past it is.
  if (LIGHTS.has(between.kind)) return gap <= 0 ? 'found' : 'near';
  if (between.kind === 'block') return gap < 0 ? 'past' : gap <= DRAGS.block ? 'found' : 'near';
  return gap > 0 ? 'near' : gap >= -DRAGS[between.kind === 'paper' ? 'paper' : 'feeler'] ? 'found' : 'past';
}
