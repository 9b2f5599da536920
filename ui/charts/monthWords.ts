import type { CareMonth } from '@/core/care/careMonths';
import type { Words } from '../fields/wordsFor';

/** What a month took and will take, in words. */
export const monthWords = {
  minutes: ({ done, planned }: CareMonth, words: Words): string => {
    const show = (minutes: number): string => `${words.number(minutes, 0)} min`;
    return both(done.minutes, planned.minutes, show);
  },
  money: ({ done, planned, electricity }: CareMonth, words: Words): string =>
    [
      `media ${both(done.money, planned.money, words.money)}`,
      electricity === null ? null : `electricity ${words.money(electricity)}`,
      done.unpriced + planned.unpriced === 0
        ? null
        : `${words.number(done.unpriced + planned.unpriced)} replaced without a price`,
    ]
      .filter((part) => part !== null)
      .join(', '),
};

const both = (done: number, planned: number, show: (value: number) => string): string =>
  planned === 0
    ? show(done)
    : done === 0
      ? `${show(planned)} planned`
      : `${show(done)}, ${show(planned)} planned`;
