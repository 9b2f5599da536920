import { describe, expect, it } from 'vitest';
import { homeDoor, type HomeRequest } from './homeDoor';
import { sharing } from './sharing';

const HOST = '192.168.1.20:3443';
const asked = (change: Partial<HomeRequest> = {}) =>
  homeDoor({ host: HOST, origin: null, method: 'GET', path: '/', isPaired: false, ...change }, [HOST]);
const OWN = `https://${HOST}`;

describe('the door to the home network', () => {
  it('shows a device that is not paired the pairing page, and nothing else', () => {
    expect(asked()).toBe('pair');
    expect(asked({ path: '/filter/reed-bench/repack' })).toBe('pair');
    expect(asked({ path: '/pair' })).toBe('pass');
    expect(asked({ path: '/pair', method: 'POST', origin: OWN })).toBe('pass');
    for (const path of ['/api/devices', '/api/jobs/x', '/_next/static/chunks/a.js'])
      expect(asked({ path })).toBe('closed');
    expect(asked({ path: '/api/tanks/x', method: 'PUT', origin: OWN })).toBe('closed');
    // A calendar with its secret address; the route looks at the secret.
    expect(asked({ path: '/api/feed/AbC-1_2' })).toBe('pass');
    expect(asked({ path: '/api/feed/AbC', method: 'PUT', origin: OWN })).toBe('closed');
    for (const path of [
      '/api/feed/',
      '/api/feed',
      '/api/feed/../devices',
      '/api/feed/a/b',
      '/api/feed/%2e%2e',
    ])
      expect(asked({ path })).not.toBe('pass');
    // Not the pairing page, however alike.
    for (const path of ['/pair/', '/pairing', '/pair/../api/devices', '//pair'])
      expect(asked({ path })).not.toBe('pass');
  });

  it('lets a paired device in', () => {
    expect(asked({ isPaired: true })).toBe('pass');
    expect(asked({ isPaired: true, path: '/api/jobs/x', method: 'PUT', origin: OWN })).toBe('pass');
  });

  // The usual attacks on an app in a home: another page’s requests (cross-site request forgery), and a name that an
  // attacker lets point to this machine (DNS rebinding).
  it.each<[string, Partial<HomeRequest>]>([
    ['another page’s form', { origin: 'https://pond.example', method: 'POST', path: '/pair' }],
    ['another page’s request with the device’s cookie', { origin: 'https://pond.example', method: 'PUT' }],
    ['a page without an origin that changes something', { origin: null, method: 'DELETE' }],
    ['an origin that is hidden', { origin: 'null', method: 'POST' }],
    ['the same address without a certificate', { origin: `http://${HOST}`, method: 'POST' }],
    ['the same address on another port', { origin: 'https://192.168.1.20:8443' }],
    ['a name that points here', { host: 'pond.example:3443' }],
    ['a name that begins like here', { host: `${HOST}.pond.example` }],
    ['the loopback name over the home network', { host: '127.0.0.1:3040' }],
    ['no host', { host: null }],
  ])('refuses %s, paired or not', (_, change) => {
    expect(asked(change)).toBe('foreign');
    expect(asked({ ...change, isPaired: true })).toBe('foreign');
  });

  it('is shut where nothing is shared', () => {
    expect(homeDoor({ host: HOST, origin: null, method: 'GET', path: '/pair', isPaired: true }, [])).toBe(
      'foreign',
    );
    expect(sharing(undefined)).toBeNull();
    expect(sharing('')).toBeNull();
    expect(
      sharing(
        JSON.stringify({ hosts: [HOST], fingerprint: 'AB', authority: { file: 'a.pem', fingerprint: 'CD' } }),
      )?.hosts,
    ).toEqual([HOST]);
  });
});
