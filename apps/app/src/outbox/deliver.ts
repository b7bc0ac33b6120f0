import type { Entry } from '@zero-point/core/ledger/entry';
import { request, ServerRefusal } from '../api/client';
import type { Delivery } from './outbox';

function route(entry: Entry): { method: 'POST' | 'PUT'; path: string } {
  const base = `/setups/${encodeURIComponent(entry.setupId)}`;
  switch (entry.kind) {
    case 'reading':
      return { method: 'POST', path: `${base}/readings` };
    case 'strike':
      return { method: 'POST', path: `${base}/strikes` };
    case 'zeroing':
      return { method: 'POST', path: `${base}/zeroings` };
    case 'pattern':
      return { method: 'PUT', path: `${base}/patterns/${encodeURIComponent(entry.body.id)}` };
    case 'check':
      return { method: 'POST', path: `${base}/checks` };
    case 'sweep':
      return { method: 'POST', path: `${base}/sweeps` };
    case 'alignment':
      return { method: 'PUT', path: `${base}/alignments/${entry.body.task}` };
    case 'datum':
      return { method: 'PUT', path: `${base}/datum` };
    case 'cut':
      return { method: 'PUT', path: `${base}/cut` };
    case 'shop':
      return { method: 'PUT', path: `/${entry.collection}/${encodeURIComponent(entry.body.id)}` };
    case 'plan':
      return { method: 'PUT', path: `${base}/plan` };
  }
}

/** Sends one entry to where it belongs. */
export async function deliver(entry: Entry): Promise<Delivery> {
  const { method, path } = route(entry);
  try {
    await request(method, path, entry.body);
    return { kind: 'delivered' };
  } catch (error) {
    return error instanceof ServerRefusal ? { kind: 'refused', reason: error.problem.detail } : { kind: 'away' };
  }
}
