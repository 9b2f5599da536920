import type { Page } from '@playwright/test';
import type { PackReport } from '@/core/report/evaluatePack';
import { expect, expectSaved, layersInFlow, openQuestion, openQuestions, test } from './app';
import { planByCommandLine } from './commandLine';

const toLitresPerHour = 3.6e6;

/** The figures of the bench, as numbers. */
async function figures(page: Page, ...keys: string[]): Promise<number[]> {
  const texts = await Promise.all(keys.map((key) => page.getByTestId(`reading-${key}`).textContent()));
  return texts.map((text) => Number((text ?? '').replace(/[^\d.−-]/g, '').replace('−', '-')));
}

async function beginPlan(page: Page, filterId: string): Promise<void> {
  await page.goto(`/filter/${filterId}/strip`);
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.getByRole('button', { name: 'Plan the new pack' }).click();
  await expect(page.getByRole('heading', { name: 'Results for the plan' })).toBeVisible();
  await openQuestions(page);
}

test('Window sill is planned by its own advice and by keys, and reads as the command line does', async ({
  page,
}) => {
  await beginPlan(page, 'window-sill');
  const [throughBefore = 0] = await figures(page, 'leastPassThrough');
  expect(throughBefore).toBeLessThan(90);

  // The line under the reading says what helps most; pressing it makes it.
  await page.getByRole('button', { name: /^the gap beside layer 1 filled with floss: \+\d+/ }).click();
  await expect(page.getByTestId('reading-leastPassThrough')).not.toHaveText(`${throughBefore} %`);
  await page.getByRole('button', { name: 'Put the layers in order' }).first().click();
  await layersInFlow(page).nth(2).click();
  await page.getByRole('button', { name: 'Find the smallest change' }).click();
  await expect(page.getByText(/^9\d\s% now: filled the gap with floss\./)).toBeVisible();
  await page.getByLabel('Compressed to').fill('80');
  await layersInFlow(page).nth(3).focus();
  for (let presses = 0; presses < 6; presses += 1) await page.keyboard.press('-');
  await expectSaved(page);

  const plan = await planByCommandLine<PackReport>(page, 'window-sill', 'evaluate');
  const [flow, headroom, through, turnover] = await figures(
    page,
    'flow',
    'headroom',
    'leastPassThrough',
    'turnover',
  );
  expect(flow).toBe(Math.round(plan.water.flow * toLitresPerHour));
  expect(headroom).toBe(Math.round((plan.water.level?.headroom ?? NaN) * 1e3));
  expect(through).toBe(Math.round((plan.leastPassThrough ?? NaN) * 100));
  expect(turnover).toBeCloseTo(plan.predictedTurnover * 3600, 1);
  // The lanes are drawn from the same report.
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'pressure lost' }).click();
  const heads = plan.layers.map((layer) => (layer.head * 1e3).toFixed(1)).join(' mm, ');
  await expect(
    page.getByRole('img', { name: `Pressure lost, mm of water, in flow order: ${heads} mm` }),
  ).toBeVisible();
});

test('Long run is planned by drag, and reads as the command line does', async ({ page }) => {
  await beginPlan(page, 'long-run');
  // The lanes and the strip stand: nothing moves any more.
  await expect(page.getByTestId('service-said')).toBeVisible();
  const before = await layersInFlow(page).count();

  // A medium picked at the place where it goes in, found by typing: no scrolling, no pointer needed.
  await page.getByRole('button', { name: /^Add a layer before the bonded floss pad/ }).click();
  const picker = page.getByRole('dialog', { name: /^Add a layer before the bonded floss pad/ });
  await expect(picker.getByRole('searchbox')).toBeFocused();
  await page.keyboard.type('fine 45');
  await expect(picker.getByRole('button', { name: /^Add / })).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(layersInFlow(page)).toHaveCount(before + 1);
  await expect(layersInFlow(page).nth(2)).toHaveAccessibleName(/Fine foam, 45 ppi/);
  // It is offered first from now on; Escape closes the picker.
  await page
    .getByRole('button', { name: /^Add a layer/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Add [A-Z]/ }).first()).toHaveAccessibleName(
    'Add Fine foam, 45 ppi',
  );
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  // Its edge dragged in, so that the tray closes again.
  const edge = await page.getByRole('slider', { name: 'Thickness of Fine foam, 45 ppi' }).boundingBox();
  if (edge === null) throw new Error('The edge is not drawn.');
  const flowBefore = await page.getByTestId('reading-flow').textContent();
  await page.mouse.move(edge.x + edge.width / 2, edge.y + 60);
  await page.mouse.down();
  await page.mouse.move(edge.x + edge.width / 2 - 12, edge.y + 60, { steps: 6 });
  await page.mouse.up();
  await expectSaved(page);
  expect(await page.getByTestId('reading-flow').textContent()).not.toBe('');
  expect(flowBefore).not.toBe('');

  const plan = await planByCommandLine<PackReport>(page, 'long-run', 'evaluate');
  const [flow, through, volume] = await figures(page, 'flow', 'leastPassThrough', 'volume');
  expect(flow).toBe(Math.round(plan.water.flow * toLitresPerHour));
  expect(through).toBe(Math.round((plan.leastPassThrough ?? NaN) * 100));
  expect(volume).toBeCloseTo(plan.totals.volume * 1e3, 1);
});

test('plans are thought of side by side: duplicated, compared, one made the plan', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  await page.getByRole('button', { name: 'Duplicate plan' }).click();
  const plans = page.getByRole('group', { name: 'Plans' });
  await expect(plans.getByRole('button', { name: 'Alternative 1' })).toHaveAttribute('aria-pressed', 'true');
  const count = await layersInFlow(page).count();
  await layersInFlow(page).last().focus();
  await page.keyboard.press('Delete');
  await expect(layersInFlow(page)).toHaveCount(count - 1);

  await plans.getByRole('button', { name: 'Compare' }).click();
  const table = page.getByRole('table', { name: 'Packs side by side' });
  await expect(table.getByRole('columnheader')).toHaveText([/^As found/, /^Plan/, /^Alternative 1/]);
  const dry = table.getByRole('row').filter({ hasText: 'Dry weight' });
  const [, plan, other] = await dry.getByRole('cell').allTextContents();
  expect(parseFloat(other ?? '')).toBeLessThan(parseFloat(plan ?? ''));
  // What differs stands above what is the same.
  const order = await table.getByRole('rowheader').allTextContents();
  expect(order.indexOf('Dry weight')).toBeLessThan(order.indexOf('Poorest fit'));

  await plans.getByRole('button', { name: 'Alternative 1' }).click();
  await page.getByRole('button', { name: 'Use this plan' }).click();
  await plans.getByRole('button', { name: 'Plan', exact: true }).click();
  await expect(layersInFlow(page)).toHaveCount(count - 1);
  await plans.getByRole('button', { name: 'Alternative 1' }).click();
  await page.getByRole('button', { name: 'Remove this plan' }).click();
  await expect(plans.getByRole('button', { name: 'Alternative 1' })).toHaveCount(0);
  await expectSaved(page);
  await page.reload();
  await expect(layersInFlow(page)).toHaveCount(count - 1);
});

test('the schools are switched on the bench, with what the numbers say', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  await openQuestion(page, 'through');
  await page.getByText('Where keepers disagree', { exact: true }).click();
  await expect(
    page.getByText(/^Your pack has 4\.\d+\sL of 4\.\d+\sL of biological media after the first fine pad/),
  ).toBeVisible();
  const finding = page.getByRole('listitem').filter({ hasText: 'Shrimp, but no sponge on the intake.' });
  await expect(finding).toContainText('Check');
  // The range of the next service arrives above, and may move what is below it.
  await expect(page.getByTestId('verdict-next')).not.toContainText('Working out');
  await page.getByLabel(/never in a show tank/).check();
  await expect(finding).toContainText('Note');
  await expectSaved(page);
});

test('a relief notch is cut on the bench, as wide as is needed to be safe', async ({ page }) => {
  // Its basket has an open edge; a body without one spills when its layers are blocked.
  await page.goto('/filter/window-sill/measure');
  await page.getByText('Lip and rim', { exact: true }).click();
  await page.getByLabel('Overflow past the media').selectOption('none');
  await expectSaved(page);
  await beginPlan(page, 'window-sill');
  await expect(
    page.getByText('If every layer were blocked, the filter would overflow at the back.'),
  ).toBeVisible();
  await page.getByText('Relief notch', { exact: true }).click();
  await page.getByRole('button', { name: /^Use the smallest notch that prevents overflow/ }).click();
  await expect(
    page.getByText('If every layer were blocked, the filter would overflow at the back.'),
  ).toHaveCount(0);
  await expectSaved(page);
  await page.getByRole('link', { name: 'Measure (done)' }).click();
  await page.getByText('Lip and rim', { exact: true }).click();
  await expect(page.getByLabel('Notch above lip')).toHaveValue('0');
});

test('a bag is split, merged and laid between pads', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  const count = await layersInFlow(page).count();
  await layersInFlow(page).last().click();
  await page.getByRole('button', { name: 'Split', exact: true }).click();
  await expect(layersInFlow(page)).toHaveCount(count + 1);
  await page.getByRole('button', { name: 'Merge with next layer' }).click();
  await expect(layersInFlow(page)).toHaveCount(count);
  await page.getByRole('button', { name: 'Put between two pads' }).click();
  await expect(layersInFlow(page)).toHaveCount(count + 2);
  await page.keyboard.press('Control+z');
  await expect(layersInFlow(page)).toHaveCount(count);
});
