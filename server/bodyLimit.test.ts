import { describe, expect, it } from 'vitest';
import { bodyRefusal } from './bodyLimit';

const of = (length: number): Headers => new Headers({ 'content-length': `${length}` });
const MB = 2 ** 20;

describe('bodyRefusal', () => {
  it.each([
    ['/pair', 4096],
    ['/api/jobs/j/photos', 8 * MB],
    ['/api/log/e/photos', 8 * MB],
    ['/api/incoming/i', 4 * MB],
    ['/api/incoming', 2 * MB],
    ['/api/files', 20 * MB],
    ['/api/filters/f/log', 20 * MB],
    ['/api/filters', 2 * MB],
    ['/api/packs/p', 2 * MB],
    ['/', 2 * MB],
  ])('lets %s have %i bytes, and not one more', (path, bytes) => {
    expect(bodyRefusal(path, of(bytes))).toBeNull();
    expect(bodyRefusal(path, of(bytes + 1))).toMatchObject({ status: 413 });
  });

  it('wants to know how long a body is, and asks nothing of a request without one', () => {
    expect(bodyRefusal('/api/filters', new Headers({ 'transfer-encoding': 'chunked' }))?.status).toBe(411);
    expect(bodyRefusal('/api/filters', new Headers())).toBeNull();
  });
});
