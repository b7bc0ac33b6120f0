import { z } from 'zod';
import { isKindName } from './kinds';
import { BODIES } from './schemas';
import { FIRST_EPOCH } from '../values/place';

/** An entry of before kinds were described in one place, loosely read. */
const old = z.object({
  entry: z.looseObject({
    kind: z.string(),
    setupId: z.string(),
    collection: z.string().optional(),
    body: z.looseObject({}),
  }),
});

type Body = Record<string, unknown>;

/** An entry of today that has not been parsed yet. */
interface Raw {
  kind: string;
  setupId: string;
  body: unknown;
}

/** What shop collections were called, and what they are. */
const COLLECTIONS: Readonly<Record<string, string>> = {
  machines: 'machine',
  gauges: 'gauge',
  tools: 'cutter',
  parts: 'part',
  tables: 'toolTable',
  holdings: 'holding',
};

const DOCUMENTS: Readonly<Record<string, string>> = { datum: 'datumPlan', cut: 'cutPlan' };

/** An epoch that was counted, by the name migrated settings have. */
const epochOf = (axis: unknown, scale: unknown, n: unknown): string =>
  Number(n) < 2 ? FIRST_EPOCH : `e-${String(axis)}-${String(scale)}-${String(n)}`;

/**
 * An entry that waited on a device while the program changed from its first way of keeping them.
 *
 * @throws ZodError when it is none
 */
export function legacyEntries(stored: unknown, now: string = new Date().toISOString()): Raw[] {
  const { kind, setupId, collection, body } = old.parse(stored).entry;
  switch (kind) {
    case 'reading':
      return [{ kind, setupId, body: legacyReading(body) }];
    case 'zeroing':
      return [{ kind, setupId, body: legacyZeroing(body) }];
    case 'strike':
    case 'check':
    case 'sweep':
      return [{ kind, setupId, body }];
    case 'shop':
      return legacyThing(COLLECTIONS[collection ?? ''] ?? '', body, now);
    default:
      return [{ kind: DOCUMENTS[kind] ?? kind, setupId, body: upgraded(DOCUMENTS[kind] ?? kind, body) }];
  }
}

function upgraded(kind: string, body: Body): unknown {
  const found = isKindName(kind) ? BODIES[kind].upgrade : undefined;
  return found ? found(body, 1) : body;
}

function legacyReading({ text, unit, scale, epoch, axis, approach, feeler, across, tool, ...common }: Body): Body {
  const subject = common.subject as { kind: string; task?: string };
  const read = { ...common, source: { by: 'typed', text, unit } };
  if (subject.kind === 'bore-size') return { ...read, on: 'gauge' };
  if (scale === 'indicator') return { ...read, on: 'dial' };
  return {
    ...read,
    on: 'scale',
    axis,
    approach,
    feeler,
    place: { scale },
    epoch: epochOf(axis, scale, epoch),
    ...(across !== undefined && { across }),
    ...(tool !== undefined && { tool }),
  };
}

function legacyZeroing({ epoch, scale, ...body }: Body): Body {
  const stays = body.form === 'work-offset' || (scale === 'machine' && body.form !== 'lost');
  const n = Number(epoch);
  return {
    ...body,
    place: { scale },
    began: epochOf(body.axis, scale, stays ? n : n - 1),
    ...(!stays && { opens: epochOf(body.axis, scale, n) }),
  };
}

/** A thing of the shop, and what was measured of it as calibrations from now on. */
function legacyThing(kind: string, body: Body, now: string): Raw[] {
  const thing: Raw = { kind, setupId: '', body: upgraded(kind, body) };
  if (kind !== 'gauge') return [thing];
  const found = [
    body.measured !== undefined && { what: 'size', value: body.measured },
    body.offsets !== undefined && { what: 'offsets', ...(body.offsets as object) },
    body.tir !== undefined && { what: 'run-out', value: body.tir },
    body.u !== undefined && { what: 'touch', value: body.u },
  ].filter((one) => one !== false);
  return [
    thing,
    ...found.map((one) => ({
      kind: 'calibration',
      setupId: '',
      body: {
        id: `${one.what}-${now.replaceAll(/\D/g, '')}-${String(body.id)}`.slice(0, 64),
        of: { kind: 'gauge', gaugeId: body.id },
        found: one,
        from: now,
        at: now,
      },
    })),
  ];
}
