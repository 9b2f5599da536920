import Database from 'better-sqlite3';
import type { Page } from '@playwright/test';
import type { forecastFile } from '../cli/forecastFile';
import { expect, expectSaved, openQuestion, openQuestions, test } from './app';
import { planByCommandLine } from './commandLine';

type Printed = NonNullable<ReturnType<typeof forecastFile>>['packs'][number];

const forecastOf = (page: Page): Promise<Printed> =>
  planByCommandLine<Printed>(page, 'window-sill', 'forecast', '--days', '365');

/** A file holds nothing that was learned: without a log the app knows as much as the command line. */
function forgetLog(file: string, filterId: string): void {
  const db = new Database(file);
  db.prepare('DELETE FROM log_entry WHERE filter_id = ?').run(filterId);
  db.prepare('UPDATE outlook SET made_of = NULL, doc = NULL WHERE filter_id = ?').run(filterId);
  db.close();
}

const days = (only: Printed): string =>
  only.serviceDay === null ? 'not within a year' : `${Math.round(only.serviceDay)}\u00a0days`;

test('the demo’s hang-on-back is scrubbed through a year, re-cut and sponged, and reads as the command line does', async ({
  page,
  app,
}) => {
  forgetLog(app.file, 'window-sill');
  await page.goto('/filter/window-sill/strip');
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.getByRole('button', { name: 'Plan the new pack' }).click();
  await openQuestions(page);
  const service = page.getByTestId('reading-service');
  await expect(service).toHaveText(/\d+\sdays/);
  await expectSaved(page);
  const asFound = await forecastOf(page);
  await expect(service).toHaveText(days(asFound));

  // Scrubbed to the service day: the water in front of this pack is higher, and sludge lies in the layers.
  const headroom = page.getByTestId('reading-headroom');
  const clean = await headroom.textContent();
  const day = page.getByRole('slider', { name: 'Day', exact: true });
  await expect(page.locator('[data-sludge] rect')).toHaveCount(0);
  await day.fill(`${Math.round(asFound.serviceDay ?? 0)}`);
  await expect(page.getByRole('heading', { name: /^Results for the plan on day \d+/ })).toBeVisible();
  await expect(headroom).not.toHaveText(clean ?? '');
  await expect(page.locator('[data-sludge] rect').first()).toBeVisible();
  await day.press('ArrowRight');
  await expect(day).toHaveValue(`${Math.round(asFound.serviceDay ?? 0) + 1}`);

  // Pads cut to the walls: all of the water goes through them, and less silt comes past.
  const silt = page.getByTestId('reading-silt');
  const before = (await silt.textContent()) ?? '';
  await page.getByRole('button', { name: /^Pads cut to the walls: / }).click();
  await expect(silt).not.toHaveText(before);
  await expectSaved(page);
  const cut = await forecastOf(page);
  expect(cut.siltPerMonth).toBeLessThan(asFound.siltPerMonth);
  await expect(service).toHaveText(days(cut));

  // A sponge on the intake takes the first dirt.
  await page.getByRole('button', { name: /^A sponge on the intake: / }).click();
  await expect(service).not.toHaveText(days(cut));
  await expectSaved(page);
  const sponged = await forecastOf(page);
  expect(sponged.serviceDay ?? Infinity).toBeGreaterThan(cut.serviceDay ?? Infinity);
  await expect(service).toHaveText(days(sponged));

  // The range comes after a pause, from the same runs as the command line’s.
  const [earliest] = sponged.serviceBetween ?? [];
  if (earliest != null)
    await expect(page.getByTestId('service-said')).toContainText(`day ${Math.floor(earliest)}`);
});

test('visits are planned, put on the strip, moved, taken back and cleared', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  await openQuestion(page, 'clogs');
  await page.getByText('Service plan', { exact: true }).click();
  await page.getByRole('button', { name: 'Plan a year of visits' }).click();
  await expect(page.getByTestId('plan-burden')).toContainText(/\d+ visits a year/);
  await page.getByRole('button', { name: 'Add to the timeline' }).click();
  const first = page.getByRole('slider', { name: 'Visit 1', exact: true });
  const day = Number(await first.getAttribute('aria-valuenow'));
  await first.press('ArrowRight');
  await expect(first).toHaveAttribute('aria-valuenow', `${day + 1}`);
  const box = await first.boundingBox();
  if (box === null) throw new Error('The mark is not drawn.');
  await page.mouse.move(box.x + box.width / 2, box.y + 5);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 25, box.y + 5, { steps: 5 });
  await page.mouse.up();
  await expect(first).not.toHaveAttribute('aria-valuenow', `${day + 1}`);
  await expect(page.getByText(/with the visits planned/)).toBeVisible();
  await expectSaved(page);
  await page.reload();
  await expect(first).not.toHaveAttribute('aria-valuenow', `${day + 1}`);
  await openQuestion(page, 'clogs');
  await page.getByText('Service plan', { exact: true }).click();
  await page.getByRole('button', { name: 'Clear the timeline' }).click();
  await expect(first).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(first).toHaveCount(1);
});

test('other ways to lay a pack out are drawn side by side, and the strip says what it is missing', async ({
  page,
}) => {
  await page.goto('/filter/reed-bench/plan');
  await page.getByRole('group', { name: 'Plans' }).getByRole('button', { name: 'Compare' }).click();
  const ways = page.getByRole('region', { name: 'Other layouts over a year' });
  await expect(ways.getByRole('listitem')).toHaveCount(10);
  await expect(
    ways.getByRole('img', {
      name: /^Finest pad after the biological media: .*silt caught by biological media/,
    }),
  ).toBeVisible();
  await expect(page.getByRole('row', { name: /^Silt caught by biological media/ })).toContainText(/\d\smL/);

  // Nothing is said of food any more: what is usual is assumed, and said in the verdict.
  await page.goto('/filter/reed-bench/measure');
  await page.getByLabel('Food a day').selectOption('assumed');
  await expectSaved(page);
  await page.goto('/filter/reed-bench/plan');
  await expect(page.getByTestId('verdict-next')).toContainText('Food is assumed');
  await openQuestion(page, 'through');
  await expect(page.getByTestId('reading-flow')).toHaveText(/\d\sL\/h/);
});
