import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { hostname, networkInterfaces } from 'node:os';
import { MOST_CONNECTIONS, PATIENCE } from '../http/patience';
import { answerClientError } from '../http/clientError';
import type { Certificates } from './certificates';
import type { Pairing } from './pairing';

/** Addresses of this machine on the networks it is on. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces()).flatMap((addresses = []) =>
    addresses.flatMap(({ family, internal, address }) => (family === 'IPv4' && !internal ? [address] : [])),
  );
}

/**
 * What a machine at these addresses is called: by them, and by its own name where that can stand in a certificate and in an
 * address.
 */
export const namesOf = (addresses: readonly string[], name = hostname()): string[] => [
  ...new Set([...addresses, ...(/^[A-Za-z0-9][A-Za-z0-9.-]*$/.test(name) ? [name, `${name}.local`] : [])]),
];

/** Requests that came in from the network, not from this machine itself. */
const fromNetwork = new WeakSet<object>();

export const isFromNetwork = (request: object): boolean => fromNetwork.has(request);

interface NetworkOptions {
  pairing: Pairing;
  /** The port of this machine's own listener, once it listens. */
  port: () => number;
  /** Where to listen; asked whenever the shop is opened. */
  addresses: () => string[];
  /** What its doors speak TLS with, for these names; without it they speak plain HTTP alone. */
  certificates?: (names: readonly string[]) => Promise<Certificates>;
}

/** One listener on one network. */
interface Door {
  server: Server;
  address: string;
  port: number;
  secure: boolean;
}

/**
 * The shop's doors to the local network: closed until somebody at the machine opens them, one listener an address, and one more over TLS. What
 * comes in by them is marked, so that who is let in is never told by an address that could be made up.
 */
export function createNetwork({ pairing, port, addresses, certificates }: NetworkOptions) {
  let doors: Door[] = [];
  let authority: string | undefined;
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

  const openAt = (address: string, at: number, tls?: Certificates): Promise<Door> =>
    new Promise((resolve, reject) => {
      const enter: RequestListener = (request, response) => {
        fromNetwork.add(request);
        listener(request, response);
      };
      const server = tls
        ? createSecureServer(
            {
              key: tls.key,
              cert: tls.cert,
              minVersion: 'TLSv1.3',
              handshakeTimeout: PATIENCE.headersTimeout,
              ...PATIENCE,
            },
            enter,
          )
        : createServer(PATIENCE, enter);
      server.maxConnections = MOST_CONNECTIONS;
      server.on('clientError', answerClientError);
      server.once('error', reject);
      server.listen(at, address, () => resolve({ server, address, port: at, secure: tls !== undefined }));
    });

  const urls = (secure: boolean): string[] =>
    doors
      .filter((door) => door.secure === secure)
      .map((door) => `${secure ? 'https' : 'http'}://${door.address}:${door.port}`);

  return {
    /** What answers; given once the whole interface is put together. */
    answer: (by: RequestListener): void => {
      listener = by;
    },
    isOpen: (): boolean => doors.length > 0,
    /** Where phones find it: `http://192.168.1.20:4747`. */
    urls: (): string[] => urls(false),
    /** Where they find it over TLS, one port further, once they trust the shop's authority. */
    secureUrls: (): string[] => urls(true),
    /** The certificate a phone is asked to trust; undefined where there is no TLS. */
    authority: (): string | undefined => authority,
    /** Names it is called by on the network. */
    hosts: (): string[] => (doors.length === 0 ? [] : namesOf(doors.map(({ address }) => address))),
    /** Opens a door on every network this machine is on. @throws Error of the first that cannot be opened; then none is */
    open: async (): Promise<void> => {
      await close();
      const at = addresses();
      const tls = at.length === 0 ? undefined : await certificates?.(namesOf(at));
      authority = tls?.authority;
      try {
        for (const address of at) {
          doors.push(await openAt(address, port()));
          if (tls) doors.push(await openAt(address, port() + 1, tls));
        }
      } catch (error) {
        await close();
        throw error;
      }
    },
    /** Ends what is being listened to from the network; who is still let in asks again at once. */
    hangUp: (): void => {
      for (const { server } of doors) server.closeAllConnections();
    },
    close,
  };
}

export type Network = ReturnType<typeof createNetwork>;
