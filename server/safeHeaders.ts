/** What every answer tells a browser, so that no other site frames it, reads it or takes it for what it is not. */
const SAFE_HEADERS: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  // Used are: the screen that stays on while hands are wet, and the whole of it.
  'permissions-policy':
    'screen-wake-lock=(self), fullscreen=(self), camera=(), microphone=(), geolocation=(), payment=(), usb=()',
};

/** The name under which a page is told its nonce. */
export const NONCE_HEADER = 'x-nonce';
export const POLICY_HEADER = 'content-security-policy';

/**
 * What a page may load and run: what this app serves, and what stands in the page itself with its nonce. Text that a keeper
 * typed or imported never runs, even if it got into a page as it is.
 *
 * @param nonce of one answer, never used again
 * @param isDevelopment the framework’s development tools evaluate text; a built app does not
 * @source W3C Content Security Policy Level 3
 */
export const contentPolicy = (nonce: string, isDevelopment = false): string =>
  [
    "default-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
    "form-action 'self'",
    "img-src 'self' blob: data:",
    "worker-src 'self'",
    `script-src 'self' 'nonce-${nonce}'${isDevelopment ? " 'unsafe-eval'" : ''}`,
    `style-src-elem 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
  ].join('; ');

/** The same answer with the policy and all that every answer says. */
export function withSafeHeaders<T extends Response>(response: T, policy: string): T {
  response.headers.set(POLICY_HEADER, policy);
  for (const [name, value] of Object.entries(SAFE_HEADERS)) response.headers.set(name, value);
  return response;
}
