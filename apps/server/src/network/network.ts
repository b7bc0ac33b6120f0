import { createServer, type RequestListener, type Server } from 'node:http';
import { hostname, networkInterfaces } from 'node:os';
import { answerClientError } from '../http/clientError';
import type { Pairing } from './pairing';

/** Addresses of this machine on the networks it is on. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces()).flatMap((addresses = []) =>
    addresses.flatMap(({ family, internal, address }) => (family === 'IPv4' && !internal ? [address] : [])),
  );
}

/** Requests that came in from the network, not from this machine itself. */
const fromNetwork = new WeakSet<object>();

export const isFromNetwork = (request: object): boolean => fromNetwork.has(request);

interface NetworkOptions {
  pairing: Pairing;
  /** The port of this machine's own listener, once it listens. */
  port: () => number;
  /** Where to listen; asked whenever the shop is opened. */
  addresses: () => string[];
}

/**
 * The shop's doors to the local network: closed until somebody at the machine opens them, one listener an address. What
 * comes in by them is marked, so that who is let in is never told by an address that could be made up.
 */
export function createNetwork({ pairing, port, addresses }: NetworkOptions) {
  let doors: { server: Server; address: string }[] = [];
  let listener: RequestListener = () => undefined;

  const close = async (): Promise<void> => {
    pairing.forget();
    const closing = doors;
    doors = [];
    await Promise.all(
      closing.map(
        ({ server }) =>
          new Promise<void>((resolve) => {
            server.close(() => resolve());
            server.closeAllConnections();
          }),
      ),
    );
  };

  const openAt = (address: string): Promise<Server> =>
    new Promise((resolve, reject) => {
      const server = createServer((request, response) => {
        fromNetwork.add(request);
        listener(request, response);
      });
      server.on('clientError', answerClientError);
      server.once('error', reject);
      server.listen(port(), address, () => resolve(server));
    });

  return {
    /** What answers; given once the whole interface is put together. */
    answer: (by: RequestListener): void => {
      listener = by;
    },
    isOpen: (): boolean => doors.length > 0,
    /** Where phones find it: `http://192.168.1.20:4747`. */
    urls: (): string[] => doors.map(({ address }) => `http://${address}:${port()}`),
    /** Names it is called by on the network. */
    hosts: (): string[] =>
      doors.length === 0 ? [] : [...doors.map(({ address }) => address), hostname(), `${hostname()}.local`],
    /** Opens a door on every network this machine is on. @throws Error of the first that cannot be opened; then none is */
    open: async (): Promise<void> => {
      await close();
      for (const address of addresses()) {
        try {
          doors.push({ server: await openAt(address), address });
        } catch (error) {
          await close();
          throw error;
        }
      }
    },
    close,
  };
}

export type Network = ReturnType<typeof createNetwork>;
