import { WORKED_OUT, expect, saveInLog, test } from './app';
import { expectAccessible } from './expectAccessible';

test('a filter’s log teaches its forecast: what is due is said, and a service that is done moves it', async ({
  page,
}) => {
  await page.goto('/filter/long-run/care');
  const ahead = page.getByRole('region', { name: 'Forecast' });
  // Worked out while the demo was made.
  await expect(ahead).toContainText('Based on 20 readings from this filter.');
  await expect(ahead.getByTestId('verdict')).toContainText('Needs service now');
  await expect(ahead.getByRole('listitem').filter({ hasText: 'Replace the bonded floss pad' })).toContainText(
    /overdue.*old tank water/,
  );
  await expect(ahead.getByRole('img', { name: /^Flow since .*5 readings/ })).toBeVisible();
  await ahead.getByText('Learned from your log', { exact: true }).click();
  await expect(ahead.getByRole('row', { name: /^Flow through this pump/ })).toContainText(
    'learned from your log',
  );
  await expectAccessible(page);

  // Put off with a reason, and due again.
  const floss = ahead.getByRole('listitem').filter({ hasText: 'Replace the bonded floss pad' });
  await floss.getByRole('button', { name: /^Put off/ }).click();
  await expect(floss.getByRole('button', { name: 'Put off', exact: true })).toBeDisabled();
  await floss.getByLabel('Why it can wait').fill('The pads come on Monday.');
  await floss.getByRole('button', { name: 'Put off', exact: true }).click();
  await expect(floss).toContainText(/in 7 days.*Put off: The pads come on Monday\./);
  await expect(
    page.getByRole('region', { name: 'Last entries' }).getByRole('listitem').first(),
  ).toContainText(/Put off until .*: The pads come on Monday\./);
  await floss.getByRole('button', { name: /^Make due again/ }).click();
  await expect(floss).toContainText('overdue');

  // Away: what to do before, and whether it holds.
  await page.goto('/');
  const away = page.getByRole('region', { name: 'Time away' });
  await page.getByRole('button', { name: 'Going away?' }).click();
  await away.getByLabel('Days away').fill('10');
  await away.getByRole('button', { name: 'Show what to do' }).click();
  await expect(away.getByRole('listitem').filter({ hasText: 'Long run' })).toContainText(
    /Before you leave: Replace the bonded floss pad.*The filter then /,
  );
  await expect(away.getByRole('listitem').filter({ hasText: 'Reed bench' })).toContainText(
    'Finish the repack before you leave',
  );
  await expectAccessible(page);
  await away.getByRole('button', { name: 'Remove these dates' }).click();
  await expect(away.getByRole('listitem')).toHaveCount(0);

  // A service that is done is learned from, and moves what is due.
  await page.goto('/filter/long-run/log');
  await page.getByText('what you cleaned or replaced').click();
  await page.getByLabel('2: Medium foam, 30 ppi').selectOption('squeezed');
  await page.getByLabel('3: Bonded floss pad').selectOption('replaced');
  await page.getByLabel('hoses brushed').check();
  await page.getByLabel('Flow before the service').selectOption('low');
  await saveInLog(page, 'Save service');
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(ahead).toContainText('Based on 21 readings from this filter.', WORKED_OUT);
  await expect(ahead.getByTestId('verdict')).toContainText(/Next service: in \d/);
  await expect(ahead.getByRole('listitem').filter({ hasText: 'Brush the hoses' })).toContainText(
    /in (59|60) days/,
  );

  // Kept: home and Plan know without working.
  await page.reload();
  await expect(ahead).toContainText('Based on 21 readings from this filter.');
  await page.goto('/');
  await expect(page.getByRole('listitem').filter({ hasText: 'Long run' }).last()).toContainText(
    /Next service: in \d/,
  );
  const calendar = await page.request.get('/api/calendar');
  expect(calendar.headers()['content-type']).toContain('text/calendar');
  expect(await calendar.text()).toMatch(/SUMMARY:Long run: Replace the bonded floss pad/);
  await page.goto('/filter/long-run/plan');
  await page.getByRole('button', { name: 'Plan without opening the filter' }).click();
  await page.getByText('How long until it clogs?').click();
  await expect(page.getByText(/learned from 21 readings/)).toBeVisible();
});
