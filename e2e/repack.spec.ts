import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import {
  WORKED_OUT,
  addFilter,
  doStepsUntil,
  expect,
  expectSaved,
  finishRepack,
  stepInHand,
  test,
  typeFillings,
} from './app';

const PHONE = { width: 390, height: 844 };
/** A tap on the lower half, beside every button. */
const BELOW = [200, 830] as const;

test.describe('on a phone', () => {
  test.use({ viewport: PHONE });

  test('Reed bench’s repack, with a reload and a stopped app in the middle, to the pack card', async ({
    page,
    app,
  }) => {
    await page.goto('/filter/reed-bench/repack');
    await expect(stepInHand(page)).toHaveText('Medium foam, 30 ppi');
    await expect(page.getByRole('progressbar', { name: 'Steps done' })).toHaveAttribute('aria-valuenow', '8');
    await page.mouse.click(...BELOW);
    await expect(stepInHand(page)).toHaveText('Fine foam, 45 ppi');

    // Only part of the stone fits.
    await doStepsUntil(page, /Porous ceramic/);
    await page.getByRole('button', { name: 'Enter a difference' }).click();
    await page.getByLabel('Weighed dry').fill('1.2 kg');
    await page.getByRole('button', { name: 'Save and mark as in' }).click();
    await expect(page.getByRole('button', { name: /^Next/ })).toBeVisible();
    await expectSaved(page);
    await expect(page.getByText('This page works offline, even if you reload it.')).toBeVisible(WORKED_OUT);

    // The app stops: the hands go on, also after a reload.
    app.expectFailures();
    await app.stop();
    await page.keyboard.press('Space');
    await doStepsUntil(page, /Clean the seal/);
    await expect(page.getByRole('status').first()).toHaveText(/not saved yet/);
    await page.reload();
    await expect(stepInHand(page)).toHaveText('Clean the seal and grease it');
    await page.getByRole('button', { name: 'The seal lies flat' }).click();
    await expect(stepInHand(page)).toHaveText('Fill the filter with tank water');
    // A caution is acknowledged by its own button: a tap beside it does nothing.
    await page.mouse.click(380, 520);
    await expect(stepInHand(page)).toHaveText('Fill the filter with tank water');
    await app.start();
    await expectSaved(page);
    await page.reload();
    await expect(stepInHand(page)).toHaveText('Fill the filter with tank water');

    // The timer of the leak watch survives a reload.
    await doStepsUntil(page, /Watch for leaks/);
    await page.getByRole('button', { name: 'Start the timer, 10 min' }).click();
    await expect(page.getByRole('timer', { name: 'Time left' })).toHaveText(/^(10:00|9:5\d)$/);
    await expectSaved(page);
    await page.reload();
    await expect(page.getByRole('timer', { name: 'Time left' })).toHaveText(/^9:[345]\d$/);

    await doStepsUntil(page, /Check the pack as you packed it/);
    await expect(page.getByText(/Porous ceramic, 12 mm: 1\.20\skg of 1\.\d\d\skg packed/)).toBeVisible();
    await doStepsUntil(page, /Measure the flow/);
    await typeFillings(page, '20', '20.5', '19.5');
    await page.getByRole('button', { name: 'Save reading' }).click();
    // Half of what is predicted: why, likeliest first, each with its check.
    await expect(page.getByTestId('verdict')).toContainText(/Clean flow 360\sL\/h: less than predicted\./);
    await expect(page.getByText('The strainer or the intake sponge is blocked.')).toBeVisible();
    await page.keyboard.press('Space');
    await finishRepack(page, 'water-tests');

    const card = page.getByRole('article', { name: 'Pack card' });
    await expect(card).toContainText(/Clean flow 360\sL\/h/);
    await expect(card.getByText('Working out the dates…')).toHaveCount(0);
    await expect(card.getByRole('row')).toHaveCount(9);

    // The card as a file: a page to read, and one with the drawing alone.
    const download = page.waitForEvent('download');
    await card.getByRole('link', { name: 'PDF, A4' }).click();
    const file = await PDFDocument.load(readFileSync(await (await download).path()));
    expect(file.getPageCount()).toBe(2);
    const markdown = page.waitForEvent('download');
    await card.getByRole('link', { name: 'Markdown' }).click();
    expect(readFileSync(await (await markdown).path(), 'utf8')).toMatch(
      /^# Reed bench[\s\S]*Clean flow 360 L\/h/,
    );
  });

  test('two devices pack one filter: every tick of both is kept', async ({ page, context, app }) => {
    await page.goto('/filter/reed-bench/repack');
    const other = await context.newPage();
    await other.setViewportSize({ width: 1280, height: 800 });
    await other.goto(`${app.url}/filter/reed-bench/repack`);
    await expect(other.getByText('2 of 8 in')).toBeVisible();
    // A save that meets a newer one is answered with it: the two become one.
    app.expectFailures();
    await page.getByRole('button', { name: 'The layer is in' }).click();
    await other.getByLabel('5: Bonded floss pad is in').check();
    await expectSaved(page);
    await expectSaved(other);
    await expect(other.getByText('4 of 8 in')).toBeVisible();
    await expect(page.getByRole('progressbar', { name: 'Steps done' })).toHaveAttribute(
      'aria-valuenow',
      '10',
    );
    // Taken out on one, it is out on the other.
    await other.getByLabel('3: Medium foam, 30 ppi is in').uncheck();
    await expectSaved(other);
    await expect(page.getByRole('progressbar', { name: 'Steps done' })).toHaveAttribute('aria-valuenow', '9');
  });

  test('a plan that changes in mid-repack says what comes out again', async ({ page, context, app }) => {
    await page.goto('/filter/reed-bench/repack');
    const other = await context.newPage();
    await other.setViewportSize({ width: 1280, height: 800 });
    await other.goto(`${app.url}/filter/reed-bench/plan`);
    const first = other.getByRole('list', { name: 'Layers in flow order' }).getByRole('button').first();
    await first.focus();
    await other.keyboard.press('Delete');
    await expectSaved(other);
    await page.reload();
    await expect(
      page.getByText('The plan has changed. 1 layer that is in is no longer in it.'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Mark as taken out' }).click();
    await expect(page.getByText('The plan has changed')).toHaveCount(0);
    await expectSaved(page);
  });
});

test.describe('from empty, on a phone', () => {
  test.use({ data: 'empty', viewport: PHONE });

  test('a hang-on-back’s first pack, from its box to the pack card', async ({ page }) => {
    await addFilter(page, 'Kitchen', '60 L', 'Water goes up the intake tube, under the basket');
    await page.getByRole('link', { name: 'Strip' }).click();
    await page.getByRole('button', { name: 'Set up a new filter' }).click();
    await page.getByRole('button', { name: 'Add Medium foam, 30 ppi' }).click();
    await page.getByRole('button', { name: 'Add Coarse foam, 15 ppi' }).click();
    await expectSaved(page);
    await page.getByRole('button', { name: 'Plan the new pack' }).click();
    await page.getByRole('button', { name: 'Go to the packing list' }).click();

    // Nothing runs that must be stopped; the packing is looked through.
    await doStepsUntil(page, /Check that the plug is still out/);
    await expect(page.getByText(/RCD/)).toBeVisible();
    await doStepsUntil(page, /Remove all packing material/);
    await expect(page.getByText(/levelling foot and the extension tubes/)).toBeVisible();
    await doStepsUntil(page, /Fit the levelling foot/);
    await doStepsUntil(page, /Coarse foam/);
    await expectSaved(page);
    await page.reload();
    await expect(stepInHand(page)).toHaveText(/Coarse foam/);
    await doStepsUntil(page, /Check the water level/);
    await expect(page.getByText(/^Expected: \d+\smm below the lowest rim/)).toBeVisible();
    await doStepsUntil(page, /Measure the flow/);
    await page.getByRole('button', { name: 'Continue without measuring' }).click();
    await finishRepack(page, 'water-tests');
    const card = page.getByRole('article', { name: 'Pack card' });
    await expect(card).toContainText('Clean flow: not measured.');
    await expect(card).toContainText(/The food is not entered: 0\.60\sg\/day is assumed/);
    await expect(card.getByRole('row')).toHaveCount(3);
  });
});
