import Database from 'better-sqlite3';
import { expect, layersInFlow, test } from './app';

/** Takes a field out of a stored document, as an app of another version might have left it. */
function tear(file: string, table: string, id: string, field: string): void {
  const db = new Database(file);
  db.prepare(`UPDATE ${table} SET doc = json_remove(doc, ?) WHERE id = ?`).run(`$.${field}`, id);
  db.close();
}

test('a plan that cannot be read takes no sheet down: it is shown, exported and repaired', async ({
  page,
  app,
}) => {
  tear(app.file, 'pack', 'reed-bench-planned-now', 'visits');
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 2, name: 'Reed bench' })).toBeVisible();
  await page.goto('/filter/reed-bench/plan');
  const faults = page.getByRole('region', { name: 'Records that cannot be read' });
  await expect(faults).toContainText('Pack “Plan”');
  await expect(faults).toContainText('visits');
  const download = page.waitForEvent('download');
  await faults.getByRole('link', { name: 'Export as it is' }).click();
  expect((await download).suggestedFilename()).toBe('pack.json');
  await faults.getByRole('button', { name: 'Repair' }).click();
  await expect(faults).toContainText('Repairing will make these changes');
  await faults.getByRole('button', { name: 'Repair' }).click();
  await expect(layersInFlow(page)).toHaveCount(8);
});

test('a filter that cannot be read is shown on home beside the others, and removed with what is its own', async ({
  page,
  app,
}) => {
  tear(app.file, 'filter', 'hatchery', 'chambers');
  await page.goto('/');
  const faults = page.getByRole('region', { name: 'Records that cannot be read' });
  await expect(faults).toContainText('Filter “Hatchery”');
  await expect(page.getByRole('heading', { level: 2, name: 'Window sill' })).toBeVisible();
  await faults.getByRole('button', { name: 'Remove' }).click();
  await faults.getByRole('button', { name: 'Remove permanently' }).click();
  await expect(faults).toHaveCount(0);
  await page.goto('/troubles');
  await expect(page.getByText('All saved records can be read.')).toBeVisible();
});
