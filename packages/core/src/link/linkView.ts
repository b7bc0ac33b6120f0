import type { LinkAddress } from './address';
import { linkNotes, type ParsedMessage, type LinkNote } from './messageParser';

/**
 * How a link stands. `away`: nothing answers at its address. `quiet`: it is there, and has said nothing for a while.
 * `live`: its figures are of now.
 */
export type LinkState = 'away' | 'quiet' | 'live';

/** A machine's link as a page sees it. Lengths in mm. */
export interface LinkView extends Pick<
  ParsedMessage,
  'hello' | 'position' | 'touch' | 'result' | 'offsets' | 'offsetsTold' | 'tools'
> {
  machineId: string;
  address: LinkAddress;
  state: LinkState;
  /** Why nothing answers. */
  reason?: string | undefined;
  notes: LinkNote[];
}

/** A device says where it is every second; after so long without a word it is quiet, ms. */
export const QUIET = 2500;

/**
 * @param open whether the wire is there
 * @param now ms
 */
export function linkView(
  machineId: string,
  address: LinkAddress,
  heard: ParsedMessage,
  { open, reason, now }: { open: boolean; reason?: string | undefined; now: number },
): LinkView {
  const { hello, position, touch, result, offsets, offsetsTold, tools } = heard;
  const fresh = position !== undefined && now - position.when <= QUIET;
  const state = !open ? 'away' : hello && fresh ? 'live' : 'quiet';
  return {
    machineId,
    address,
    state,
    ...(reason !== undefined && { reason }),
    hello,
    position,
    touch,
    result,
    offsets,
    offsetsTold,
    tools,
    notes: linkNotes(heard),
  };
}
