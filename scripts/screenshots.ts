// npm run screenshots: one current picture of each main view, from the demo data, into docs/screenshots/; after --, names
// of views: only those.
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Page, type ViewportSize } from '@playwright/test';
import playwrightConfig from '../playwright.config';
import { ROOT, say } from './prepare.mjs';
import { serveDemo } from './serveDemo';

const PORT = '3049';
const OUTPUT_FOLDER = path.join(ROOT, 'docs', 'screenshots');
const DESK = { width: 1280, height: 800 };
/** Milliseconds that a filter’s log may take to learn from. */
const LEARNING = 120_000;
const PHONE = { width: 390, height: 844 };

interface View {
  readonly name: string;
  readonly address: string;
  readonly size: ViewportSize;
  readonly scheme?: 'dark';
  readonly act?: (page: Page) => Promise<void>;
}

const chooseLayer = (page: Page, index: number): Promise<void> =>
  page.getByRole('list', { name: 'Layers in flow order' }).getByRole('button').nth(index).click();

/** Begins to take a filter apart, with the clock running. */
async function beginStrip(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Strip the filter' }).click();
  await page.getByRole('heading', { name: 'The filter, as found' }).waitFor();
  await page.getByRole('button', { name: 'Filter is off: start the clock' }).click();
}

/** Begins the plan of a filter, where no view before this one has. */
async function beginPlan(page: Page): Promise<void> {
  const begin = page.getByRole('button', { name: 'Plan without opening the filter' });
  const plans = page.getByRole('group', { name: 'Plans' });
  await begin.or(plans).waitFor();
  if (await begin.isVisible()) await begin.click();
  await plans.waitFor();
}

const VIEWS: readonly View[] = [
  {
    name: 'today',
    address: '/filter/long-run/care',
    size: DESK,
    act: async (page) => {
      await page.getByText(/^Based on/).waitFor({ timeout: LEARNING });
    },
  },
  {
    name: 'filters',
    address: '/',
    size: DESK,
    act: async (page) => {
      // One filter after another is worked out, this one last.
      const last = page.getByRole('listitem').filter({ hasText: 'Hatchery' });
      await last.filter({ hasText: 'Next service' }).waitFor({ timeout: LEARNING });
    },
  },
  {
    name: 'fault-finder',
    address: '/filter/long-run/fault',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: /^Weak flow/ }).click();
      await page.getByRole('heading', { level: 2 }).first().waitFor();
    },
  },
  { name: 'measure', address: '/filter/long-run/measure', size: DESK },
  {
    name: 'strip',
    address: '/filter/long-run/strip',
    size: DESK,
    act: async (page) => {
      await beginStrip(page);
      await page.getByRole('button', { name: 'Next tray' }).click();
      await chooseLayer(page, 2);
    },
  },
  {
    name: 'review',
    address: '/filter/long-run/strip',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Cancel this repack' }).click();
      await page.getByRole('button', { name: 'Remove the repack' }).click();
      await page.getByRole('button', { name: 'Strip the filter' }).waitFor();
      await page.goto(new URL('/filter/window-sill/strip', page.url()).href);
      await beginStrip(page);
      await chooseLayer(page, 2);
      await page.getByRole('button', { name: 'blocked' }).click();
      await page.getByRole('link', { name: 'Review the layers' }).click();
      await page.getByRole('region', { name: 'What to do with each layer' }).waitFor();
    },
  },
  {
    name: 'plan-hang-on-back',
    address: '/filter/window-sill/strip',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Plan the new pack' }).click();
      await page.getByRole('list', { name: 'Best changes' }).getByRole('button').first().waitFor();
      await page
        .getByTestId('verdict-next')
        .filter({ hasText: /Next service: in / })
        .waitFor();
    },
  },
  {
    name: 'compare',
    address: '/filter/window-sill/plan',
    size: DESK,
    act: async (page) => {
      await beginPlan(page);
      await page.getByRole('button', { name: 'Duplicate plan' }).click();
      await page.getByRole('button', { name: 'Alternative 1' }).waitFor();
      await page.getByText('Does the water go through every layer').click();
      await page.getByRole('button', { name: 'Cut wall to wall' }).click();
      await page.getByRole('button', { name: 'Compare' }).click();
      await page.getByRole('table').waitFor();
      await page.getByText('Working out a year for each').waitFor({ state: 'detached' });
      await page.getByRole('table').filter({ hasNotText: '…' }).waitFor();
    },
  },
  {
    name: 'proposals',
    address: '/filter/window-sill/plan',
    size: DESK,
    act: async (page) => {
      await beginPlan(page);
      await page.getByRole('button', { name: 'Propose packs' }).click();
      await page.getByText(/packs .*tried.* forecast\./).waitFor({ timeout: LEARNING });
      // Ranges are worked out one after the other.
      const last = page.getByRole('list', { name: 'Proposals' }).getByRole('listitem').last();
      await last.filter({ hasText: /\d–\d+\s(weeks|days)|or later/ }).waitFor({ timeout: LEARNING });
    },
  },
  {
    name: 'usual-packs',
    address: '/filter/reed-bench/plan',
    size: DESK,
    act: async (page) => {
      await page.getByRole('button', { name: 'Usual packs' }).click();
      const usual = page.getByRole('region', { name: 'Usual packs' });
      await usual
        .getByText(/\d–\d+\s(weeks|days)|or later|over a year/)
        .nth(2)
        .waitFor();
      await usual.filter({ hasNotText: 'being worked out' }).waitFor();
      await page
        .getByTestId('verdict-next')
        .filter({ hasText: /Next service: in / })
        .waitFor();
    },
  },
  {
    name: 'media-swap',
    address: '/filter/reed-bench/media-swap',
    size: DESK,
    act: async (page) => {
      for (const name of [/^Medium foam/, /^Bonded floss/, /^Porous ceramic.*tray 3/])
        await page.getByRole('checkbox', { name }).check();
      await page.getByText('Start the swap today').click();
      await page.getByText('Stage 1 is done').click();
      await page
        .getByTestId('verdict-next')
        .filter({ hasText: /due in/ })
        .waitFor();
      await page.getByText(/^saved/).waitFor();
    },
  },
  {
    name: 'water-tests',
    address: '/filter/reed-bench/water-tests',
    size: DESK,
    act: async (page) => {
      // The first of them is typed as it was four days ago: what the app shows is of days, not of two tests at once.
      await page.request.post(new URL('/api/log', page.url()).href, {
        headers: { 'x-change-id': crypto.randomUUID() },
        data: {
          id: crypto.randomUUID(),
          filterId: 'reed-bench',
          jobId: null,
          at: new Date(Date.now() - 4 * 86_400_000).toISOString(),
          kind: 'test',
          ammonia: 1.5e-4,
          nitrite: 1.5e-4,
          nitrate: null,
          pH: null,
          scale: 'nitrogen',
          note: '',
        },
      });
      await page.reload({ waitUntil: 'networkidle' });
      await page.getByLabel('Ammonia as N', { exact: true }).fill('0.60');
      await page.getByLabel('Nitrite as N', { exact: true }).fill('0.20');
      await page.getByRole('button', { name: 'Save reading' }).click();
      await page
        .getByRole('cell', { name: /ammonia 0.60/ })
        .first()
        .waitFor();
    },
  },
  {
    name: 'prepare',
    address: '/filter/window-sill/plan',
    size: DESK,
    act: async (page) => {
      await beginPlan(page);
      await page.getByText('Does the water go through every layer').click();
      await page.getByRole('button', { name: 'Cut wall to wall' }).first().click();
      await page.getByText(/^saved/).waitFor();
      await page.getByRole('link', { name: 'Prepare' }).click();
      await page.getByRole('heading', { name: 'Cut plan' }).waitFor();
      await page.getByText('working out').waitFor({ state: 'detached' });
    },
  },
  { name: 'shelf', address: '/shelf', size: DESK },
  { name: 'repack', address: '/filter/reed-bench/repack', size: DESK },
  { name: 'repack-phone', address: '/filter/reed-bench/repack', size: PHONE, scheme: 'dark' },
  {
    name: 'pack-card',
    address: '/filter/window-sill/card',
    size: DESK,
    act: (page) =>
      page
        .getByText(/^About /)
        .first()
        .waitFor(),
  },
  {
    name: 'charts',
    address: '/filter/long-run/charts',
    size: DESK,
    act: async (page) => {
      await page.getByText(/^expected \d.*; measured/).waitFor({ timeout: LEARNING });
    },
  },
  { name: 'mature', address: '/mature', size: DESK, scheme: 'dark' },
];

/** All views, or those that are named; some go on from where one before them stopped. */
const named = process.argv.slice(2);
const isWanted = ({ name }: View): boolean => named.length === 0 || named.includes(name);

await serveDemo(PORT, async (url) => {
  mkdirSync(OUTPUT_FOLDER, { recursive: true });
  const browser = await chromium.launch(playwrightConfig.use?.launchOptions);
  for (const { name, address, size, scheme, act } of VIEWS.filter(isWanted)) {
    const page = await browser.newPage({
      viewport: size,
      colorScheme: scheme ?? 'light',
      reducedMotion: 'reduce',
      locale: 'en-GB',
    });
    await page.goto(url + address, { waitUntil: 'networkidle' });
    await page.evaluate(() => document.fonts.ready);
    await act?.(page);
    await page.screenshot({ path: path.join(OUTPUT_FOLDER, `${name}.png`) });
    await page.close();
    say(name);
  }
  await browser.close();
});
