import { renameSync } from 'node:fs';
import { expect, expectSaved, layersInFlow, test, typeFillings } from './app';

test('two tabs: the second save is asked about, and either version can be kept', async ({
  page,
  context,
  app,
}) => {
  await page.goto('/filter/reed-bench/plan');
  const other = await context.newPage();
  await other.goto(`${app.url}/filter/reed-bench/plan`);
  await expect(layersInFlow(other)).toHaveCount(8);
  await layersInFlow(page).first().focus();
  await page.keyboard.press('Delete');
  await expectSaved(page);

  app.expectFailures();
  await layersInFlow(other).nth(7).focus();
  await other.keyboard.press('Delete');
  const question = other.getByRole('alertdialog', { name: 'Changed in another place' });
  await expect(question).toBeVisible();
  await question.getByRole('button', { name: 'Use the other version' }).click();
  await expect(layersInFlow(other)).toHaveCount(7);
  await expect(layersInFlow(other).first()).toHaveAccessibleName(/Coarse foam/);
  await expect(question).toHaveCount(0);

  await layersInFlow(other).first().focus();
  await other.keyboard.press('Delete');
  await expectSaved(other);
  await layersInFlow(page).nth(6).focus();
  await page.keyboard.press('Delete');
  await page.getByRole('button', { name: 'Keep my version' }).click();
  await expectSaved(page);
  await page.reload();
  await expect(layersInFlow(page)).toHaveCount(6);
  await expect(layersInFlow(page).first()).toHaveAccessibleName(/Coarse foam/);
});

test('the app goes away while a plan is changed: the change is kept and saved when it comes back', async ({
  page,
  app,
}) => {
  await page.goto('/filter/reed-bench/plan');
  await expect(layersInFlow(page)).toHaveCount(8);
  app.expectFailures();
  await app.stop();
  await layersInFlow(page).first().focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('status').first()).toHaveText(/not saved yet/);
  await app.start();
  await expectSaved(page);
  await page.reload();
  await expect(layersInFlow(page)).toHaveCount(7);
});

test('a tab that closes while the app is away loses nothing', async ({ page, app }) => {
  await page.goto('/filter/reed-bench/plan');
  await expect(layersInFlow(page)).toHaveCount(8);
  app.expectFailures();
  await app.stop();
  await layersInFlow(page).first().focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('status').first()).toHaveText(/not saved yet/);
  await page.goto('about:blank');
  await app.start();
  await page.goto('/filter/reed-bench/plan');
  await expect(layersInFlow(page)).toHaveCount(7);
  await expectSaved(page);
});

test('a filter removed is gone, after asking; a flow struck can be brought back', async ({ page, app }) => {
  await page.goto('/filter/hatchery/flow');
  await page
    .getByRole('button', { name: /^Delete/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(0);
  await page.goto('/filter/hatchery/measure');
  await page.getByRole('button', { name: 'Remove this filter' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Remove this filter' }).click();
  await page.getByRole('button', { name: 'Remove Hatchery permanently' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Reed bench', 'Long run', 'Window sill']);
  app.expectFailures();
  await page.goto('/filter/hatchery/measure');
  await expect(page.getByText('Page not found.')).toBeVisible();
});

test('two tabs that both change a plan while the app is away, and both close, lose nothing', async ({
  page,
  context,
  app,
}) => {
  await page.goto('/filter/reed-bench/plan');
  const other = await context.newPage();
  await other.goto(`${app.url}/filter/reed-bench/plan`);
  await expect(layersInFlow(other)).toHaveCount(8);
  await other.locator('html[data-alive]').waitFor({ state: 'attached' });
  app.expectFailures();
  await app.stop();
  for (const [tab, place] of [
    [page, 0],
    [other, 7],
  ] as const) {
    await layersInFlow(tab).nth(place).focus();
    await tab.keyboard.press('Delete');
    await expect(tab.getByRole('status').first()).toHaveText(/not saved yet/);
  }
  await page.close();
  await other.close();
  await app.start();
  // The first is stored; the second is asked about, and both are there until then.
  const next = await context.newPage();
  await next.goto(`${app.url}/filter/reed-bench/plan`);
  const question = next.getByRole('alertdialog', { name: 'Changed in another place' });
  await expect(question).toBeVisible();
  await question.getByRole('button', { name: 'Keep my version' }).click();
  await expectSaved(next);
  await expect(layersInFlow(next)).toHaveCount(7);
});

test('a change that was refused bricks no sheet: it is set aside, and can be put back, kept or dropped', async ({
  page,
  app,
}) => {
  app.expectFailures();
  await page.goto('/filter/reed-bench/measure');
  // The app keeps a chamber for every layer of an open plan.
  const chamber = page.getByRole('listitem', { name: /^Chamber 2:/ });
  await chamber.locator('summary').click();
  await chamber.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be saved' })).toContainText('chamber');
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(layersInFlow(page)).toHaveCount(8);
  const aside = page.getByRole('region', { name: 'Changes set aside' });
  await expect(aside).toContainText('Change to the filter');
  await page.reload();
  await expect(layersInFlow(page)).toHaveCount(8);
  const download = page.waitForEvent('download');
  await aside.getByRole('button', { name: /^Export/ }).click();
  expect((await download).suggestedFilename()).toBe('filter-unsaved.json');
  // Home knows of it too.
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Unsaved changes' })).toBeVisible();
  await page.goto('/filter/reed-bench/plan');
  await aside.getByRole('button', { name: /^Delete/ }).click();
  await expect(aside).toHaveCount(0);
});

test('a save whose answer is lost is no conflict, and a second press makes one reading', async ({
  page,
  app,
}) => {
  app.expectFailures();
  await page.goto('/filter/hatchery/flow');
  const shown = page.getByText(/^1 to 15 of \d+, newest first$/);
  const before = Number(/of (\d+)/.exec((await shown.textContent()) ?? '')?.[1]);
  // The app takes the first request and the answer never arrives.
  let lost = 0;
  await page.route('**/api/log', async (route) => {
    if (lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    await route.abort();
  });
  await typeFillings(page, '45.4', '45.6');
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(
    page.getByText('The app is not responding. What you entered is still here. Try again.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(shown).toHaveText(`1 to 15 of ${before + 1}, newest first`);
  await page.reload();
  await expect(shown).toHaveText(`1 to 15 of ${before + 1}, newest first`);

  let saves = 0;
  await page.route('**/api/packs/**', async (route) => {
    saves += 1;
    if (saves > 1) return route.continue();
    await route.fetch();
    await route.abort();
  });
  await page.goto('/filter/reed-bench/plan');
  await layersInFlow(page).first().focus();
  await page.keyboard.press('Delete');
  await expectSaved(page);
  await expect(page.getByRole('alertdialog')).toHaveCount(0);
  expect(saves).toBe(2);
});

test('twelve reloads in mid-typing: nothing is asked, nothing lost', async ({ page, app }) => {
  app.expectFailures();
  await page.goto('/filter/hatchery/measure');
  const name = page.getByRole('textbox', { name: 'Filter name' });
  let text = 'Hatchery';
  for (let reload = 0; reload < 12; reload += 1) {
    text = `Hatchery ${reload}`;
    await name.fill(text);
    await page.reload();
    await expect(name).toHaveValue(text);
    await expect(page.getByRole('alertdialog')).toHaveCount(0);
  }
  await expectSaved(page);
  await page.reload();
  await expect(name).toHaveValue(text);
});

test('the database is moved while the app runs: nothing is called saved, all can be saved to a new file, and it goes on once it is back', async ({
  page,
  app,
}) => {
  await page.goto('/filter/window-sill/measure');
  renameSync(app.file, `${app.file}.moved`);
  app.expectFailures();
  await page.getByLabel('Filter name').fill('Window sill, left');
  const why = page.getByRole('alert').filter({ hasText: /was moved, deleted or replaced/ });
  await expect(why).toContainText('Your change is kept here');
  await expect(page.getByRole('status').first()).toHaveText('not saved yet');
  const saved = page.waitForEvent('download');
  await why.getByRole('link', { name: 'Save everything to a new file' }).click();
  expect((await saved).suggestedFilename()).toMatch(/^neat-layer-.*\.sqlite$/);
  renameSync(`${app.file}.moved`, app.file);
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('Filter name')).toHaveValue('Window sill, left');
});

test('a page of before an update writes nothing, says so, and after a reload what was typed is saved', async ({
  page,
  app,
}) => {
  await page.goto('/filter/window-sill/measure');
  app.expectFailures();
  await page.route('**/api/filters/window-sill', (route) =>
    route.continue({ headers: { ...route.request().headers(), 'x-schema-version': '1' } }),
  );
  await page.getByLabel('Filter name').fill('Window sill, left');
  const why = page.getByRole('alert').filter({ hasText: 'Neat Layer was updated while this page was open.' });
  await expect(why).toContainText('Your change is kept here, and is saved then.');
  await page.unroute('**/api/filters/window-sill');
  await why.getByRole('button', { name: 'Reload the page' }).click();
  await expect(page.getByLabel('Filter name')).toHaveValue('Window sill, left');
  await expectSaved(page);
});
