import type { z } from 'zod';
import { Refusal } from '../../problem/problem';
import { parseLength } from '../../units/parseLength';
import type { Entry } from './entry';
import { isRowName } from './kinds';
import { isTable, typedSource, type RepairField } from './entryRepairFields';
import { BODIES } from './schemas';
import { placeOf } from '../values/source';

/** The body with something else at the end of the way. */
function put(body: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  if (Array.isArray(body)) return body.map((one: unknown, i) => (String(i) === key ? put(one, rest, value) : one));
  return { ...(isTable(body) ? body : {}), [key]: put(isTable(body) ? body[key] : undefined, rest, value) };
}

const refuse = (field: string, message: string): Refusal => new Refusal({ code: 'not-mended', field, message });

/** A body with one field as it is typed now. @throws Refusal where that cannot be read */
function withField(body: unknown, { field, as, ...mend }: RepairField, text: string): unknown {
  const path = field.split('.');
  if (as === 'number') {
    const number = Number(text.trim().replace(',', '.').replace('\u2212', '-'));
    if (text.trim() === '' || !Number.isFinite(number)) throw refuse(field, 'is not a number; use digits and a point');
    return put(body, path, number);
  }
  if (as !== 'length') return put(body, path, text);
  const read = parseLength(text, 'unit' in mend ? mend.unit : 'mm');
  if (!read.ok) throw refuse(field, read.message);
  const source = typedSource(body);
  return put(put(body, path, read.mm + (source ? placeOf(source) : 0)), ['source', 'text'], text);
}

/**
 * A refused entry with fields put right. A row gets an id of its own, since the old one may be taken by something else; a
 * document a version of its own.
 *
 * @param texts what now stands in each field, by its name
 * @param name an id that nothing else has
 * @throws Refusal naming the field that is still wrong
 */
export function mended(
  entry: Entry,
  fields: readonly RepairField[],
  texts: Readonly<Record<string, string>>,
  name: string,
): Entry {
  const changed = fields.filter(({ field, text }) => texts[field] !== undefined && texts[field] !== text);
  const body = changed.reduce<unknown>((one, field) => withField(one, field, texts[field.field] ?? ''), entry.body);
  const row = isRowName(entry.kind);
  const named = row ? put(body, ['id'], name) : body;
  const read = (BODIES[entry.kind] as z.ZodType).safeParse(named);
  const [issue] = read.error?.issues ?? [];
  if (issue) throw refuse(issue.path.join('.'), issue.message);
  return { ...entry, ...(!row && { version: name }), body: read.data } as Entry;
}
