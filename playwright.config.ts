import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/prepare.mjs';

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/makeDemo.ts',
  outputDir: 'test-results/browser',
  workers: 2,
  fullyParallel: true,
  // Where the machine is shared with others, a stall of seconds is not the app’s; a fault fails twice.
  retries: process.env.CI === undefined ? 0 : 1,
  forbidOnly: process.env.CI !== undefined,
  // A guard against hanging only: a busy machine may take many times what a quiet one does.
  timeout: 600_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    contextOptions: { reducedMotion: 'reduce' },
    // A trace slows every step down: CI keeps one of a test that is tried again.
    trace: process.env.CI === undefined ? 'retain-on-failure' : 'on-first-retry',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
