import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { ROOT } from '../scripts/prepare.mjs';
import { DEMO_DATABASE } from './makeDemo';

/** The built app on a database of its own. */
export interface App {
  readonly url: string;
  /** Stops the app; pages stay open. */
  readonly stop: () => Promise<void>;
  /** Starts it again on the same address and data. */
  readonly start: () => Promise<void>;
  /** From here on failed requests are part of the story. */
  readonly expectFailures: () => void;
  readonly failuresExpected: boolean;
}

interface Options {
  /** The four waters, or nothing at all. */
  readonly data: 'demo' | 'empty';
}

export const test = base.extend<Options & { app: App; quiet: void }>({
  data: ['demo', { option: true }],
  app: async ({ data }, use) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'neat-e2e-'));
    const file = path.join(folder, 'test.sqlite');
    if (data === 'demo') copyFileSync(DEMO_DATABASE, file);
    const port = await freePort();
    const url = `http://127.0.0.1:${port}`;
    let server: ChildProcess | null = null;
    const start = async (): Promise<void> => {
      server = spawn(
        process.execPath,
        ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', `${port}`],
        {
          cwd: ROOT,
          env: { ...process.env, NEAT_DB: file, NEXT_TELEMETRY_DISABLED: '1' },
        },
      );
      await expect
        .poll(
          () =>
            fetch(`${url}/icon.svg`).then(
              (answer) => answer.ok,
              () => false,
            ),
          { timeout: 20_000 },
        )
        .toBe(true);
    };
    const stop = async (): Promise<void> => {
      if (server === null || server.exitCode !== null) return;
      const gone = once(server, 'exit');
      server.kill('SIGKILL');
      await gone;
    };
    await start();
    const app = {
      url,
      start,
      stop,
      failuresExpected: false,
      expectFailures() {
        this.failuresExpected = true;
      },
    };
    await use(app);
    await stop();
    rmSync(folder, { recursive: true });
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
      report(`console: ${message.text()}`);
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

async function freePort(): Promise<number> {
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

/** The layers of the flow line, as they are read out: "1 of 4: Coarse foam, 15 ppi, 3.0 cm, in Basket, covers 77 %". */
export const layersInFlow = (page: Page) =>
  page.getByRole('list', { name: 'Layers as the water meets them' }).getByRole('button');

/** Types a time into the stopwatch. */
export async function typeFillings(page: Page, ...seconds: string[]): Promise<void> {
  for (const time of seconds) {
    await page.getByLabel('Or type the time').fill(time);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
  }
}
