import { expect, test } from './app';

test('all filters are checked in one pass by keyboard, with one step back, and the round goes on after a reload', async ({
  page,
}) => {
  await page.goto('/check-all');
  const name = page.getByRole('heading', { level: 2 });
  const status = page.getByRole('status');
  await expect(status).toHaveText('0 of 4 checked');
  const first = (await name.textContent()) ?? '';
  await page.keyboard.press('w');
  await expect(status).toHaveText('1 of 4 checked');
  await expect(name).not.toHaveText(first);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(name).toHaveText(first);
  await page.keyboard.press('n');
  await expect(status).toHaveText('1 of 4 checked');
  await page.keyboard.press('w');
  await expect(status).toHaveText('2 of 4 checked');
  // What was said is in the logs: another device, or this one after a reload, goes on from there.
  await page.reload();
  await expect(status).toHaveText('2 of 4 checked');
  const skipped = (await name.textContent()) ?? '';
  await page.keyboard.press('s');
  await expect(status).toHaveText('3 of 4 checked');
  await page.getByRole('button', { name: 'All well' }).click();
  const result = page.getByRole('region', { name: 'Result' });
  await expect(result.getByRole('heading')).toHaveText('1 filter needs work.');
  await expect(result.getByRole('listitem')).toContainText(first);
  await expect(result).toContainText(`Skipped: ${skipped}.`);
  await result.getByRole('button', { name: 'Check the skipped ones' }).click();
  await expect(name).toHaveText(skipped);
  await page.keyboard.press('w');
  await expect(result).toContainText('3 are well.');
  await result.getByRole('link', { name: first }).click();
  await expect(page.getByRole('region', { name: 'Last entries' })).toContainText('Needs work.');
});

test('a press while the app is away loses nothing and says so', async ({ page, app }) => {
  await page.goto('/check-all');
  app.expectFailures();
  await app.stop();
  await page.getByRole('button', { name: 'All well' }).click();
  await expect(page.getByRole('alert').first()).toBeVisible();
  await expect(page.getByRole('status')).toHaveText('0 of 4 checked');
  await app.start();
  await page.getByRole('button', { name: 'All well' }).click();
  await expect(page.getByRole('status')).toHaveText('1 of 4 checked');
});
