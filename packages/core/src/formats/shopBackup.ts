import { BODIES } from '../records/kinds/schemas';
import { z } from 'zod';
import { Refusal } from '../problem/problem';
import { ofNewerKinds, ofOlderKinds } from '../records/kinds/kindVersions';
import { isKindName, isRowName, type DocumentName, type RowName } from '../records/kinds/kinds';
import { id, moment } from '../schema/quantities';

/** A document as it stood: of the shop where the setup is the empty text. */
export interface BackedDocument {
  kind: DocumentName;
  setupId: string;
  key: string;
  version: string;
  /** When it was saved last. */
  at: string;
  body: unknown;
}

/** A row as it was received. */
export interface BackedRow {
  kind: RowName;
  setupId: string;
  at: string;
  body: { id: string };
}

/** A whole shop as one open file: every document as it stands and every row there ever was, in the order of the record. */
export interface ShopBackup {
  format: 'zero-point-shop';
  version: 1;
  madeAt: string;
  shop: 'demo' | 'own';
  /** The version of every kind it was written by. */
  kinds: Record<string, number>;
  /** Entries of the record. */
  count?: number | undefined;
  /** SHA-256 over the JSON of `{"setups":…,"record":…}`, hexadecimal: whether it is as it was made. */
  sha256?: string | undefined;
  setups: { id: string; createdAt: string }[];
  record: (BackedDocument | BackedRow)[];
}

export const isBackedRow = (entry: BackedDocument | BackedRow): entry is BackedRow => isRowName(entry.kind);

const entry = z.object({
  kind: z.string(),
  setupId: z.union([id, z.literal('')]),
  key: z.string().max(120).optional(),
  version: z.string().max(120).optional(),
  at: moment,
  body: z.unknown(),
});

/** The envelope; what stands in it is checked by the schema of each entry's own kind, which the interface publishes too. */
export const shopBackup = z
  .object({
    format: z.literal('zero-point-shop'),
    version: z.literal(1),
    madeAt: moment,
    shop: z.enum(['demo', 'own']),
    kinds: z.record(z.string(), z.number().int().min(1)),
    count: z.number().int().min(0).optional(),
    sha256: z.string().max(64).optional(),
    setups: z.array(z.object({ id, createdAt: moment })),
    record: z.array(entry),
  })
  .meta({ id: 'ShopBackup' });

const refuse = (code: string, message: string): Refusal => new Refusal({ code, field: 'file', message });

/**
 * A backup as this program has it: every entry is checked.
 *
 * @throws Refusal of another file, of one that a newer program or one never released wrote, of one that is damaged: naming the place
 */
export function readShopBackup(data: unknown): ShopBackup {
  const format = z.looseObject({ format: z.literal('zero-point-shop'), version: z.number() }).safeParse(data);
  if (!format.success)
    throw refuse('not-a-backup', 'This file is not a Zero Point backup. Choose one that Zero Point made.');
  const newer = (): Refusal =>
    refuse('newer', 'A newer Zero Point wrote this backup. Bring this one up to date, then restore it.');
  if (format.data.version > 1) throw newer();
  const envelope = shopBackup.safeParse(data);
  if (!envelope.success) throw damaged(envelope.error.issues[0]);
  const { kinds } = envelope.data;
  if (ofNewerKinds(kinds)) throw newer();
  if (ofOlderKinds(kinds))
    throw refuse(
      'older',
      'A Zero Point of before the first release wrote this backup, and it cannot be restored any more.',
    );
  const record = envelope.data.record.map(checked);
  return { ...envelope.data, record };
}

const damaged = (issue: { path: PropertyKey[]; message: string } | undefined): Refusal =>
  refuse(
    'damaged',
    `The backup is damaged at ${issue?.path.join('.') ?? 'its beginning'}: it ${issue?.message ?? 'cannot be read'}. Take another copy.`,
  );

function checked(
  { kind: name, setupId, key, version, at, body }: z.output<typeof entry>,
  place: number,
): BackedDocument | BackedRow {
  if (!isKindName(name)) throw damaged({ path: ['record', place, 'kind'], message: `names no kind: ${name}` });
  const read = (BODIES[name] as z.ZodType).safeParse(body);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw damaged({ path: ['record', place, 'body', ...(issue?.path ?? [])], message: issue?.message ?? '' });
  }
  if (isRowName(name)) return { kind: name, setupId, at, body: read.data as { id: string } };
  if (key === undefined || version === undefined)
    throw damaged({ path: ['record', place], message: 'has no key or no version' });
  return { kind: name, setupId, key, version, at, body: read.data };
}
