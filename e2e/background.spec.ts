import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { connect } from 'node:net';
import type { Page } from '@playwright/test';
import { ROOT } from '../scripts/prepare.mjs';
import { WORKED_OUT, expect, freePort, saveInLog, test, typeFillings } from './app';

const isFresh = async (page: Page): Promise<boolean> => {
  const answer = await page.request.get('/api/filters/window-sill/outlook');
  return ((await answer.json()) as { state: { isFresh: boolean } }).state.isFresh;
};

test('the forecast is worked out by the app, whether a page is open or not', async ({ page }) => {
  await page.goto('/filter/window-sill/flow');
  expect(await isFresh(page)).toBe(true);
  await typeFillings(page, '14.5', '14.7', '14.4');
  await saveInLog(page, 'Save reading');
  await page.goto('about:blank');
  expect(await isFresh(page)).toBe(false);
  await expect.poll(() => isFresh(page), WORKED_OUT).toBe(true);
  await page.goto('/filter/window-sill/care');
  await expect(page.getByRole('region', { name: 'Forecast' })).toContainText(
    'Based on 21 readings from this filter.',
  );
});

test('tabs share one stream of news, and each shows the last answer until the new one is there', async ({
  page,
  context,
}) => {
  const streams: string[] = [];
  context.on('request', (request) => {
    if (request.url().endsWith('/api/events')) streams.push(request.url());
  });
  const log = await page.request.post('/api/log', {
    headers: { 'x-change-id': crypto.randomUUID() },
    data: {
      kind: 'flow',
      id: crypto.randomUUID(),
      filterId: 'window-sill',
      jobId: null,
      note: '',
      at: new Date().toISOString(),
      moment: 'between',
      jugVolume: 2e-3,
      seconds: [14.5],
    },
  });
  expect(log.ok()).toBe(true);
  const other = await context.newPage();
  // Both at once: the answer may be there before a second page is drawn.
  await Promise.all(
    [page, other].map(async (tab) => {
      await tab.goto('/filter/window-sill/care');
      const ahead = tab.getByRole('region', { name: 'Forecast' });
      await expect(ahead).toContainText(/Updating the forecast: \d+\s%.*Until then you see the last one/);
      await expect(ahead).toContainText(/Next service|Needs service/);
    }),
  );
  // Later the tab that is done first hands the stream on to the other.
  expect(streams).toHaveLength(1);
  for (const tab of [page, other])
    await expect(tab.getByRole('region', { name: 'Forecast' })).toContainText(
      'Based on 21 readings from this filter.',
      WORKED_OUT,
    );
});

test('the app ends when it is told to, though a page listens and a forecast is being worked out', async ({
  page,
  app,
}) => {
  app.expectFailures();
  await app.stop();
  const port = await freePort();
  const own = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', `${port}`],
    { cwd: ROOT, env: { ...process.env, NODE_ENV: 'production', NEAT_DB: app.file } },
  );
  const ended = once(own, 'exit');
  try {
    const url = `http://127.0.0.1:${port}`;
    const answers = () =>
      page.request.get(`${url}/api/offline`).then(
        (answer) => answer.ok(),
        () => false,
      );
    await expect.poll(answers, WORKED_OUT).toBe(true);
    await page.goto(`${url}/filter/window-sill/flow`);
    await typeFillings(page, '14.5', '14.7', '14.4');
    await saveInLog(page, 'Save reading');
    await page.goto(`${url}/filter/window-sill/care`);
    await expect(page.getByRole('region', { name: 'Forecast' })).toContainText(
      /Updating the forecast: \d+\s%/,
    );
    // Browsers open connections before they need them; this one is never used.
    const unused = connect(port, '127.0.0.1');
    unused.on('error', () => undefined);
    await once(unused, 'connect');
    const told = performance.now();
    own.kill('SIGTERM');
    await ended;
    test.info().annotations.push({
      type: 'shutdown',
      description: `${Math.round(performance.now() - told)} ms`,
    });
  } finally {
    // One that did not end would be left behind.
    own.kill('SIGKILL');
  }
});
