import { LITRE } from '../units/siFactors';
import { shortCaution } from '../cautions/cautions';
import type { Job } from '../job/job';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import type { Medium } from '../media/medium';
import { DAY_MS } from '../units/daysBetween';
import { lowerFirst } from '../units/firstLetter';
import { preparationsFor, type Preparation } from './preparations';

/** A step of the programme on its day. */
export interface ProgrammeStep {
  /** Its own, within a repack: what ticks are kept by. */
  readonly key: string;
  readonly medium: Medium | null;
  readonly what: string;
  /** ISO date; null while no opening date is set. */
  readonly on: string | null;
  readonly daysBefore: number;
  readonly minutes: number;
  /** Hours that it stands afterwards. */
  readonly stands: number;
  readonly caution: string | null;
  /** ISO moment at which it was ticked; null: not done. */
  readonly doneAt: string | null;
}

/** New media of a plan: by medium, litres of it that were not in the filter before. */
export interface NewMedium {
  readonly medium: Medium;
  /** m³ */
  readonly volume: number;
}

/**
 * What of a plan is new, by medium.
 *
 * @param added share of each layer that is new, see addedShares
 * @param volumeOf of a layer, m³
 */
export function newMedia(
  layers: readonly Layer[],
  added: ReadonlyMap<string, number>,
  volumeOf: (layerId: string) => number,
): NewMedium[] {
  const byId = new Map<string, NewMedium>();
  for (const layer of layers) {
    const share = added.get(layer.id) ?? 0;
    if (share === 0) continue;
    const medium = mediumOf(layer);
    const so = byId.get(medium.id);
    byId.set(medium.id, { medium, volume: (so?.volume ?? 0) + share * volumeOf(layer.id) });
  }
  return [...byId.values()];
}

/**
 * The programme of a repack, scheduled backwards from its day: what is done with each new medium, earliest first.
 *
 * @param cutting there are pieces to cut
 */
export function programme(
  media: readonly NewMedium[],
  cutting: boolean,
  { repackOn, prepared }: Pick<Job, 'repackOn' | 'prepared'>,
): ProgrammeStep[] {
  const done = new Map(prepared.map(({ key, at }) => [key, at]));
  const dayOf = (daysBefore: number): string | null =>
    repackOn === null
      ? null
      : new Date(Date.parse(repackOn) - daysBefore * DAY_MS).toISOString().slice(0, 10);
  const step = (
    key: string,
    medium: Medium | null,
    volume: number,
    work: Preparation,
    daysBefore: number,
  ): ProgrammeStep => ({
    key,
    medium,
    what: work.what,
    on: dayOf(daysBefore),
    daysBefore,
    minutes: Math.round(work.minutes + work.minutesPerLitre * Math.max(0, volume / LITRE - 1)),
    stands: work.stands,
    caution: work.caution === null ? null : shortCaution(work.caution),
    doneAt: done.get(key) ?? null,
  });
  const cut: Preparation = {
    key: 'cut',
    what: 'Cut the foam and pads as the cut plan shows.',
    daysBefore: 1,
    dailyUntil: null,
    again: null,
    minutes: 15,
    minutesPerLitre: 0,
    stands: 0,
    caution: 'blades',
  };
  return [
    ...(cutting ? [step('cut', null, 0, cut, cut.daysBefore)] : []),
    ...media.flatMap(({ medium, volume }) =>
      preparationsFor(medium).flatMap((work) => {
        if (work.dailyUntil === null)
          return [step(`${medium.id}/${work.key}`, medium, volume, work, work.daysBefore)];
        const times = work.daysBefore - work.dailyUntil + 1;
        return Array.from({ length: times }, (_, time) =>
          step(
            `${medium.id}/${work.key}/${time + 1}`,
            medium,
            volume,
            time === 0 ? work : { ...work, what: work.again ?? work.what },
            work.daysBefore - time,
          ),
        );
      }),
    ),
  ].sort((a, b) => b.daysBefore - a.daysBefore);
}

/** Steps that are due by a moment (ISO) and not done. */
export const dueSteps = (steps: readonly ProgrammeStep[], now: string): readonly ProgrammeStep[] =>
  steps.filter(({ on, doneAt }) => doneAt === null && on !== null && on <= now.slice(0, 10));

/** The earliest day (ISO date) on which everything can be ready, if it is begun today. */
export function earliestReady(steps: readonly ProgrammeStep[], now: string): string {
  const days = steps.reduce(
    (most, { daysBefore, doneAt }) => (doneAt === null ? Math.max(most, daysBefore) : most),
    0,
  );
  return new Date(Date.parse(now.slice(0, 10)) + days * DAY_MS).toISOString().slice(0, 10);
}

/** A step in a few words: “Lava rock: rinse until the water runs clear”. */
export const stepTitle = ({ medium, what }: Pick<ProgrammeStep, 'medium' | 'what'>): string =>
  medium === null ? what : `${medium.name}: ${lowerFirst(what)}`;
