import { isShopHost, type LinkAddress } from '@zero-point/core/link/address';
import { parseMessage, NOTHING_PARSED, type ParsedMessage } from '@zero-point/core/link/messageParser';
import { createLineSplitter, type LineSplitter } from '@zero-point/core/link/lineSplitter';
import { linkView, type LinkView } from '@zero-point/core/link/linkView';
import { LONGEST_LINE, moves, type DeviceCommand } from '@zero-point/core/link/message';
import type { LinkQueries as LinkRows } from '../store/links';
import { openWire, type Wire } from './wire';

/** A lost device is tried again after so long, ms; and a page is told at most so often, and at least so often. */
const AGAIN = 1500;
const TELL = 100;
const BEAT = 1000;

/** More lines a second than this nobody means: beyond it only the newest of each piece is read. */
const MOST_LINES = 200;
const SECOND = 1000;

interface Link {
  address: LinkAddress;
  wire: Wire | undefined;
  splitter: LineSplitter;
  /** Lines of it that were too long, as far as they were told. */
  tooLong: number;
  heard: ParsedMessage;
  open: boolean;
  reason: string | undefined;
  /** Lines read in this second, and when it began. */
  budget: { since: number; read: number };
  again: NodeJS.Timeout | undefined;
  telling: NodeJS.Timeout | undefined;
  listeners: Set<(view: LinkView) => void>;
}

/** What is said at the start of the server of its links. */
export interface LinkSettings {
  /** What the simulated devices were started with. */
  simulationKey?: string | undefined;
  /** Hosts beyond the shop's own network that may be linked all the same. */
  hosts?: readonly string[];
}

/** Why nothing was said to a device. */
export type LinkNotReported = 'no-link' | 'away' | 'not-a-stand-in';

/**
 * The shop's links to DROs and controls: keeps each wire open, reads what comes, and tells pages what stands. It stores
 * nothing by itself, and says nothing that could move anything to a device of metal, nor to one that calls itself simulated
 * without having been started with this server.
 */
export function createLinks(rows: LinkRows, { simulationKey, hosts = [] }: LinkSettings = {}) {
  const named: ReadonlySet<string> = new Set(hosts);
  const mayLink = (address: LinkAddress): boolean =>
    address.over === 'serial' || isShopHost(address.host) || named.has(address.host);
  const links = new Map<string, Link>();
  let closed = false;

  const viewOf = (machineId: string, { address, heard, open, reason }: Link): LinkView =>
    linkView(machineId, address, heard, { open, reason, now: Date.now() });

  /** What a device says of itself, with what it may not say: its key stays here, and only one with ours is simulated. */
  const proven = (heard: ParsedMessage): ParsedMessage => {
    if (!heard.hello) return heard;
    const { key, standIn, ...hello } = heard.hello;
    const own = standIn === true && (key === undefined ? ours.has(heard.hello) : key === simulationKey);
    const known = own ? { ...hello, standIn } : hello;
    if (own) ours.add(known);
    return { ...heard, hello: known };
  };
  /** Hellos that were proven already. */
  const ours = new WeakSet<object>();

  const tellNow = (machineId: string, link: Link): void => {
    clearTimeout(link.telling);
    link.telling = undefined;
    const view = viewOf(machineId, link);
    for (const listener of link.listeners) listener(view);
  };
  const tellSoon = (machineId: string, link: Link): void => {
    link.telling ??= setTimeout(() => tellNow(machineId, link), TELL);
  };

  function take(machineId: string, link: Link, text: string): void {
    const now = Date.now();
    if (now - link.budget.since >= SECOND) link.budget = { since: now, read: 0 };
    const lines = link.splitter.push(text);
    lines.forEach((line, i) => {
      if (link.budget.read >= MOST_LINES && i < lines.length - 1) {
        link.heard = { ...link.heard, dropped: link.heard.dropped + 1 };
        return;
      }
      link.budget.read += 1;
      link.heard = proven(parseMessage(link.heard, line, now));
    });
    for (; link.tooLong < link.splitter.tooLong(); link.tooLong += 1)
      link.heard = parseMessage(link.heard, `(a line over ${LONGEST_LINE} characters)`, now);
    tellSoon(machineId, link);
  }

  function open(machineId: string, link: Link): void {
    link.wire = openWire(
      link.address,
      {
        opened: () => {
          link.open = true;
          link.reason = undefined;
          link.heard = NOTHING_PARSED;
          link.splitter = createLineSplitter(LONGEST_LINE);
          link.tooLong = 0;
          link.wire?.say(JSON.stringify({ do: 'hello' } satisfies DeviceCommand));
          tellSoon(machineId, link);
        },
        piece: (text) => take(machineId, link, text),
        ended: (reason) => {
          link.open = false;
          link.reason = reason;
          tellSoon(machineId, link);
          if (closed || links.get(machineId) !== link) return;
          link.again = setTimeout(() => open(machineId, link), AGAIN);
        },
      },
      named,
    );
  }

  function add(machineId: string, address: LinkAddress): void {
    const listeners = links.get(machineId)?.listeners ?? new Set();
    drop(machineId);
    const link: Link = {
      address,
      wire: undefined,
      splitter: createLineSplitter(LONGEST_LINE),
      tooLong: 0,
      heard: NOTHING_PARSED,
      open: false,
      reason: undefined,
      budget: { since: 0, read: 0 },
      again: undefined,
      telling: undefined,
      listeners,
    };
    links.set(machineId, link);
    open(machineId, link);
  }

  function drop(machineId: string): void {
    const link = links.get(machineId);
    if (!link) return;
    links.delete(machineId);
    clearTimeout(link.again);
    clearTimeout(link.telling);
    link.wire?.close();
  }

  // One that was named at an earlier start, and is not now, is not opened.
  for (const { machineId, address } of rows.all()) if (mayLink(address)) add(machineId, address);
  // What has gone quiet is told too, and a page that hears nothing knows that it is cut off.
  const beat = setInterval(() => links.forEach((link, machineId) => tellNow(machineId, link)), BEAT);
  beat.unref();

  return {
    /** Whether a device at this address may be linked. */
    mayLink,
    views: (): LinkView[] => [...links].map(([machineId, link]) => viewOf(machineId, link)),
    view: (machineId: string): LinkView | undefined => {
      const link = links.get(machineId);
      return link && viewOf(machineId, link);
    },
    /** Gives a machine its link, another one, or none. */
    set: (machineId: string, address: LinkAddress | undefined): void => {
      if (address) {
        rows.put(machineId, address);
        add(machineId, address);
      } else {
        rows.drop(machineId);
        drop(machineId);
      }
    },
    /** Hears how a link stands, as it changes and every second; gives back how to stop. */
    listen: (machineId: string, listener: (view: LinkView) => void): (() => void) => {
      const link = links.get(machineId);
      link?.listeners.add(listener);
      return () => void link?.listeners.delete(listener);
    },
    /** Asks a device something; tells a stand-in what to do. Gives back why not, where it could not. */
    tell: (machineId: string, what: DeviceCommand): LinkNotReported | undefined => {
      const link = links.get(machineId);
      if (!link) return 'no-link';
      if (!link.open) return 'away';
      if (moves(what) && link.heard.hello?.standIn !== true) return 'not-a-stand-in';
      link.wire?.say(JSON.stringify(what));
      return undefined;
    },
    close: (): void => {
      closed = true;
      clearInterval(beat);
      for (const machineId of [...links.keys()]) drop(machineId);
    },
  };
}

export type Links = ReturnType<typeof createLinks>;
