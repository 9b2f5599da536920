import { expect, expectSaved, test } from './app';

test('units can be switched at any time, and what is stored does not move', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel('Units').selectOption('us');
  await expectSaved(page);
  await expect(page.getByLabel('Example')).toContainText('26.4 US gal');

  await page.goto('/filter/window-sill/measure');
  const basket = page.getByRole('listitem', { name: 'Chamber 1: Basket' });
  await expect(page.getByLabel('Tank length')).toHaveValue('23.6');
  await expect(basket.getByLabel('Depth')).toHaveValue('4.72');
  await page.getByText('Water quality').click();
  await expect(page.getByLabel('Temperature', { exact: true })).toHaveValue('75');
  // A bare number is in the keeper's units, any other unit may stand behind it.
  await basket.getByLabel('Length').fill('5');
  await basket.getByLabel('Width').fill('80 mm');
  await page.getByText('Lip and rim').click();
  await page.getByLabel('Lip above tank water').fill('-1');
  await expect(page.getByText('Lip above the tank’s water must be from 0.00 in to 19.7 in.')).toBeVisible();
  await expectSaved(page);

  await page.goto('/settings');
  await page.getByLabel('Units').selectOption('metric');
  await page.getByLabel('Numbers and dates').selectOption('de-DE');
  await expectSaved(page);
  await page.goto('/filter/window-sill/measure');
  await expect(basket.getByLabel('Length')).toHaveValue('12,7');
  await expect(basket.getByLabel('Width')).toHaveValue('8,0');
  await expect(basket.getByLabel('Depth')).toHaveValue('12,0');
  await page.getByText('Water quality').click();
  await expect(page.getByLabel('Temperature', { exact: true })).toHaveValue('24,0');
  await page.goto('/');
  await expect(
    page.getByText(
      /\d+\. (Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember)/,
    ),
  ).toBeVisible();
});

test('findings follow the school the keeper chooses', async ({ page }) => {
  await page.goto('/filter/reed-bench/review');
  const finding = page.getByRole('listitem').filter({ hasText: 'Shrimp, but no sponge on the intake.' });
  await expect(finding).toContainText('Check');
  await expect(finding).toContainText('Sponge on the intake: keepers disagree. Your choice: always.');
  await finding.getByRole('link', { name: 'Change' }).click();
  await page.getByLabel(/never in a show tank/).check();
  await expectSaved(page);
  await page.goto('/filter/reed-bench/review');
  await expect(finding).toContainText('Note');
  await expect(finding).toContainText('Your choice: never in a show tank');
});
