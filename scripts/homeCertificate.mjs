// The certificate of the home network: made once, made anew when the addresses change or it is about to end.
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Phones trust no certificate that holds longer, days; and before its end it is made anew. */
const HOLDS = 800;
const RENEW = 30;
const DAY = 86_400_000;

/** @param {string} text @returns {string} */
const names = (text) =>
  [...text.matchAll(/IP Address:([^,\s]+)/g)]
    .map((found) => found[1])
    .sort()
    .join(' ');

/**
 * @param {string} folder where it is kept, beside the database
 * @param {readonly string[]} addresses of this machine that are served
 * @param {number} [now] ms since 1970
 * @returns {Promise<{ key: string, cert: string, file: string, fingerprint: string }>}
 */
export async function homeCertificate(folder, addresses, now = Date.now()) {
  const file = path.join(folder, 'certificate.pem');
  const keyFile = path.join(folder, 'key.pem');
  const kept = existsSync(file) && existsSync(keyFile) ? new X509Certificate(readFileSync(file)) : null;
  const fits =
    kept !== null &&
    names(kept.subjectAltName ?? '') === [...addresses].sort().join(' ') &&
    Date.parse(kept.validTo) - now > RENEW * DAY;
  if (!fits) {
    const { generate } = await import('selfsigned');
    const made = await generate([{ name: 'commonName', value: 'Neat Layer at home' }], {
      algorithm: 'sha256',
      keyType: 'ec',
      notBeforeDate: new Date(now - DAY),
      notAfterDate: new Date(now + HOLDS * DAY),
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        { name: 'subjectAltName', altNames: addresses.map((ip) => ({ type: 7, ip })) },
      ],
    });
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    writeFileSync(keyFile, made.private, { mode: 0o600 });
    writeFileSync(file, made.cert);
  }
  const cert = readFileSync(file, 'utf8');
  return {
    key: readFileSync(keyFile, 'utf8'),
    cert,
    file,
    fingerprint: new X509Certificate(cert).fingerprint256,
  };
}
