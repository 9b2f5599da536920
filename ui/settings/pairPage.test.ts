import { describe, expect, it } from 'vitest';
import { pairPage } from './pairPage';

describe('the pairing page', () => {
  it('needs no other file, and shows what is wrong', () => {
    const page = pairPage('/pair', 'n0nce', '', 'That code is wrong.');
    expect(page).not.toMatch(/src=|href=|@import|url\(/);
    expect(page).toContain('That code is wrong.');
  });

  it('shows a code from an address as text, whatever it is', () => {
    const page = pairPage('/pair', 'n0nce', '"><script>alert(1)</script>', null);
    expect(page).not.toContain('<script');
    expect(page).toContain('&#34;&#62;&#60;script');
  });
});
