import type { Request } from 'express';
import { ownAddresses, type Network } from './network';

const LOOPBACK = /^(localhost|127\.[\d.]+|\[?::1\]?)$/;

/**
 * Where another device finds this server, `http://192.168.1.20:4747`: as it was asked, unless that is a name only this
 * machine itself goes by; then its door to the network, or where that would be once it is opened.
 */
export function reachableOrigin(
  request: Pick<Request, 'protocol' | 'hostname' | 'get' | 'socket'>,
  network: Pick<Network, 'urls'> | undefined,
  addresses: readonly string[] = ownAddresses(),
): string {
  const asked = `${request.protocol}://${request.get('host') ?? 'localhost'}`;
  if (!LOOPBACK.test(request.hostname)) return asked;
  const [door] = network?.urls() ?? [];
  const [address] = addresses;
  return door ?? (address === undefined ? asked : `http://${address}:${request.socket.localPort}`);
}
