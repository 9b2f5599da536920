import type { PackReport } from '@/core/report/evaluatePack';
import { expect, expectSaved, layersInFlow, test } from './app';
import { planByCommandLine } from './commandLine';

test('a medium of one’s own and a mixture are described once and used anywhere', async ({ page }) => {
  await page.goto('/filter/reed-bench/plan');
  await layersInFlow(page).nth(7).click();
  await page.getByRole('button', { name: 'Save as my own medium' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Garden pumice');
  await page.getByRole('textbox', { name: 'Mark' }).fill('gp');
  const dry = page.getByRole('textbox', { name: 'Bulk weight, dry' });
  await dry.fill('nonsense');
  await expect(dry).toHaveAttribute('aria-invalid', 'true');
  // Lighter dry than drained: what cannot be true together waits, and the pack keeps the last that can.
  await dry.fill('2');
  await expect(page.getByText('A medium cannot weigh less wet and drained than dry.')).toBeVisible();
  await dry.fill('0.5');
  await expect(page.getByText('entered by you')).toBeVisible();
  await page.getByRole('button', { name: 'Mix in another medium' }).click();
  await page
    .getByRole('group', { name: /^Mixture/ })
    .getByLabel('Medium')
    .selectOption('Lava rock, 15 mm');
  await page.getByRole('textbox', { name: 'Share of the volume' }).fill('25');
  await expectSaved(page);

  const plan = await planByCommandLine<PackReport>(page, 'reed-bench', 'evaluate');
  const layer = plan.layers[7];
  expect((layer?.dryMass ?? 0) / (layer?.volume ?? 1)).toBeCloseTo(0.75 * 500 + 0.25 * 700, 6);

  // It is there after a reload, and among the media of another filter.
  await page.reload();
  await expect(layersInFlow(page).nth(7)).toHaveAccessibleName(/Garden pumice mixed with lava rock/);
  await page.goto('/filter/window-sill/strip');
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.getByRole('searchbox', { name: 'Search the media' }).fill('garden');
  await page.getByRole('button', { name: 'Add Garden pumice' }).click();
  await page.getByRole('textbox', { name: 'Bulk weight, dry' }).fill('0.55');
  await expectSaved(page);

  // What was found out about it here holds there.
  await page.goto('/filter/reed-bench/plan');
  await layersInFlow(page).nth(7).click();
  await expect(page.getByRole('textbox', { name: 'Bulk weight, dry' })).toHaveValue('0.55');
});
