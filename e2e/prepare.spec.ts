import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';
import { PDFDocument } from 'pdf-lib';
import { expect, expectSaved, test } from './app';

const verdict = (page: Page) => page.getByTestId('verdict');
const part = (page: Page, name: string) => page.getByRole('region', { name });
const text = async (file: Download): Promise<string> => readFileSync(await file.path(), 'utf8');

async function saved(page: Page, link: string | RegExp): Promise<Download> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: link }).click();
  return waiting;
}

test('Reed bench: from the plan to cut list, templates, preparations and shopping list', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(verdict(page)).toHaveText(/3 items to buy, 1 piece to cut and \d+ preparations to do/);
  const cut = part(page, 'Cut plan');
  await expect(cut).toContainText(/Buy 1 sheet of 50.0 × 50.0.cm, the fewest possible/);
  await expect(cut.getByRole('img', { name: /^Sheet of 50.0 × 50.0.cm: 4$/ })).toBeVisible();

  // The sheet that can be bought is entered on the shelf, with its price.
  await cut.getByRole('link', { name: 'enter the sheets you can buy' }).click();
  await page.getByRole('button', { name: 'Add a sheet' }).click();
  const row = part(page, 'Sheets and off-cuts').getByRole('listitem').last();
  await row.getByLabel('Medium', { exact: true }).selectOption('foam-45');
  await row.getByLabel('Length').fill('0,4 m');
  await row.getByLabel('Width').fill('25');
  await row.getByLabel('Thickness').fill('2');
  await row.getByLabel('On hand').fill('0');
  await row.getByLabel('Price of one').fill('6.40');
  await expect(row).toContainText('€3.20 a litre');
  await expectSaved(page);
  await page.goto('/filter/reed-bench/prepare');
  await expect(cut).toContainText(/Buy 1 sheet of 40.0 × 25.0.cm, the fewest possible/);
  const list = part(page, 'Shopping list');
  await expect(list.getByRole('row', { name: /^Fine foam/ })).toContainText('€6.40');
  await expect(list).toContainText('To buy: €6.40, and 2 without a price');

  // The programme runs backwards from the day; a tick stays, and a step back takes it away.
  const day = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel('Day of the repack').fill(day);
  await expect(page.getByTestId('verdict-next')).toHaveText(/too soon/);
  const first = part(page, 'Preparations').getByRole('checkbox').first();
  await first.check();
  await expectSaved(page);
  await page.reload();
  await expect(first).toBeChecked();
  await first.uncheck();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toBeChecked();

  // Files are read back: pages of the paper’s size, and an outline in millimetres.
  const pdf = await PDFDocument.load(readFileSync(await (await saved(page, 'All as PDF, A4')).path()));
  for (const { width, height } of pdf.getPages().map((found) => found.getSize()))
    expect([Math.round((width * 25.4) / 72), Math.round((height * 25.4) / 72)]).toEqual([210, 297]);
  expect(pdf.getPageCount()).toBeGreaterThan(5);
  const svg = await text(await saved(page, /Fine foam.*SVG/));
  const disc = /class="outline" d="M0 ([\d.]+)A/.exec(svg);
  // The disc of the cut list: 19.3 cm across.
  expect(Number(disc?.[1]) * 2).toBeCloseTo(193, 0);

  // Cutting uses the shelf up and lays the off-cut there; a plan that changes afterwards is noticed.
  await cut.getByRole('button', { name: 'Mark as cut' }).click();
  await expect(cut).toContainText('All pieces are cut');
  await expectSaved(page);
  await page.goto('/shelf');
  await expect(
    part(page, 'Sheets and off-cuts').getByRole('checkbox', { name: 'Off-cut' }).last(),
  ).toBeChecked();
  await page.goto('/filter/reed-bench/plan');
  await page
    .getByRole('button', { name: /^Add a layer/ })
    .last()
    .click();
  await page.getByRole('button', { name: 'Add Coarse foam, 15 ppi' }).click();
  await expectSaved(page);
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(verdict(page)).toHaveText(
    /The plan has changed since its pieces were cut: 1 piece is missing/,
  );
});

test('Window sill: what is planned without stripping is prepared, with a level strip, and is due on Filters', async ({
  page,
}) => {
  await page.goto('/filter/window-sill/plan');
  await page.getByRole('button', { name: 'Plan without opening the filter' }).click();
  await page
    .getByRole('button', { name: /^Add a layer/ })
    .last()
    .click();
  await page.getByRole('button', { name: /^Add Lava rock/ }).click();
  await expectSaved(page);
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(part(page, 'Bags and loose media')).toContainText(/Lava rock.*One bag of .* or more/);
  await expect(part(page, 'Shopping list').getByRole('row', { name: /^Lava rock/ })).toContainText('nothing');
  // Filling takes the lava from the shelf, and a step back lays it there again.
  await page.getByRole('button', { name: 'Take these from the shelf' }).click();
  await expect(part(page, 'Shopping list').getByRole('row', { name: /^Lava rock/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(part(page, 'Shopping list').getByRole('row', { name: /^Lava rock/ })).toContainText('3.00');
  const strip = await text(await saved(page, 'Level strip, SVG'));
  for (const mark of ['spills', 'service', 'clean']) expect(strip).toContain(`>${mark}<`);
  await page
    .getByLabel('Day of the repack')
    .fill(new Date(Date.now() + 8 * 86_400_000).toISOString().slice(0, 10));
  await expect(page.getByTestId('verdict-next')).toHaveText(/2 preparations are due today/);
  await expect(part(page, 'Preparations')).toContainText(/A drop of vinegar must not fizz/);
  await expectSaved(page);
  await page.goto('/');
  await expect(page.getByText('2 preparations are due for the repack')).toBeVisible();
  await page.getByRole('link', { name: 'Go to Prepare' }).click();
  await expect(part(page, 'Preparations')).toBeVisible();
});

test('electricity and consumables are counted in the keeper’s own currency', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel('Currency').selectOption('GBP');
  await page.getByLabel('Price of a kilowatt-hour').fill('0,30');
  await expectSaved(page);
  await page.goto('/filter/reed-bench/measure');
  await page.getByText('Pump', { exact: true }).click();
  await page.getByLabel('Power').fill('12');
  await expectSaved(page);
  await page.goto('/filter/reed-bench/prepare');
  const cost = part(page, 'Cost');
  // By hand: 12 W all year are 105.2 kWh, at 30 pence each.
  await expect(cost).toContainText('£31.56');
  await expect(cost.getByText('working out')).toHaveCount(0);
  await expect(cost).toContainText(/Consumables in a year£\d/);
  // The fourth question says it on Plan, and the picker what is on hand.
  await page.goto('/filter/reed-bench/plan');
  await expect(page.getByText(/^at least £\d/)).toBeVisible();
  await page
    .getByRole('button', { name: /^Add a layer/ })
    .last()
    .click();
  await expect(page.getByText('3.00 L on the shelf')).toBeVisible();
});

test('a printed block is designed for a compartment, saved as STL, and put into the plan', async ({
  page,
}) => {
  await page.goto('/filter/window-sill/plan');
  await page.getByRole('button', { name: 'Plan without opening the filter' }).click();
  await page.getByRole('link', { name: 'Prepare' }).click();
  await page.getByText('Print a block', { exact: true }).click();
  const figures = page.getByTestId('block-figures');
  await expect(figures).toHaveText(/ribs, .*of surface, .*of its face open; .*hours of printing/);
  await page.getByLabel('Side notch').fill('60');
  await expect(page.getByText(/Side notch must be/)).toBeVisible();
  await page.getByLabel('Side notch').fill('4');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as STL' }).click();
  expect((await text(await waiting)).match(/facet normal/g)?.length).toBeGreaterThan(100);
  await page.getByRole('button', { name: 'Add to the plan' }).click();
  await expect(page.getByText(/The water must be a little higher in front of the block/)).toBeVisible();
  await expectSaved(page);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('button', { name: /Printed block, 0.8 mm ribs/ }).first()).toBeVisible();
});

test.describe('the shelf of a new keeper', () => {
  test.use({ data: 'empty' });

  test('starts empty, refuses what cannot be, and goes out and in as CSV', async ({ page }) => {
    await page.goto('/shelf');
    await expect(verdict(page)).toHaveText(/The shelf is empty/);
    await page.getByRole('button', { name: 'Add loose media' }).click();
    const row = part(page, 'Loose media').getByRole('listitem').first();
    await row.getByLabel('On hand').fill('2,5');
    await row.getByLabel('A packet holds').fill('1');
    await row.getByLabel('Price of a packet').fill('0');
    await expect(row).toContainText(/Price must be more than 0/);
    await row.getByLabel('Price of a packet').fill('abc');
    await expect(row).toContainText(/number/);
    await row.getByLabel('Price of a packet').fill('8.90');
    await row.getByLabel('On hand').fill('-1');
    await expect(row).toContainText(/must be from 0/);
    await row.getByLabel('On hand').fill('2.5');
    await expectSaved(page);
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as CSV' }).click();
    expect(await text(await waiting)).toMatch(/loose,porous-ceramic,,,,,,,2\.5,1,8\.9,/);

    await page.getByLabel('CSV file').setInputFiles({
      name: 'more.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'kind,medium,length cm,width cm,thickness cm,count\nsheet,foam-30,50,50,3,2\nsheet,gold,1,1,1,1\n',
      ),
    });
    await expect(page.getByText('Line 3: there is no medium “gold” in the catalogue.')).toBeVisible();
    await expect(page.getByText('The file adds 1 item. Items already on the shelf stay.')).toBeVisible();
    await page.getByRole('button', { name: 'Add to the shelf' }).click();
    await expect(part(page, 'Sheets and off-cuts').getByRole('listitem')).toHaveCount(1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(part(page, 'Sheets and off-cuts').getByRole('listitem')).toHaveCount(0);
    await page.getByRole('button', { name: 'Redo' }).click();
    await expectSaved(page);
    await page.reload();
    await expect(part(page, 'Sheets and off-cuts').getByRole('listitem')).toHaveCount(1);
  });
});
