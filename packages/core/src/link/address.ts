import { z } from 'zod';

/**
 * Where a device is found: a port of this machine or of one on the shop's own network, or a serial port. No address beyond
 * the shop: a link is for what stands in it.
 */
const OWN =
  /^(localhost|127(\.\d{1,3}){3}|10(\.\d{1,3}){3}|192\.168(\.\d{1,3}){2}|172\.(1[6-9]|2\d|3[01])(\.\d{1,3}){2}|169\.254(\.\d{1,3}){2}|[A-Za-z0-9-]{1,63}(\.local)?)$/;

const SERIAL = /^(\/dev\/(tty|cu\.|pts\/|serial\/)[A-Za-z0-9._:/-]{0,80}|COM\d{1,3})$/;

export const linkAddress = z.discriminatedUnion('over', [
  z.object({
    over: z.literal('tcp'),
    host: z
      .string()
      .regex(OWN, { error: 'must be an address of the shop’s own network, as 192.168.1.30 or mill.local' }),
    port: z
      .number({ error: 'must be a whole number' })
      .int({ error: 'must be a whole number' })
      .min(1, { error: 'must be 1 to 65535' })
      .max(65_535, { error: 'must be 1 to 65535' }),
  }),
  z.object({
    over: z.literal('serial'),
    path: z
      .string()
      .regex(SERIAL, { error: 'must be a serial port, as /dev/ttyUSB0 or COM3' })
      .refine((path) => !path.includes('..'), { error: 'must be a serial port, as /dev/ttyUSB0 or COM3' }),
    baud: z.union([
      z.literal(1200),
      z.literal(2400),
      z.literal(4800),
      z.literal(9600),
      z.literal(19_200),
      z.literal(38_400),
      z.literal(57_600),
      z.literal(115_200),
    ]),
  }),
]);

export type LinkAddress = z.output<typeof linkAddress>;

/** `127.0.0.1:4750`, or `/dev/ttyUSB0 at 9600`. */
export const addressWords = (address: LinkAddress): string =>
  address.over === 'tcp' ? `${address.host}:${address.port}` : `${address.path} at ${address.baud}`;
