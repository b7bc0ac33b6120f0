import { z } from 'zod';

/** Addresses of this machine and of private networks (RFC 1918). */
const OWN_ADDRESS = /^(127|10|192\.168|172\.(1[6-9]|2\d|3[01]))(\.(0|[1-9]\d{0,2})){2,3}$/;

/** A name of one word, or of this network; a figure in any base is an address in disguise. */
const OWN_NAME = /^(?!0x)(?!\d{1,63}$)[a-z0-9-]{1,63}(\.local)?$/i;

/** Whether an address, by its figures, is one of this machine or of the shop's own network (RFC 1918, RFC 4193). */
export function isOwnAddress(address: string): boolean {
  if (OWN_ADDRESS.test(address)) {
    const parts = address.split('.');
    return parts.length === 4 && parts.every((part) => Number(part) <= 255);
  }
  const plain = address.toLowerCase();
  return (
    plain === '::1' || /^f[cd][0-9a-f]{2}:/.test(plain) || (plain.startsWith('::ffff:') && isOwnAddress(plain.slice(7)))
  );
}

/** Whether a host is of the shop, by its figures or its name; what a name stands for is looked at when it is opened. */
export const isShopHost = (host: string): boolean => isOwnAddress(host) || OWN_NAME.test(host);

const SERIAL = /^\/dev\/(tty[A-Za-z0-9._-]{1,80}|serial\/by-id\/[A-Za-z0-9._:-]{1,160})$/;

/**
 * Where a device is found: a port of a machine, or a serial port. Whether the machine is one of the shop is the server's to
 * say: a link is for what stands in it.
 */
export const linkAddress = z.discriminatedUnion('over', [
  z.object({
    over: z.literal('tcp'),
    host: z
      .string()
      .max(80, { error: 'must be an address, as 192.168.1.30 or mill.local' })
      .regex(/^[A-Za-z0-9.:-]+$/, { error: 'must be an address, as 192.168.1.30 or mill.local' }),
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
      .regex(SERIAL, { error: 'must be a serial port, as /dev/ttyUSB0' })
      .refine((path) => !path.includes('..'), { error: 'must be a serial port, as /dev/ttyUSB0' }),
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

/** An address as it is typed: `192.168.1.30:4750`, or the name of a serial port and its speed. */
export const linkForm = z
  .object({ over: z.enum(['tcp', 'serial']), at: z.string().trim(), baud: z.string() })
  .transform(({ over, at, baud }, context): LinkAddress => {
    const [, host = at, port = ''] = /^(.*):(\d+)$/.exec(at) ?? [];
    const read = linkAddress.safeParse(
      over === 'tcp' ? { over, host, port: Number(port || NaN) } : { over, path: at, baud: Number(baud) },
    );
    if (read.success) return read.data;
    const [issue] = read.error.issues;
    context.addIssue({ code: 'custom', path: ['at'], message: formWords(over, issue?.path[0]) });
    return z.NEVER;
  });

const formWords = (over: LinkAddress['over'], field: PropertyKey | undefined): string =>
  over === 'serial'
    ? 'Type the serial port as this computer calls it: /dev/ttyUSB0.'
    : field === 'port'
      ? 'Type the port behind the address, with a colon between: 192.168.1.30:4750.'
      : 'Type the address as 192.168.1.30:4750, or by its name: mill.local:4750.';
