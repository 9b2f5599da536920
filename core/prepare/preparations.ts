import type { CautionId } from '../cautions/cautions';
import { catalogueId } from '../media/catalogueId';
import type { Medium } from '../media/medium';

/** One piece of work on a new medium before the filter is opened. */
export interface Preparation {
  /** What it is, among the works on its medium. */
  readonly key: string;
  readonly what: string;
  /** Days before the repack on which it begins; 0: on the day itself. */
  readonly daysBefore: number;
  /** Done again every day until so many days before the repack; null: done once. */
  readonly dailyUntil: number | null;
  /** Work of the hands, minutes each time: for the first litre, and for each further one. */
  readonly minutes: number;
  readonly minutesPerLitre: number;
  /** What is done on the days after the first; null: the same again. */
  readonly again: string | null;
  /** Hours that it then stands by itself; 0: none. */
  readonly stands: number;
  readonly caution: CautionId | null;
}

const once = (
  key: string,
  what: string,
  daysBefore: number,
  minutes: number,
  more: Partial<Preparation> = {},
): Preparation => ({
  key,
  what,
  daysBefore,
  dailyUntil: null,
  minutes,
  minutesPerLitre: 0,
  again: null,
  stands: 0,
  caution: null,
  ...more,
});

const RINSE_CLEAR = 'Rinse until the water runs clear and no grit is left in the bucket.';
const LAST_STAND = once(
  'stand',
  'Leave it in dechlorinated water overnight, then pour the water off.',
  1,
  3,
  {
    stands: 12,
  },
);

/*
 * What the trade does with new media, and how long it takes (common practice, no source: rinse until clear, stubborn rock
 * soaked for days with a daily rinse, a last stand in dechlorinated water, a jar test for what may move the pH).
 */
const ROCK: readonly Preparation[] = [
  once('break', 'Break it to about 1 to 2 cm and sieve out the grit.', 8, 10, {
    minutesPerLitre: 5,
    caution: 'splinters',
  }),
  once(
    'vinegar',
    'Test it. A drop of vinegar must not fizz. After a day in a jar of tank water, a few pieces must not change the pH.',
    8,
    5,
    { stands: 24 },
  ),
  once('rinse', RINSE_CLEAR, 7, 10, { minutesPerLitre: 5, caution: 'dust' }),
  once('brush', 'Brush any pieces that still give off colour.', 7, 5, { minutesPerLitre: 3 }),
  once('soak', 'Soak it in fresh water.', 7, 5, {
    dailyUntil: 2,
    again: 'Rinse it and change the water.',
    stands: 24,
  }),
  LAST_STAND,
];
const STONE: readonly Preparation[] = [
  once('rinse', RINSE_CLEAR, 1, 10, { minutesPerLitre: 4, caution: 'dust' }),
  LAST_STAND,
];
const BY_FAMILY: Readonly<Record<Medium['family'], readonly Preparation[]>> = {
  foam: [
    once('rinse', 'Cut it, then rinse and squeeze it a few times in dechlorinated water.', 0, 3, {
      minutesPerLitre: 1,
    }),
  ],
  floss: [once('rinse', 'Rinse it once; no need to squeeze.', 0, 1)],
  'dense rings': STONE,
  'porous mineral': STONE,
  plastic: [once('rinse', 'Rinse it in dechlorinated water, without soap.', 0, 3, { minutesPerLitre: 1 })],
  carbon: [
    once('rinse', 'Open it and rinse it until the water runs clear.', 0, 8, {
      minutesPerLitre: 6,
      caution: 'dust',
    }),
  ],
  resin: [
    once('soak', 'Put it in a bag, let it swell in dechlorinated water, then rinse it.', 1, 5, { stands: 8 }),
  ],
  zeolite: STONE,
  cartridge: [once('rinse', 'Rinse it until the water runs clear.', 0, 2)],
  spacer: [once('rinse', 'Rinse it.', 0, 1)],
  unknown: [],
};
const BY_ID: Readonly<Record<string, readonly Preparation[]>> = {
  lava: ROCK,
  pumice: ROCK,
  'printed-block': [
    once('brush', 'Brush off loose threads.', 2, 5),
    once('soak', 'Soak it in dechlorinated water for a day.', 1, 2, { stands: 24 }),
  ],
};

/** What is done with a new medium before it goes in, in order. */
export const preparationsFor = (medium: Medium): readonly Preparation[] =>
  BY_ID[catalogueId(medium)] ?? BY_FAMILY[medium.family];
