import type { Stale } from '../../zAndTools/stale';

/** What makes a length another one, said alike everywhere. */
const CHANGED_SINCE = 're-clamped, ground or exchanged since';

/** Why a length that was known of a tool counts no more. */
export const staleWords = (tool: number, stale: Stale): string =>
  stale === 'tool'
    ? `Tool ${tool} was ${CHANGED_SINCE} its length was taken.`
    : `Tool ${tool} was compared with the reference tool before it changed.`;

/** Why Z is not where it was set to be. */
export const zToolChangedWords = (tool: number): string => `Z was set with tool ${tool}, which was ${CHANGED_SINCE}.`;

/** Why a kept length counts no more, in a column of the sheet. */
export const STALE_SHORT: Readonly<Record<Stale, string>> = {
  tool: 'changed: touch again',
  reference: 'reference changed',
};
