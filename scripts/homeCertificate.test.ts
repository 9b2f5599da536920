import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { connect, createServer } from 'node:tls';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { makeAuthority, signServer, type Pair } from './homeAuthority.mjs';
import { homeCertificate } from './homeCertificate.mjs';
import { isHomeAddress } from './homeNetworks.mjs';

const DAY = 86_400_000;
const NOW = Date.now();

/** What a browser’s side of a connection says to a server of this name that shows this certificate; null: it is trusted. */
async function refusalOf(server: Pair, authority: Pair, name: string): Promise<string | null> {
  const serving = createServer(server, (socket) => socket.end()).listen(0, '127.0.0.1');
  await new Promise((resolve) => serving.once('listening', resolve));
  const { port } = serving.address() as AddressInfo;
  try {
    return await new Promise((resolve) => {
      const socket = connect({ host: '127.0.0.1', port, ca: authority.cert, servername: name }, () => {
        socket.end();
        resolve(null);
      });
      socket.once('error', ({ message }: Error) => resolve(message));
    });
  } finally {
    serving.close();
  }
}

// Judged by OpenSSL, which checks name constraints as RFC 5280 4.2.1.10 has them.
describe('the authority of the home network', () => {
  it('is trusted for a private address and for this computer’s own name', async () => {
    const authority = await makeAuthority('desk.local', NOW);
    const own = await signServer(
      authority,
      [
        { type: 'ip', value: '127.0.0.1' },
        { type: 'dns', value: 'desk.local' },
      ],
      NOW,
    );
    expect(await refusalOf(own, authority, 'desk.local')).toBeNull();
  });

  it.each([
    ['example.com', 'dns'],
    ['tank.local', 'dns'],
    ['203.0.113.7', 'ip'],
    ['2001:db8::7', 'ip'],
  ] as const)('is refused for %s', async (value, type) => {
    const authority = await makeAuthority('desk.local', NOW);
    const forged = await signServer(authority, [{ type, value }], NOW);
    expect(await refusalOf(forged, authority, type === 'dns' ? value : '')).toBe(
      'permitted subtree violation',
    );
  });

  it('makes no further authority', async () => {
    const authority = await makeAuthority('desk.local', NOW);
    const server = await signServer(authority, [{ type: 'dns', value: 'desk.local' }], NOW);
    const below = await signServer(server, [{ type: 'dns', value: 'desk.local' }], NOW);
    const chain = { key: below.key, cert: `${below.cert}\n${server.cert}` };
    expect(await refusalOf(chain, authority, 'desk.local')).toBe(
      'key usage does not include certificate signing',
    );
  });
});

describe('isHomeAddress', () => {
  it.each([
    ['10.255.0.1', true],
    ['172.31.255.255', true],
    ['172.32.0.0', false],
    ['192.168.1.20', true],
    ['192.169.0.1', false],
    ['203.0.113.7', false],
  ])('%s: %s', (address, is) => expect(isHomeAddress(address)).toBe(is));
});

describe('the certificate of the home network', () => {
  let folder = '';
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'neat-certificate-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  it('names the addresses and is signed by an authority whose keys are for this user alone', async () => {
    const made = await homeCertificate(folder, ['192.168.1.20', '10.0.0.4'], NOW);
    const read = new X509Certificate(made.cert);
    const authority = new X509Certificate(readFileSync(made.authority.file));
    expect(read.checkIP('192.168.1.20')).toBe('192.168.1.20');
    expect(read.checkIP('10.0.0.4')).toBe('10.0.0.4');
    expect(read.checkIP('192.168.1.21')).toBeUndefined();
    expect([read.ca, authority.ca]).toEqual([false, true]);
    expect(read.verify(authority.publicKey)).toBe(true);
    expect(made.fingerprint).toBe(read.fingerprint256);
    expect(made.authority.fingerprint).toBe(authority.fingerprint256);
    // CA/Browser Forum Baseline Requirements 6.3.2: at most 398 days (from memory).
    expect((Date.parse(read.validTo) - Date.parse(read.validFrom)) / DAY).toBeLessThanOrEqual(398);
    for (const key of ['authority-key.pem', 'server-key.pem'])
      expect(statSync(path.join(folder, key)).mode & 0o077).toBe(0);
  });

  it('is made anew for other addresses and before it ends, under the authority that the phone knows', async () => {
    const first = await homeCertificate(folder, ['192.168.1.20'], NOW);
    const again = await homeCertificate(folder, ['192.168.1.20'], NOW + 30 * DAY);
    expect(again.fingerprint).toBe(first.fingerprint);
    const moved = await homeCertificate(folder, ['192.168.1.21'], NOW);
    expect(moved.fingerprint).not.toBe(first.fingerprint);
    const late = await homeCertificate(folder, ['192.168.1.21'], NOW + 380 * DAY);
    expect(late.fingerprint).not.toBe(moved.fingerprint);
    expect(late.authority.fingerprint).toBe(first.authority.fingerprint);
  });

  it('replaces a certificate of before, which signed for any site, and says so once', async () => {
    writeFileSync(path.join(folder, 'certificate.pem'), 'old');
    writeFileSync(path.join(folder, 'key.pem'), 'old');
    expect((await homeCertificate(folder, ['192.168.1.20'], NOW)).replacedOld).toBe(true);
    expect((await homeCertificate(folder, ['192.168.1.20'], NOW)).replacedOld).toBe(false);
  });
});
