import { expect, test } from './app';

test('a weak flow is found by checks, survives a reload, and goes into the log', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('heading', { name: 'Long run' }).getByRole('link').click();
  await page.getByRole('link', { name: 'Find a fault' }).click();
  await page.getByRole('button', { name: 'Weak flow, or only a trickle' }).click();
  const check = page.getByRole('region', { name: 'Next check' }).getByRole('heading', { level: 2 });
  await expect(check).toHaveText(/Take the intake sponge or strainer off/);
  const causes = page.getByRole('region', { name: 'Causes' }).getByRole('listitem');
  await expect(causes.first()).toContainText('The first foam is full');
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await expect(check).toHaveText(/Turn each tap/);
  await page.getByRole('button', { name: 'I can’t tell' }).click();
  await page.reload();
  await expect(check).not.toHaveText(/Turn each tap|Lift the intake/);

  // Back, and the other answer.
  await page.getByRole('button', { name: /^Undo: Turn each tap/ }).click();
  await expect(check).toHaveText(/Turn each tap/);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(check).toHaveText(/Take the intake sponge/);
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(causes.first()).toContainText('The intake strainer or sponge is blocked');
  // Until one cause is likely enough: nothing else shows.
  const no = page.getByRole('button', { name: 'No', exact: true });
  const write = page.getByRole('button', { name: 'Save to the log' });
  for (let asked = 0; asked < 8 && !(await write.isVisible()); asked += 1) await no.click();
  await expect(check).toHaveText(/The intake strainer or sponge is blocked$/);
  await expect(page.getByText(/Fit the spare sponge/)).toBeVisible();
  await write.click();
  await expect(page.getByText('Saved to the log.')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a filter that does not start: the plug first, with who may touch the wiring', async ({ page }) => {
    await page.goto('/filter/hatchery/fault');
    await page.getByRole('button', { name: 'The filter does not start' }).click();
    for (let asked = 0; asked < 6; asked += 1) {
      const heading = page.getByRole('region', { name: 'Next check' }).getByRole('heading', { level: 2 });
      const text = (await heading.textContent()) ?? '';
      if (/The filter has no power/.test(text)) break;
      await page.getByRole('button', { name: /same socket/.test(text) ? 'Yes' : 'No', exact: true }).click();
      await expect(heading).not.toHaveText(text);
    }
    await expect(page.getByText('Check the plug, switch, timer and circuit breaker in turn.')).toBeVisible();
    await expect(
      page.getByText('Leave wiring to a licensed electrician and follow your local code.'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Start again' }).click();
    await expect(page.getByRole('heading', { name: 'What is wrong?' })).toBeVisible();
  });
});
