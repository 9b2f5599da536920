const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/**
 * Whether a request comes from this machine's own pages: it must name a loopback host, and an Origin, when there is
 * one, must be that same host. Keeps other web pages from reaching the keeper's data through the browser.
 */
export function isAllowed(host: string | null, origin: string | null): boolean {
  if (host === null || !LOOPBACK.test(host)) return false;
  return origin === null || origin === `http://${host}`;
}
