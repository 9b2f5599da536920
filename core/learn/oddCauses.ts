import { intakeSponge } from '../filter/intakeSponge';
import { operatingPoint } from '../hydraulics/operatingPoint';
import { Z_99, type Foreseen } from './leaveOneOutPredictions';
import type { LogModel } from './logModel';
import { predictStretch, segmentInput, type LearningPlace } from './predictStretch';
import { feedPerDay } from '../tank/feedPerDay';
import { sumOf } from '../maths/sum';

/** What may be behind a reading that does not fit. */
export const ODD_CAUSES = ['food', 'hose', 'gap', 'impeller', 'tap', 'sponge', 'tilt', 'misread'] as const;
export type OddCause = (typeof ODD_CAUSES)[number];

/** A cause that explains a reading, and its share among those that do, 0–1. */
export interface RankedCause {
  readonly cause: OddCause;
  readonly share: number;
}

/** A cause at a size: what it makes of the expected value, and how likely that size is, as a standard normal value. */
interface Sized {
  readonly value: number;
  readonly size: number;
}

/* How far each goes in two thirds of the cases in which it happens, and how often it does (calibrated). */
const FOOD_SPREAD = 1.5;
const LOSS_SPREAD = { hose: 0.12, impeller: 0.15, tap: 0.4, sponge: 0.3 } as const;
const GAP_SPREAD = 0.4;
const TILT_SPREAD = 2e-3;
const MISREAD_SPREAD = { flow: 1.4, level: 4e-3 } as const;
const PRIOR_ODDS: Readonly<Record<OddCause, number>> = {
  food: 0.25,
  hose: 0.12,
  gap: 0.1,
  impeller: 0.1,
  tap: 0.05,
  sponge: 0.25,
  tilt: 0.15,
  misread: 0.08,
};
/** A strainer without a sponge is blocked less often (calibrated). */
const STRAINER_OFTEN = 0.12;

/** Sizes that are tried of each cause, in units of its spread. */
const SIZES = Array.from({ length: 25 }, (_, index) => index / 8);
const BOTH_WAYS = [...SIZES.slice(1).map((size) => -size), ...SIZES];
/** Food is simulated at each size, which takes time. */
const FOOD_SIZES = BOTH_WAYS.filter((size) => Number.isInteger(2 * size));
/** Causes less likely than this share are not named. */
const MIN_NAMED_CHANCE = 0.05;

/**
 * The causes of a reading that does not fit, likeliest first: each is weighed by how well it explains the reading at its
 * best size, times how likely that size is, times how often the cause happens.
 *
 * @param point of the model’s fit, which the reading was not part of
 */
export function oddCauses(
  place: LearningPlace,
  model: LogModel,
  point: readonly number[],
  reading: Foreseen,
): RankedCause[] {
  const isFlow = reading.kind === 'flow';
  const scale = (value: number): number => (isFlow ? Math.log(value) : value);
  const spread = (scale(reading.high) - scale(reading.low)) / (2 * Z_99);
  const weighed = Object.entries(
    isFlow ? ofFlow(place, model, point, reading) : ofLevel(place, model, point, reading),
  )
    .map(([cause, sizes]) => {
      const often =
        cause === 'sponge' && intakeSponge(place.filter) === null
          ? STRAINER_OFTEN
          : PRIOR_ODDS[cause as OddCause];
      const best = sizes.map(({ value, size }) => {
        const apart = (scale(reading.value) - scale(value)) / spread;
        return Math.exp(-(apart ** 2 + size ** 2) / 2);
      });
      return { cause: cause as OddCause, weight: often * Math.max(0, ...best) };
    })
    .sort((a, b) => b.weight - a.weight);
  const all = sumOf(weighed, ({ weight }) => weight);
  return weighed
    .map(({ cause, weight }) => ({ cause, share: all > 0 ? weight / all : 0 }))
    .filter(({ share }) => share >= MIN_NAMED_CHANCE);
}

type Causes = Partial<Record<OddCause, readonly Sized[]>>;

function ofFlow(place: LearningPlace, model: LogModel, point: readonly number[], reading: Foreseen): Causes {
  const { filter, tank } = place;
  const { expected } = reading;
  const less = (spread: number): Sized[] =>
    SIZES.map((size) => ({ value: expected * Math.max(0.02, 1 - spread * size), size }));
  const empty = Math.max(expected, operatingPoint(filter, [], tank.temperature).flow);
  return {
    food: fedOtherwise(place, model, point, reading),
    ...(filter.hoses === null ? {} : { hose: less(LOSS_SPREAD.hose) }),
    ...(filter.equipment.includes('taps') ? { tap: less(LOSS_SPREAD.tap) } : {}),
    impeller: less(LOSS_SPREAD.impeller),
    sponge: less(LOSS_SPREAD.sponge),
    gap: SIZES.map((size) => ({
      value: expected + (empty - expected) * Math.min(1, GAP_SPREAD * size),
      size,
    })),
    misread: BOTH_WAYS.map((size) => ({ value: expected * MISREAD_SPREAD.flow ** size, size })),
  };
}

const ofLevel = (
  place: LearningPlace,
  model: LogModel,
  point: readonly number[],
  reading: Foreseen,
): Causes => ({
  food: fedOtherwise(place, model, point, reading),
  tilt: BOTH_WAYS.map((size) => ({ value: reading.expected + TILT_SPREAD * size, size })),
  misread: BOTH_WAYS.map((size) => ({ value: reading.expected + MISREAD_SPREAD.level * size, size })),
});

/** What would have been read, had the tank been fed otherwise since the pack went in. */
function fedOtherwise(
  place: LearningPlace,
  model: LogModel,
  point: readonly number[],
  reading: Foreseen,
): Sized[] {
  const food = feedPerDay(place.tank);
  const whole = model.stretches[reading.stretch];
  if (whole === undefined) return [];
  const { id, day, value } = reading;
  const stretch = {
    ...whole,
    services: [],
    seen: [],
    flows: reading.kind === 'flow' ? [{ id, day, flow: value, spread: 0 }] : [],
    levels: reading.kind === 'level' ? [{ id, day, headroom: value }] : [],
  };
  const input = segmentInput(place, stretch);
  const predicted = FOOD_SIZES.map((size) => {
    const found = predictStretch({ ...input, fed: FOOD_SPREAD ** size }, stretch, point, food);
    return {
      size,
      value: (reading.kind === 'flow' ? found.flows[0] : found.levels[0]) ?? reading.expected,
    };
  });
  // Against its own value at the food entered, so that food as it is fits as well as nothing at all.
  const usual = predicted.find(({ size }) => size === 0)?.value ?? reading.expected;
  return predicted.map(({ size, value: found }) => ({
    size,
    value: reading.kind === 'flow' ? reading.expected * (found / usual) : reading.expected + found - usual,
  }));
}
