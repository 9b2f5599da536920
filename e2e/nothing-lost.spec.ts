import { expect, expectSaved, layersInFlow, test } from './app';

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
  const question = other.getByRole('alertdialog', { name: 'Changed elsewhere' });
  await expect(question).toBeVisible();
  await question.getByRole('button', { name: 'Take the other version' }).click();
  await expect(layersInFlow(other)).toHaveCount(7);
  await expect(layersInFlow(other).first()).toHaveAccessibleName(/Coarse foam/);
  await expect(question).toHaveCount(0);

  await layersInFlow(other).first().focus();
  await other.keyboard.press('Delete');
  await expectSaved(other);
  await layersInFlow(page).nth(6).focus();
  await page.keyboard.press('Delete');
  await page.getByRole('button', { name: 'Keep what is on this screen' }).click();
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
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('button', { name: 'Bring it back' })).toHaveCount(0);
  await page.goto('/filter/hatchery/measure');
  await page.getByRole('button', { name: 'Remove this filter' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Remove this filter' }).click();
  await page.getByRole('button', { name: 'Remove Hatchery for good' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Reed bench', 'Window sill', 'Long run']);
  app.expectFailures();
  await page.goto('/filter/hatchery/measure');
  await expect(page.getByText('This sheet is not here.')).toBeVisible();
});
