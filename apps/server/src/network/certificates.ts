import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { isIP } from 'node:net';

/** What a door needs to speak TLS, and what a phone is asked to trust. PEM. */
export interface Certificates {
  /** The shop's own authority: the one thing a phone trusts, once. */
  authority: string;
  key: string;
  cert: string;
}

interface Pair {
  key: string;
  cert: string;
}

const DAY = 86_400_000;

/** An authority is trusted by hand, so it lasts; a certificate is made again without anybody noticing. */
const AUTHORITY_DAYS = 3650;

/** Phones refuse certificates that last longer than 398 days. */
const DAYS = 390;

/** Networks that an authority may vouch for: this machine's own, and those no stranger's server is on (RFC 1918). */
const OWN_NETWORKS = ['127.0.0.0/8', '10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16'];

/** Made again so long before its end. */
const BEFORE_END = 30 * DAY;

/** What makes certificates: fetched when one is made, which is seldom, not whenever the shop opens. */
const maker = () => import('./issue');

/** Where a shop's certificates are kept. */
export const certificatesFolder = (file: string): string => join(dirname(file), 'tls');

/**
 * The shop's certificate for these names and addresses, signed by its own authority: both made where there are none yet, the
 * certificate made again when the names change, its end is near, or it was made while the clock was ahead and does not hold yet. Keys are readable by this user alone.
 *
 * @param folder where they are kept
 * @param names names and addresses the shop is called by
 */
export async function certificatesFor(folder: string, names: readonly string[], now: Date): Promise<Certificates> {
  mkdirSync(folder, { recursive: true });
  const trusted = read(folder, 'authority');
  const authority =
    trusted && vouches(new X509Certificate(trusted.cert), names, now)
      ? trusted
      : write(folder, 'authority', await newAuthority(names, now));
  const kept = read(folder, 'shop');
  const own =
    kept && stands(kept, authority, names, now) ? kept : write(folder, 'shop', await newShop(authority, names, now));
  return { authority: authority.cert, ...own };
}

function read(folder: string, name: string): Pair | undefined {
  const [key, cert] = [join(folder, `${name}.key`), join(folder, `${name}.crt`)];
  if (!existsSync(key) || !existsSync(cert)) return undefined;
  return { key: readFileSync(key, 'utf8'), cert: readFileSync(cert, 'utf8') };
}

function write(folder: string, name: string, pair: Pair): Pair {
  for (const [end, text] of [
    ['key', pair.key],
    ['crt', pair.cert],
  ] as const) {
    const file = join(folder, `${name}.${end}`);
    writeFileSync(`${file}.new`, text, { mode: 0o600 });
    renameSync(`${file}.new`, file);
  }
  return pair;
}

/** Whether a certificate is of this authority, for all these names, and not near its end. */
function stands({ cert }: Pair, authority: Pair, names: readonly string[], now: Date): boolean {
  const read = new X509Certificate(cert);
  const named = (name: string) => (isIP(name) === 0 ? read.checkHost(name) : read.checkIP(name)) !== undefined;
  return (
    read.verify(new X509Certificate(authority.cert).publicKey) &&
    names.every(named) &&
    isValid(read, now) &&
    Date.parse(read.validTo) - now.getTime() > BEFORE_END
  );
}

/** Whether an authority holds now, and may vouch for these names: it is bound to those it was made for. */
const vouches = (authority: X509Certificate, names: readonly string[], now: Date): boolean =>
  isValid(authority, now) && authority.subject.includes(`OU=${hostOf(names)}`);

/** What this machine is called, of the names it has. */
const hostOf = (names: readonly string[]): string =>
  names.find((name) => isIP(name) === 0) ?? 'a machine without a name';

/** Whether a certificate holds now: one made while the clock was ahead does not yet. */
const isValid = ({ validFrom, validTo }: X509Certificate, now: Date): boolean =>
  Date.parse(validFrom) <= now.getTime() && now.getTime() < Date.parse(validTo);

async function newAuthority(names: readonly string[], now: Date): Promise<Pair> {
  const { issue } = await maker();
  const host = hostOf(names);
  return issue({
    subject: { O: 'Zero Point', OU: host, CN: `Zero Point shop on ${host} (${now.toISOString().slice(0, 10)})` },
    from: new Date(now.getTime() - DAY),
    until: new Date(now.getTime() + AUTHORITY_DAYS * DAY),
    permitted: { names: names.filter((name) => isIP(name) === 0), networks: OWN_NETWORKS },
  });
}

async function newShop(authority: Pair, names: readonly string[], now: Date): Promise<Pair> {
  const { issue } = await maker();
  return issue({
    subject: { O: 'Zero Point', CN: names[0] ?? 'localhost' },
    from: new Date(now.getTime() - DAY),
    until: new Date(now.getTime() + DAYS * DAY),
    by: authority,
    names,
  });
}
