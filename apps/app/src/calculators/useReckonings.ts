import type { CalculationRow } from '@zero-point/core/records/log/calculation';
import { useQuery } from '@tanstack/react-query';
import { request } from '../api/client';
import { useOutbox } from '../stores/outbox';

type Kept = Pick<CalculationRow, 'id' | 'name' | 'answer' | 'at'>;

/** What was reckoned at once, newest first: what waits on this device, then what the server has. */
export function useKeptResults(): Kept[] {
  const entries = useOutbox((state) => state.waiting);
  const waiting = entries.flatMap(({ entry }): Kept[] => (entry.kind === 'reckoning' ? [entry.body] : []));
  const { data = [] } = useQuery({
    queryKey: ['reckonings', waiting.length],
    queryFn: () => request<CalculationRow[]>('GET', '/reckonings'),
    placeholderData: (before) => before,
  });
  const known = new Set(data.map(({ id }) => id));
  return [...waiting.filter(({ id }) => !known.has(id)).reverse(), ...data];
}
