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
  expect([status, message]).toEqual([422, expect.stringMatching(/more than 20 MB/)]);
  expect((await request.get('/')).status()).toBe(200);
});
