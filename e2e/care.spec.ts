import sharp from 'sharp';
import { expect, test } from './app';

test('what is seen and done is logged in seconds, found again, mended and brought back', async ({ page }) => {
  await page.goto('/filter/window-sill/care');
  const look = page.getByRole('region', { name: 'Quick look' });
  const last = page.getByRole('region', { name: 'Last entries' }).getByRole('listitem');

  // One press, and a slip of the finger is taken back.
  await look.getByRole('button', { name: 'All well' }).click();
  await expect(last.first()).toContainText('Seen: all well');
  await look.getByRole('button', { name: 'Undo' }).click();
  await expect(last.first()).not.toContainText('Seen: all well');
  await look.getByRole('button', { name: 'Only a trickle' }).click();
  await expect(last.first()).toContainText('Seen: only a trickle');
  await expect(look.getByText(/The fault finder starts with the quickest useful check/)).toBeVisible();

  // A service, then brown water: harmless.
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const log = page.getByRole('region', { name: 'Log', exact: true });
  const rows = log.getByRole('listitem');
  await expect(log.getByText('1 to 40 of 156, newest first')).toBeVisible();
  await page.getByText('what you cleaned or replaced').click();
  await page.getByLabel('1: Coarse foam, 15 ppi').selectOption('squeezed');
  await page.getByLabel('impeller cleaned').check();
  await page.getByLabel('Flow before the service').selectOption('low');
  await page.getByRole('button', { name: 'Save service' }).click();
  await expect(rows.first()).toContainText(
    'Service: Coarse foam, 15 ppi squeezed and impeller cleaned; flow before the service low',
  );
  await page.getByRole('link', { name: 'Today' }).click();
  await look.getByRole('button', { name: 'More…' }).click();
  await look.getByRole('button', { name: 'Brown water' }).click();
  await expect(look.getByText(/Brown water just after you squeeze foam is harmless/)).toBeVisible();
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(rows.first()).toContainText('Seen: brown water');

  // Numbers, and words.
  await page.getByText('water added for what evaporated').click();
  await page.getByLabel('Water added').fill('1.5 L');
  await page.getByRole('button', { name: 'Save top-up' }).click();
  await expect(rows.first()).toContainText(/Topped up: 1\.50\sL/);
  await page.getByText('from the level strip').click();
  await page.getByLabel('Water below the rim').fill('300');
  await expect(page.getByRole('button', { name: 'Save level' })).toBeDisabled();
  await page.getByLabel('Water below the rim').fill('12');
  await page.getByRole('button', { name: 'Save level' }).click();
  await expect(rows.first()).toContainText(/Level: 12\smm below the rim/);
  await page.getByText('in your own words').click();
  await page.getByLabel('About').selectOption('feeding changed');
  await page.getByLabel('What happened').fill('Only once a day, 50% less.');
  await page.getByRole('button', { name: 'Save note' }).click();
  await expect(rows.first()).toContainText('Changed: feeding: Only once a day, 50% less.');

  // A photo, which comes back with its entry.
  await page.getByText('from the camera or a file').click();
  await page.getByLabel('What the photo shows').fill('Moss on the foam');
  const jpeg = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#5a7a4a' } })
    .jpeg()
    .toBuffer();
  await page
    .getByLabel('Add a photo')
    .setInputFiles({ name: 'moss.jpg', mimeType: 'image/jpeg', buffer: jpeg });
  await expect(rows.first()).toContainText('Note: Moss on the foam');
  await expect(rows.first().getByRole('img', { name: 'Photo 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Note' }).click();
  await expect(rows.first()).not.toContainText('Moss');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows.first().getByRole('img', { name: 'Photo 1' })).toBeVisible();

  // Found again: signs of a search are plain signs.
  await page.getByLabel('Search the log').fill('50% l');
  await expect(log.getByText('1 to 1 of 1, newest first')).toBeVisible();
  await page.getByRole('button', { name: /^Edit Changed: feeding/ }).click();
  await page
    .getByRole('form', { name: 'Edit entry' })
    .getByLabel('Note')
    .fill('Only once a day, 50% less. Told twice.');
  await page.getByRole('button', { name: 'Save entry' }).click();
  await expect(rows.first()).toContainText('Told twice.');
  await page.getByRole('button', { name: /^Delete Changed: feeding/ }).click();
  await expect(log.getByText('No entries match.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows.first()).toContainText('Told twice.');

  // Filtered, and leafed through.
  await page.getByLabel('Search the log').fill('');
  await page.getByLabel('Show').selectOption('flows');
  await expect(log.getByText(/^1 to 40 of \d\d, newest first/)).toBeVisible();
  await page.getByRole('button', { name: 'Older' }).click();
  await expect(log.getByText(/^41 to \d\d of \d\d, newest first/)).toBeVisible();
  await page.getByRole('button', { name: 'Newer' }).click();
  await expect(log.getByText(/^1 to 40/)).toBeVisible();
});

test('one entry goes into the logs of several filters, and out again', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Log for several filters' }).click();
  const many = page.getByRole('region', { name: 'Log for several filters' });
  await expect(many.getByRole('button', { name: 'Save to the logs' })).toBeDisabled();
  await many.getByLabel('Hatchery').check();
  await many.getByLabel('Long run').check();
  await many.getByLabel('What you did').selectOption('Foam squeezed');
  await many.getByLabel('Note').fill('Sunday round');
  await many.getByRole('button', { name: 'Save 2 entries' }).click();
  await expect(many.getByRole('status')).toContainText('Logged for 2 filters.');
  await many.getByRole('button', { name: 'Undo' }).click();
  await expect(many.getByRole('status')).toBeEmpty();
  await many.getByRole('button', { name: 'Select all' }).click();
  await many.getByLabel('What you did').selectOption('All well');
  await many.getByRole('button', { name: 'Save 4 entries' }).click();
  await expect(many.getByRole('status')).toContainText('Logged for 4 filters.');
  await page.goto('/filter/hatchery/log');
  const rows = page.getByRole('region', { name: 'Log', exact: true }).getByRole('listitem');
  await expect(rows.first()).toContainText('Seen: all well: Sunday round');
  await expect(rows.nth(1)).not.toContainText('Sunday round');
});
