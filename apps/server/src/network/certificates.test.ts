import { X509Certificate } from 'node:crypto';
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { certificatesFor } from './certificates';
import { issue } from './issue';

const NOW = new Date('2026-11-26T10:00:00Z');
const NAMES = ['192.168.1.20', 'shop-pc', 'shop-pc.local'];
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
const folderOf = () => mkdtempSync(join(tmpdir(), 'zero-point-tls-'));

test('an authority that may sign, and a certificate of its signing for every name and address', async () => {
  const { authority, cert } = await certificatesFor(folderOf(), NAMES, NOW);
  const [ca, own] = [new X509Certificate(authority), new X509Certificate(cert)];
  expect(ca.ca).toBe(true);
  expect(own.ca).toBe(false);
  expect(own.verify(ca.publicKey)).toBe(true);
  expect(own.checkIP('192.168.1.20')).toBe('192.168.1.20');
  expect(own.checkHost('shop-pc.local')).toBe('shop-pc.local');
  expect(own.checkIP('192.168.1.21')).toBeUndefined();
  // Phones refuse what lasts longer.
  expect(Date.parse(own.validTo) - Date.parse(own.validFrom)).toBeLessThan(398 * 86_400_000);
});

test('kept as it is while names and time allow, so that what a phone trusts stays', async () => {
  const folder = folderOf();
  const first = await certificatesFor(folder, NAMES, NOW);
  expect(await certificatesFor(folder, NAMES, later(300))).toEqual(first);
});

test('a new address or a near end makes the certificate again, by the same authority', async () => {
  const folder = folderOf();
  const first = await certificatesFor(folder, NAMES, NOW);
  const moved = await certificatesFor(folder, ['10.0.0.7', ...NAMES.slice(1)], later(1));
  expect(moved.authority).toBe(first.authority);
  expect(moved.cert).not.toBe(first.cert);
  expect(new X509Certificate(moved.cert).checkIP('10.0.0.7')).toBe('10.0.0.7');
  const old = await certificatesFor(folder, ['10.0.0.7', ...NAMES.slice(1)], later(370));
  expect(old.authority).toBe(first.authority);
  expect(old.cert).not.toBe(moved.cert);
});

test('made while the clock was ahead, both are made again once it is right', async () => {
  const folder = folderOf();
  const ahead = await certificatesFor(folder, NAMES, later(400));
  const now = await certificatesFor(folder, NAMES, NOW);
  expect(now.authority).not.toBe(ahead.authority);
  for (const one of [now.authority, now.cert])
    expect(Date.parse(new X509Certificate(one).validFrom)).toBeLessThanOrEqual(NOW.getTime());
  expect(await certificatesFor(folder, NAMES, later(1))).toEqual(now);
});

test('keys are this user’s alone', async () => {
  const folder = folderOf();
  await certificatesFor(folder, NAMES, NOW);
  expect(readdirSync(folder).sort()).toEqual(['authority.crt', 'authority.key', 'shop.crt', 'shop.key']);
  for (const name of readdirSync(folder)) expect(statSync(join(folder, name)).mode & 0o077).toBe(0);
});

test('an authority says in full whose it is, and vouches for nothing but this machine and its own networks', async () => {
  const folder = folderOf();
  const { authority } = await certificatesFor(folder, NAMES, NOW);
  const ca = new X509Certificate(authority);
  expect(ca.subject.split('\n')).toEqual(['O=Zero Point', 'OU=shop-pc', 'CN=Zero Point shop on shop-pc (2026-11-26)']);
  const file = join(folder, 'authority.crt');
  const read = execFileSync('openssl', ['x509', '-in', file, '-noout', '-ext', 'nameConstraints'], {
    encoding: 'utf8',
  });
  expect(read).toMatch(/Name Constraints: critical/);
  const permitted = [...read.matchAll(/(?:DNS|IP):(\S+)/g)].map(([, one]) => one);
  expect(permitted).toEqual([
    'shop-pc',
    'shop-pc.local',
    '127.0.0.0/255.0.0.0',
    '10.0.0.0/255.0.0.0',
    '172.16.0.0/255.240.0.0',
    '192.168.0.0/255.255.0.0',
  ]);
});

test('what it was not made for it cannot vouch for, and its own passes', async () => {
  const folder = folderOf();
  await certificatesFor(folder, NAMES, NOW);
  const [key, cert] = ['authority.key', 'authority.crt'].map((name) => readFileSync(join(folder, name), 'utf8'));
  const verify = (file: string) =>
    spawnSync(
      'openssl',
      ['verify', '-attime', String(NOW.getTime() / 1000), '-CAfile', join(folder, 'authority.crt'), file],
      { encoding: 'utf8' },
    ).stdout;
  expect(verify(join(folder, 'shop.crt'))).toMatch(/: OK/);
  const foreign = await issue({
    subject: { CN: 'bank.example' },
    from: NOW,
    until: later(10),
    names: ['bank.example'],
    by: { key: key ?? '', cert: cert ?? '' },
  });
  const file = join(folder, 'foreign.crt');
  writeFileSync(file, foreign.cert);
  expect(verify(file)).not.toMatch(/: OK/);
});

test('a machine that was given another name has another authority: the first is bound to its own', async () => {
  const folder = folderOf();
  const first = await certificatesFor(folder, NAMES, NOW);
  const renamed = await certificatesFor(folder, ['192.168.1.20', 'mill-pc', 'mill-pc.local'], later(1));
  expect(renamed.authority).not.toBe(first.authority);
});
