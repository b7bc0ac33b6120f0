import { AsnConvert } from '@peculiar/asn1-schema';
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509';
import {
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { randomBytes, webcrypto } from 'node:crypto';
import { isIP } from 'node:net';

/** A key and its certificate, PEM. */
interface Issued {
  key: string;
  cert: string;
}

interface Wanted {
  /** Parts of its name, by their short names of RFC 4514. */
  subject: Readonly<Record<string, string>>;
  from: Date;
  until: Date;
  /** Names and addresses of a server, which a browser holds its address against. */
  names?: readonly string[];
  /** Of an authority: the names it may vouch for, with all below them, and the networks. */
  permitted?: { names: readonly string[]; networks: readonly string[] };
  /** Who signs it; itself where that is left out. */
  by?: Issued;
}

const EC = { name: 'ECDSA', namedCurve: 'P-256' };
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' };

/** Nothing but these names and networks, whoever gets hold of the key (RFC 5280, 4.2.1.10). */
function constraints({ names, networks }: NonNullable<Wanted['permitted']>): Extension {
  const subtrees = [
    ...names.map((dNSName) => new GeneralName({ dNSName })),
    ...networks.map((iPAddress) => new GeneralName({ iPAddress })),
  ].map((base) => new GeneralSubtree({ base }));
  const permitted = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(subtrees) });
  return new Extension(id_ce_nameConstraints, true, AsnConvert.serialize(permitted));
}

/** Extensions of an authority, or of a server. */
const extensionsOf = ({ names = [], permitted }: Wanted): Extension[] =>
  permitted
    ? [
        new BasicConstraintsExtension(true, 0, true),
        new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
        constraints(permitted),
      ]
    : [
        new BasicConstraintsExtension(false, undefined, true),
        new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
        new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
        new SubjectAlternativeNameExtension(
          names.map((value) => ({ type: isIP(value) === 0 ? ('dns' as const) : ('ip' as const), value })),
        ),
      ];

async function signer({ key, cert }: Issued): Promise<{ signingKey: webcrypto.CryptoKey; issuer: string }> {
  const der = PemConverter.decodeFirst(key);
  const signingKey = await webcrypto.subtle.importKey('pkcs8', der, EC, false, ['sign']);
  return { signingKey, issuer: new X509Certificate(cert).subject };
}

/** Makes a key and a certificate for it (X.509 version 3, RFC 5280; ECDSA over P-256). */
export async function issue(wanted: Wanted): Promise<Issued> {
  const keys = await webcrypto.subtle.generateKey(EC, true, ['sign', 'verify']);
  const subject = Object.entries(wanted.subject).map(([name, value]) => ({ [name]: [value] }));
  const { signingKey, issuer } = wanted.by ? await signer(wanted.by) : { signingKey: keys.privateKey, issuer: subject };
  // A serial number is positive: its first bit is none.
  const serial = randomBytes(16);
  serial[0] = (serial[0] ?? 0) & 0x7f;
  const cert = await X509CertificateGenerator.create(
    {
      serialNumber: serial.toString('hex'),
      subject,
      issuer,
      notBefore: wanted.from,
      notAfter: wanted.until,
      publicKey: keys.publicKey,
      signingKey,
      signingAlgorithm: SIGNING,
      extensions: extensionsOf(wanted),
    },
    webcrypto as unknown as Parameters<typeof X509CertificateGenerator.create>[1],
  );
  const pkcs8 = await webcrypto.subtle.exportKey('pkcs8', keys.privateKey);
  return { key: PemConverter.encode(pkcs8, 'PRIVATE KEY'), cert: cert.toString('pem') };
}
