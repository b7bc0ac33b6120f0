import type { Database } from 'better-sqlite3';
import { readBody } from '@zero-point/core/records/kinds/readBody';
import { isKindName, KINDS, type BodyOf, type KindName } from '@zero-point/core/records/kinds/kinds';

/**
 * A stored body as its kind has it: parsed, so that a new field with a default reaches old rows too.
 *
 * @throws ZodError when what is stored is not of its kind: the file was changed by something else
 */
export const readStoredBody = <K extends KindName>(name: K, v: number, body: string): BodyOf<K> =>
  readBody(name, v, JSON.parse(body));

/** A kind of which the file has a body of before the first release; undefined where it has none. */
export function oldestBody(db: Database): string | undefined {
  const found = db
    .prepare<[], { kind: string; v: number }>(
      'SELECT kind, min(v) AS v FROM (SELECT kind, v FROM entries UNION ALL SELECT kind, v FROM documents) GROUP BY kind',
    )
    .all()
    .find(({ kind, v }) => isKindName(kind) && v < KINDS[kind].version);
  return found && `a ${found.kind} of version ${found.v}`;
}
