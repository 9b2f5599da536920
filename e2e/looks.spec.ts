import { expect, expectSaved, layersInFlow, test } from './app';
import { expectAccessible } from './expectAccessible';
import { expectNoWider } from './expectNoWider';

const PAGES = [
  '/',
  '/new',
  '/settings',
  '/shelf',
  '/mature',
  '/check-all',
  '/filter/reed-bench/prepare',
  '/filter/window-sill/measure',
  '/filter/window-sill/strip',
  '/filter/reed-bench/strip',
  '/filter/reed-bench/review',
  '/filter/reed-bench/plan',
  '/filter/reed-bench/repack',
  '/filter/window-sill/card',
  '/filter/long-run/fault',
  '/filter/window-sill/care',
  '/filter/window-sill/log',
  '/filter/window-sill/flow',
  '/filter/window-sill/charts',
  '/filter/reed-bench/media-swap',
  '/filter/long-run/water-tests',
];

// A test for each page, so that no one test grows with the number of pages.
for (const address of PAGES)
  test(`axe finds nothing by day and by night on ${address}`, async ({ page }) => {
    await page.goto(address);
    for (const scheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme: scheme });
      await expect(page.locator('html')).toHaveClass(new RegExp(scheme));
      await expectAccessible(page);
    }
  });

for (const address of ['/filter/window-sill/measure', '/filter/long-run/measure', '/filter/reed-bench/strip'])
  test(`axe finds nothing where everything is opened on ${address}`, async ({ page }) => {
    await page.goto(address);
    for (const summary of await page.locator('summary').all()) await summary.click();
    if (address.endsWith('strip')) {
      await layersInFlow(page).nth(1).click();
      await page.getByRole('button', { name: 'Find out this foam’s grade' }).click();
    }
    await expectAccessible(page);
  });

test('no page is wider than a phone', async ({ page }) => {
  for (const address of PAGES) {
    await page.goto(address);
    await expectNoWider(page);
  }
});

test('a long name makes no page wider than a phone', async ({ page }) => {
  await page.goto('/filter/hatchery/measure');
  await page.getByLabel('Filter name').fill('The very long name of a filter in the hatchery');
  await expectSaved(page);
  for (const place of ['measure', 'care', 'plan']) {
    await page.goto(`/filter/hatchery/${place}`);
    await expectNoWider(page);
  }
});

test('the icon is there for a browser that asks before it has read the page', async ({ page }) => {
  const icon = await page.request.get('/favicon.ico');
  expect(icon.status()).toBe(200);
  expect(icon.headers()['content-type']).toContain('image/');
});

test('the app’s own fonts are loaded, and day and night can be switched', async ({ page }) => {
  await page.goto('/');
  const loaded = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts].filter((font) => font.status === 'loaded').map((font) => font.family);
  });
  expect(loaded.join()).toContain('Atkinson Hyperlegible Next');
  await page.getByRole('button', { name: 'Dark mode' }).click();
  await expect(page.locator('html')).toHaveClass(/dark/);
  await page.reload();
  await expect(page.locator('html')).toHaveClass(/dark/);
});
