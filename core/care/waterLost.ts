import { quantile } from '../maths/quantile';
import { RANGE_HIGH, RANGE_LOW, type Range } from '../maths/range';
import type { LogEntry } from '../log/logEntry';
import { USUAL_ROOM } from '../practice/usualRoom';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { floorArea } from '../tank/tankGeometry';
import { DAY_MS, daysBetween } from '../units/daysBetween';
import { seededNormal } from '../maths/seededNormal';
import { DAY } from '../units/time';
import { evaporation, SURFACE_ACTIVITY, UNDER_LID } from '../water/evaporation';

/** What the top-ups of a tank say of the water that it loses. */
export interface WaterLost {
  /** What was poured in, what evaporates, and the difference, m³ a day. */
  readonly poured: Range;
  readonly evaporated: Range;
  readonly excess: Range;
  /** Even the low end of the difference is a loss. */
  readonly leaks: boolean;
  /** Top-ups and days it is reckoned from. */
  readonly topUps: number;
  readonly days: number;
  /** What was not entered and is assumed. */
  readonly assumed: readonly ('lid' | 'room' | 'humidity' | 'surface')[];
}

/** Days that are looked back: a leak is of now, and weather changes with the season. */
const LOOKED_BACK = 45;
/** Marks that are looked at, the newest: as many of each kind as home reads, so that it says the same. */
export const MAX_MARKS = 9;
/** Fewest top-ups and days that say anything (calibrated). */
const MIN_TOP_UPS = 3;
const FEWEST_DAYS = 5;

/** One standard deviation of the room, assumed and read, °C and 0–1 (a home in winter and summer; common practice, no source). */
const ROOM_SPREAD = { assumed: 2.5, read: 1 } as const;
const HUMIDITY_SPREAD = { assumed: 0.1, read: 0.05 } as const;
/** One standard deviation of the thermometer in the water, °C. */
const THERMOMETER = 0.5;
/** One standard deviation of what is poured in by eye, as a share, and of the mark it is filled to, m. */
const POURING = 0.1;
const MARK_READING_ERROR = 2e-3;
/** Depth of a tank of which only the litres are known, m, and standard deviation of its surface as a share. */
const USUAL_DEPTH = 0.4;
const SURFACE_SPREAD = { known: 0.02, assumed: 0.25 } as const;
/** Geometric standard deviations: how much the filter ripples the surface, how tight a lid is (calibrated). */
const RIPPLES = 1.2;
const LID = 1.6;
/** A lid is neither entered nor ruled out: between both, and this wide. */
const PERHAPS_LID = { factor: Math.sqrt(UNDER_LID), spread: 2 } as const;

/** Draws of what is not known; seeded, so that the same log gives the same answer. */
const SAMPLES = 400;
const SEED = 1918;

/** What the watch is kept on. */
export interface WaterLostInput {
  readonly tank: Tank;
  /** Top-ups and water changes of the tank, in any order. */
  readonly log: readonly LogEntry[];
  /** ISO moment */
  readonly now: string;
}

/**
 * Holds what is topped up against what evaporates: what is lost beyond it leaks. Null while too little was poured in to
 * tell. A water change fills the tank to its mark too, so that what was lost before it is not known: only the time from
 * one mark to a top-up counts.
 */
export function waterLost({ tank, log, now }: WaterLostInput): WaterLost | null {
  const marks = log
    .filter(({ kind }) => kind === 'top-up' || kind === 'water change')
    .filter(({ at }) => at <= now && daysBetween(at, now) <= LOOKED_BACK)
    .toSorted((a, b) => a.at.localeCompare(b.at))
    .slice(-MAX_MARKS);
  let days = 0;
  let volume = 0;
  let squares = 0;
  let topUps = 0;
  let chains = 0;
  marks.forEach((mark, place) => {
    const before = marks[place - 1];
    if (mark.kind !== 'top-up' || before === undefined) return;
    days += Math.max(0, Date.parse(mark.at) - Date.parse(before.at)) / DAY_MS;
    volume += mark.volume;
    squares += mark.volume ** 2;
    topUps += 1;
    if (before.kind !== 'top-up' || place === 1) chains += 1;
  });
  if (topUps < MIN_TOP_UPS || days < FEWEST_DAYS) return null;
  const { water, cover, room } = tank;
  const area = water.how === 'measured' ? floorArea(water.shape) : netVolume(water).value / USUAL_DEPTH;
  const normal = seededNormal(SEED);
  const poured: number[] = [];
  const evaporated: number[] = [];
  const excess: number[] = [];
  // Both ends of a chain of top-ups are marks that were read.
  const spread = Math.hypot(POURING * Math.sqrt(squares), MARK_READING_ERROR * area * Math.sqrt(2 * chains));
  for (let draw = 0; draw < SAMPLES; draw += 1) {
    const lid =
      cover === null
        ? PERHAPS_LID.factor * PERHAPS_LID.spread ** normal()
        : cover === 'lid'
          ? UNDER_LID * LID ** normal()
          : 1;
    const gone =
      evaporation({
        area: area * (1 + SURFACE_SPREAD[water.how === 'measured' ? 'known' : 'assumed'] * normal()),
        water: tank.temperature + THERMOMETER * normal(),
        room:
          (room.temperature ?? USUAL_ROOM.temperature) +
          ROOM_SPREAD[room.temperature === null ? 'assumed' : 'read'] * normal(),
        humidity: within(
          (room.humidity ?? USUAL_ROOM.humidity) +
            HUMIDITY_SPREAD[room.humidity === null ? 'assumed' : 'read'] * normal(),
        ),
        activity: SURFACE_ACTIVITY.rippled * RIPPLES ** normal(),
        lid: Math.min(1, lid),
      }) * DAY;
    const came = (volume + spread * normal()) / days;
    poured.push(came);
    evaporated.push(gone);
    excess.push(came - gone);
  }
  const difference = rangeOf(excess);
  return {
    poured: rangeOf(poured),
    evaporated: rangeOf(evaporated),
    excess: difference,
    leaks: difference.low > 0,
    topUps,
    days,
    assumed: [
      ...(cover === null ? (['lid'] as const) : []),
      ...(room.temperature === null ? (['room'] as const) : []),
      ...(room.humidity === null ? (['humidity'] as const) : []),
      ...(water.how === 'measured' ? [] : (['surface'] as const)),
    ],
  };
}

const within = (humidity: number): number => Math.min(1, Math.max(0, humidity));

function rangeOf(draws: readonly number[]): Range {
  const sorted = draws.toSorted((a, b) => a - b);
  return {
    low: quantile(sorted, RANGE_LOW),
    likely: quantile(sorted, 1 / 2),
    high: quantile(sorted, RANGE_HIGH),
  };
}
