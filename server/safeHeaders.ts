/** What every answer tells a browser, so that no other site frames it, reads it or takes it for what it is not. */
export const SAFE_HEADERS: Readonly<Record<string, string>> = {
  'content-security-policy': "object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  // Used are: the screen that stays on while hands are wet, and the whole of it.
  'permissions-policy':
    'screen-wake-lock=(self), fullscreen=(self), camera=(), microphone=(), geolocation=(), payment=(), usb=()',
};

/** The same answer with them. */
export function withSafeHeaders<T extends Response>(response: T): T {
  for (const [name, value] of Object.entries(SAFE_HEADERS)) response.headers.set(name, value);
  return response;
}
