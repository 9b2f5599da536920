import { expect, test } from './app';

test('the charts tell the story of a filter by keys: days in sight, a day that is read, a table', async ({
  page,
}) => {
  await page.goto('/filter/long-run/care');
  await expect(page.getByRole('region', { name: 'Forecast' })).toContainText('Based on', {
    timeout: 150_000,
  });
  await page.getByRole('link', { name: 'Charts' }).click();
  const lane = (name: string) => page.getByRole('figure').filter({ hasText: name });
  await expect(lane('Flow at the outlet')).toContainText(/expected \d.*, likely range .*; measured \d/);
  await expect(lane('Pressure lost in the pack')).toContainText(/expected \d.*mm, likely range/);
  await expect(lane('Nitrate')).toContainText(/\d+\smg\/L on \d+ /);

  // A day is read by keys, also one before the pack was in.
  const day = page.getByRole('slider', { name: 'Day' });
  await day.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('status').filter({ hasText: '20' })).not.toContainText('today');
  await page.keyboard.press('Home');
  await expect(lane('Pressure lost in the pack')).toContainText('no data for this day');

  // The days in sight: a span, a date, a drag over all days.
  const from = page.getByLabel('From', { exact: true });
  const first = await from.inputValue();
  await page.getByRole('button', { name: 'Everything' }).click();
  expect((await from.inputValue()) < first).toBe(true);
  const all = await from.inputValue();
  const strip = (await page.locator('svg .overlay').boundingBox())!;
  await page.mouse.move(strip.x + strip.width * 0.4, strip.y + 10);
  await page.mouse.down();
  await page.mouse.move(strip.x + strip.width * 0.7, strip.y + 10, { steps: 4 });
  await page.mouse.up();
  await expect(from).not.toHaveValue(all);

  await page.getByText('The charts as a table').click();
  // Not every month has both: which readings fall into one hangs on today's date.
  await expect(page.getByRole('row').filter({ hasText: 'mg/L' }).filter({ hasText: /L\/h/ })).not.toHaveCount(
    0,
  );
});

test('mature media says what one tank can spare for another', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Mature media' }).click();
  const gifts = page.getByRole('region', { name: 'Media to give' });
  await page.getByLabel('For', { exact: true }).selectOption('Hatchery');
  await expect(gifts).toContainText(/\d\.\d\d\sL of pumice, 10 mm from Long run/);
  await expect(gifts).toContainText('Nothing from Reed bench: it is being repacked.');
  await expect(page.getByRole('region', { name: 'Where your bacteria live' })).toContainText(
    'Sintered glass',
  );
});
