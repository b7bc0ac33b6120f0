import { DOCUMENT_KINDS, DOCUMENT_NAMES, KINDS, ROW_KINDS, ROW_NAMES, type KindName } from '../kinds/kinds';
import type { KeptSnapshot } from './cachedSnapshot';
import { readBody } from '../kinds/readBody';
import type { Snapshot } from './snapshot';

/**
 * A kept setup as the kinds have it: documents are parsed, so that a new field with a default reaches them; rows, which
 * may be many, only where their kind is another. Undefined where it is no longer understood: then it is
 * fetched again.
 */
export function fromCachedSnapshot(kept: unknown): Snapshot | undefined {
  try {
    const { kinds, snapshot } = kept as KeptSnapshot;
    const fields = snapshot as unknown as Record<string, unknown>;
    // A kind that was not there when it was kept has no version: it stands as before it is first saved.
    const read = (name: KindName, body: unknown): unknown => readBody(name, kinds[name] ?? KINDS[name].version, body);
    const next: Record<string, unknown> = { ...fields };
    for (const name of DOCUMENT_NAMES) {
      const { field, shows } = DOCUMENT_KINDS[name];
      // A kind that was not there when it was kept stands as before it is first saved.
      const value = fields[field] ?? (shows === 'all' ? [] : (DOCUMENT_KINDS[name].empty ?? null));
      if (shows === 'all') next[field] = (value as unknown[]).map((body) => read(name, body));
      else if (value === null) next[field] = null;
      else next[field] = { ...(name === 'plan' ? (value as object) : {}), ...(read(name, value) as object) };
    }
    for (const name of ROW_NAMES) {
      if (name === 'strike' || kinds[name] === ROW_KINDS[name].version) continue;
      const { field } = ROW_KINDS[name];
      next[field] = ((fields[field] ?? []) as object[]).map((row) => ({ ...row, ...(read(name, row) as object) }));
    }
    return next as unknown as Snapshot;
  } catch {
    return undefined;
  }
}
