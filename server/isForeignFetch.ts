/** What a browser says of where a request comes from, by Fetch Metadata (W3C); headers that older browsers do not send are null. */
export interface FetchOrigin {
  readonly method: string;
  readonly path: string;
  /** Sec-Fetch-Site, -Mode and -Dest. */
  readonly site: string | null;
  readonly mode: string | null;
  readonly dest: string | null;
}

/**
 * Whether a page of another site is behind a request: a link that leads to a page of the app is none, and whatever names no
 * site is judged by its host and origin alone.
 */
export function isForeignFetch({ method, path, site, mode, dest }: FetchOrigin): boolean {
  if (site !== 'cross-site' && site !== 'same-site') return false;
  const isLink = method === 'GET' && mode === 'navigate' && dest === 'document' && !path.startsWith('/api/');
  return !isLink;
}

/** What a request says of it. */
export const fetchOrigin = (request: {
  readonly method: string;
  readonly url: string;
  readonly headers: Headers;
}): FetchOrigin => ({
  method: request.method,
  path: new URL(request.url).pathname,
  site: request.headers.get('sec-fetch-site'),
  mode: request.headers.get('sec-fetch-mode'),
  dest: request.headers.get('sec-fetch-dest'),
});
