import { capital } from '@zero-point/core/words/sentence';
import type { NewSetup } from '@zero-point/core/record/plan';
import type { Gauge } from '@zero-point/core/record/gauge';
import type { Machine } from '@zero-point/core/record/machine';
import type { Part } from '@zero-point/core/record/part';
import { FIRST_VERSION } from '@zero-point/core/record/kind';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { uuidv7 } from 'uuidv7';
import { request } from '../../api/client';
import type { Shop } from '../../api/queries';

/** Stands for "not in the list: a new one". */
export const NEW = 'new';

/** The form as typed; every length is still text. */
export interface SetupForm {
  name: string;
  machineId: string;
  machineName: string;
  machineKind: Machine['kind'];
  machineStep: string;
  partId: string;
  partName: string;
  partX: string;
  partY: string;
  partZ: string;
  finderId: string;
  finderKind: 'spring-finder' | 'bearing-finder' | 'pin' | 'probe';
  finderSize: string;
  blockId: string;
  blockSize: string;
  tolerance: string;
}

export type FieldErrors = Partial<Record<keyof SetupForm, string>>;

/** A form that starts from what the shop has. */
export function emptyForm(shop: Shop, unit: LengthUnit): SetupForm {
  const finder = shop.gauges.find(({ kind }) => GAUGE_FACTS[kind].finds === 'edges');
  const block = shop.gauges.find(({ kind }) => kind === 'block');
  return {
    name: '',
    machineId: shop.machines[0]?.id ?? NEW,
    machineName: '',
    machineKind: 'readout',
    machineStep: unit === 'mm' ? '0.005' : '0.0002',
    partId: shop.parts[0]?.id ?? NEW,
    partName: '',
    partX: '',
    partY: '',
    partZ: '',
    finderId: finder?.id ?? NEW,
    finderKind: 'spring-finder',
    finderSize: unit === 'mm' ? '10' : '0.375',
    blockId: block?.id ?? NEW,
    blockSize: unit === 'mm' ? '10' : '0.5',
    tolerance: unit === 'mm' ? '0.1' : '0.004',
  };
}

/** Ids made once a form, so that sending it again after a lost answer makes nothing twice. */
export const newIds = () => ({ setup: uuidv7(), machine: uuidv7(), part: uuidv7(), finder: uuidv7(), block: uuidv7() });

/** What a form makes, or which fields are wrong and how to mend them. */
export function readForm(
  form: SetupForm,
  shop: Pick<Shop, 'machines'>,
  unit: LengthUnit,
  ids: ReturnType<typeof newIds>,
): { ok: true; made: Made } | { ok: false; errors: FieldErrors } {
  const errors: FieldErrors = {};
  const text = (field: keyof SetupForm, what: string): string => {
    const value = form[field].trim();
    if (value === '') errors[field] = `${what} is missing.`;
    if (value.length > 80) errors[field] = `${what} has at most 80 characters.`;
    return value;
  };
  const size = (field: keyof SetupForm): number => {
    const read = parseLength(form[field], unit);
    if (!read.ok) errors[field] = read.message;
    else if (read.mm <= 0) errors[field] = 'It must be greater than zero.';
    return read.ok ? read.mm : 0;
  };

  const machine =
    form.machineId === NEW
      ? newMachine(ids.machine, text('machineName', 'The machine’s name'), form.machineKind, unit, size('machineStep'))
      : undefined;
  const part: Part | undefined =
    form.partId === NEW
      ? {
          id: ids.part,
          name: text('partName', 'The part’s name'),
          material: '',
          size: { x: size('partX'), y: size('partY'), z: size('partZ') },
          holes: [],
        }
      : undefined;
  const finder: Gauge | undefined =
    form.finderId === NEW
      ? namedGauge(ids.finder, form.finderKind, form.finderSize, unit, size('finderSize'))
      : undefined;
  const block: Gauge | undefined =
    form.blockId === NEW ? namedGauge(ids.block, 'block', form.blockSize, unit, size('blockSize')) : undefined;
  const setup: NewSetup = {
    id: ids.setup,
    name: text('name', 'The set-up’s name'),
    machineId: machine?.id ?? form.machineId,
    partId: part?.id ?? form.partId,
    partZero: 'front-left',
    tolerance: size('tolerance'),
    units: unit,
    finderId: finder?.id ?? form.finderId,
    heightGaugeId: block?.id ?? form.blockId,
    referenceTool: 1,
    feeler: 0,
    purpose: 'work',
    holdingId: holdingFor(machine?.kind ?? shop.machines.find(({ id }) => id === form.machineId)?.kind),
    note: '',
    createdAt: new Date().toISOString(),
  };
  return Object.keys(errors).length > 0
    ? { ok: false, errors }
    : { ok: true, made: { setup, machine, part, gauges: [finder, block].filter((gauge) => gauge !== undefined) } };
}

/** How parts are mostly held there; Plan and Workholding offer the others. */
const holdingFor = (kind: Machine['kind'] | undefined): string => (kind === 'router' ? 'spoil-board' : 'vise');

interface Made {
  setup: NewSetup;
  machine: Machine | undefined;
  part: Part | undefined;
  gauges: Gauge[];
}

function newMachine(id: string, name: string, kind: Machine['kind'], units: LengthUnit, step: number): Machine {
  const start = startingMachine(id, name, kind, units);
  const { x, y, z } = start.axes;
  return { ...start, axes: { x: { ...x, step }, y: { ...y, step }, z: { ...z, step } } };
}

function namedGauge(id: string, kind: Gauge['kind'], typed: string, unit: LengthUnit, nominal: number): Gauge {
  const { name } = GAUGE_FACTS[kind];
  return { id, name: `${capital(name)} ${typed.trim()} ${unit}`, kind, nominal };
}

/** Stores the new things first, then the set-up that names them; repeats are harmless. */
export async function storeSetup({ setup, machine, part, gauges }: Made): Promise<void> {
  // The first save of each, under its own id, so that a repeat is the same save.
  const first = <T extends { id: string }>(body: T) => ({ version: body.id, began: FIRST_VERSION, body });
  if (machine) await request('PUT', `/machines/${machine.id}`, first(machine));
  if (part) await request('PUT', `/parts/${part.id}`, first(part));
  for (const gauge of gauges) await request('PUT', `/gauges/${gauge.id}`, first(gauge));
  await request('POST', '/setups', setup);
}
