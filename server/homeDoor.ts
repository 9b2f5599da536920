/** The header by which the server of the home network marks what comes over it; whatever a client sends is dropped. */
export const DOOR_HEADER = 'x-neat-door';
export const HOME_DOOR = 'home network';
/** The cookie that holds a device’s secret. */
export const DEVICE_COOKIE = 'neat-device';
/** Where calendars read what is due; the secret follows, and the route itself looks at it. */
export const FEED_PATH = '/api/feed/';
/** Where a device is paired: all that others see. */
export const PAIRING_PATH = '/pair';

/** A request that came over the home network. */
export interface HomeRequest {
  readonly host: string | null;
  readonly origin: string | null;
  readonly method: string;
  readonly path: string;
  readonly isPaired: boolean;
}

/** One address, not what looks like it. */
const isFeed = (path: string): boolean =>
  path.startsWith(FEED_PATH) && /^[\w-]+$/.test(path.slice(FEED_PATH.length));

/**
 * What becomes of a request over the home network: `pass`; `pair`: it is led to the pairing page; `closed`: only paired
 * devices may; `foreign`: it does not name this machine, or comes from another web page.
 *
 * @param hosts addresses with ports under which this machine serves the home network
 */
export function homeDoor(
  { host, origin, method, path, isPaired }: HomeRequest,
  hosts: readonly string[],
): 'pass' | 'pair' | 'closed' | 'foreign' {
  if (host === null || !hosts.includes(host)) return 'foreign';
  if (origin !== null && origin !== `https://${host}`) return 'foreign';
  // Whoever changes something says where from.
  if (origin === null && method !== 'GET' && method !== 'HEAD') return 'foreign';
  if (path === PAIRING_PATH || isPaired) return 'pass';
  if (method === 'GET' && isFeed(path)) return 'pass';
  return method === 'GET' && !path.startsWith('/api/') && !path.startsWith('/_next/') ? 'pair' : 'closed';
}
