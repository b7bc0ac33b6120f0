import type { Approach, Axis } from '../../schema/quantities';
import { caliperOn, drilling, feel, nearest, tripOf, turns } from './contact';
import { tipOf } from './toolTip';
import type { Near, Surface } from './surface';
import { bentDial, dialShows, zeroedDial } from './indicator';
import { appendEvent } from './appendEvent';
import { quillElsewhere } from './quill';
import { withBacklashTaken } from './screw';
import { chance } from '../../metrology/chance';
import { drawnUnder } from './works/plug';
import { workAct } from './works/workAct';
import { boxOf, isOnPart, topOf } from './box';
import type { Touching } from './events';
import { trueThickness } from './hiddenTruth';
import type { Coordinates } from './millSpec';
import type { Mill } from './mill';
import type { MillAct } from './millAct';
import { scaleReadings, zeroInSight } from './scaleReading';

/** Near something a move is followed in pieces of so much, mm, so that nothing is driven through unseen. */
const PIECE = 0.25;

/** Backed off so far it is free to trip again, mm. */
const FREE = 0.3;

/** Pressed so far sideways something bends; pressed so far from above something digs in, mm. */
const BENDS = 1;
const DIGS_IN = 0.3;

/** So much faster than it may a finder flies apart. */
const FLIES = 2;

/** A mill after something was done with it. A broken one does nothing more. */
export function act(mill: Mill, what: MillAct): Mill {
  if (mill.broken) return mill;
  switch (what.do) {
    case 'move':
      return move(mill, what.axis, what.by);
    case 'spin':
      return spun(clipOn({ ...mill, rpm: Math.max(0, what.rpm) }));
    case 'hold': {
      const held = mill.spec.contacts.find(({ id }) => id === what.contact);
      return spun({ ...sunk(handsClear(mill)), held, found: false, under: false, pressing: false });
    }
    case 'put': {
      const between = mill.spec.betweens.find(({ id }) => id === what.between);
      const put = {
        ...(between ? handsClear(mill) : mill),
        between,
        found: false,
        under: false,
        pressing: false,
        arms: mill.arms + 1,
      };
      return settled(put, nearest(put));
    }
    case 'turn':
      return handsClear(
        swept({ ...mill, turned: mill.turned + what.by, arms: mill.arms + 1, dialReads: mill.dialReads + 1 }),
      );
    case 'quill':
      return quilled(mill, what.by);
    case 'quill-lock':
      return mill.spec.quill ? { ...mill, quillLocked: what.on } : mill;
    case 'scale':
      return { ...mill, scale: what.to };
    case 'zero-dial':
      return zeroedDial(mill);
    case 'caliper':
      return mill.between ? { ...mill, caliper: { of: mill.between.id, value: caliperOn(mill, mill.between) } } : mill;
    case 'set': {
      const { axis, value } = what;
      const raw = mill.spec.reads === 'table' ? mill.at[axis] : mill.screw[axis];
      const zero = { ...zeroInSight(mill), [axis]: raw - value };
      const quillAtZ = axis === 'z' ? mill.quill : mill.quillAtZ;
      const set = mill.scale === 'incremental' ? { ...mill, second: zero } : { ...mill, zero, quillAtZ };
      return unseated(
        appendEvent(set, { kind: 'set', axis, value, scale: mill.scale, touching: touching(mill) }),
        axis,
      );
    }
    default:
      return workAct(mill, what);
  }
}

/** An indicator swept by hand in a bore whose table is bolted. */
function swept(mill: Mill): Mill {
  const { work } = mill;
  if (work?.kind !== 'table' || typeof dialShows(mill) !== 'object') return mill;
  return { ...mill, work: { ...work, swept: work.tight } };
}

/** So far off its parallels a part's top is not where it will be, mm. */
const SEATED = 0.015;

/** Z was set while the part stood off what carries it, or lay loose. */
function unseated(mill: Mill, axis: Axis): Mill {
  const { work } = mill;
  if (work?.kind !== 'seat' || axis !== 'z') return mill;
  const by = (work.off.left + work.off.right) / 2;
  return work.tight && by <= SEATED ? mill : appendEvent(mill, { kind: 'unseated', by });
}

/** A setting so near the part, mm, was made while touching. */
const AT_IT = 0.1;

function touching(mill: Mill): Touching | undefined {
  const near = nearest(mill);
  if (!near || near.gap > AT_IT || !mill.held) return undefined;
  return { surface: near.surface, contact: mill.held.id, between: mill.between?.id };
}

/** A hand comes to the spindle: that it turned is noticed. */
const handsClear = (mill: Mill): Mill => (mill.rpm > 0 ? appendEvent(mill, { kind: 'hand-at-turning' }) : mill);

/** The spindle started with something on it, or in its way, that must be off before. */
function clipOn(mill: Mill): Mill {
  const { rpm, held, between, work } = mill;
  if (rpm === 0) return mill;
  if (work?.kind === 'boring' && work.indicator)
    return { ...appendEvent(mill, { kind: 'indicator-on' }), broken: 'thrown' };
  if (held && between?.kind === 'sensor') return appendEvent(mill, { kind: 'sensor-in' });
  return held && (between?.kind === 'plate' || held.kind === 'contact-light')
    ? appendEvent(mill, { kind: 'clip-on' })
    : mill;
}

/** A finder that turns faster than it may; far faster, and it flies apart. */
function spun(mill: Mill): Mill {
  const { held, rpm } = mill;
  const most = held?.mostRpm;
  if (!held || most === undefined || rpm <= most) return mill;
  const fast = appendEvent(mill, { kind: 'too-fast', contact: held.id, rpm, most });
  return rpm > FLIES * most ? { ...fast, broken: 'flew-apart' } : fast;
}

/** Far from everything it goes so far at once, mm. */
const STRIDE = 1;

/** So far it may go at once, mm: half of what is free where something is near. */
const pieceFrom = (near: Near | undefined): number => (near ? Math.max(PIECE, near.gap / 2) : STRIDE);

/** The same place, elsewhere along one axis. */
const along = ({ x, y, z }: Coordinates, axis: Axis, to: number): Coordinates => ({
  x: axis === 'x' ? to : x,
  y: axis === 'y' ? to : y,
  z: axis === 'z' ? to : z,
});

function move(start: Mill, axis: Axis, by: number): Mill {
  const way: Approach = by < 0 ? -1 : 1;
  if (start.spec.axes && !start.spec.axes.includes(axis)) return start;
  const most = Math.abs(by);
  let mill = start;
  let near = nearest(start);
  for (let gone = 0; gone < most && !mill.broken;) {
    gone = Math.min(most, gone + pieceFrom(near));
    const screw = along(mill.screw, axis, start.screw[axis] + way * gone);
    const at = along(mill.at, axis, withBacklashTaken(mill.at[axis], screw[axis], mill.spec.play[axis]));
    const there = pulledUnder({ ...mill, screw, at });
    near = nearest(there);
    mill = touched(settled(there, near), near, axis, way);
    if (bentDial(mill))
      mill = { ...appendEvent(mill, { kind: 'crash', surface: 'front', axis, crossing: false }), broken: 'bent' };
  }
  return alongJaw({ ...mill, dialReads: mill.dialReads + 1 }, axis, most);
}

/** A loose table goes with a plug that comes down into its bore. */
function pulledUnder(mill: Mill): Mill {
  const box = mill.held?.kind === 'plug' ? boxOf(mill) : undefined;
  return box ? drawnUnder(mill, box) : mill;
}

/** The quill let down, or up, as far as its stop and its lock let it: what the knee would do the other way, and the scales see nothing. */
function quilled(mill: Mill, by: number): Mill {
  const { spec, quill, quillLocked } = mill;
  if (!spec.quill || quillLocked) return mill;
  const to = Math.min(QUILL, Math.max(0, quill + by));
  const moved = move(mill, 'z', quill - to);
  return { ...moved, at: mill.at, screw: mill.screw, quill: quill + mill.at.z - moved.at.z };
}

/** A quill goes down so far, mm. */
const QUILL = 80;

/** So far a quill that nobody locked sinks as a tool is changed, mm at least and at most. */
const SINKS = { least: 0.2, most: 0.6 };

function sunk(mill: Mill): Mill {
  const { spec, quill, quillLocked, hidden, arms } = mill;
  if (!spec.quill || quillLocked) return mill;
  return { ...mill, quill: quill + chance(hidden.seed + arms * 7).between(SINKS.least, SINKS.most) };
}

/** How far an indicator that reads went along the jaw since its bolts were touched. */
function alongJaw(mill: Mill, axis: Axis, by: number): Mill {
  const { work } = mill;
  if (work?.kind !== 'vise' || axis !== 'x' || typeof dialShows(mill) !== 'object') return mill;
  return { ...mill, work: { ...work, gone: work.gone + by } };
}

/** Where it stands now: backed off, it is free to trip again; a block that passes is under the tool; above the part it is raised. */
function settled(mill: Mill, near: Near | undefined): Mill {
  const free = mill.found && (!near || near.gap > FREE);
  const slid = mill.between?.kind === 'block' && near?.surface === 'top' && near.gap >= tripOf(mill, 'top');
  const under = mill.under || slid;
  const pressing = mill.pressing && near !== undefined && near.gap <= FREE;
  const raisedAt = tipOf(mill) > topOf(mill) ? mill.events.length : mill.raisedAt;
  // Most pieces of a move change nothing of this.
  if (!free && under === mill.under && pressing === mill.pressing && raisedAt === mill.raisedAt) return mill;
  return { ...mill, under, pressing, raisedAt, ...(free && { found: false, arms: mill.arms + 1 }) };
}

/** What comes of a piece of a move, where it comes to the part. */
function touched(mill: Mill, near: Near | undefined, axis: Axis, way: Approach): Mill {
  if (!near || !mill.held || near.gap > FREE) return mill;
  const contact = mill.held.id;
  const { surface } = near;
  if (drilling(mill) && surface === 'top') return spotted(mill);
  let next = mill;
  if (!mill.found && feel(mill) === 'found') {
    next = appendEvent(
      { ...next, found: true },
      { kind: 'found', surface, axis, way, contact, between: mill.between?.id },
    );
    if (surface === 'top' && quillElsewhere(mill)) next = appendEvent(next, { kind: 'quill-moved' });
  }
  if (!mill.pressing && presses(mill, near)) next = pressed({ ...next, pressing: true }, surface, axis, way, contact);
  return crashed(next, near, axis);
}

/** So deep it leaves a mark, and so deep at most before it is more than a mark, mm. */
const MARK = 0.2;

/** A mark where it has gone in far enough; one a place. */
function spotted(mill: Mill): Mill {
  const box = boxOf(mill);
  const near = nearest(mill);
  if (mill.work?.kind === 'facing' || !box || mill.found || !near || near.gap > -MARK) return mill;
  const at = isOnPart(mill, box, mill.at);
  return appendEvent({ ...mill, found: true }, { kind: 'spotted', at });
}

/** Whether it has come to what it is to find, or gone past. */
function presses(mill: Mill, { surface, gap }: Near): boolean {
  // A block that does not pass is not under the tool.
  if (mill.between?.kind === 'block' && !mill.under) return false;
  return gap < (turns(mill) ? 0 : tripOf(mill, surface));
}

/** The moment it begins to press: what was wrong about that. */
function pressed(mill: Mill, surface: Surface, axis: Axis, way: Approach, contact: string): Mill {
  if (turns(mill)) return mill.rpm === 0 ? appendEvent(mill, { kind: 'pushed-still', surface, contact }) : mill;
  if (mill.rpm > 0) return appendEvent(mill, { kind: 'touched-turning', surface, contact, between: mill.between?.id });
  const onto = mill.between?.kind === 'block' && mill.under && axis === 'z' && way === -1;
  return onto && mill.between ? appendEvent(mill, { kind: 'lowered-onto', between: mill.between.id }) : mill;
}

function crashed(mill: Mill, { surface, gap }: Near, axis: Axis): Mill {
  const most = surface === 'top' ? DIGS_IN : BENDS;
  // A block that does not pass stands beside the tool: the part itself is what it would meet.
  const beside = mill.between?.kind === 'block' && !mill.under ? trueThickness(mill.hidden, mill.between) : 0;
  if (gap + beside >= -most) return mill;
  const broken = surface === 'top' ? 'dug-in' : 'bent';
  return { ...appendEvent(mill, { kind: 'crash', surface, axis, crossing: crossing(mill) }), broken };
}

/** Gone along so far beside where it was found, mm, it is on its way somewhere else. */
const LEFT = 3;

/** Whether it was on its way from a side it had found: an axis set since, or gone along the side, and never raised. */
function crossing(mill: Mill): boolean {
  const low = mill.events.slice(mill.raisedAt);
  const first = low.find(({ kind }) => kind === 'found');
  if (first?.kind !== 'found') return false;
  if (low.some(({ kind }) => kind === 'set')) return true;
  const now = scaleReadings(mill);
  return (['x', 'y'] as const).some((axis) => axis !== first.axis && Math.abs(now[axis] - first.shown[axis]) > LEFT);
}
