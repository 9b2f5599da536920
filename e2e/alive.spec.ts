import { WORKED_OUT, doStepsUntil, expect, expectSaved, test } from './app';

test('what is typed before the page answers is what is stored', async ({ page }) => {
  // The scripts are held back until the keeper has typed.
  let release = (): void => undefined;
  const typed = new Promise<void>((resolve) => {
    release = resolve;
  });
  await page.route('**/_next/static/**/*.js', async (route) => {
    await typed;
    await route.continue();
  });
  const arrived = page.goto('/filter/window-sill/measure');
  const name = page.getByLabel('Filter name');
  await name.fill('Window sill, left');
  await expect(name).toHaveValue('Window sill, left');
  await expect(page.locator('html[data-alive]')).toHaveCount(0);
  release();
  await arrived;
  await expect(name).toHaveValue('Window sill, left');
  await expectSaved(page);
  await page.reload();
  await expect(name).toHaveValue('Window sill, left');
});

test('with site storage blocked every page works, and says once that it keeps no drafts', async ({
  page,
}) => {
  await page.addInitScript(() => {
    for (const name of ['localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('Access is denied for this document.', 'SecurityError');
        },
      });
  });
  for (const address of ['/filter/reed-bench/plan', '/filter/window-sill/care', '/shelf', '/settings', '/']) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('Storage is blocked for this site')).toBeVisible();
    await expect(page.getByText(/could not be shown/)).toHaveCount(0);
  }
  // Not again on the next page of the same visit.
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Shelf' })).toBeVisible();
  await expect(page.getByText('Storage is blocked for this site')).toHaveCount(0);
});

test('a server that fails says so, with an id, and the change is saved once it works again', async ({
  page,
  app,
}) => {
  await page.goto('/filter/window-sill/measure');
  app.expectFailures();
  await page.route('**/api/filters/window-sill', (route) =>
    route.request().method() === 'PUT'
      ? route.fulfill({
          status: 500,
          json: { message: 'The app failed.', errorId: '3f2a91c0' },
        })
      : route.continue(),
  );
  await page.getByLabel('Filter name').fill('Window sill, left');
  await expect(page.getByRole('status').first()).toHaveText(/the app failed \(error 3f2a91c0\)/);
  await page.unroute('**/api/filters/window-sill');
  await expectSaved(page);
});

test('the address of a repack leads on where there is none, also through the browser’s own worker', async ({
  page,
}) => {
  await page.goto('/filter/reed-bench/repack');
  await expect(page.getByText('This page works offline')).toBeVisible(WORKED_OUT);
  // Not begun.
  await page.goto('/filter/window-sill/repack');
  await expect(page).toHaveURL(/\/filter\/window-sill\/strip$/);
  await expect(page.getByRole('heading', { level: 1, name: 'Window sill' })).toBeVisible();
  // Begun, and not that far.
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.goto('/filter/window-sill/repack');
  await expect(page).toHaveURL(/\/filter\/window-sill\/strip$/);
  // Finished: what was ticked is in.
  await page.goto('/filter/reed-bench/repack');
  await doStepsUntil(page, /Measure the flow/);
  await page.getByRole('button', { name: 'Continue without measuring' }).click();
  await page.getByRole('button', { name: 'Finish the repack' }).click();
  // Pumice goes in new.
  await expect(page).toHaveURL(/\/water-tests$/);
  await page.goto('/filter/reed-bench/repack');
  await expect(page).toHaveURL(/\/filter\/reed-bench\/(strip|care)$/);
});

test('a repack’s address leads on after the app was built anew, and the browser’s worker is the new one', async ({
  page,
}) => {
  // The worker of an older build is in charge, as it is on the first visit after an update.
  await page.goto('/');
  await page.evaluate(async () => {
    await navigator.serviceWorker.register('/sw.js?build=older');
    await navigator.serviceWorker.ready;
    if (navigator.serviceWorker.controller === null)
      await new Promise((done) => {
        navigator.serviceWorker.addEventListener('controllerchange', done, { once: true });
      });
  });
  const builds = () => page.evaluate(async () => (await caches.keys()).map((name) => name.split(' ').at(-1)));
  expect(await builds()).toContain('older');
  await page.goto('/filter/window-sill/repack');
  await expect(page).toHaveURL(/\/filter\/window-sill\/strip$/);
  await page.goto('/filter/reed-bench/repack');
  await expect(page.getByText('This page works offline')).toBeVisible(WORKED_OUT);
  await expect.poll(builds).not.toContain('older');
  await page.goto('/filter/window-sill/repack');
  await expect(page).toHaveURL(/\/filter\/window-sill\/strip$/);
});
