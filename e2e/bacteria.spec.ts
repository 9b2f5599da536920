import type { Page } from '@playwright/test';
import { expect, expectSaved, openQuestion, test } from './app';

const DAY = 86_400_000;

const verdict = (page: Page) => page.getByTestId('verdict');
const next = (page: Page) => page.getByTestId('verdict-next');
const retire = (page: Page, name: RegExp) =>
  page.getByRole('region', { name: 'Media to replace' }).getByRole('checkbox', { name }).check();
const stage = (page: Page, number: number) => page.getByRole('slider', { name: `Stage ${number}` });

async function saveTest(page: Page, ammonia: string, nitrite: string): Promise<void> {
  await page.getByLabel('Ammonia as N', { exact: true }).fill(ammonia);
  await page.getByLabel('Nitrite as N', { exact: true }).fill(nitrite);
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(page.getByRole('table', { name: /Log of the water/ })).toContainText(
    `ammonia ${ammonia} mg/L as N`,
  );
}

test('Reed bench: the third question says what limits the bacteria, what each school says, and what is claimed', async ({
  page,
}) => {
  await page.goto('/filter/reed-bench/plan');
  await openQuestion(page, 'bacteria');
  const panel = page.getByRole('region', { name: 'Key questions' });
  await expect(panel.getByTestId('limit')).toHaveText(/Bacteria are limited by.*instead of/);
  await expect(panel.getByTestId('reading-atOnce')).toHaveText(/times today’s food/);
  for (const school of ['By media weight', 'By turnover', 'By food', 'As large as possible'])
    await expect(panel.getByText(school, { exact: true })).toBeVisible();
  await expect(panel.getByText(/Nitrate \(NO₃\) added in a week/)).toBeVisible();
  await panel.getByText('Claimed and usable surface').click();
  await expect(panel.getByRole('img', { name: /Porous ceramic.* claimed, .* usable/ })).toBeVisible();
  // Two more lanes under the pack, and not before they are asked for.
  await expect(page.getByRole('button', { name: 'oxygen', exact: true })).toHaveCount(0);
  await panel.getByRole('button', { name: 'Show it for each layer, along the flow' }).click();
  await expect(page.getByRole('img', { name: /^Ammonia taken up, mg a day, as nitrogen/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Oxygen after the layer/ })).toBeVisible();
});

test('Reed bench: a staged swap is planned, moved, begun, and its readings answered', async ({ page }) => {
  await page.goto('/filter/reed-bench/media-swap');
  await expect(verdict(page)).toHaveText(/No swap is planned/);
  await retire(page, /^Medium foam/);
  await retire(page, /^Porous ceramic.*tray 3/);
  await expect(verdict(page)).toHaveText(/stages over .* are safe/);
  const planned = await page.getByRole('slider', { name: /^Stage/ }).count();
  expect(planned).toBeGreaterThan(1);

  // Replacing everything at once is allowed, and the app says what will happen.
  while ((await page.getByRole('slider', { name: /^Stage/ }).count()) > 1)
    await page.getByRole('button', { name: 'Remove a stage' }).click();
  await expect(verdict(page)).toHaveText(/Replacing everything at once is too fast: .*could rise to/);
  await page.getByRole('button', { name: 'Use the fewest safe stages' }).click();
  await expect(verdict(page)).toHaveText(/are safe/);

  // A stage is moved by keys; a step back brings it where it was.
  const day = Number(await stage(page, 2).getAttribute('aria-valuenow'));
  await stage(page, 2).focus();
  await page.keyboard.press('PageUp');
  await expect(stage(page, 2)).toHaveAttribute('aria-valuenow', `${day + 7}`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(stage(page, 2)).toHaveAttribute('aria-valuenow', `${day}`);
  // And dragged with the hand.
  const box = (await stage(page, 2).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 120, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  const moved = Number(await stage(page, 2).getAttribute('aria-valuenow'));
  expect(moved).toBeGreaterThan(day);

  await page.getByRole('button', { name: 'Start the swap today' }).click();
  await page.getByRole('button', { name: 'Stage 1 is done' }).click();
  await expect(next(page)).toHaveText(/Stage 2 is due in/);
  await expectSaved(page);
  await page.reload();
  await expect(next(page)).toHaveText(/Stage 2 is due in/);
  await expect(stage(page, 2)).toHaveAttribute('aria-valuenow', `${moved}`);
  // A running swap does not stand in the way of the repack.
  await page.getByRole('link', { name: 'Repack' }).click();
  await expect(page.getByRole('heading', { name: 'Reed bench' })).toBeVisible();

  await page.goto('/filter/reed-bench/water-tests');
  await expect(verdict(page)).toHaveText(/No test since you changed media/);
  await saveTest(page, '0.15', '0.15');
  await expect(verdict(page)).toHaveText(/as expected/);
  await expect(next(page)).toHaveText(/Next test in/);

  // Four days later far more is read than the course says.
  await page.clock.setFixedTime(new Date(Date.now() + 4 * DAY));
  await saveTest(page, '0.80', '0.20');
  await expect(verdict(page)).toHaveText(/Ammonia is at 0.80.mg\/L; the limit is 0.25/);
  const todo = page.getByRole('region', { name: 'What to do' });
  await expect(todo).toContainText('Change 50 % of the water now, and as much again a few hours later');
  await expect(todo).toContainText('ask an aquatic vet');
  await expect(page.getByRole('img', { name: /^Ammonia over .*read: 0.15.mg\/L, 0.80.mg\/L/ })).toBeVisible();

  // A wrong entry goes, and comes back.
  await page
    .getByRole('button', { name: /^Delete the entry of/ })
    .first()
    .click();
  await expect(verdict(page)).toHaveText(/as expected|next test is due/i);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(verdict(page)).toHaveText(/Ammonia is at 0.80/);
});

test('a kit that counts the ion is understood, colour cards too, and what is not a number is refused', async ({
  page,
}) => {
  await page.goto('/filter/long-run/water-tests');
  await page.getByRole('button', { name: 'the whole ion (NH₄, NO₂, NO₃)' }).click();
  await page
    .getByRole('group', { name: 'Nitrite as NO₂: colour card' })
    .getByRole('button', { name: '2', exact: true })
    .click();
  await page.getByLabel('Nitrate as NO₃', { exact: true }).fill('25');
  await page.getByLabel('pH', { exact: true }).fill('12');
  await expect(page.getByText(/pH must be/)).toBeVisible();
  await page.getByLabel('pH', { exact: true }).fill('7,4');
  await page.getByRole('button', { name: 'Save reading' }).click();
  const log = page.getByRole('table', { name: /Log of the water/ });
  await expect(log).toContainText('nitrite 2.00 mg/L as NO₂, nitrate 25 mg/L as NO₃, pH 7.4');
  // By hand: 2 mg/L of the ion are 0.61 mg/L of nitrogen.
  await expect(verdict(page)).toHaveText(/Nitrite is at 0.61.mg\/L/);
  // A change of water is logged beside it.
  await page.getByText('Water change', { exact: true }).click();
  await page.getByLabel('Water changed').fill('40');
  await page.getByRole('button', { name: 'Save water change' }).click();
  await expect(log).toContainText('Water change: 40 %, dechlorinated');
  await page.getByText('The water is cloudy').click();
  await page.getByRole('button', { name: 'Find the cause' }).click();
  await expect(page.getByText(/Test ammonia first/)).toBeVisible();
});

test('air-driven filters and water changes are entered under Measure and counted', async ({ page }) => {
  await page.goto('/filter/hatchery/measure');
  await page.getByText('Air-driven filters', { exact: true }).click();
  await page.getByRole('button', { name: 'Add an air-driven filter' }).click();
  await page.getByLabel('Media in it').fill('0.5');
  await page.getByText('Water changes and nitrate', { exact: true }).click();
  await page.getByLabel('Water changed').fill('50');
  await expectSaved(page);
  await page.reload();
  await expect(page.getByText('1 filter, 0.50 L of media in all')).toBeVisible();
  await expect(page.getByText('50 % every 7 days')).toBeVisible();
});

test.describe('from nothing', () => {
  test.use({ data: 'empty' });

  test('a new filter without media says what is missing at Media swap, and what to expect at Water tests of an assumed food', async ({
    page,
  }) => {
    await page.goto('/');
    await page.getByRole('link', { name: 'Add a filter' }).last().click();
    await page.getByLabel('Name of the tank or filter').fill('Shelf');
    await page.getByLabel('Water in the tank').fill('60');
    await page
      .getByText('Water comes in at the top, goes down through the trays and up a return pipe.')
      .click();
    await page.getByRole('button', { name: 'Add this filter' }).click();
    await expect(verdict(page)).toHaveText(/You have entered enough to plan this filter/);
    const filter = page.url().replace(/\/[^/]*$/, '');
    await page.goto(`${filter}/media-swap`);
    await expect(verdict(page)).toHaveText(/The media in this filter is not entered yet/);
    await page.goto(`${filter}/water-tests`);
    await expect(verdict(page)).not.toHaveText('');
    await expect(page.getByTestId('verdict-next')).toContainText('Food is assumed');
    // A test is written down all the same, and is there after a reload.
    await saveTest(page, '0.50', '0.10');
    await page.reload();
    await expect(page.getByRole('table', { name: /Log of the water/ })).toContainText(
      'ammonia 0.50 mg/L as N',
    );
  });
});

test('new wood that is logged shortens the days of carbon on Plan', async ({ page }) => {
  await page.goto('/filter/reed-bench/water-tests');
  await page.getByText('Added wood, medicine or a product').click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('table', { name: /Log of the water/ })).toContainText(
    'Added to the water: new wood',
  );
  await page.goto('/filter/reed-bench/plan');
  await page
    .getByRole('button', { name: /^Add a layer/ })
    .last()
    .click();
  await page
    .getByRole('button', { name: /^Add Activated carbon/ })
    .first()
    .click();
  await openQuestion(page, 'bacteria');
  await expect(page.getByRole('region', { name: 'Chemical media' })).toContainText(
    /new wood or medicine uses it up sooner/,
  );
});
