import { isOwnAddress, type LinkAddress } from '@zero-point/core/link/address';
import { lookup } from 'node:dns';
import { connect, type LookupFunction } from 'node:net';
import { SerialPort } from 'serialport';

/** What comes over a wire, and that it is there or gone. */
export interface WireEars {
  opened: () => void;
  piece: (text: string) => void;
  /** Gone, or never there; said once. */
  ended: (reason: string) => void;
}

export interface Wire {
  say: (line: string) => void;
  close: () => void;
}

/** So long a device may take to answer the door, ms. */
const PATIENCE = 4000;

const REASONS: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'Nothing listens there. Is it switched on?',
  ENOTFOUND: 'There is no machine of that name here.',
  ENOTOWN: 'That name is outside the shop’s network. Only devices in the shop can be linked.',
  EHOSTUNREACH: 'There is no way to that address. Is it on this network?',
  ENETUNREACH: 'There is no way to that address. Is it on this network?',
  ETIMEDOUT: 'It did not answer.',
  ENOENT: 'There is no such port. Is the cable in?',
  EACCES: 'This computer does not let the shop use that port.',
  EBUSY: 'Something else holds that port.',
};

function reasonOf(error: Error & { code?: string }): string {
  if (error.code !== undefined && REASONS[error.code] !== undefined) return REASONS[error.code] ?? '';
  const known = Object.entries({
    'No such file': 'ENOENT',
    'Permission denied': 'EACCES',
    'Cannot lock': 'EBUSY',
  }).find(([text]) => error.message.includes(text));
  return known ? (REASONS[known[1]] ?? '') : error.message;
}

/** Opens a wire to a device, whichever kind it is. */
export function openWire(address: LinkAddress, ears: WireEars, named?: ReadonlySet<string>): Wire {
  let over = false;
  const end = (reason: string) => {
    if (over) return;
    over = true;
    ears.ended(reason);
  };
  return address.over === 'tcp' ? overTcp(address, ears, end, named) : overSerial(address, ears, end);
}

/**
 * Looks a name up, and goes nowhere but to this machine and the shop's own network, whatever the name stands for.
 *
 * @param named hosts that the person at the machine named besides
 */
export const ownNetworkOnly =
  (named: ReadonlySet<string> = new Set()): LookupFunction =>
  (hostname, options, done) => {
    lookup(hostname, { ...options, all: true }, (error, found) => {
      if (error) return done(error, '', 0);
      const own = named.has(hostname) ? found : found.filter(({ address }) => isOwnAddress(address));
      const [first] = own;
      if (!first) return done(Object.assign(new Error(), { code: 'ENOTOWN' }), '', 0);
      if (options.all === true) done(null, own);
      else done(null, first.address, first.family);
    });
  };

function overTcp(
  { host, port }: Extract<LinkAddress, { over: 'tcp' }>,
  ears: WireEars,
  end: (reason: string) => void,
  named?: ReadonlySet<string>,
): Wire {
  const socket = connect({ host, port, noDelay: true, lookup: ownNetworkOnly(named) });
  socket.setEncoding('utf8');
  socket.setTimeout(PATIENCE);
  socket.once('connect', () => {
    socket.setTimeout(0);
    ears.opened();
  });
  socket.on('timeout', () => socket.destroy(Object.assign(new Error(), { code: 'ETIMEDOUT' })));
  socket.on('data', (text) => ears.piece(String(text)));
  socket.on('error', (error) => end(reasonOf(error)));
  socket.on('close', () => end('It hung up.'));
  return { say: (line) => void (socket.writable && socket.write(`${line}\n`)), close: () => socket.destroy() };
}

function overSerial(
  { path, baud }: Extract<LinkAddress, { over: 'serial' }>,
  ears: WireEars,
  end: (reason: string) => void,
): Wire {
  const port = new SerialPort({ path, baudRate: baud }, (error) => (error ? end(reasonOf(error)) : ears.opened()));
  port.setEncoding('utf8');
  port.on('data', (text: string | Buffer) => ears.piece(text.toString()));
  port.on('error', (error) => end(reasonOf(error)));
  port.on('close', () => end('The cable was pulled, or it was switched off.'));
  return {
    say: (line) => void (port.isOpen && port.write(`${line}\n`)),
    close: () => {
      end('');
      if (port.isOpen) port.close();
    },
  };
}
