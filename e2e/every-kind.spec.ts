import { addFilter, expect, expectSaved, layersInFlow, test } from './app';

test.use({ data: 'empty' });

interface Kind {
  readonly name: string;
  /** The way of the water, as the picture to choose says it. */
  readonly way: string;
  /** A size typed into the first chamber: its label, the text, and the litres that follow (worked by hand). */
  readonly typed: readonly [label: string, text: string, litres: string];
  /** Media as they are lifted out, the first one first. */
  readonly lifted: readonly string[];
  /** Where they stand in flow order. */
  readonly inFlow: readonly string[];
  /** All that stands against such a pack. */
  readonly findings: readonly RegExp[];
}

const KINDS: readonly Kind[] = [
  {
    name: 'canister, centre pipe',
    way: 'Water goes down a centre pipe',
    // π/4 · (20² − 3²) · 3 cm, the space under the trays
    typed: ['Diameter', '20', '0.92'],
    lifted: ['Coarse foam, 15 ppi', 'Lava rock, 15 mm'],
    inFlow: ['L', 'C'],
    findings: [
      /comes after lava rock/,
      /Tray 2, from below: 8.0\scm of 8.0\scm empty/,
      /Tray 3, from below: 8.0\scm of 8.0\scm empty/,
    ],
  },
  {
    name: 'canister, side column',
    way: 'Water goes down one side through a tall foam column',
    // 6 · 19 · 25 cm
    typed: ['Length', '6', '2.85'],
    lifted: ['Moulded plastic balls', 'Moulded plastic balls', 'Next tray', 'Fine foam, 45 ppi'],
    inFlow: ['F', 'O', 'O'],
    findings: [
      /balls: the only biological media/,
      /Bottom tray: .* empty/,
      /Foam column: 25.0\scm of 25.0\scm empty/,
      /Tray 2, from below: 5.0\scm of 8.0\scm empty/,
    ],
  },
  {
    name: 'canister, water flows down',
    way: 'Water comes in at the top, goes down through the trays and up a return pipe.',
    // 19 · 19 · 10 cm
    typed: ['Depth', '10', '3.61'],
    lifted: ['Lava rock, 15 mm', 'Medium foam, 30 ppi'],
    inFlow: ['L', 'M'],
    findings: [
      /comes after lava rock/,
      /Tray 3, from below: .* empty/,
      /Tray 2, from below: .* empty/,
      /Bottom tray: .* empty/,
    ],
  },
  {
    name: 'canister, outside to centre',
    way: 'Water goes up the outside through a ring of foam',
    // (28² − 20²) · 30 cm
    typed: ['Wall', '4', '11.5'],
    lifted: ['Coarse foam, 15 ppi'],
    inFlow: ['C'],
    findings: [
      /Perimeter foams: 4.0\scm of 4.0\scm empty/,
      /Tray 2, from below: .* empty/,
      /Bottom tray: .* empty/,
      /Top tray: 5.0\scm of 8.0\scm empty/,
    ],
  },
  {
    name: 'canister with pull-out prefilter',
    way: 'Water goes through coarse foam that pulls out',
    // 5 · 12 · 20 cm
    typed: ['Depth', '20', '1.20'],
    lifted: ['Lava rock, 15 mm'],
    inFlow: ['L'],
    findings: [
      /Nothing catches dirt/,
      /Bottom tray: .* empty/,
      /Tray 2, from below: .* empty/,
      /Top tray: 4.0\scm of 8.0\scm empty/,
      /Pull-out prefilter: 20.0\scm of 20.0\scm empty/,
    ],
  },
  {
    name: 'hang-on-back, basket',
    way: 'Water goes up the intake tube, under the basket',
    // 10 · 8 · 10.5 cm, to the stop
    typed: ['Length', '10', '0.84'],
    lifted: ['Fine foam, 45 ppi', 'Lava rock, 15 mm', 'Coarse foam, 15 ppi'],
    inFlow: ['C', 'L', 'F'],
    findings: [/Fine foam 45 ppi comes after the biological media, and nothing fine comes before them/],
  },
  {
    name: 'hang-on-back, cartridge',
    way: 'Water goes into a well, through one or more upright cartridges',
    // 11 · 15 · 4 cm
    typed: ['Depth', '4', '0.66'],
    lifted: ['Disposable cartridge, floss and carbon', 'Next slot', 'Disposable cartridge, floss and carbon'],
    inFlow: ['D', 'D'],
    findings: [/One disposable cartridge does everything/, /flat on the wall of second cartridge slot/],
  },
  {
    name: 'internal, sponge',
    way: 'The pump draws water through a block or cylinder of foam',
    // π/4 · (7² − 3²) · 12 cm
    typed: ['Wall', '2', '0.38'],
    lifted: ['Moulded plastic balls'],
    inFlow: ['O'],
    // One block of sponge suits no tank of 100 L.
    findings: [/Nothing catches dirt/, /balls: the only biological media/, /filter is alone on 100/],
  },
  {
    name: 'internal, compartments',
    way: 'Water goes through slots, one after the other',
    // 22 · 10 · 5 cm
    typed: ['Depth', '5', '1.10'],
    lifted: ['Activated carbon, bagged', 'Coarse foam, 15 ppi'],
    inFlow: ['C', 'A'],
    findings: [/Slot 2: 6.0\scm of 6.0\scm empty/, /Inlet slot: 5.0\scm of 5.0\scm empty/],
  },
  {
    name: 'another kind',
    way: 'Water goes through the chambers you enter',
    // 15 · 15 · 12 cm
    typed: ['Depth', '12', '2.70'],
    lifted: ['Lava rock, 15 mm'],
    inFlow: ['L'],
    findings: [/Nothing catches dirt/, /Chamber 1: 8.0\scm of 12.0\scm empty/],
  },
];

for (const kind of KINDS)
  test(`${kind.name}: surveyed, stripped and judged`, async ({ page }) => {
    await addFilter(page, 'Under test', '100', kind.way);

    const [label, text, litres] = kind.typed;
    const first = page.getByRole('listitem', { name: /^Chamber 1:/ });
    await first.getByLabel(label, { exact: true }).fill(text);
    // What a wall of foam holds follows from its sides; all else can be typed.
    if (label === 'Wall') await expect(first).toContainText(new RegExp(`${litres}\\sL`));
    else await expect(first.getByLabel('Holds')).toHaveValue(litres);
    await expectSaved(page);
    await page.getByRole('button', { name: 'Strip the filter' }).click();
    await expect(page.getByText('Nothing entered yet.')).toBeVisible();
    for (const medium of kind.lifted) {
      if (medium.startsWith('Next ')) {
        await page.getByRole('button', { name: medium }).click();
        continue;
      }
      await page.getByLabel('Search the media').fill(medium);
      await page.getByRole('button', { name: `Add ${medium}` }).click();
    }
    await expect(layersInFlow(page)).toHaveText([...kind.inFlow]);
    // Remove first, listed first.
    await expect(
      page.getByRole('region', { name: 'Take out in this order' }).getByRole('button').first(),
    ).toContainText(kind.lifted[0] ?? '');
    await page.getByRole('link', { name: 'Review the layers' }).click();
    await expect(page.getByRole('heading', { name: /^Most serious first/ })).toBeVisible();
    const audit = page.getByRole('region', { name: 'Findings' });
    const serious = audit.getByRole('button', { name: /^\d+ ?(Urgent|Check)/ });
    await expect(serious).toHaveText([...kind.findings]);
  });
