import { describe, expect, it } from 'vitest';
import { contentPolicy } from './safeHeaders';

/** The directives of a policy by name (W3C Content Security Policy Level 3, 2.2.1). */
const directives = (policy: string) =>
  Object.fromEntries(
    policy.split('; ').map((line) => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)]),
  );

describe('contentPolicy', () => {
  it('runs nothing that stands in a page without its nonce, and evaluates no text', () => {
    const said = directives(contentPolicy('n0nce'));
    expect(said['script-src']).toBe("'self' 'nonce-n0nce'");
    expect(said['style-src-elem']).toBe("'self' 'nonce-n0nce'");
    expect(said['default-src']).toBe("'self'");
    for (const none of ['object-src', 'base-uri', 'frame-ancestors']) expect(said[none]).toBe("'none'");
  });

  it('lets the development tools evaluate text, in development alone', () => {
    expect(contentPolicy('n0nce', true)).toContain("'unsafe-eval'");
    expect(contentPolicy('n0nce')).not.toContain('unsafe-eval');
  });
});
