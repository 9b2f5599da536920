// The certificate of the home network, and the authority that signed it: both are kept beside the database.
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeAuthority, signServer } from './homeAuthority.mjs';

/** Days before the end of a certificate at which a new one is made; of an authority, so that its last certificate ends before it. */
const RENEW_DAYS = 30;
const REPLACE_DAYS = 400;
const DAY = 86_400_000;

/** @param {string} text @returns {string} */
const addressesIn = (text) =>
  [...text.matchAll(/IP Address:([^,\s]+)/g)]
    .map((found) => found[1])
    .sort()
    .join(' ');

/** The name that this computer has on its own network. */
const localName = () => {
  const [host = ''] = os.hostname().toLowerCase().split('.');
  return `${/^[a-z0-9-]+$/.test(host) ? host : 'neat-layer'}.local`;
};

/**
 * @param {string} folder
 * @param {string} name
 * @returns {import('./homeAuthority.mjs').Pair | null} null: there is none
 */
function readPair(folder, name) {
  const [cert, key] = [path.join(folder, `${name}.pem`), path.join(folder, `${name}-key.pem`)];
  if (!existsSync(cert) || !existsSync(key)) return null;
  return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') };
}

/**
 * @param {string} folder
 * @param {string} name
 * @param {import('./homeAuthority.mjs').Pair} pair
 */
function keepPair(folder, name, pair) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(path.join(folder, `${name}-key.pem`), pair.key, { mode: 0o600 });
  writeFileSync(path.join(folder, `${name}.pem`), pair.cert);
  return pair;
}

/**
 * What the home network is served with. The authority stays for ten years, so that a phone installs it once; the
 * certificate is made anew when the addresses change or it is about to end.
 *
 * @param {string} folder where both are kept, beside the database
 * @param {readonly string[]} addresses of this machine that are served
 * @param {number} [now] ms since 1970
 * @returns {Promise<{ key: string, cert: string, fingerprint: string, authority: { file: string, fingerprint: string }, replacedOld: boolean }>}
 *   `cert` with the authority behind it; `replacedOld`: a certificate of before, which signed for any site, was removed
 */
export async function homeCertificate(folder, addresses, now = Date.now()) {
  const old = ['certificate.pem', 'key.pem'].map((file) => path.join(folder, file));
  const replacedOld = old.some((file) => existsSync(file));
  for (const file of old) rmSync(file, { force: true });

  /** @param {string} cert @param {number} days */
  const holds = (cert, days) => Date.parse(new X509Certificate(cert).validTo) - now > days * DAY;
  const known = readPair(folder, 'authority');
  const authority =
    known !== null && holds(known.cert, REPLACE_DAYS)
      ? known
      : keepPair(folder, 'authority', await makeAuthority(localName(), now));
  const issuer = new X509Certificate(authority.cert);
  const kept = readPair(folder, 'server');
  const fits =
    kept !== null &&
    holds(kept.cert, RENEW_DAYS) &&
    new X509Certificate(kept.cert).verify(issuer.publicKey) &&
    addressesIn(new X509Certificate(kept.cert).subjectAltName ?? '') === [...addresses].sort().join(' ');
  const names = addresses.map((value) => /** @type {const} */ ({ type: 'ip', value }));
  const server = fits ? kept : keepPair(folder, 'server', await signServer(authority, names, now));
  return {
    key: server.key,
    cert: `${server.cert.trim()}\n${authority.cert}`,
    fingerprint: new X509Certificate(server.cert).fingerprint256,
    authority: { file: path.join(folder, 'authority.pem'), fingerprint: issuer.fingerprint256 },
    replacedOld,
  };
}
