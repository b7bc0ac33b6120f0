import { isRow, keyOf } from '@zero-point/core/records/kinds/merge';
import { DOCUMENT_KINDS, ROW_KINDS } from '@zero-point/core/records/kinds/kinds';
import type { DocumentEntry, Entry, RowEntry } from '@zero-point/core/records/kinds/entry';
import { request, ServerAway, ServerRefusal } from '../api/client';
import type { DeliveryTurn } from './deviceLine';
import type { Delivery } from './outbox';

const baseOf = ({ setupId }: Entry): string => (setupId === '' ? '' : `/setups/${encodeURIComponent(setupId)}`);

const rowPath = (entry: RowEntry): string => `${baseOf(entry)}/${ROW_KINDS[entry.kind].collection}`;

function documentPath(entry: DocumentEntry): string {
  const { collection } = DOCUMENT_KINDS[entry.kind];
  const key = keyOf(entry);
  return `${baseOf(entry)}/${collection}${key === '' ? '' : `/${encodeURIComponent(key)}`}`;
}

async function send(entry: Entry, turn: DeliveryTurn | undefined): Promise<void> {
  const headers: Record<string, string> = turn ? { 'Zero-Point-Order': `${turn.line} ${turn.number}` } : {};
  if (isRow(entry)) {
    await request('POST', rowPath(entry), entry.body, { headers });
    return;
  }
  const { version, began, body } = entry;
  await request('PUT', documentPath(entry), { version, began, body }, { headers });
}

/** Sends one entry to where it belongs. */
export async function deliver(entry: Entry, turn?: DeliveryTurn): Promise<Delivery> {
  try {
    await send(entry, turn);
    return { kind: 'delivered' };
  } catch (error) {
    if (!(error instanceof ServerRefusal)) {
      const fault = error instanceof ServerAway ? error.fault : undefined;
      return { kind: 'away', ...(fault !== undefined && { fault }) };
    }
    const { code, detail, errors, current, expects } = error.problem;
    if (code === 'out-of-order' && expects !== undefined) return { kind: code, expects };
    return { kind: 'refused', reason: detail, ...(errors && { errors }), ...(current && { current }) };
  }
}
