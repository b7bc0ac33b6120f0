import { chance } from '../../metrology/chance';
import { GAUGE_FACTS, type GaugeKind } from '../../metrology/gauges/gaugeKinds';
import type { Between, MillBore, Contact, MillSpec } from './millSpec';

/** What only the mill knows, and the marking. All mm. */
export interface Hidden {
  seed: number;
  /** The part's front left corner, and its top, in the mill's own frame. */
  corner: { x: number; y: number };
  top: number;
  /** True size of the part. */
  size: { x: number; y: number; z: number };
  /** How far it lies turned about its front left corner, degrees counter-clockwise from above; not at all where it is left out. */
  turned?: number;
  /** Where its bore or boss truly is, from its front left corner, and how wide. */
  bore?: MillBore;
  boss?: MillBore;
  /** By contact: so much wider than it is marked, and so much longer than it was when it was put in. */
  wider?: Readonly<Record<string, number>>;
  longer?: Readonly<Record<string, number>>;
  /** By what lies between: so much less thick than it is marked. */
  thinner?: Readonly<Record<string, number>>;
}

/** How far below the spindle's nose the top of the part lies at the start, and how far the part lies from it, mm. */
const DOWN = { least: 120, most: 135 };
const BESIDE = { least: 18, most: 26 };

/** How far a part is from its drawn size: standard deviation, mm. */
const PART_SD = 0.03;

/** How far a bore is from its drawn place: standard deviation, mm; and what parts its draws from the part's. */
const BORE_SD = 0.4;
const BORES = 0x5eed;

/** A ring gauge is as wide as it says to so much: standard deviation, mm. */
const RING_SD = 0.0005;

/** What parts the draw of a plate from the part's, and that of how it lies. */
const WORN = 0x1ead;
const LIES = 0x51de;

/** A part that was not pushed against its stop lies turned by so much at least and at most, degrees. */
const TURNED = { least: 0.25, most: 0.6 };

/** A part clamped somewhere on the table, not quite of its drawn size. */
export function hide(spec: MillSpec, seed: number): Hidden {
  const { between, normal } = chance(seed);
  return {
    seed,
    corner: { x: between(BESIDE.least, BESIDE.most), y: between(BESIDE.least, BESIDE.most) },
    top: -between(DOWN.least, DOWN.most),
    ...(spec.turned && { turned: turnedBy(seed) }),
    ...(spec.bore && { bore: hiddenBore(spec.bore, seed) }),
    ...(spec.boss && { boss: hiddenBore(spec.boss, seed) }),
    size: {
      x: spec.part.x + PART_SD * normal(),
      y: spec.part.y + PART_SD * normal(),
      z: spec.part.z + PART_SD * normal(),
    },
  };
}

/** How far a part lies turned that nobody lined up, or that a burr holds off the jaw: degrees, either way. */
export function turnedBy(seed: number): number {
  const { between, pick } = chance(seed + LIES);
  return pick(1, -1) * between(TURNED.least, TURNED.most);
}

/** A bore a little beside its drawn place, and a little wider or narrower. */
function hiddenBore({ x, y, diameter, ring }: MillBore, seed: number): MillBore {
  const { normal } = chance(seed + BORES);
  const sd = ring ? RING_SD : PART_SD;
  return { x: x + BORE_SD * normal(), y: y + BORE_SD * normal(), diameter: diameter + sd * normal() };
}

/** Draws that were made, by the mill they are of: touching asks for the same ones over and over. */
const draws = new WeakMap<Hidden, Map<string, number>>();

/** A draw of its own for each thing by its name, always the same from one seed. */
export function drawn(hidden: Hidden, name: string): number {
  const made = draws.get(hidden) ?? new Map<string, number>();
  draws.set(hidden, made);
  const known = made.get(name);
  if (known !== undefined) return known;
  let key = hidden.seed | 0;
  for (const sign of name) key = Math.imul(key ^ (sign.codePointAt(0) ?? 0), 0x01000193);
  const value = chance(key).normal();
  made.set(name, value);
  return value;
}

/** What of the shop's gauges each is like. */
const LIKE = { cutter: 'feeler', plate: 'touch-plate', sensor: 'contact-light', stand: 'indicator' } as const;

const factsOf = ({ kind }: Contact | Between) =>
  GAUGE_FACTS[kind in LIKE ? LIKE[kind as keyof typeof LIKE] : (kind as GaugeKind)];

/** What decides how well a touch comes back: what lies between where there is something, else the contact itself. */
const feltBy = (contact: Contact, between: Between | undefined) => factsOf(between ?? contact);

/** What was reckoned of each thing on a mill: while it moves, the same is asked over and over. */
const keeps = () => {
  const of = new WeakMap<Hidden, Map<Contact, number>>();
  return (hidden: Hidden, contact: Contact, reckon: () => number): number => {
    const made = of.get(hidden) ?? new Map<Contact, number>();
    of.set(hidden, made);
    const value = made.get(contact) ?? reckon();
    made.set(contact, value);
    return value;
  };
};

const radii = keeps();
const lengths = keeps();

/** True radius of a contact, mm: as marked, and off by its own error. A cutter is as a caliper has it. */
export const trueRadius = (hidden: Hidden, contact: Contact): number =>
  radii(hidden, contact, () => reckonedRadius(hidden, contact));

const reckonedRadius = (hidden: Hidden, contact: Contact): number =>
  (contact.diameter + (hidden.wider?.[contact.id] ?? 0)) / 2 +
  (contact.kind === 'cutter' ? 0 : factsOf(contact).uSize * drawn(hidden, `size ${contact.id}`));

/** From the spindle's nose to the contact's end, mm: a cutter is clamped a little deeper or less each time. */
export const trueLength = (hidden: Hidden, contact: Contact): number =>
  lengths(hidden, contact, () => reckonedLength(hidden, contact));

const reckonedLength = (hidden: Hidden, { id, length, sticksOut = 0 }: Contact): number =>
  length + sticksOut * drawn(hidden, `length ${id}`) + (hidden.longer?.[id] ?? 0);

/** How much less thick it is than its marking says, mm: a plate that was ground, or is another one. */
function worn({ seed, thinner: known }: Hidden, { id, thinner }: Between): number {
  return known?.[id] ?? (thinner ? chance(seed + id.length * WORN).between(thinner.least, thinner.most) : 0);
}

/** True thickness of what lies between, mm. Of a pin and a feeler the pin's error is that of both. */
export const trueThickness = (hidden: Hidden, between: Between | undefined, contact?: Contact): number =>
  between
    ? between.thickness -
      worn(hidden, between) +
      (contact?.kind === 'pin' ? 0 : factsOf(between).uSize * drawn(hidden, `size ${between.id}`))
    : 0;

/** Finder what, with what between. */
export interface Tripping {
  contact: Contact;
  between: Between | undefined;
  surface: string;
  arms: number;
}

/**
 * How much before (+) or behind (−) true contact it trips, mm: another way at each surface, the same at every touch there,
 * and each time a little else.
 *
 * @param arms how often it was free to trip before
 */
export function trip(hidden: Hidden, of: Tripping): number {
  const last = lastTrips.get(hidden);
  if (last && same(last.of, of)) return last.value;
  const { contact, between, surface, arms } = of;
  const { uTouch } = feltBy(contact, between);
  const name = nameOf(contact, between);
  const value = tripAt(hidden, contact, between, surface) + uTouch * drawn(hidden, `touch ${name} ${arms}`);
  lastTrips.set(hidden, { of, value });
  return value;
}

/** The last trip that was asked for of a mill: while it moves, the same one is asked for over and over. */
const lastTrips = new WeakMap<Hidden, { of: Tripping; value: number }>();

const same = (a: Tripping, b: Tripping): boolean =>
  a.arms === b.arms && a.surface === b.surface && a.contact === b.contact && a.between === b.between;

const nameOf = (contact: Contact, between: Between | undefined): string => `${contact.id} ${between?.id ?? ''}`;

/** The same as it is at that surface every time: what of a trip no repeat averages. */
export const tripAt = (hidden: Hidden, contact: Contact, between: Between | undefined, surface: string): number =>
  feltBy(contact, between).uTouch * drawn(hidden, `way ${nameOf(contact, between)} ${surface}`);

/** Where a contact's end stands off the spindle's axis, mm, with the spindle turned by hand so far, degrees. */
export function offAxis(hidden: Hidden, { id, runsOut }: Contact, turned: number): { x: number; y: number } {
  if (runsOut === undefined) return { x: 0, y: 0 };
  const [x, y] = [runsOut * drawn(hidden, `off x ${id}`), runsOut * drawn(hidden, `off y ${id}`)];
  const angle = (turned * Math.PI) / 180;
  return { x: x * Math.cos(angle) - y * Math.sin(angle), y: x * Math.sin(angle) + y * Math.cos(angle) };
}
