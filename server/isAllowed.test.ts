import { describe, expect, it } from 'vitest';
import { isAllowed } from './isAllowed';

describe('isAllowed', () => {
  it.each([
    ['127.0.0.1:3040', null, true],
    ['localhost:3040', 'http://localhost:3040', true],
    ['[::1]:3040', null, true],
    ['127.0.0.1:3040', 'http://127.0.0.1:9999', false],
    ['127.0.0.1:3040', 'http://pond.example', false],
    ['pond.example', null, false],
    ['127.0.0.1.pond.example', null, false],
    ['127.0.0.1:3040', 'null', false],
    [null, null, false],
  ])('host %s with origin %s: %s', (host, origin, expected) => {
    expect(isAllowed(host, origin)).toBe(expected);
  });
});
