// The authority that signs this computer's certificate: a phone that trusts it trusts it for the home network alone.
import 'reflect-metadata';
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
  SubjectKeyIdentifierExtension,
  AuthorityKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { HOME_NETWORKS } from './homeNetworks.mjs';

/** Days for which the authority holds, and one certificate that it signs; no browser trusts one that holds longer (from memory). */
const AUTHORITY_DAYS = 3650;
export const SIGNED_DAYS = 397;
const DAY = 86_400_000;
const KEY = { name: 'ECDSA', namedCurve: 'P-256' };
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' };

/**
 * A certificate and its key, PEM.
 * @typedef {{ readonly cert: string, readonly key: string }} Pair
 */

/**
 * Only addresses of home networks, and of all names only this computer's own: a kind that is not named would not be
 * constrained.
 * @param {string} localName
 * @source RFC 5280 4.2.1.10
 */
const constraints = (localName) =>
  new NameConstraints({
    permittedSubtrees: new GeneralSubtrees(
      [
        ...HOME_NETWORKS.map(([first, bits]) => new GeneralName({ iPAddress: `${first}/${bits}` })),
        new GeneralName({ dNSName: localName }),
      ].map((base) => new GeneralSubtree({ base })),
    ),
  });

/** @param {CryptoKey} key */
const keyPem = async (key) => PemConverter.encode(await crypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY');

/**
 * From yesterday on, so that a clock that is behind takes it too.
 * @param {number} now @param {number} days
 */
const holding = (now, days) => ({
  notBefore: new Date(now - DAY),
  notAfter: new Date(now - DAY + days * DAY),
});

/**
 * An authority that may sign for addresses of home networks and for one name, and can make no further authority.
 *
 * @param {string} localName of this computer, as “desk.local”
 * @param {number} now ms since 1970
 * @returns {Promise<Pair>}
 */
export async function makeAuthority(localName, now) {
  const keys = await crypto.subtle.generateKey(KEY, true, ['sign', 'verify']);
  const cert = await X509CertificateGenerator.createSelfSigned({
    name: 'CN=Neat Layer on the home network',
    ...holding(now, AUTHORITY_DAYS),
    keys,
    signingAlgorithm: SIGNING,
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign, true),
      new Extension(id_ce_nameConstraints, true, AsnConvert.serialize(constraints(localName))),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { cert: cert.toString('pem'), key: await keyPem(keys.privateKey) };
}

/**
 * A certificate for a server, signed by the authority. What the authority may not sign for is for the phone to refuse.
 *
 * @param {Pair} authority
 * @param {readonly ({ readonly type: 'ip' | 'dns', readonly value: string })[]} names
 * @param {number} now ms since 1970
 * @returns {Promise<Pair>}
 */
export async function signServer(authority, names, now) {
  const issuer = new X509Certificate(authority.cert);
  const [pkcs8] = PemConverter.decode(authority.key);
  if (pkcs8 === undefined) throw new Error('The key of the authority cannot be read.');
  const signingKey = await crypto.subtle.importKey('pkcs8', pkcs8, KEY, false, ['sign']);
  const keys = await crypto.subtle.generateKey(KEY, true, ['sign', 'verify']);
  const cert = await X509CertificateGenerator.create({
    subject: 'CN=Neat Layer',
    issuer: issuer.subject,
    ...holding(now, SIGNED_DAYS),
    publicKey: keys.publicKey,
    signingKey,
    signingAlgorithm: SIGNING,
    extensions: [
      new BasicConstraintsExtension(false, undefined, true),
      new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
      new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
      new SubjectAlternativeNameExtension([...names]),
      await AuthorityKeyIdentifierExtension.create(issuer.publicKey),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { cert: cert.toString('pem'), key: await keyPem(keys.privateKey) };
}
