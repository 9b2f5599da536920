import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { request as ask, type RequestOptions } from 'node:https';
import path from 'node:path';
import type { Browser } from '@playwright/test';
import { ROOT } from '../scripts/prepare.mjs';
import { expect, freePort, stepInHand, test } from './app';

/** Stands in for the home network: nothing leaves this machine. */
const HOME = '127.0.0.2';

interface Shared {
  readonly here: string;
  readonly home: string;
  readonly port: number;
  readonly code: string;
  readonly stop: () => Promise<void>;
}

/** Starts the app as a keeper does who wants a phone beside the tank. */
async function share(database: string): Promise<Shared> {
  const [here, port] = [await freePort(), await freePort()];
  const child: ChildProcess = spawn('node', ['scripts/start.mjs', '--share', HOME], {
    cwd: ROOT,
    env: { ...process.env, NEAT_DB: database, PORT: `${here}`, SHARE_PORT: `${port}` },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const code = await new Promise<string>((resolve, reject) => {
    const hear = (text: Buffer) => {
      said += text.toString();
      const found = /Pairing code (\w{4}) (\w{4})[\s\S]*fingerprint \(SHA-256\): [\dA-F:]{95}/.exec(said);
      if (found !== null) resolve(`${found[1]}${found[2]}`);
    };
    child.stdout?.on('data', hear);
    child.stderr?.on('data', hear);
    child.on('exit', () => reject(new Error(said)));
  });
  return {
    here: `http://127.0.0.1:${here}`,
    home: `https://${HOME}:${port}`,
    port,
    code,
    async stop() {
      if (child.exitCode !== null) return;
      const gone = once(child, 'exit');
      child.kill('SIGKILL');
      await gone;
    },
  };
}

/** The status that a request over the home network is answered with, whatever its headers say. */
const status = (port: number, options: RequestOptions): Promise<number> =>
  new Promise((resolve, reject) => {
    ask({ host: HOME, port, rejectUnauthorized: false, ...options }, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    })
      .on('error', reject)
      .end();
  });

/** A phone’s browser, which does not know the certificate. */
const phoneOf = async (browser: Browser) =>
  (
    await browser.newContext({
      ignoreHTTPSErrors: true,
      viewport: { width: 390, height: 844 },
      locale: 'en-GB',
    })
  ).newPage();

test('a phone is paired over the home network, works beside the computer, and is removed', async ({
  page,
  app,
  browser,
}) => {
  const shared = await share(app.file);
  try {
    const { port, home, here, code } = shared;
    const own = `${HOME}:${port}`;
    // Nothing but the pairing page for others, whatever they claim to be.
    expect(await status(port, { path: '/api/devices', headers: { host: own } })).toBe(401);
    expect(await status(port, { path: '/', headers: { host: own } })).toBe(303);
    expect(await status(port, { path: '/', headers: { host: `pond.example:${port}` } })).toBe(403);
    expect(await status(port, { path: '/', headers: { host: new URL(here).host, 'x-neat-door': '' } })).toBe(
      403,
    );
    expect(
      await status(port, {
        path: '/pair',
        method: 'POST',
        headers: { host: own, origin: 'https://pond.example' },
      }),
    ).toBe(403);

    // A phone that installed the authority trusts the connection.
    const ca = readFileSync(path.join(path.dirname(app.file), 'certificate', 'authority.pem'));
    expect(await status(port, { path: '/', headers: { host: own }, ca, rejectUnauthorized: true })).toBe(303);

    // More than a form is not taken in before it is known who sends it, whatever cookie comes with it.
    for (const path of ['/pair', '/api/filters'])
      for (const cookie of ['', 'neat-device=forged'])
        expect(
          await status(port, {
            ...{ path, method: 'POST' },
            headers: { host: own, origin: home, cookie, 'content-length': '60000000' },
          }),
        ).toBe(413);

    const phone = await phoneOf(browser);
    await phone.goto(`${home}/filter/reed-bench/repack`);
    await expect(phone.getByRole('heading', { name: 'Pair this device' })).toBeVisible();
    await phone.getByLabel('Pairing code').fill('AAAA AAAA');
    await phone.getByRole('button', { name: 'Pair this device' }).click();
    await expect(phone.getByRole('alert')).toHaveText(/That code is wrong\. Check the code on the computer/);
    await phone.goto(`${home}/pair?code=${code}`);
    await phone.getByLabel('Name of this device').fill('Blue phone');
    await phone.getByRole('button', { name: 'Pair this device' }).click();
    await expect(phone.getByRole('heading', { name: 'Filters' })).toBeVisible();

    // The code is used up.
    const other = await phoneOf(browser);
    await other.goto(`${home}/pair?code=${code}`);
    await other.getByRole('button', { name: 'Pair this device' }).click();
    await expect(other.getByRole('alert')).toHaveText(/There is no valid code/);
    await other.goto(home);
    await expect(other.getByRole('heading', { name: 'Pair this device' })).toBeVisible();

    // Both devices at one repack. Without the certificate installed, offline is off and says so.
    await page.goto(`${here}/filter/reed-bench/repack`);
    await expect(page.getByText('2 of 8 in')).toBeVisible();
    await phone.goto(`${home}/filter/reed-bench/repack`);
    await phone.locator('html[data-alive]').waitFor({ state: 'attached' });
    await expect(stepInHand(phone)).toHaveText('Medium foam, 30 ppi');
    await phone.getByRole('button', { name: 'The layer is in' }).click();
    await expect(page.getByText('3 of 8 in')).toBeVisible();
    await expect(phone.getByText(/This browser cannot reload the page offline/)).toBeVisible();

    // A calendar reads what is due under its secret address, and nothing else, until that is revoked.
    await page.goto(`${here}/settings`);
    await page.getByRole('button', { name: 'Make a calendar address' }).click();
    const calendar = (await page.getByTestId('calendar-address').textContent()) ?? '';
    expect(calendar).toMatch(new RegExp(`^${home}/api/feed/[\\w-]{43}$`));
    const feed = { path: new URL(calendar).pathname, headers: { host: own } };
    expect(await status(port, feed)).toBe(200);
    expect(await status(port, { ...feed, path: `${feed.path}x` })).toBe(404);
    expect(await status(port, { ...feed, path: '/api/calendar' })).toBe(401);
    await page.getByRole('button', { name: 'Remove the address' }).click();
    await expect(page.getByTestId('calendar-address')).toBeHidden();
    expect(await status(port, feed)).toBe(404);

    // Removed under Settings, the phone sees the pairing page again.
    await page.goto(`${here}/settings`);
    await expect(page.getByText(`On, at ${home}.`)).toBeVisible();
    await page.getByRole('button', { name: 'Make a pairing code' }).click();
    await expect(page.getByTestId('pairing-code')).toHaveText(/^[2-9A-HJ-NP-Z]{4} [2-9A-HJ-NP-Z]{4}$/);
    await expect(page.getByRole('img', { name: 'Code to scan with the phone' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Paired devices' })).toContainText('Blue phone');
    await page.getByRole('button', { name: 'Remove Blue phone' }).click();
    await expect(page.getByText('No device is paired.')).toBeVisible();
    await phone.goto(home);
    await expect(phone.getByRole('heading', { name: 'Pair this device' })).toBeVisible();
    await page.goto('about:blank');
  } finally {
    await shared.stop();
  }
});

test('alone, the app is served on this machine only, and says how to share it', async ({ page }) => {
  await page.goto('/settings');
  await expect(page.getByText(/Off: only this computer can use the app/)).toBeVisible();
  await expect(page.getByText('npm start -- --share')).toBeVisible();
});
