import { createPublicKey, X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { homeCertificate } from './homeCertificate.mjs';

const NOW = Date.parse('2026-11-27T10:00:00Z');
const DAY = 86_400_000;

describe('the certificate of the home network', () => {
  let folder = '';
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'neat-certificate-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  it('names the addresses, belongs to its key, and can be installed as an authority', async () => {
    const made = await homeCertificate(folder, ['192.168.1.20', '10.0.0.4'], NOW);
    const read = new X509Certificate(made.cert);
    expect(read.checkIP('192.168.1.20')).toBe('192.168.1.20');
    expect(read.checkIP('10.0.0.4')).toBe('10.0.0.4');
    expect(read.checkIP('192.168.1.21')).toBeUndefined();
    expect(read.ca).toBe(true);
    expect(read.verify(createPublicKey(made.key))).toBe(true);
    expect(made.fingerprint).toBe(read.fingerprint256);
    // Phones trust no certificate of more than 825 days (Apple’s requirements for trusted certificates, from memory).
    expect((Date.parse(read.validTo) - Date.parse(read.validFrom)) / DAY).toBeLessThan(825);
    // The key is for this user alone.
    expect(statSync(path.join(folder, 'key.pem')).mode & 0o077).toBe(0);
  });

  it('stays the same from start to start, so that it is installed once', async () => {
    const first = await homeCertificate(folder, ['192.168.1.20'], NOW);
    const again = await homeCertificate(folder, ['192.168.1.20'], NOW + 30 * DAY);
    expect(again.fingerprint).toBe(first.fingerprint);
  });

  it('is made anew for other addresses, and before it ends', async () => {
    const first = await homeCertificate(folder, ['192.168.1.20'], NOW);
    const moved = await homeCertificate(folder, ['192.168.1.21'], NOW);
    expect(moved.fingerprint).not.toBe(first.fingerprint);
    const late = await homeCertificate(folder, ['192.168.1.21'], NOW + 790 * DAY);
    expect(late.fingerprint).not.toBe(moved.fingerprint);
  });
});
