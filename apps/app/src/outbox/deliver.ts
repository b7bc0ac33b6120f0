import { isRow, keyOf } from '@zero-point/core/record/merge';
import { DOCUMENT_KINDS, ROW_KINDS } from '@zero-point/core/record/kinds';
import type { DocumentEntry, Entry, RowEntry } from '@zero-point/core/record/entry';
import { request, ServerAway, ServerRefusal } from '../api/client';
import type { Delivery } from './outbox';

const baseOf = ({ setupId }: Entry): string => (setupId === '' ? '' : `/setups/${encodeURIComponent(setupId)}`);

const rowPath = (entry: RowEntry): string => `${baseOf(entry)}/${ROW_KINDS[entry.kind].collection}`;

function documentPath(entry: DocumentEntry): string {
  const { collection } = DOCUMENT_KINDS[entry.kind];
  const key = keyOf(entry);
  return `${baseOf(entry)}/${collection}${key === '' ? '' : `/${encodeURIComponent(key)}`}`;
}

async function send(entry: Entry): Promise<void> {
  if (isRow(entry)) {
    await request('POST', rowPath(entry), entry.body);
    return;
  }
  const { version, began, body } = entry;
  await request('PUT', documentPath(entry), { version, began, body });
}

/** Sends one entry to where it belongs. */
export async function deliver(entry: Entry): Promise<Delivery> {
  try {
    await send(entry);
    return { kind: 'delivered' };
  } catch (error) {
    if (!(error instanceof ServerRefusal)) {
      const fault = error instanceof ServerAway ? error.fault : undefined;
      return { kind: 'away', ...(fault !== undefined && { fault }) };
    }
    const { detail, current } = error.problem;
    return { kind: 'refused', reason: detail, ...(current && { current }) };
  }
}
