import { z } from 'zod';
import { millAct } from '../practice/mill/millAct';
import { scale } from '../records/values/place.schema';
import { axis, isOneLine, unit } from '../schema/quantities';
import { toolNumber } from '../schema/toolNumber';

/**
 * The line protocol between a machine's DRO or control and the shop: one JSON object a line, UTF-8, over TCP or a serial
 * port. Figures are numbers in the unit that their own line names; axes as ISO 841 has them. The shop asks; it never tells a
 * machine to move, but for a stand-in that says it is one.
 */
export const PROTOCOL = 1;

/** Longest line taken, characters; and longest that may become the source of a reading. */
export const LONGEST_LINE = 20_000;
export const LONGEST_FIGURES = 500;

const text = (most: number) =>
  z
    .string()
    .trim()
    .min(1)
    .max(most)
    .refine(isOneLine, { error: 'must be one line, without signs that cannot be seen' });

/** A figure of a scale; more than any mill goes is nonsense. */
const figure = z.number().min(-100_000).max(100_000);

const figures = z
  .object({ x: figure.optional(), y: figure.optional(), z: figure.optional() })
  .refine((at) => Object.keys(at).length > 0, { error: 'must give at least one axis' });

const step = z.number().gt(0).max(1);

/** What a device says first, and again when it is asked: who it is, what it counts in, and by what steps. */
const hello = z.object({
  is: z.literal('hello'),
  protocol: z.literal(PROTOCOL, { error: `must be ${PROTOCOL}` }),
  name: text(60),
  kind: z.enum(['readout', 'controller']),
  unit,
  /** The display's step of each axis it has, in its unit. */
  step: z.object({ x: step.optional(), y: step.optional(), z: step.optional() }),
  /** Nothing moves behind it: a simulated one, which alone takes `act`, `home`, `probe` and `press`. */
  standIn: z.boolean().optional(),
  /** Of a stand-in: what it was started with, so that whoever started it knows it as its own. */
  key: text(64).optional(),
  /** Of a stand-in: what can be put in its spindle, and between. */
  tray: z
    .array(z.object({ id: text(60), name: text(60), goes: z.enum(['spindle', 'hand']) }))
    .max(20)
    .optional(),
});

/** Where it stands: said whenever that changes, and at least every second. */
const position = z.object({
  is: z.literal('position'),
  unit,
  scale,
  at: figures,
  rpm: z.number().min(0).max(100_000).optional(),
  /** Of a stand-in: what would be seen or felt. */
  says: text(160).optional(),
  /** Of a stand-in: whether that shows a touch; and what of its tray is in the spindle, and in the other hand. */
  felt: z.boolean().optional(),
  holds: z.object({ spindle: text(60).optional(), hand: text(60).optional() }).optional(),
});

/** Its own touch event: a probe tripped, or its send key was pressed. `at`: where it stood at that moment. */
const touch = z.object({ is: z.literal('touch'), unit, scale, at: figures });

/** What a cycle of the control found: the ball is off already. */
const result = z.object({ is: z.literal('result'), unit, scale, cycle: text(40), axis, found: figure });

/** Work offsets as the control has them. */
const offsets = z.object({
  is: z.literal('offsets'),
  unit,
  rows: z.array(z.object({ name: text(12), x: figure, y: figure, z: figure })).max(60),
});

/** Its tool table. */
const tools = z.object({
  is: z.literal('tools'),
  unit,
  rows: z.array(z.object({ number: toolNumber, length: figure, diameter: figure.optional() })).max(400),
});

/** It could not do what it was asked. */
const trouble = z.object({ is: z.literal('trouble'), says: text(160) });

/** One line of a device. */
export const deviceMessage = z.discriminatedUnion('is', [hello, position, touch, result, offsets, tools, trouble]);

export type DeviceMessage = z.output<typeof deviceMessage>;
export type Hello = Extract<DeviceMessage, { is: 'hello' }>;
export type PositionLine = Extract<DeviceMessage, { is: 'position' }>;

/** What a device is asked, and what a stand-in is told besides. */
export const deviceCommand = z.discriminatedUnion('do', [
  z.object({ do: z.literal('hello') }),
  z.object({ do: z.literal('read') }),
  z.object({ do: z.literal('offsets') }),
  z.object({ do: z.literal('tools') }),
  z.object({ do: z.literal('act'), act: millAct }),
  /** Its send key. */
  z.object({ do: z.literal('press') }),
  z.object({ do: z.literal('home') }),
  /** A probing cycle along an axis, toward + or −. */
  z.object({ do: z.literal('probe'), axis, way: z.union([z.literal(1), z.literal(-1)]) }),
  /** Work offset of an axis as it stands there: the machine coordinate that is to be its zero, mm. */
  z.object({ do: z.literal('offset'), name: text(12), axis, value: figure }),
]);

export type DeviceCommand = z.output<typeof deviceCommand>;

/** What may be said to a device of metal; all else is for stand-ins. */
const ASKS: ReadonlySet<DeviceCommand['do']> = new Set(['hello', 'read', 'offsets', 'tools']);

export const moves = (what: DeviceCommand): boolean => !ASKS.has(what.do);
