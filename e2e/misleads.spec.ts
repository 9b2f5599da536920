import { expect, expectSaved, layersInFlow, saveInLog, stepInHand, test, typeFillings } from './app';
import { expectAccessible } from './expectAccessible';

test('mature media cannot all leave unnoticed: the plan says so, Prepare and Repack ask, the swap does it in stages', async ({
  page,
}) => {
  await page.goto('/filter/hatchery/strip');
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.getByRole('button', { name: 'Plan the new pack' }).click();
  await page.waitForURL(/\/plan$/);
  await expect(layersInFlow(page)).toHaveText(['M']);
  await layersInFlow(page).first().focus();
  await page.keyboard.press('Delete');
  await page.getByRole('button', { name: /^Add a layer in/ }).click();
  // What was typed comes first, and Enter takes it.
  await page.getByLabel('Search the media').fill('Coarse foam');
  await page.keyboard.press('Enter');
  await expect(layersInFlow(page)).toHaveText(['C']);
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText(/Urgent.*Most of the mature media leaves at once: 100\s%/);
  await page.getByText('Is there enough surface for bacteria?').click();
  const question = page.getByRole('region', { name: 'Key questions' });
  await expect(question.getByRole('button', { name: /^Keep the medium foam/ })).toBeVisible();
  await expectSaved(page);

  // Prepare asks before anything is opened, and can be undone.
  await page.goto('/filter/hatchery/prepare');
  const risk = page.getByRole('region', { name: 'Bacteria' });
  await expect(risk).toContainText(/Urgent Most of the mature media leaves at once/);
  await risk.getByRole('button', { name: 'I accept this risk' }).click();
  await expect(risk).toContainText(/You accepted this risk on/);
  await expectSaved(page);
  await expectAccessible(page);
  await page.reload();
  await expect(risk).toContainText(/You accepted this risk on/);

  // So does the first step of the repack, by its button alone.
  await page.goto('/filter/hatchery/plan');
  await page.getByRole('button', { name: 'Go to the packing list' }).click();
  await expect(stepInHand(page)).toHaveText('Few bacteria will be left');
  await page.getByRole('region', { name: 'This step' }).getByText('The bacteria that stay').click();
  await expect(stepInHand(page)).toHaveText('Few bacteria will be left');
  await expect(page.getByRole('button', { name: 'Skip' })).toHaveCount(0);
  await page.getByRole('button', { name: /I accept this risk/ }).click();
  await expect(stepInHand(page)).not.toHaveText('Few bacteria will be left');
  await expectSaved(page);

  // One press keeps all of it for now, and plans the stages.
  await page.goto('/filter/hatchery/plan');
  await page.getByText('Is there enough surface for bacteria?').click();
  await page.getByRole('button', { name: 'Keep all of it for now, and replace it in stages' }).click();
  await expect(layersInFlow(page)).toHaveText(['M']);
  await expect(verdict).not.toContainText('mature media leaves');
  await expectSaved(page);
  await page.goto('/filter/hatchery/media-swap');
  await expect(verdict).toContainText(/stages over .* are safe|Replacing everything at once is safe/);
});

test('nothing is said of a tray that nobody has reached, nothing twice, and nothing stays', async ({
  page,
}) => {
  await page.goto('/filter/long-run/strip');
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  const findings = page.getByText(/: \d.*of .* empty/);
  // As packed last; the keeper begins anew.
  await expect(layersInFlow(page)).toHaveCount(6);
  for (let left = 6; left > 0; left -= 1) {
    await layersInFlow(page).first().focus();
    await page.keyboard.press('Delete');
    await expect(layersInFlow(page)).toHaveCount(left - 1);
  }
  await page.getByLabel('Search the media').fill('Porous ceramic');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Search the media')).toHaveValue('');
  await expect(layersInFlow(page)).toHaveCount(1);
  await expect(findings).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Verdict' })).not.toContainText('Nothing catches dirt');
  // The tray is judged once the keeper goes on, an empty one once that is said, and neither while it is in hand again.
  await page.getByRole('button', { name: 'Next tray' }).click();
  await expect(findings).toHaveCount(1);
  await page.getByRole('button', { name: 'This tray is empty' }).click();
  await expect(findings).toHaveCount(2);
  await page.getByRole('button', { name: /take Tray 2, from below in hand again/ }).click();
  await expect(findings).toHaveCount(1);
});

test('a flow that cannot be is questioned with the figure before it is saved', async ({ page }) => {
  await page.goto('/filter/window-sill/flow');
  await typeFillings(page, '0.4');
  await page.getByRole('button', { name: 'Save reading' }).click();
  const doubt = page.getByRole('alert').filter({ hasText: 'is more than the label' });
  await expect(doubt).toContainText(/18,000\sL\/h is more than the label’s 650\sL\/h/);
  // Another filling is another reading.
  await page.getByRole('button', { name: 'Delete time 1' }).click();
  await typeFillings(page, '14', '30');
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'differ too much' })).toBeVisible();
  await saveInLog(page, 'Save it all the same');
  await expect(page.getByRole('alert').filter({ hasText: 'differ too much' })).toHaveCount(0);
});

test('a sponge put on the intake is one sleeve, in the pack as well', async ({ page }) => {
  await page.goto('/filter/long-run/measure');
  await page.getByText('Intakes and outlets').click();
  await page.getByRole('button', { name: 'Add a sponge to the intake' }).click();
  await expect(page.getByText(/through a sponge/)).toBeVisible();
  await page.goto('/filter/long-run/plan');
  await page.getByRole('button', { name: 'Plan without opening the filter' }).click();
  await expect(layersInFlow(page).first()).toHaveAttribute('aria-label', /Intake sponge/);
  await expect(page.getByText(/Intake sponge: .* empty|No sponge is on the intake/)).toHaveCount(0);
});

test('an hour after the demo was made nothing in it is a crisis', async ({ page, app }) => {
  await app.daysLater(page, 0.1);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Reed bench' })).toBeVisible();
  await expect(page.getByText(/out of flow for/)).toHaveCount(0);
  await expect(page.getByText(/is being worked out/)).toHaveCount(0);
});
