import type { Locator } from '@playwright/test';
import { addFilter, expect, expectSaved, layersInFlow, openQuestion, test } from './app';
import { expectAccessible } from './expectAccessible';

/** What a new keeper must do at most before the app answers, and before a usual pack is a finished packing list. */
const FIRST_VERDICT = { entries: 3, presses: 4 };
/** And before an open filter of seven layers in four trays is written down. */
const OPEN_FILTER = { entries: 7, presses: 16 };
const PACKING_LIST = { entries: 5, presses: 12 };

/** Enters and presses as a keeper does, and counts both; a list is chosen from by its value. */
function countedHands() {
  const count = { entries: 0, presses: 0 };
  return {
    count,
    enter: async (field: Locator, text: string): Promise<void> => {
      count.entries += 1;
      if ((await field.evaluate(({ tagName }) => tagName)) === 'SELECT') await field.selectOption(text);
      else await field.fill(text);
    },
    press: async (target: Locator): Promise<void> => {
      count.presses += 1;
      await target.click();
    },
  };
}

test.describe('from nothing', () => {
  test.use({ data: 'empty' });

  test('a first verdict takes a few entries and presses, and compares with nothing', async ({ page }) => {
    const { enter, press, count } = countedHands();
    await page.goto('/');
    await press(page.getByRole('link', { name: 'Add a filter' }).last());
    await enter(page.getByLabel('Name of the tank or filter'), 'Kitchen');
    await enter(page.getByLabel('Water in the tank'), '120');
    await press(
      page.getByText('Water comes in at the top, goes down through the trays and up a return pipe.'),
    );
    await press(page.getByRole('button', { name: 'Add this filter' }));
    await expect(page.getByTestId('verdict')).toHaveText(/You have entered enough to plan this filter/);
    await expect(page.getByTestId('verdict-next')).toContainText('Start with the daily food');
    await press(page.getByRole('button', { name: 'Plan without opening the filter' }));
    // Each pack that is offered has its verdict, with nothing entered of the food: that is assumed, and said.
    const usual = page.getByRole('region', { name: 'Usual packs' });
    await expect(usual.getByText('No problems found.').first()).toBeVisible();
    await expect(usual.getByText(/^(\d+–\d+\s(weeks|days)|.* or later|over a year)$/).first()).toBeVisible();
    expect(count.entries, 'entries').toBeLessThanOrEqual(FIRST_VERDICT.entries);
    expect(count.presses, 'presses').toBeLessThanOrEqual(FIRST_VERDICT.presses);
    await expect(page.getByTestId('verdict')).toHaveText(/The filter is empty/);
    await expect(usual).toContainText(/Food is assumed: 1\.20\sg\/day\. Enter it under Measure/);
    for (const [place, medium] of [
      ['in “Top tray”', 'Coarse foam, 15 ppi'],
      ['after the coarse foam', 'Fine foam, 45 ppi'],
      ['in “Tray 3, from below”', 'Porous ceramic, 12 mm'],
    ] as const) {
      await press(page.getByRole('button', { name: `Add a layer ${place}` }));
      await press(page.getByRole('button', { name: `Add ${medium}` }));
    }
    await expect(page.getByTestId('verdict')).not.toHaveText(/empty: add/);
    await expect(page.getByTestId('verdict-next')).toHaveText(/^Next service: (in|not)/);
    await expectSaved(page);

    // Nothing was ever in it: no pack is made up to compare with.
    await expect(page.getByText('as last packed')).toHaveCount(0);
    await expect(page.getByRole('button', { name: /^Reset to/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(
      page.getByRole('table', { name: 'Packs side by side' }).getByRole('columnheader'),
    ).toHaveText([/Plan/]);
  });

  test('a usual pack is a finished packing list in a few presses, and can be taken back', async ({
    page,
  }) => {
    const { enter, press, count } = countedHands();
    await page.goto('/');
    await press(page.getByRole('link', { name: 'Add a filter' }).last());
    await enter(page.getByLabel('Name of the tank or filter'), 'Kitchen');
    await enter(page.getByLabel('Water in the tank'), '120');
    await press(
      page.getByText('Water comes in at the top, goes down through the trays and up a return pipe.'),
    );
    await press(page.getByRole('button', { name: 'Add this filter' }));
    await enter(page.getByLabel('Food a day'), 'weighed');
    await enter(page.getByLabel('Dry food'), '2');
    await expect(page.getByTestId('verdict')).toHaveText(/You have entered enough to plan this filter/);
    await press(page.getByRole('button', { name: 'Plan without opening the filter' }));
    const usual = page.getByRole('region', { name: 'Usual packs' });
    await expect(usual.getByRole('heading', { level: 3 })).toHaveText([
      'Graded, with floss',
      'Graded, foam only',
      'Foam alone',
    ]);
    // Each with its four answers, and with nothing wrong.
    await expect(usual.getByText(/^(\d+–\d+\s(weeks|days)|.* or later|over a year)$/)).toHaveCount(3);
    await expect(usual.getByText('No problems found.')).toHaveCount(3);
    await expect(usual.getByRole('region', { name: 'Cautions' })).toContainText('Do not breathe dust');
    await press(usual.getByRole('button', { name: /^Use this pack.*Graded, with floss/ }));
    await expect(layersInFlow(page)).toHaveCount(6);
    await expect(page.getByTestId('verdict-next')).toHaveText(/^Next service: (in|not)/);
    await press(page.getByRole('button', { name: 'Go to the packing list' }));
    await expect(page.getByRole('region', { name: 'This step' })).toBeVisible();
    expect(count.entries, 'entries').toBeLessThanOrEqual(PACKING_LIST.entries);
    expect(count.presses, 'presses').toBeLessThanOrEqual(PACKING_LIST.presses);

    // At any time later another is a press away, and so is the pack that was there.
    await page.goBack();
    await expect(layersInFlow(page)).toHaveCount(6);
    await page.getByRole('button', { name: 'Usual packs' }).click();
    await page.getByRole('button', { name: /^Use this pack.*Foam alone/ }).click();
    await expect(layersInFlow(page)).toHaveCount(4);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(layersInFlow(page)).toHaveCount(6);
    await expectSaved(page);
  });

  test('an open filter is written down tray by tray: seven layers in four trays', async ({ page }) => {
    await addFilter(
      page,
      'Kitchen',
      '120',
      'Water comes in at the top, goes down through the trays and up a return pipe.',
    );
    const { enter, press, count } = countedHands();
    await press(page.getByRole('button', { name: 'Strip the filter' }));
    await press(page.getByRole('button', { name: 'Filter is off: start the clock' }));
    const verdict = page.getByTestId('verdict');
    await expect(verdict).toHaveText('In your hands: top tray. Nothing entered yet.');
    const trays = [
      [
        ['Bonded floss pad', '1.5'],
        ['Coarse foam, 15 ppi', '3'],
      ],
      [
        ['Medium foam, 30 ppi', '3'],
        ['Fine foam, 45 ppi', '2'],
      ],
      [['Porous ceramic, 12 mm', '7.5']],
      [
        ['Porous ceramic, 12 mm', '4'],
        ['Dense ceramic rings', '3'],
      ],
    ] as const;
    for (const [at, tray] of trays.entries()) {
      if (at > 0) await press(page.getByRole('button', { name: 'Next tray' }));
      for (const [medium, thickness] of tray) {
        await press(page.getByRole('button', { name: `Add ${medium}` }));
        await enter(page.getByLabel('Thickness', { exact: true }), thickness);
      }
    }
    await expect(verdict).toHaveText('In your hands: bottom tray. 2 layers entered.');
    await expect(layersInFlow(page)).toHaveText(['P', 'C', 'M', 'F', 'PC', 'PC', 'R']);
    await expectSaved(page);
    await press(page.getByRole('link', { name: 'Review the layers' }));
    await expect(page.getByRole('region', { name: 'What to do with each layer' })).toBeVisible();
    expect(count.entries, 'entries').toBeLessThanOrEqual(OPEN_FILTER.entries);
    expect(count.presses, 'presses').toBeLessThanOrEqual(OPEN_FILTER.presses);
  });

  test('a tray is empty, is taken in hand again, and nothing goes on by itself', async ({ page }) => {
    await addFilter(
      page,
      'Kitchen',
      '120',
      'Water comes in at the top, goes down through the trays and up a return pipe.',
    );
    await page.getByRole('button', { name: 'Strip the filter' }).click();
    const verdict = page.getByTestId('verdict');
    await page.getByRole('button', { name: 'This tray is empty' }).click();
    await expect(verdict).toHaveText('In your hands: tray 3, from below. Nothing entered yet.');
    // Full to the brim, it stays in the hands until the keeper goes on.
    await page.getByRole('button', { name: 'Add Medium foam, 30 ppi' }).click();
    await page.getByRole('button', { name: 'all that is left' }).click();
    await expect(page.getByLabel('Thickness', { exact: true })).toHaveValue('8.0');
    await expect(verdict).toHaveText('In your hands: tray 3, from below. 1 layer entered.');
    const out = page.getByRole('list', { name: 'Taken out so far' });
    await out.getByRole('button', { name: /take Top tray in hand again/ }).click();
    await expect(verdict).toHaveText('In your hands: top tray. Nothing entered yet.');
    await expectSaved(page);
    await page.reload();
    await expect(verdict).toHaveText('In your hands: top tray. Nothing entered yet.');
    await expectAccessible(page);
  });

  test('made-up filters can be tried and are removed in one press; an own one stays', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Try it with four example filters' }).click();
    const names = page.getByRole('heading', { level: 2 });
    await expect(names).toHaveCount(4);
    await addFilter(
      page,
      'Kitchen',
      '120',
      'Water comes in at the top, goes down through the trays and up a return pipe.',
    );
    await expect(page.getByTestId('verdict')).toBeVisible();
    await page.goto('/');
    await expect(names).toHaveCount(5);
    await page.getByRole('button', { name: 'Remove the example filters' }).click();
    await expect(names).toHaveText(['Kitchen']);
    await expect(page.getByRole('button', { name: 'Remove the example filters' })).toHaveCount(0);
  });
});

test('a plan is made without stripping, from the pack that went in last', async ({ page }) => {
  await page.goto('/filter/window-sill/measure');
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('button', { name: 'Plan without opening the filter' }).click();
  await expect(page.getByText('as last packed', { exact: true })).toBeVisible();
  await expect(page.getByText('The plan is the same as the pack as last packed.')).toBeVisible();
  // The filter runs on: nothing was stripped, and no clock runs.
  await expect(page.getByRole('link', { name: /^Strip.*done/ })).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Out of flow' })).toHaveCount(0);
  const layers = layersInFlow(page);
  const before = await layers.count();
  await layers.last().focus();
  await page.keyboard.press('Delete');
  await expect(layers).toHaveCount(before - 1);
  await expectSaved(page);
  await page.reload();
  await expect(layers).toHaveCount(before - 1);
  await page.getByRole('button', { name: 'Reset to the pack as last packed' }).click();
  await expect(layers).toHaveCount(before);
  await expectSaved(page);

  await page.getByRole('link', { name: 'Filters' }).click();
  const row = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Window sill' }) });
  await row.getByRole('link', { name: 'Continue the plan' }).click();
  await page.getByRole('button', { name: 'Cancel this plan' }).click();
  await page.getByRole('button', { name: 'Remove the plan' }).click();
  await expect(page.getByRole('button', { name: 'Plan without opening the filter' })).toBeVisible();
});

test('every main view says first how things are', async ({ page }) => {
  const BELOW = 200;
  for (const address of ['measure', 'strip', 'review', 'plan', 'flow'].map(
    (view) => `/filter/reed-bench/${view}`,
  )) {
    await page.goto(address);
    const head = await page.getByRole('banner').boundingBox();
    const verdict = await page.getByTestId('verdict').boundingBox();
    expect((verdict?.y ?? Infinity) + (verdict?.height ?? 0), address).toBeLessThan(
      (head?.y ?? 0) + (head?.height ?? 0) + BELOW,
    );
  }
  await page.goto('/');
  const first = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading') })
    .first();
  await expect(first.getByRole('link', { name: 'Continue repacking' })).toBeInViewport();
});

test('a link pressed while the app is away says so, and the page stays', async ({ page, app }) => {
  await page.goto('/filter/hatchery/measure');
  app.expectFailures();
  await app.stop();
  await page.getByRole('link', { name: 'Care' }).click();
  await expect(page.getByText(/The app is not responding, so this page stays/)).toBeVisible();
  await expect(page.getByLabel('Filter name')).toHaveValue('Hatchery');
  await app.start();
  await page.getByRole('link', { name: 'Care' }).click();
  await expect(page.getByRole('region', { name: 'Quick look' })).toBeVisible();
});

test('times of a reading survive a reload', async ({ page }) => {
  await page.goto('/filter/hatchery/flow');
  await page.getByLabel('Jug, up to its mark').fill('1');
  for (const time of ['15.2', '15.6']) {
    await page.getByLabel('Or type the time').fill(time);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
  }
  const fillings = page.getByRole('list', { name: 'Times' }).getByRole('listitem');
  await expect(fillings).toHaveCount(2);
  await page.reload();
  await expect(fillings).toHaveCount(2);
  await expect(page.getByLabel('Jug, up to its mark')).toHaveValue('1.00');
  await page.getByRole('button', { name: 'Start filling 3' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Stop at the mark' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete time 1' }).click();
  await page.getByRole('button', { name: 'Delete time 1' }).click();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the pack stands upright under its verdict, and a finding leads to its layer by touch', async ({
    page,
  }) => {
    await page.goto('/filter/window-sill/plan');
    await page.getByRole('button', { name: 'Plan without opening the filter' }).tap();
    const line = page.getByTestId('flow-line');
    const layers = line.getByRole('button', { name: /^\d of 4/ });
    await expect(layers).toHaveCount(4);
    const tops = await layers.evaluateAll((list) => list.map((layer) => layer.getBoundingClientRect().top));
    expect([...tops].sort((a, b) => a - b)).toEqual(tops);
    await expect(
      page.getByRole('list', { name: 'Best changes' }).getByRole('listitem').first(),
    ).toBeVisible();

    await openQuestion(page, 'through');
    await page
      .getByRole('button', { name: /comes after sintered glass/ })
      .first()
      .tap();
    const chosen = line.getByRole('button', { pressed: true });
    await expect(chosen).toHaveCount(1);
    await expect(chosen).toBeInViewport();

    await line.getByRole('button', { name: /^Add a layer before the coarse foam/ }).tap();
    await page.getByRole('button', { name: 'Add Egg-crate pond foam, 20 ppi' }).tap();
    await expect(line.getByRole('button', { name: /^\d of 5/ })).toHaveCount(5);
    await expectSaved(page);
  });
});
