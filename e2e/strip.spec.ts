import sharp from 'sharp';
import { addFilter, expect, expectSaved, layersInFlow, test } from './app';

/** A picture of stripes 10 px apart, with a place written beside it, as a camera does. */
const stripes = (): Promise<Buffer> =>
  sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="200"><rect width="400" height="200" fill="#dde"/>${Array.from({ length: 40 }, (_, index) => `<path d="M${index * 10} 0 V200" stroke="#235"/>`).join('')}</svg>`,
    ),
  )
    .jpeg()
    .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' } })
    .toBuffer();

test.describe('stripping the demo’s hang-on-back', () => {
  test.beforeEach(async ({ page }) => {
    await page.goto('/filter/window-sill/strip');
    await page.getByRole('button', { name: 'Strip the filter' }).click();
    await layersInFlow(page).first().click();
  });

  test('what is seen of each piece is written down, judged, and the plan begins without what goes', async ({
    page,
  }) => {
    const found = page.getByRole('region', { name: 'As found: Coarse foam, 15 ppi' });
    await found.getByRole('button', { name: 'loaded' }).click();
    await found.getByLabel('crumbles').check();
    await found.getByLabel('Weighed wet').fill('120 g');
    await found.getByLabel('Installed on').fill('2024-05-01');
    await found.getByLabel('Note').fill('Old sheet.');
    await expect(page.getByText(/Coarse foam 15 ppi is brittle/)).toBeVisible();

    // Small parts: one worn, and taken back by a second press.
    await page.getByText('Small parts').click();
    const foot = page.getByRole('group', { name: 'Levelling foot' });
    await foot.getByRole('button', { name: 'missing' }).click();
    await page
      .getByRole('group', { name: 'Impeller', exact: true })
      .getByRole('button', { name: 'fine' })
      .click();
    await expect(page.getByText('2 of 6 checked; levelling foot')).toBeVisible();
    await page
      .getByRole('group', { name: 'Impeller', exact: true })
      .getByRole('button', { name: 'fine' })
      .click();
    await expect(page.getByText('1 of 6 checked; levelling foot')).toBeVisible();
    await expectSaved(page);

    // A strip left halfway is taken up where it was.
    await page.goto('/');
    await page.getByRole('link', { name: 'Window sill' }).click();
    await layersInFlow(page).first().click();
    await expect(found.getByRole('button', { name: 'loaded' })).toHaveAttribute('aria-pressed', 'true');
    await expect(found.getByLabel('Weighed wet')).toHaveValue('0.12');
    await expect(found.getByLabel('Note')).toHaveValue('Old sheet.');

    await page.getByRole('link', { name: 'Review the layers' }).click();
    // Three piles by the advice; a piece is dragged to another, and back by key.
    const pile = (name: string) =>
      page
        .getByRole('region', { name: 'What to do with each layer' })
        .getByRole('list', { name })
        .getByRole('listitem');
    await expect(pile('Throw away')).toContainText(['It crumbles. Enough mature media stays.']);
    await expect(pile('Goes back')).toHaveCount(3);
    const grip = await pile('Throw away').locator('[class*="grip"]').boundingBox();
    const spare = await page.getByRole('heading', { name: /^Spare/ }).boundingBox();
    if (grip === null || spare === null) throw new Error('The piles are not in sight.');
    await page.mouse.move(grip.x + 10, grip.y + 10);
    await page.mouse.down();
    await page.mouse.move(grip.x, grip.y - 10, { steps: 3 });
    await page.mouse.move(spare.x + 40, spare.y + 10, { steps: 5 });
    await page.mouse.up();
    await expect(pile('Spare')).toContainText(['Advice: throw away.']);
    await pile('Spare').getByRole('combobox').selectOption('throw away');
    await expect(pile('Throw away')).toHaveCount(1);
    await page.getByRole('button', { name: 'Plan the new pack' }).click();
    await expect(page.getByRole('heading', { name: 'Results for the plan' })).toBeVisible();
    await expect(layersInFlow(page)).toHaveText(['S', 'F', 'M']);
  });

  test('the clock of media out of flow runs, stands while it is parked, and goes on', async ({ page }) => {
    await page.clock.install({ time: new Date() });
    const clock = page.getByRole('region', { name: 'Out of flow' });
    await clock.getByRole('button', { name: 'Filter is off: start the clock' }).click();
    await page.clock.fastForward('01:30:00');
    await expect(clock.getByRole('timer')).toHaveText(/^1:3\d:/);
    await expect(clock).toContainText('about 90 % of the bacteria still alive');
    await expect(clock).toContainText('Over an hour');
    await clock.getByRole('button', { name: 'Moved to a running filter' }).click();
    await clock.getByLabel('Which tank or filter?').fill('Long run');
    await clock.getByRole('button', { name: 'Stop the clock' }).click();
    await page.clock.fastForward('05:00:00');
    await expect(clock.getByRole('timer')).toHaveText(/^1:30:/);
    await expect(clock).toContainText('media is in Long run, clock stopped');
    await clock.getByRole('button', { name: 'Start the clock again' }).click();
    await page.clock.fastForward('00:30:00');
    await expect(clock.getByRole('timer')).toHaveText(/^2:00:/);
    await clock.getByRole('button', { name: 'Back in flow' }).click();
    await expect(clock).toContainText('back in flow');
    await expectSaved(page);
  });

  test('photos are kept small and without their place, and foam is graded on one', async ({ page }) => {
    const found = page.getByRole('region', { name: 'As found: Coarse foam, 15 ppi' });
    const add = found.getByLabel('Add a photo');
    await add.setInputFiles({ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('words') });
    await expect(found.getByRole('alert')).toContainText('This browser cannot read words.jpg');
    await add.setInputFiles({ name: 'huge.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(40 * 2 ** 20) });
    await expect(found.getByRole('alert')).toContainText('huge.jpg has 40 MB; the limit is 30');
    await add.setInputFiles({ name: 'foam.jpg', mimeType: 'image/jpeg', buffer: await stripes() });
    const photo = found.getByRole('img', { name: /^Photo 1/ });
    await expect(photo).toBeVisible();
    await expect(found.getByRole('alert')).toHaveCount(0);
    const stored = await page.request.get((await photo.getAttribute('src')) ?? '');
    const { exif, width } = await sharp(await stored.body()).metadata();
    expect([exif, width]).toEqual([undefined, 400]);

    // Two marks 200 px apart on a ruler of 20 mm, then pores 10 px apart: 1 mm, 25 to the inch.
    await found.getByRole('button', { name: 'Find out this foam’s grade' }).click();
    const picture = found.getByRole('application');
    const box = await picture.boundingBox();
    if (box === null) throw new Error('The photo is not shown.');
    const scale = box.width / 400;
    for (const x of [100, 300, 100, 110, 120, 130, 140, 150])
      await picture.click({ position: { x: x * scale, y: 100 * scale } });
    await expect(found.getByRole('status', { name: 'Grade' })).toContainText(/25\sppi/);
    // By keyboard: the cross starts in the middle, where a mark farther off makes the spacing uneven.
    await picture.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Enter');
    await expect(picture).toHaveAccessibleName(/7 pores/);
    await found.getByRole('button', { name: 'Undo the last mark' }).click();
    await found.getByRole('button', { name: 'Choose medium foam, 30 ppi' }).click();
    await expect(layersInFlow(page).first()).toHaveAccessibleName(/Medium foam, 30 ppi/);
    await expectSaved(page);
    await page.reload();
    await layersInFlow(page).first().click();
    const again = page.getByRole('region', { name: 'As found: Medium foam, 30 ppi' });
    await again.getByRole('button', { name: 'Remove photo 1' }).click();
    await expect(again.getByRole('img')).toHaveCount(0);
  });

  test('a photo taken while the app does not answer waits and is stored later', async ({ page, app }) => {
    const found = page.getByRole('region', { name: 'As found: Coarse foam, 15 ppi' });
    await expectSaved(page);
    app.expectFailures();
    await app.stop();
    await found
      .getByLabel('Add a photo')
      .setInputFiles({ name: 'foam.jpg', mimeType: 'image/jpeg', buffer: await stripes() });
    await expect(found.getByRole('alert')).toContainText('the photo is kept');
    await app.start();
    await found.getByRole('button', { name: 'Try again' }).click();
    await expect(found.getByRole('img', { name: /^Photo 1/ })).toBeVisible();
  });
});

test.describe('a filter new from its box', () => {
  test.use({ data: 'empty' });

  test('is packed for the first time: no clock, wrapped media, an unknown piece', async ({ page }) => {
    await addFilter(page, 'New one', '60', 'Water goes up the intake tube, under the basket');
    await page.getByRole('button', { name: 'Set up a new filter' }).click();
    await expect(page.getByText('No media is mature yet.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Out of flow' })).toHaveCount(0);
    await page.getByText('Small parts').click();
    await expect(page.getByRole('group', { name: 'The packing' })).toBeVisible();

    await page.getByLabel('Search the media').fill('moon rock');
    await expect(page.getByText(/No media match “moon rock”/)).toBeVisible();
    await page.getByLabel('Search the media').fill('');
    await page.getByRole('button', { name: 'More media' }).click();
    await page.getByRole('button', { name: 'Add Unknown, describe it' }).click();
    await page.getByLabel('Describe it: colour, shape, feel').fill('White beads in a net.');
    await page.getByRole('button', { name: 'Add Lava rock, 15 mm' }).click();
    await page.getByLabel('Bag or wrapper').selectOption('its plastic wrapper');
    await expect(page.getByTestId('verdict')).toContainText(
      'Lava rock, 15 mm is still in its plastic wrapper.',
    );
    await page.getByRole('link', { name: 'Review the layers' }).click();
    await expect(page.getByText('One layer is not known yet.')).toBeVisible();
    await expectSaved(page);
  });
});
