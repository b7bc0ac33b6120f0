import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import type { Machine } from '@zero-point/core/records/shop/machine';
import type { Part } from '@zero-point/core/records/shop/part';
import { ASSUMED, type NewSetup } from '@zero-point/core/records/setup/plan';
import { positiveLength } from '@zero-point/core/schema/quantities';
import { MACHINE_KINDS, startingMachine } from '@zero-point/core/shop/startingMachine';
import { unfitReason } from '@zero-point/core/state/gauges/methodFitness';
import { usualGauge } from '@zero-point/core/shop/usualGauge';
import { parseLength } from '@zero-point/core/units/parseLength';
import { INCH, type LengthUnit } from '@zero-point/core/units/unit';
import { capitalize, midSentence } from '@zero-point/core/messages/basis/grammar';
import { uuidv7 } from 'uuidv7';
import { z } from 'zod';
import { request } from '../../api/client';
import type { Shop } from '../../api/queries';

/** A length as typed, in a unit. */
const typedLength = (unit: LengthUnit) =>
  z
    .string()
    .transform((text, context) => {
      const read = parseLength(text, unit);
      if (read.ok) return read.mm;
      context.addIssue({ code: 'custom', message: read.message });
      return z.NEVER;
    })
    .pipe(positiveLength);

/** What is asked of a handwheel, by a picture of its dial. */
export const dialForm = (unit: LengthUnit) =>
  z.object({
    perTurn: typedLength(unit),
    lines: z
      .string()
      .regex(/^\d{1,4}$/, 'Count the lines of the dial once round, and type the number.')
      .transform(Number)
      .pipe(z.number().min(2, 'A dial has at least 2 lines.').max(1000, 'A dial has at most 1000 lines.')),
  });

export type DialForm = z.input<ReturnType<typeof dialForm>>;
export type DialSummary = z.output<ReturnType<typeof dialForm>>;

/** What a dial mostly has. */
export const usualDial = (unit: LengthUnit): DialForm =>
  unit === 'mm' ? { perTurn: '2', lines: '100' } : { perTurn: '0.1', lines: '100' };

/** On which machine: one of the shop's, or a new one of a kind. */
export type Where = { machine: Machine } | { kind: Machine['kind']; dial?: DialSummary };

/** Everything that is stored to start. */
export interface Made {
  setup: NewSetup;
  machine: Machine | undefined;
  part: Part | undefined;
  gauges: Gauge[];
}

/** A part nobody has told the sizes of: it is drawn, and nothing is reckoned from it. */
const untoldPart = (id: string, unit: LengthUnit): Part => {
  const of = unit === 'mm' ? { x: 100, y: 60, z: 20 } : { x: 4 * INCH, y: 2.5 * INCH, z: INCH };
  return { id, name: 'Part', material: '', size: of, holes: [], untold: ['x', 'y', 'z'] };
};

/** What is made up for a shop that has none. */
const newGauge = (id: string, kind: GaugeKind, unit: LengthUnit): Gauge => {
  const figure = GAUGE_FACTS[kind].start[unit];
  const size = unit === 'mm' ? figure : figure * INCH;
  const told = `${figure} ${unit}`;
  return { id, name: `${capitalize(GAUGE_FACTS[kind].name)} ${told}`, kind, nominal: size };
};

/** How parts are mostly held there; Plan and Workholding offer the others. */
const holdingFor = (kind: Machine['kind']): string => (kind === 'router' ? 'spoil-board' : 'vise');

/** So far positions may be off until the person says, mm. */
const USUAL_TOLERANCE = { mm: 0.1, in: 0.004 * INCH } as const;

function newMachine({ kind, dial }: Extract<Where, { kind: Machine['kind'] }>, unit: LengthUnit): Machine {
  const name = MACHINE_KINDS.find((one) => one.kind === kind)?.name ?? 'Mill';
  const start = startingMachine(uuidv7(), name, kind, unit);
  if (!dial) return start;
  const { x, y, z: up } = start.axes;
  const turned = (axis: typeof x) => ({
    ...axis,
    step: dial.perTurn / dial.lines,
    dial: { countsUp: 'clockwise' as const, ...axis.dial, ...dial },
  });
  return { ...start, axes: { x: turned(x), y: turned(y), z: turned(up) } };
}

/**
 * A setup from almost nothing: the machine and a unit. What else there is to know is taken as usual, and asked where it
 * is first needed.
 */
export function makeSetup(
  where: Where,
  part: Part | undefined,
  shop: Pick<Shop, 'gauges'>,
  unit: LengthUnit,
  now: Date = new Date(),
): Made {
  const made = 'machine' in where ? undefined : newMachine(where, unit);
  const machine = 'machine' in where ? where.machine : made;
  if (!machine) throw new Error('no machine');
  const newPart = part ? undefined : untoldPart(uuidv7(), unit);
  const on = part ?? newPart;
  // What this spindle would throw, or what stays dark on this part, is nobody's first choice.
  const fits = (gauge: Gauge) => !on || unfitReason({ machine, part: on, setup: { units: unit } }, gauge) === undefined;
  const finder = usualGauge(shop.gauges.filter(fits), machine.kind, 'edges');
  const block = usualGauge(shop.gauges, machine.kind, 'heights');
  const newFinder = finder
    ? undefined
    : (['spring-finder', 'paper'] as const).map((kind) => newGauge(uuidv7(), kind, unit)).find(fits);
  const newBlock = block ? undefined : newGauge(uuidv7(), 'block', unit);
  const setup: NewSetup = {
    id: uuidv7(),
    name: `${on?.name ?? 'Part'} on the ${midSentence(machine.name)}`,
    machineId: machine.id,
    partId: on?.id ?? '',
    partZero: 'front-left',
    tolerance: USUAL_TOLERANCE[unit],
    units: unit,
    finderId: (finder ?? newFinder)?.id ?? '',
    heightGaugeId: (block ?? newBlock)?.id ?? '',
    referenceTool: 1,
    feeler: 0,
    purpose: 'work',
    holdingId: holdingFor(machine.kind),
    assumed: [...ASSUMED],
    note: '',
    createdAt: now.toISOString(),
  };
  return {
    setup,
    machine: made,
    part: newPart,
    gauges: [newFinder, newBlock].filter((gauge) => gauge !== undefined),
  };
}

/** Stores the new things first, then the setup that names them; repeats are harmless. */
export async function storeSetup({ setup, machine, part, gauges }: Made): Promise<void> {
  // The first save of each, under its own id, so that a repeat is the same save.
  const first = <T extends { id: string }>(body: T) => ({ version: body.id, began: FIRST_VERSION, body });
  if (machine) await request('PUT', `/machines/${machine.id}`, first(machine));
  if (part) await request('PUT', `/parts/${part.id}`, first(part));
  for (const gauge of gauges) await request('PUT', `/gauges/${gauge.id}`, first(gauge));
  await request('POST', '/setups', setup);
}
