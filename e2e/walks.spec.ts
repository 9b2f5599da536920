import type { Page } from '@playwright/test';
import {
  WORKED_OUT,
  addFilter,
  doStepsUntil,
  expect,
  expectSaved,
  finishRepack,
  layersInFlow,
  test,
} from './app';

test.use({ data: 'empty' });

interface Walk {
  readonly name: string;
  /** The way of the water, as the picture to choose says it. */
  readonly way: string;
  /** Media as they are lifted out, the first one first. */
  readonly lifted: readonly string[];
}

const WALKS: readonly Walk[] = [
  {
    name: 'a hang-on-back with a basket',
    way: 'Water goes up the intake tube, under the basket',
    lifted: ['Lava rock', 'Fine foam', 'Coarse foam'],
  },
  {
    name: 'a hang-on-back with cartridges',
    way: 'Water goes into a well, through one or more upright cartridges',
    lifted: ['Disposable cartridge', 'Disposable cartridge'],
  },
  {
    name: 'an up-flow canister',
    way: 'Water goes down a centre pipe',
    lifted: ['Porous ceramic', 'Fine foam', 'Coarse foam'],
  },
  {
    name: 'a down-flow canister',
    way: 'Water comes in at the top, goes down through the trays and up a return pipe.',
    lifted: ['Coarse foam', 'Fine foam', 'Porous ceramic'],
  },
  {
    name: 'an outside-in canister',
    way: 'Water goes up the outside through a ring of foam',
    lifted: ['Fine foam', 'Porous ceramic'],
  },
  {
    name: 'an internal filter with compartments',
    way: 'Water goes through slots, one after the other',
    lifted: ['Sintered glass', 'Fine foam', 'Coarse foam'],
  },
  {
    name: 'chambers of one’s own',
    way: 'Water goes through the chambers you enter',
    lifted: ['Lava rock', 'Coarse foam'],
  },
];

/** Sentences that are never true of a filter whose food was entered. */
const NEVER =
  /Enter the daily food|enter the daily food|no data for these days|perhaps not within|price not entered\)|undefined|NaN/;
/** Nor once a repack is finished. */
const NEVER_PACKED = /There is no forecast yet|finish a repack to see/;

/** All that a page says is true of this filter, and nothing is said twice in its findings. */
async function expectTrue(page: Page, isPacked = false): Promise<void> {
  const main = page.locator('main');
  await expect(main).not.toContainText(NEVER);
  if (isPacked) await expect(main).not.toContainText(NEVER_PACKED);
  const titles = await page.locator('[data-level] button, [aria-label="Findings"] li').allTextContents();
  expect(titles.filter((title, at) => title !== '' && titles.indexOf(title) !== at)).toEqual([]);
}

for (const { name, way, lifted } of WALKS)
  test(`${name}: from nothing to a logged service without a false sentence`, async ({ page }) => {
    await addFilter(page, 'Hall', '120', way);
    await page.getByLabel('Food a day').selectOption('weighed');
    await page.getByLabel('Dry food').fill('1');
    await expectSaved(page);
    await expectTrue(page);

    await page.getByRole('button', { name: 'Strip the filter' }).click();
    await expect(page.getByText('Nothing entered yet.')).toBeVisible();
    for (const [at, medium] of lifted.entries()) {
      // A tray for each, as far as there are trays.
      const next = page.getByRole('button', { name: /^Next (tray|slot|column|chamber)/ });
      if (at > 0 && (await next.count()) > 0) await next.click();
      await page.getByLabel('Search the media').fill(medium);
      await page.getByLabel('Search the media').press('Enter');
      await expect(layersInFlow(page)).toHaveCount(at + 1);
      // Of chambers that nobody has reached nothing is said.
      await expectTrue(page);
    }
    await expectSaved(page);
    await page.getByRole('link', { name: 'Review the layers' }).click();
    await expect(page.getByRole('region', { name: 'What to do with each layer' })).toBeVisible();
    await expectTrue(page);

    await page.getByRole('button', { name: 'Plan the new pack' }).click();
    await page.waitForURL(/\/plan$/);
    await expect(layersInFlow(page)).toHaveCount(lifted.length);
    // Verdict and questions agree.
    const questions = page.getByRole('region', { name: 'Key questions' });
    await expect(page.getByTestId('verdict-next')).toContainText(/Next service: (in|not)/, WORKED_OUT);
    const works = await page.getByText('No problems found.').count();
    if (works > 0) await expect(questions).not.toContainText(/Check|Urgent/);
    // Nothing new goes in: no bacteria leave.
    await expect(page.getByRole('region', { name: 'Verdict' })).not.toContainText('mature media leaves');
    await expectTrue(page);
    await page.getByRole('link', { name: 'Prepare' }).click();
    await page.waitForURL(/\/prepare$/);
    // All of it came out from this filter.
    await expect(page.getByRole('region', { name: 'Shopping list' })).not.toContainText(/to buy: [1-9]/);
    await expectTrue(page);

    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await page.getByRole('button', { name: 'Go to the packing list' }).click();
    await doStepsUntil(page, /Measure the flow/);
    await page.getByRole('button', { name: 'Continue without measuring' }).click();
    await finishRepack(page, 'care');
    await expect(page.getByRole('article', { name: 'Pack card' })).toBeVisible();

    const filter = new URL(page.url()).pathname.replace(/\/card$/, '');
    await page.goto(`${filter}/care`);
    const ahead = page.getByRole('region', { name: 'Forecast' });
    await expect(ahead).toContainText(/being worked out|Next service: /);
    await expectTrue(page, true);
    await expect(ahead).toContainText(/Next service: (in|any|not)|Needs service/, WORKED_OUT);
    await page.getByRole('link', { name: 'Log', exact: true }).click();
    await page.getByText('what you cleaned or replaced').click();
    await page.getByLabel(/^1: /).selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Save service' }).click();
    await expect(
      page.getByRole('region', { name: 'Log', exact: true }).getByRole('listitem').first(),
    ).toContainText('Service: ');
    await expectTrue(page, true);
    await page.goto(`${filter}/charts`);
    await expectTrue(page, true);
    // No new media went in: no tests are asked for.
    await page.goto(`${filter}/water-tests`);
    await expect(page.getByTestId('verdict')).toContainText('No media was changed recently');
    await page.goto('/');
    await expectTrue(page, true);
  });
