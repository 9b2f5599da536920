import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { plainLayer } from '@/core/layers/plainLayer';
import { ROOT } from '../scripts/prepare.mjs';
import { expect, expectSaved, layersInFlow, test } from './app';

test('numbers: a slip says what to type, and what is stored stays', async ({ page }) => {
  await page.goto('/filter/window-sill/measure');
  const basket = page.getByRole('listitem', { name: 'Chamber 1: Basket' });
  const depth = basket.getByLabel('Depth');
  for (const [typed, message] of [
    ['-4', 'Depth along the flow must be more than 0.0 cm and at most 200 cm.'],
    ['0', 'must be more than 0.0 cm'],
    ['999999', 'at most 200 cm'],
    ['twelve', '“twelve” is not a number. Type a number, such as 4.5 cm.'],
    ['12 kg', '“kg” is not a unit for this. Use cm, mm, m, in, ft.'],
    ['', 'Type a number, such as 4.5 cm.'],
  ] as const) {
    await depth.fill(typed);
    await expect(page.getByText(message)).toBeVisible();
  }
  await expectSaved(page);
  await page.reload();
  await expect(depth).toHaveValue('12.0');

  // A stop beyond the end fits no bound of its own: the store refuses it, the screen says so, nothing is stored.
  await page.getByLabel('Fill limit at').fill('11,5');
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('Fill limit at')).toHaveValue('11.5');
  await basket.getByLabel('Depth').fill('4 3/4 in');
  await expectSaved(page);
  await basket.getByLabel('Depth').blur();
  await expect(basket.getByLabel('Depth')).toHaveValue('12.1');
});

test('a stop beyond the chamber’s end is refused in words and mended by typing on', async ({ page, app }) => {
  await page.goto('/filter/window-sill/measure');
  app.expectFailures();
  await page.getByLabel('Fill limit at').fill('20');
  await expect(page.getByRole('alert').filter({ hasText: 'cannot be saved' })).toContainText(
    'The fill limit is beyond the end of the chamber',
  );
  await page.getByLabel('Fill limit at').fill('11');
  await expectSaved(page);
  await page.reload();
  await expect(page.getByLabel('Fill limit at')).toHaveValue('11.0');
});

test('files: what is torn, newer or strange is listed and nothing is added; a good one comes in beside the rest', async ({
  page,
}) => {
  await page.goto('/filter/window-sill/measure');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save as a file' }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('window-sill.neatlayer.json');
  const text = readFileSync(await saved.path(), 'utf8');

  await page.goto('/new');
  const give = (content: string) =>
    page.getByLabel('Neat Layer file').setInputFiles({
      name: 'x.neatlayer.json',
      mimeType: 'application/json',
      buffer: Buffer.from(content),
    });
  const fault = page.getByRole('alert').filter({ hasText: 'Nothing was added' });
  await give(text.slice(0, text.length / 2));
  await expect(fault).toContainText('may have been cut off');
  await give(text.replace(/"version": \d+/, '"version": 99'));
  await expect(fault).toContainText('newer version of the app');
  await give(text.replaceAll('sintered-glass', 'moon-rock'));
  await expect(fault).toContainText('refers to the medium “moon-rock”');
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(4);

  await page.goto('/new');
  await give(text);
  await expect(page.getByText(/This would add/)).toContainText('Window sill');
  await page.getByRole('button', { name: 'Add the filter from the file' }).click();
  await expect(page.getByLabel('Flow on the label')).toHaveValue('650');
  await page.getByRole('link', { name: 'Filters' }).click();
  await expect(page.getByRole('heading', { level: 2, name: /^Window sill/ })).toHaveCount(2);
});

test('the stopwatch takes no press that cannot be a filling', async ({ page }) => {
  const now = new Date('2026-11-25T12:00:00Z');
  await page.clock.install({ time: now });
  await page.goto('/filter/long-run/flow');
  // Two presses a fifth of a second apart, by a clock that stands still between them.
  await page.clock.pauseAt(new Date(now.getTime() + 60_000));
  await page.keyboard.press('Space');
  await page.clock.runFor(200);
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert').filter({ hasText: 'That press was not counted.' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save reading' })).toHaveCount(0);
  await page.getByLabel('Or type the time').fill('-3');
  await expect(
    page.getByText('Time to the mark must be from 0.3 s to 3,600 s.', { exact: true }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled();
});

test('sixty layers are drawn, and the sixty-first is not taken', async ({ page, request }) => {
  const layers = Array.from({ length: 59 }, (_, index) =>
    plainLayer(`l${index}`, index % 2 === 0 ? 'foam-30' : 'lava', `tray-${1 + (index % 4)}`, 0.005),
  );
  const plan = {
    id: 'reed-bench-planned-now',
    filterId: 'reed-bench',
    role: 'planned',
    visits: [],
    name: 'Plan',
    layers,
  };
  expect(
    (
      await request.put(`/api/packs/${plan.id}`, {
        headers: { 'x-change-id': 'sixty-layers' },
        data: { version: 1, doc: plan },
      })
    ).status(),
  ).toBe(200);
  await page.goto('/filter/reed-bench/plan');
  await layersInFlow(page).first().click();
  await page.getByRole('button', { name: 'Duplicate layer' }).click();
  await expect(layersInFlow(page)).toHaveCount(60);
  await expect(page.getByText('The pack is full. It can have 60 layers.')).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate layer' }).click();
  await expect(layersInFlow(page)).toHaveCount(60);
  await expectSaved(page);
});

test('other hosts and other pages are refused', async ({ request, app }) => {
  const foreign = await request.post('/api/jobs', {
    headers: { origin: 'http://pond.example' },
    data: { filterId: 'window-sill' },
  });
  expect(foreign.status()).toBe(403);
  const host = await request.get('/', { headers: { host: 'pond.example' } });
  expect(host.status()).toBe(403);
  const halves = await request.put('/api/packs/nothing', { data: 'not json' });
  expect(halves.status()).toBe(422);
  expect(app.url).toContain('127.0.0.1');
});

test('a damaged database stops the app at its start, with what to do, and is not cleaned', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'neat-e2e-'));
  const file = path.join(folder, 'data.sqlite');
  const content = 'This is a shopping list, not a database. '.repeat(50);
  writeFileSync(file, content);
  const { status, stderr } = spawnSync(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', '0'],
    { cwd: ROOT, env: { ...process.env, NEAT_DB: file }, encoding: 'utf8', timeout: 30_000 },
  );
  expect(status).toBe(1);
  expect(stderr).toContain('Put a backup in its place');
  expect(readFileSync(file, 'utf8')).toBe(content);
  rmSync(folder, { recursive: true });
});
