import { eachIn, isRaw, type RawDocument, type Step } from '../step';

/**
 * Version 5 kept what zeolite took a day: what it holds of ammonia at 0.25 mg/L, a day of 28. From that its capacity
 * follows, with the affinity of water of 10 degrees.
 */
const AFFINITY = 100;
const LIFE = 28;
const FILLED = (AFFINITY * 0.25e-3) / (1 + AFFINITY * 0.25e-3);

function withBed({ takes, ...piece }: RawDocument): RawDocument {
  const zeolite =
    typeof takes === 'number' && takes > 0
      ? { capacity: (takes * LIFE) / FILLED, affinity: AFFINITY, everyDays: LIFE }
      : null;
  return { zeolite, ...piece };
}

/**
 * From version 5: zeolite that is retired is a bed that fills up and gives back, and no constant uptake; chambers have
 * rounded corners and may narrow; a repack is prepared; there is money, and a shelf.
 */
export const toVersion6: Step = {
  filter: (doc) =>
    eachIn(
      isRaw(doc.swap) ? { ...doc, swap: eachIn(doc.swap, 'pieces', withBed) } : doc,
      'chambers',
      (chamber) => ({ cornerRadius: 0, narrows: 0, ...chamber }),
    ),
  job: (doc) => ({ repackOn: null, prepared: [], cut: null, ...doc }),
  settings: (doc) => ({ currency: 'EUR', electricityPrice: null, ...doc }),
};
