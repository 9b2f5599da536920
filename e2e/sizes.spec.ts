import { gzipSync } from 'node:zlib';
import type { Response } from '@playwright/test';
import { expect, test } from './app';

/** The most JavaScript that a sheet may ask of a browser before it answers, kB gzipped. */
const MOST = [
  ['/', 220],
  // 304 to 316: more where the forecast’s worker begins before the page is still.
  ['/filter/reed-bench/plan', 325],
  ['/filter/reed-bench/measure', 270],
  // 261, and 270 where what it fetches ahead comes before the page is still.
  ['/filter/reed-bench/repack', 280],
  ['/filter/window-sill/care', 260],
  ['/filter/window-sill/water-tests', 270],
  ['/filter/long-run/card', 235],
  ['/new', 270],
  ['/filter/window-sill/charts', 275],
] as const;

for (const [address, most] of MOST)
  test(`the JavaScript of ${address} is at most ${most} kB`, async ({ page }) => {
    const sizes: Promise<number>[] = [];
    const weigh = (response: Response): void => {
      // What a worker loads does not keep the page from answering.
      if (response.request().resourceType() === 'script')
        sizes.push(response.body().then((body) => gzipSync(body).length));
    };
    page.on('response', weigh);
    // The clock stands, so that what a sheet fetches ahead once it has stood for a while stays out of it.
    await page.clock.install({ time: new Date() });
    await page.clock.pauseAt(new Date(Date.now() + 60_000));
    await page.goto(address, { waitUntil: 'networkidle' });
    // What comes later was not needed, and its body may be gone with the page before it was read.
    page.off('response', weigh);
    const total = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0) / 1000;
    test.info().annotations.push({ type: 'size', description: `${address}: ${total.toFixed(0)} kB` });
    expect(total).toBeGreaterThan(100);
    expect(total).toBeLessThanOrEqual(most);
  });
