import { describe, expect, it } from 'vitest';
import { isForeignFetch, type FetchOrigin } from './isForeignFetch';

const own: FetchOrigin = {
  method: 'GET',
  path: '/api/backup',
  site: 'same-origin',
  mode: 'cors',
  dest: 'empty',
};
const link = { mode: 'navigate', dest: 'document' };

describe('isForeignFetch', () => {
  // Values of Sec-Fetch-Site: W3C Fetch Metadata Request Headers, section 2.3.
  it.each<[string, Partial<FetchOrigin>, boolean]>([
    ['the app’s own pages', {}, false],
    ['an address that was typed', { site: 'none', ...link }, false],
    ['a program or a browser that says nothing', { site: null, mode: null, dest: null }, false],
    ['a HEAD from another site', { site: 'cross-site', method: 'HEAD', mode: 'no-cors' }, true],
    ['a picture of another site', { site: 'cross-site', mode: 'no-cors', dest: 'image' }, true],
    ['a page on another port of this machine', { site: 'same-site' }, true],
    ['a link from another site to a page', { site: 'cross-site', path: '/filter/a/care', ...link }, false],
    ['a link from another site to a file', { site: 'cross-site', ...link }, true],
    ['a form of another site', { site: 'cross-site', path: '/', method: 'POST', ...link }, true],
    ['a frame of another site', { site: 'cross-site', path: '/', mode: 'navigate', dest: 'iframe' }, true],
  ])('%s', (_, change, foreign) => {
    expect(isForeignFetch({ ...own, ...change })).toBe(foreign);
  });
});
