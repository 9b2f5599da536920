import { expect, test } from './app';

// Browsers send these headers by themselves (W3C Fetch Metadata); here they are sent as a browser would.
const FOREIGN = { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors', 'sec-fetch-dest': 'image' };
const LINK = { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'document' };

test('a page of another site gets nothing, a link to a page of the app works', async ({ request }) => {
  for (const address of ['/', '/api/backup', '/api/export', '/api/feed/x', '/settings']) {
    expect((await request.get(address, { headers: FOREIGN })).status(), address).toBe(403);
    expect((await request.head(address, { headers: FOREIGN })).status(), address).toBe(403);
  }
  expect((await request.get('/', { headers: LINK })).status()).toBe(200);
  expect((await request.get('/api/backup', { headers: LINK })).status()).toBe(403);
  expect((await request.head('/api/backup')).status()).toBe(200);
  expect((await request.get('/api/backup')).status()).toBe(200);
});

test('what is too large or nested without end is refused, and the app goes on', async ({ request }) => {
  const sent = async (data: string) => {
    const answer = await request.post('/api/filters', {
      data: Buffer.from(data),
      headers: { 'content-type': 'application/json' },
    });
    return [answer.status(), ((await answer.json()) as { message: string }).message] as const;
  };
  expect(await sent(`{"filter":${'['.repeat(95_000)}${']'.repeat(95_000)}}`)).toEqual([
    422,
    expect.stringMatching(/nested too deeply/),
  ]);
  const [status, message] = await sent(`{"filter":"${'x'.repeat(21 * 2 ** 20)}"}`);
  expect([status, message]).toEqual([413, expect.stringMatching(/more than the 2 MB of a record/)]);
  expect((await request.get('/')).status()).toBe(200);
});

const SAID = {
  'content-security-policy':
    /^default-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; .*; script-src 'self' 'nonce-[\w+/]{22}=='; style-src-elem 'self' 'nonce-/,
  'x-content-type-options': /^nosniff$/,
  'referrer-policy': /^same-origin$/,
  'cross-origin-resource-policy': /^same-origin$/,
  'cross-origin-opener-policy': /^same-origin$/,
  'permissions-policy': /camera=\(\)/,
};

test('every answer says that it is not to be framed, guessed at or read by others', async ({
  page,
  request,
}) => {
  await page.goto('/');
  const script = await page.locator('script[src]').first().getAttribute('src');
  const addresses = [
    ...[
      '/',
      '/settings',
      '/filter/window-sill/care',
      '/filter/reed-bench/plan',
      '/nowhere',
      '/filter/nowhere/care',
    ],
    ...[
      '/api/filters',
      '/api/backup',
      '/api/export',
      '/api/due',
      '/api/feed/x',
      '/api/offline',
      '/pair',
      '/sw.js',
      script!,
    ],
  ];
  for (const address of addresses)
    for (const headers of [{}, FOREIGN]) {
      const answer = await request.get(address, { headers });
      for (const [name, value] of Object.entries(SAID))
        expect(answer.headers()[name], `${name} of ${address}`).toMatch(value);
    }
});

test('what stands in a page runs by the nonce of its answer alone', async ({ page, app, request }) => {
  const nonceOf = (policy = '') => /script-src 'self' 'nonce-([^']+)'/.exec(policy)?.[1] ?? '';
  const [first, second] = [await request.get('/'), await request.get('/')];
  const nonce = nonceOf(first.headers()['content-security-policy']);
  expect(nonceOf(second.headers()['content-security-policy'])).not.toBe(nonce);
  const html = await first.text();
  const inline = [...html.matchAll(/<(?:script|style)\b[^>]*>/g)].map(([tag]) => tag);
  expect(inline.length).toBeGreaterThan(10);
  expect(inline.filter((tag) => !tag.includes(`nonce="${nonce}"`))).toEqual([]);

  await page.goto('/settings');
  // A browser reports what it stopped as an error.
  app.expectFailures();
  const stopped = await page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        document.addEventListener('securitypolicyviolation', ({ effectiveDirective }) =>
          resolve(effectiveDirective),
        );
        const foreign = document.createElement('script');
        foreign.textContent = 'document.title = "ran"';
        document.body.append(foreign);
      }),
  );
  expect(stopped).toBe('script-src-elem');
  await expect(page).toHaveTitle(/Settings/);
});
