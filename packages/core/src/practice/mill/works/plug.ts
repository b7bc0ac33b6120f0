import type { MillBox } from '../box';
import { tipOf } from '../toolTip';
import { drawn, offAxis, trueRadius } from '../hiddenTruth';
import { GAUGE_FACTS } from '../../../metrology/gauges/gaugeKinds';
import type { Mill } from '../mill';
import type { Near } from '../surface';

/** A plug is thinner at its nose, and so much wider by every millimetre up from there. */
const TAPER = 0.1;

/** Beside a bolted bore by less than this it goes in as far, mm: spindle and plug give. */
const GIVES = 0.15;

/** From the bore's middle to the plug's, from above, mm; undefined where there is no bore. */
function offBore({ at, hidden, held, turned }: Mill, { corner }: MillBox): { x: number; y: number } | undefined {
  const { bore } = hidden;
  if (!bore || !held) return undefined;
  const out = offAxis(hidden, held, turned);
  return { x: at.x + out.x - corner.x - bore.x, y: at.y + out.y - corner.y - bore.y };
}

/** How far a plug's nose goes into a bore that is so much wider than it, mm on the radius. */
const seatDepth = (room: number): number => (2 * room) / TAPER;

/**
 * A plug over a bore: how far it is from sitting in it; over the part beside it, how far its nose is from the top.
 *
 * @returns undefined where nothing is below
 */
export function plugOver(mill: Mill, box: MillBox): Near | undefined {
  const { hidden, held, at } = mill;
  const off = offBore(mill, box);
  if (!held || !off || !hidden.bore) return undefined;
  const tip = tipOf(mill);
  const nose = trueRadius(hidden, held);
  // Its nose goes in where the bore leaves it room; a table that is bolted does not come to it.
  const [out, room] = [Math.hypot(off.x, off.y), hidden.bore.diameter / 2 - nose];
  const loose = mill.work?.kind === 'table' && !mill.work.tight;
  if (out < room) return { surface: 'top', gap: tip - box.top + seatDepth(loose || out < GIVES ? room : room - out) };
  const { corner, size } = box;
  const beyond = Math.max(corner.x - at.x, at.x - corner.x - size.x, corner.y - at.y, at.y - corner.y - size.y);
  return beyond > nose ? undefined : { surface: 'top', gap: tip - box.top };
}

/**
 * A loose table under a plug that goes down into its bore: drawn to where the plug has room, and at last to where it sits,
 * which is never quite the middle.
 */
export function drawnUnder(mill: Mill, box: MillBox): Mill {
  const { work, held, hidden, arms } = mill;
  const off = held?.kind === 'plug' && work?.kind === 'table' && !work.tight ? offBore(mill, box) : undefined;
  const depth = box.top - tipOf(mill);
  if (!off || work?.kind !== 'table' || depth <= 0) return mill;
  const nose = held ? trueRadius(hidden, held) : 0;
  const room = Math.max(0, (hidden.bore?.diameter ?? 0) / 2 - nose - (TAPER * depth) / 2);
  const out = Math.hypot(off.x, off.y);
  if (out <= room || out > (hidden.bore?.diameter ?? 0) / 2 - nose) return mill;
  const { uTouch } = GAUGE_FACTS.plug;
  const sits = room > 0 ? { x: 0, y: 0 } : { x: drawn(hidden, `sits x ${arms}`), y: drawn(hidden, `sits y ${arms}`) };
  const share = (out - room) / out;
  const moved = {
    x: work.moved.x + off.x * share + uTouch * sits.x,
    y: work.moved.y + off.y * share + uTouch * sits.y,
  };
  return { ...mill, work: { ...work, moved } };
}
