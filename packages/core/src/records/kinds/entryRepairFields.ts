import type { LengthUnit } from '../../units/unit';
import type { Entry } from './entry';
import type { DocumentName } from './kinds';
import type { Source } from '../values/source';

/** What stands in a field that can be mended: a length, mm unless typed in another unit; a plain number; words; or a thing of the shop. */
type MendAs =
  | { as: 'length'; unit: LengthUnit; text: string }
  | { as: 'number'; text: string }
  | { as: 'words'; text: string }
  | { as: 'thing'; kind: DocumentName; text: string };

/** A field of a refused entry that a person may put right. */
export type RepairField = MendAs & {
  /** The way to it in the body, joined by points: `place.workOffset`. */
  field: string;
  /** What is wrong with it, where that was said. */
  says?: string;
};

/** Things of the shop by the field that names one: `heightGaugeId` and `gaugeId` name a gauge. */
const THINGS: readonly [RegExp, DocumentName][] = [
  [/gaugeId$/i, 'gauge'],
  [/cutterId$/i, 'cutter'],
  [/machineId$/i, 'machine'],
  [/partId$/i, 'part'],
  [/holdingId$/i, 'holding'],
];

type Table = Record<string, unknown>;

export const isTable = (one: unknown): one is Table => typeof one === 'object' && one !== null;

const at = (body: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>((one, key) => (isTable(one) ? one[key] : undefined), body);

/** Names that entries are told apart by: not a person's to change. A time is, where a clock was wrong. */
const KEPT = /(^|\.)(id|createdAt|version|began|opens|epoch|readingId|zeroingId|kind|on|by)$/;

/** What was typed, where the body keeps it beside its value. */
export const typedSource = (body: unknown): Extract<Source, { text: string }> | undefined => {
  const source = at(body, ['source']) as Source | undefined;
  return source && 'text' in source ? source : undefined;
};

/** The field in which a body keeps the value its source tells the text of. */
const typedField = (body: unknown): 'value' | 'shown' | undefined =>
  (['value', 'shown'] as const).find((name) => typeof at(body, [name]) === 'number');

function mendAs(body: unknown, field: string): MendAs | undefined {
  const value = at(body, field.split('.'));
  const source = typedSource(body);
  if (source && field === typedField(body)) return { as: 'length', unit: source.unit, text: source.text };
  if (typeof value === 'number') return { as: 'number', text: String(value) };
  if (typeof value !== 'string') return undefined;
  const [, kind] = THINGS.find(([pattern]) => pattern.test(field)) ?? [];
  return kind ? { as: 'thing', kind, text: value } : { as: 'words', text: value };
}

/**
 * What of a refused entry a person can put right: the fields that were named, and the value as it was typed. None where
 * nothing that was named is theirs to change.
 *
 * @param errors fields that were found wrong, as a problem document names them
 */
export function repairFields(entry: Entry, errors: readonly { field: string; message: string }[] = []): RepairField[] {
  const { body } = entry;
  const typed = typedSource(body) ? typedField(body) : undefined;
  const named = errors.map(({ field, message }) => {
    const own = field.replace(/^body\./, '');
    return { field: own === 'source.text' && typed ? typed : own, says: message };
  });
  const asked = typed && !named.some(({ field }) => field === typed) ? [...named, { field: typed }] : named;
  const fields = new Map(asked.map((one) => [one.field, one]));
  return [...fields.values()].flatMap((one) => {
    const mend = KEPT.test(one.field) ? undefined : mendAs(body, one.field);
    return mend ? [{ ...one, ...mend }] : [];
  });
}
