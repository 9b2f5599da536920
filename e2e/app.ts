import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { ROOT } from '../scripts/prepare.mjs';
import { DEMO_DATABASE } from './makeDemo';

/** Milliseconds of a day. */
const DAY = 86_400_000;

/** The built app on a database of its own. */
export interface App {
  readonly url: string;
  /** Its database. */
  readonly file: string;
  /** Stops the app; pages stay open. */
  readonly stop: () => Promise<void>;
  /** Starts it again on the same address and data. */
  readonly start: () => Promise<void>;
  /** Moves the clocks of the app and of the page so many days ahead of this machine's. */
  readonly daysLater: (page: Page, days: number) => Promise<void>;
  /** From here on failed requests are part of the story. */
  readonly expectFailures: () => void;
  readonly failuresExpected: boolean;
}

interface Options {
  /** The four waters, or nothing at all. */
  readonly data: 'demo' | 'empty';
}

/** One server a worker; each test gives it a database of its own. */
interface Server {
  readonly url: string;
  readonly use: (file: string) => Promise<void>;
  /** @param ms by which its clock is ahead of this machine's */
  readonly goAhead: (ms: number) => Promise<void>;
  readonly stop: () => Promise<void>;
  readonly start: () => Promise<void>;
}

/** The built app, started when it is first needed, on one port for as long as its worker lives. */
async function serve(): Promise<Server> {
  const port = await freePort();
  let child: ChildProcess | null = null;
  let file = '';
  const isUp = (): boolean => child !== null && child.exitCode === null && child.signalCode === null;
  const start = async (): Promise<void> => {
    if (isUp()) return;
    child = fork('e2e/server.mjs', [file, `${port}`], {
      cwd: ROOT,
      env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
      execArgv: [],
    });
    await once(child, 'message');
  };
  const tell = async (told: { file: string } | { ahead: number }): Promise<void> => {
    const ready = once(child as ChildProcess, 'message');
    child?.send(told);
    await ready;
  };
  return {
    url: `http://127.0.0.1:${port}`,
    start,
    async use(next) {
      file = next;
      await (isUp() ? tell({ file }) : start());
    },
    goAhead: (ms) => tell({ ahead: ms }),
    async stop() {
      if (!isUp()) return;
      const gone = once(child as ChildProcess, 'exit');
      child?.kill('SIGKILL');
      await gone;
    },
  };
}

export const test = base.extend<Options & { app: App; quiet: void }, { server: Server }>({
  data: ['demo', { option: true }],
  server: [
    async ({}, use) => {
      const server = await serve();
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  app: async ({ data, server }, use) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'neat-e2e-'));
    const file = path.join(folder, 'test.sqlite');
    if (data === 'demo') copyFileSync(DEMO_DATABASE, file);
    await server.use(file);
    const { url, start, stop, goAhead } = server;
    const app = {
      url,
      file,
      start,
      stop,
      async daysLater(page: Page, days: number) {
        const ms = days * DAY;
        await goAhead(ms);
        // It stands still there; timers go on.
        await page.clock.setFixedTime(new Date(Date.now() + ms));
      },
      failuresExpected: false,
      expectFailures() {
        this.failuresExpected = true;
      },
    };
    await use(app);
    // The next test opens another file; this one is deleted while nothing holds it open any more.
    await server.use(':memory:');
    rmSync(folder, { recursive: true });
  },
  // A page is used once it answers: a press on what the server drew would be lost.
  page: async ({ page }, use) => {
    const alive = () => page.locator('html[data-alive]').waitFor({ state: 'attached' });
    const goto = page.goto.bind(page);
    page.goto = async (url, options) => {
      const response = await goto(url, options);
      if (response?.ok() === true && response.headers()['content-type']?.startsWith('text/html') === true)
        await alive();
      return response;
    };
    const reload = page.reload.bind(page);
    page.reload = async (options) => {
      const response = await reload(options);
      await alive();
      return response;
    };
    await use(page);
  },
  quiet: [
    async ({ context, app }, use, info) => {
      const troubles: string[] = [];
      watch(context, (trouble) => {
        if (!app.failuresExpected) troubles.push(trouble);
      });
      await use();
      await context.close();
      if (info.status === 'passed') expect(troubles, 'console errors and failed requests').toEqual([]);
    },
    { auto: true },
  ],
  baseURL: async ({ app }, use) => use(app.url),
});

export { expect };

/** Chromium looks once, seconds after a page has loaded; the styles of the page just being asked for are not in use yet. */
const EARLY_PRELOAD =
  /^The resource .*\.css was preloaded using link preload but not used within a few seconds/;

/** Reports every console error, page error, failed request and server error of every page. */
function watch(context: BrowserContext, report: (trouble: string) => void): void {
  context.on('page', (page: Page) => {
    page.on('console', (message) => {
      if (!['error', 'warning'].includes(message.type()) || EARLY_PRELOAD.test(message.text())) return;
      report(`console: ${message.text()} (${message.location().url})`);
    });
    page.on('pageerror', (error) => report(`page: ${error.message}`));
    page.on('requestfailed', (request) => {
      // A page that is left gives up what it was still fetching; saves are sent with keepalive and are not given up.
      if (request.failure()?.errorText !== 'net::ERR_ABORTED' || request.method() !== 'GET')
        report(`request: ${request.method()} ${request.url()} ${request.failure()?.errorText}`);
    });
    page.on('response', (response) => {
      if (response.status() >= 400) report(`response: ${response.status()} ${response.url()}`);
    });
  });
}

/** A port that nothing listens on. */
export async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  server.close();
  await once(server, 'close');
  if (address === null || typeof address === 'string') throw new Error('No free port.');
  return address.port;
}

/** The bench's own word that all is stored. */
export const expectSaved = (page: Page): Promise<void> =>
  expect(page.getByRole('status').first()).toHaveText(/^saved/);

/** Adds a filter as a keeper does: its name, the water of its tank as it is typed, and the picture of its way. */
export async function addFilter(page: Page, name: string, water: string, way: string): Promise<void> {
  await page.goto('/new');
  await page.getByLabel('Name of the tank or filter').fill(name);
  await page.getByLabel('Water in the tank').fill(water);
  await page.getByText(way).click();
  await page.getByRole('button', { name: 'Add this filter' }).click();
}

/** How long what the app does in the background may take, as the forecast of a filter: ten seconds on a quick machine. */
export const WORKED_OUT = { timeout: 150_000 };

/** Presses a button that saves into the log, and waits for all of the answer: a page that is left before it breaks the request off. */
export async function saveInLog(page: Page, name: string): Promise<void> {
  const answered = page.waitForResponse(
    (response) => response.request().method() === 'POST' && new URL(response.url()).pathname === '/api/log',
  );
  await page.getByRole('button', { name }).click();
  await (await answered).finished();
}

/** Finishes a repack and opens the pack card: it ends on Today, or on Water tests where bacteria must grow. */
export async function finishRepack(page: Page, ends: 'care' | 'water-tests'): Promise<void> {
  await page.getByRole('button', { name: 'Finish the repack' }).click();
  await page.waitForURL(new RegExp(`/${ends}$`));
  await page.goto(page.url().replace(new RegExp(`${ends}$`), 'card'));
}

/** The layers of the flow line, as they are read out: "1 of 4: Coarse foam, 15 ppi, 3.0 cm, in Basket, covers 77 %". */
export const layersInFlow = (page: Page) =>
  page.getByRole('list', { name: 'Layers in flow order' }).getByRole('button');

/** The step of a repack that is in hand. */
export const stepInHand = (page: Page) =>
  page.getByRole('region', { name: 'This step' }).getByRole('heading', { level: 2 });

/** Most steps between two that a test looks at. */
const MAX_STEPS = 60;

/** Does one step of a repack after the other with the space bar until the one with this title is in hand. */
export async function doStepsUntil(page: Page, title: RegExp): Promise<void> {
  const region = page.getByRole('region', { name: 'This step' });
  for (let step = 0; step < MAX_STEPS; step += 1) {
    const now = await region.innerText();
    if (title.test((await stepInHand(page).textContent()) ?? '')) return;
    await page.keyboard.press('Space');
    await expect.poll(() => region.innerText()).not.toBe(now);
  }
  throw new Error(`No step is called ${String(title)}.`);
}

/** Types a time into the stopwatch. */
export async function typeFillings(page: Page, ...seconds: string[]): Promise<void> {
  for (const time of seconds) {
    await page.getByLabel('Or type the time').fill(time);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
  }
}

/** The four questions of the bench, by a piece of each. */
const QUESTIONS = {
  through: 'Does the water go through every layer',
  clogs: 'How long until it clogs?',
  bacteria: 'Is there enough surface for bacteria?',
  cost: 'What does it cost and weigh?',
} as const;

/** Opens one of the four questions of the bench: its findings and figures. */
export const openQuestion = (page: Page, question: keyof typeof QUESTIONS): Promise<void> =>
  page.getByRole('region', { name: 'Key questions' }).getByText(QUESTIONS[question]).click();

/** Opens all of them; the sheet is at its top again afterwards. */
export async function openQuestions(page: Page): Promise<void> {
  for (const question of ['through', 'clogs', 'bacteria', 'cost'] as const)
    await openQuestion(page, question);
  await page.evaluate(() => window.scrollTo(0, 0));
}
