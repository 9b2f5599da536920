import { expect, type Page } from '@playwright/test';

/** Width of a phone on which every page must fit, px. */
const PHONE_WIDTH = 390;

/** Says that nothing on the page as it stands is wider than a phone; the window is as wide as one from then on. */
export async function expectNoWider(page: Page): Promise<void> {
  await page.setViewportSize({ width: PHONE_WIDTH, height: 844 });
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth), page.url())
    .toBeLessThanOrEqual(PHONE_WIDTH);
}
