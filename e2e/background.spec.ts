import type { Page } from '@playwright/test';
import { WORKED_OUT, expect, saveInLog, test, typeFillings } from './app';

const isFresh = async (page: Page): Promise<boolean> => {
  const answer = await page.request.get('/api/filters/window-sill/outlook');
  return ((await answer.json()) as { state: { isFresh: boolean } }).state.isFresh;
};

test('what lies ahead is worked out by the app, whether a page is open or not', async ({ page }) => {
  await page.goto('/filter/window-sill/flow');
  expect(await isFresh(page)).toBe(true);
  await typeFillings(page, '14.5', '14.7', '14.4');
  await saveInLog(page, 'Save reading');
  await page.goto('about:blank');
  expect(await isFresh(page)).toBe(false);
  await expect.poll(() => isFresh(page), WORKED_OUT).toBe(true);
  await page.goto('/filter/window-sill/care');
  await expect(page.getByRole('region', { name: 'What lies ahead' })).toContainText(
    'Learned from 21 readings of this filter.',
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
      ...{ kind: 'flow', id: crypto.randomUUID(), filterId: 'window-sill', jobId: null, note: '' },
      ...{ at: new Date().toISOString(), moment: 'between', jugVolume: 2e-3, seconds: [14.5] },
    },
  });
  expect(log.ok()).toBe(true);
  const other = await context.newPage();
  // Both at once: the answer may be there before a second page is drawn.
  await Promise.all(
    [page, other].map(async (tab) => {
      await tab.goto('/filter/window-sill/care');
      const ahead = tab.getByRole('region', { name: 'What lies ahead' });
      await expect(ahead).toContainText(
        /A newer forecast is being worked out: \d+\s%.*Until then this is the last one/,
      );
      await expect(ahead).toContainText(/Next service|Needs service/);
    }),
  );
  for (const tab of [page, other])
    await expect(tab.getByRole('region', { name: 'What lies ahead' })).toContainText(
      'Learned from 21 readings of this filter.',
      WORKED_OUT,
    );
  expect(streams).toHaveLength(1);
});
