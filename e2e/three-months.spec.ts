import { writeFileSync } from 'node:fs';
import path from 'node:path';
import ICAL from 'ical.js';
import { WORKED_OUT, expect, saveInLog, test, typeFillings } from './app';
import { expectAccessible } from './expectAccessible';

test('three months of the demo: readings are learned from, a fault is found, a visit done, the calendar goes out and a backup comes back', async ({
  page,
  app,
}) => {
  const ahead = page.getByRole('region', { name: 'Forecast' });
  const rows = page.getByRole('region', { name: 'Log', exact: true }).getByRole('listitem');
  // The browser that shows notifications is not there: what it would show is kept.
  await page.addInitScript(() => {
    const told: string[] = [];
    function show(title: string): void {
      told.push(title);
    }
    const ask = (): Promise<string> => Promise.resolve('granted');
    Object.assign(show, { permission: 'granted', requestPermission: ask });
    Object.assign(window, { told, Notification: show });
  });
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Notify me in this browser' }).click();
  await expect(page.getByText(/^This browser tells you what is due once a day/)).toBeVisible();
  await page.goto('/filter/window-sill/care');
  await expect(ahead).toContainText('Based on 20 readings from this filter.', WORKED_OUT);
  await expect(ahead.getByTestId('verdict')).toContainText('Next service: any day now');

  // What was predicted of its last packs is held against what happened.
  await page.getByText('How good are the forecasts for this filter?').click();
  await expect(page.getByRole('table', { name: 'Flow just after packing' }).getByRole('row')).toHaveCount(4);

  // Three weeks on, a flow by jug.
  await app.daysLater(page, 21);
  await page.goto('/filter/window-sill/flow');
  await typeFillings(page, '14.5', '14.7', '14.4');
  await saveInLog(page, 'Save reading');
  await expect(page.getByText(/49\d\sL\/h/).first()).toBeVisible();
  await page.goto('/filter/window-sill/care');
  await expect(ahead).toContainText('Based on 21 readings from this filter.', WORKED_OUT);

  // Two weeks more: a trickle. The fault is looked for, found and logged.
  await app.daysLater(page, 35);
  await page.goto('/filter/window-sill/care');
  await expect(ahead.getByTestId('verdict')).toContainText('Needs service now');
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { told: string[] }).told.join()))
    .toMatch(/due/);
  await page.getByRole('button', { name: 'Only a trickle' }).click();
  await page.getByRole('region', { name: 'Quick look' }).getByRole('link', { name: 'Find a fault' }).click();
  await page.getByRole('button', { name: 'Weak flow, or only a trickle' }).click();
  const write = page.getByRole('button', { name: 'Save to the log' });
  const check = page.getByRole('region', { name: 'Next check' }).getByRole('heading', { level: 2 });
  for (let asked = 0; asked < 10 && !(await write.isVisible()); asked += 1) {
    const text = (await check.textContent()) ?? '';
    await page
      .getByRole('button', { name: /top pad|first layer|pack out/i.test(text) ? 'Yes' : 'No', exact: true })
      .click();
    await expect(check).not.toHaveText(text);
  }
  await write.click();
  await expect(page.getByText('Saved to the log.')).toBeVisible();

  // The visit.
  await page.goto('/filter/window-sill/log');
  await page.getByText('what you cleaned or replaced').click();
  for (const label of [/^\d: Coarse foam/, /^\d: Medium foam/, /^\d: Fine foam/])
    await page.getByLabel(label).selectOption('squeezed');
  await page.getByLabel('Flow before the service').selectOption('low');
  await saveInLog(page, 'Save service');
  await expect(rows.first()).toContainText('Service: ');
  await page.goto('/filter/window-sill/care');
  await expect(ahead).toContainText(/Based on 2[23] readings from this filter/, WORKED_OUT);
  await expect(ahead.getByTestId('verdict')).toContainText(/Next service: in \d/);

  // The third month: a sheet kept on paper goes into the log, once.
  await app.daysLater(page, 84);
  await page.goto('/filter/window-sill/log');
  const sheet = path.join(path.dirname(app.file), 'paper.csv');
  const day = (before: number) =>
    new Date(Date.now() + (84 - before) * 86_400_000).toISOString().slice(0, 10);
  writeFileSync(
    sheet,
    `Date;NO3 (mg/l);Water change %\n${day(14)};12,5;30\n${day(7)};10;25\n${day(7)};much;25\n`,
  );
  const csv = page.getByRole('region', { name: 'Log as a file' });
  await csv.getByLabel('CSV file with a log').setInputFiles(sheet);
  await expect(csv.getByText('Row 4: “much” is not a number for nitrate.')).toBeVisible();
  await expectAccessible(page);
  await csv.getByRole('button', { name: 'Add 4 entries to the log' }).click();
  await expect(rows.first()).toContainText(/Water change: 25\s%|Test: nitrate/);
  await csv.getByLabel('CSV file with a log').setInputFiles(sheet);
  await expect(csv.getByText(/all of them are already in the log/)).toBeVisible();
  await expect(csv.getByRole('button', { name: 'Add to the log' })).toBeDisabled();

  // What is poured in beyond what evaporates leaks.
  for (let poured = 0; poured < 4; poured += 1) {
    await app.daysLater(page, 85 + 3 * poured);
    await page.goto('/filter/window-sill/log');
    await page.getByText('water added for what evaporated').click();
    await page.getByLabel('Water added', { exact: true }).fill('5 L');
    await saveInLog(page, 'Save top-up');
    await expect(rows.first()).toContainText(/Topped up: 5\.00\sL/);
  }
  await page.goto('/filter/window-sill/care');
  await expect(page.getByRole('region', { name: 'Water lost' })).toContainText(
    /The tank loses \d.* a day more than evaporation explains\./,
  );

  // What is due goes out as a calendar: nothing in it lies behind.
  const calendar = new ICAL.Component(
    ICAL.parse(await (await page.request.get('/api/calendar?filter=window-sill')).text()) as never,
  );
  const events = calendar.getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(0);
  for (const event of events) expect(String(event.getFirstPropertyValue('dtstart')) >= day(-10)).toBe(true);

  // A backup, an accident, and the backup again.
  await page.goto('/settings');
  const data = page.getByRole('region', { name: 'Your data' });
  const saved = page.waitForEvent('download');
  await data.getByRole('link', { name: 'Save a backup' }).click();
  const backup = path.join(path.dirname(app.file), (await saved).suggestedFilename());
  await (await saved).saveAs(backup);
  await page.goto('/');
  await page.getByRole('button', { name: 'Remove the example filters' }).click();
  await expect(page.getByRole('heading', { name: 'Window sill' })).toBeHidden();
  await page.goto('/settings');
  await data.getByLabel('Backup or export').setInputFiles(backup);
  await expect(data.getByText(/^The backup contains 4 filters \(Window sill, /)).toBeVisible();
  await data.getByRole('button', { name: 'Replace everything…' }).click();
  await expectAccessible(page);
  await data.getByRole('button', { name: 'Replace everything' }).click();
  await expect(data.getByText(/^Everything was replaced\. Your previous data is kept in /)).toBeVisible();
  await data.getByRole('link', { name: 'Show filters' }).click();
  await page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Window sill' }) })
    .getByRole('link', { name: 'Window sill' })
    .click();
  await expect(
    page.getByRole('region', { name: 'Last entries' }).getByRole('listitem').first(),
  ).toContainText(/Topped up/);
  await expect(ahead).toContainText(/Based on 2[23] readings from this filter/, WORKED_OUT);
});
