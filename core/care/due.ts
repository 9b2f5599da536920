import type { Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import type { LogEntry } from '../log/logEntry';
import { AIR_WORK, type ServiceWork } from '../log/serviceWorks';
import { mediumOf } from '../layers/mediumOf';
import type { Layer } from '../layers/layer';
import type { Work } from '../pack/visit';
import { keepsDirt } from '../dirt/keepsDirt';
import { placeLayers } from '../layers/placeLayers';
import { visitBurden } from '../service/visitBurden';
import { PART_LIVES } from '../practice/partLives';
import { nextStageDue } from '../report/nextStageDue';
import { flowState } from '../service/flowState';
import { isFlowLow } from '../service/isFlowLow';
import { flowVerdict } from '../service/flowVerdict';
import type { Tank } from '../tank/tank';
import { lowerFirst, upperFirst } from '../units/firstLetter';
import { daysBetween } from '../units/daysBetween';
import { dateAfter, daysUntil } from '../units/daysUntil';
import { joined } from '../units/joined';
import { sentence, type Sentence } from '../units/sentence';
import type { Outlook, OutlookForecast } from '../outlook/outlook';
import { outlookVerdict } from '../outlook/outlookVerdict';
import { snoozedIn, type Snoozed } from './snoozedIn';
import { AIR_ITEM, WATER_ITEM } from '../log/isOfTank';
import { DAY } from '../units/time';

/** Something that a filter or its tank wants on a day. */
export interface Due {
  /** The same for as long as it is the same thing. */
  readonly key: string;
  /** Whole days from now; below 0: overdue by so many. */
  readonly inDays: number;
  /** ISO date */
  readonly on: string;
  /** The likely end of its range, in days from now; null: its day is its day. */
  readonly latestInDays: number | null;
  readonly what: Sentence;
  readonly why: Sentence;
  /** Of the hands; null: not reckoned. */
  readonly minutes: number | null;
  readonly bring: readonly string[];
  /** A water change falls so near that both are done at once: its old water is the rinse water. */
  readonly withWaterChange: boolean;
  /** The keeper put it off; null: not. Then its day is the one it was put off to. */
  readonly snoozed: Snoozed | null;
}

/** What is due as the trade has it, before the keeper puts anything off. */
type Wanted = Omit<Due, 'snoozed'>;

/** The key of the next time that hands go into a filter. */
export const visitKey = (filterId: string): string => `visit ${filterId}`;

/** What is known of a filter when its list is made. */
export interface DueInput {
  readonly filter: Filter;
  readonly tank: Pick<Tank, 'routine' | 'airFilters'>;
  readonly layers: readonly Layer[];
  readonly outlook: Outlook | null;
  /** Preparations for a repack whose day has come; left out: none. */
  readonly preparations?: number;
  /** In any order: its services and repacks, and the water changes of its tank. */
  readonly log: readonly LogEntry[];
  /** ISO moment */
  readonly now: string;
}

/** Kinds of entries that the outlook is made and drawn from. */
export const DUE_KINDS: readonly LogEntry['kind'][] = [
  'flow',
  'service',
  'repacked',
  'water change',
  'top-up',
  'snooze',
];

/** Days ahead that are looked at: further off, a date is a guess. */
const MAX_DAYS_AHEAD = 60;
/** Days that a service is moved towards a water change (calibrated: so near the forecast is not known). */
const MAX_DAYS_TO_WATER_CHANGE = 3;

/** Days by which the work on a part is moved to the next visit (calibrated: its date is a custom). */
const MAX_DAYS_TO_NEXT_VISIT = 14;

/** All that is due within two months, soonest first. */
export function dueList(input: DueInput): Due[] {
  const water = waterChange(input);
  const visit = neededNow(
    input,
    input.filter.cleanedEvery === null ? nextVisit(input, water) : cleaningDue(input),
  );
  const parts = partsDue(input, visit);
  return [
    visit,
    ...[preparationsDue(input), swapDue(input), spongeDue(input), sleeveDue(input), airDue(input)],
    movedUp(water, visit),
    ...parts,
  ]
    .filter((item) => item !== null)
    .map((item) => putOff(item, input))
    .filter(({ inDays }) => inDays <= MAX_DAYS_AHEAD)
    .sort((a, b) => a.inDays - b.inDays);
}

/**
 * The next visit, which is due now where the flow that was measured is under its limit or the forecast says so: whatever says
 * that a filter needs service says it by this list.
 */
function neededNow({ filter, outlook, log, now }: DueInput, visit: Wanted | null): Wanted | null {
  const flow = flowState(log);
  const isWeak = isFlowLow(flow, log);
  const ahead = outlookVerdict(outlook, now, 'working');
  if ((!isWeak && ahead.level !== 'check') || (visit !== null && visit.inDays <= 0)) return visit;
  const why = isWeak ? flowVerdict(flow).state : ahead.state;
  return visit === null
    ? {
        key: visitKey(filter.id),
        ...dateIn(0, now),
        what: sentence`Clean this filter.`,
        why,
        minutes: null,
        bring: [],
        withWaterChange: false,
      }
    : { ...visit, ...dateIn(0, now), latestInDays: visit.latestInDays, why };
}

/** Preparations for a repack whose day has come. */
function preparationsDue({ filter, preparations = 0, now }: DueInput): Wanted | null {
  if (preparations === 0) return null;
  return {
    key: `prepare ${filter.id}`,
    ...dateIn(0, now),
    what: sentence`${preparations === 1 ? 'Do one preparation' : `Do ${preparations} preparations`} for the repack.`,
    why: sentence`The new media must be ready on the day you open the filter.`,
    minutes: null,
    bring: [],
    withWaterChange: false,
  };
}

/** The next stage of media that are replaced in stages. */
function swapDue({ filter: { id, swap }, now }: DueInput): Wanted | null {
  const stage = swap === null ? null : nextStageDue(swap, now);
  if (stage === null) return null;
  return {
    key: `swap ${id}`,
    ...dateIn(stage.days, now),
    what: sentence`Do stage ${String(stage.number)} of the media swap.`,
    why: sentence`Test ammonia and nitrite first.`,
    minutes: null,
    bring: ['test kit'],
    withWaterChange: false,
  };
}

/** The water is changed on the day of a visit that cannot wait for it: its old water is the rinse water. */
const movedUp = (water: Wanted | null, visit: Wanted | null): Wanted | null =>
  water === null || visit === null || !visit.withWaterChange || water.inDays <= visit.inDays
    ? water
    : { ...water, inDays: visit.inDays, on: visit.on };

/** The item on the day that it was put off to, where that lies behind its own and has not come. */
function putOff(item: Wanted, { log, now }: DueInput): Due {
  const snoozed = snoozedIn(log, item.key, now);
  if (snoozed === null || snoozed.until <= item.on) return { ...item, snoozed: null };
  return {
    ...item,
    inDays: Math.round(daysBetween(now.slice(0, 10), snoozed.until)),
    latestInDays: null,
    on: snoozed.until,
    snoozed,
  };
}

/**
 * The same lists, with what belongs to a tank listed once, under the first of its filters that has it.
 *
 * @param lists of filters, each as {@link dueList} gives it
 */
export function dedupeTankItems<T extends { readonly due: readonly Due[] }>(lists: readonly T[]): T[] {
  const told = new Set<string>();
  return lists.map((list) => ({
    ...list,
    due: list.due.filter(({ key }) => {
      const isNew = !told.has(key);
      told.add(key);
      return isNew;
    }),
  }));
}

const VERBS: Readonly<Record<Work, string>> = {
  squeeze: 'squeeze',
  rinse: 'swish',
  replace: 'replace',
  recharge: 'recharge',
};

const WORDS_BY_REASON: Readonly<Record<OutlookForecast['visits'][number]['why'], string>> = {
  flow: '',
  'used up': 'It is used up: hardly any water gets through it.',
  spent: 'It has reached the end of its life.',
  biological: 'Silt is clogging the biological media. Clean nothing else that day.',
  look: 'Nothing needs it yet, but a forecast can be wrong.',
};
/** Why a service falls: still to come, and once its day has come. */
const WHY_SERVICE: Readonly<Record<OutlookForecast['by'], Readonly<Record<'coming' | 'due', string>>>> = {
  through: {
    coming: 'The flow will be down to its limit.',
    due: 'The flow is probably down to its limit.',
  },
  headroom: {
    coming: 'The water in front of the pack will be close to the rim.',
    due: 'The water in front of the pack is probably close to the rim.',
  },
  kept: {
    coming: 'The mechanical layers will be full and let dirt through.',
    due: 'The mechanical layers are probably full and let dirt through.',
  },
  sponge: { coming: 'The sponge will be brown.', due: 'The sponge is probably brown.' },
};

/** The next time that hands go into the filter. */
function nextVisit({ filter, layers, outlook, now }: DueInput, water: Wanted | null): Wanted | null {
  const ahead = outlook?.forecast;
  const [visit] = ahead?.visits ?? [];
  if (ahead === null || ahead === undefined || visit === undefined) return null;
  const nameOf = (layerId: string): string => {
    const layer = layers.find(({ id }) => id === layerId);
    // A visit is planned on the pack that is in; one that changed since is planned anew.
    return layer === undefined ? 'layer that is no longer in the filter' : lowerFirst(mediumOf(layer).name);
  };
  const byWork = new Map<Work, string[]>();
  for (const { layerId, work } of visit.works)
    byWork.set(work, [...(byWork.get(work) ?? []), nameOf(layerId)]);
  const works = [...byWork].map(
    ([work, names]) => `${VERBS[work]} ${joined([...new Set(names)].map((name) => `the ${name}`))}`,
  );
  const planned = daysUntil(ahead.packedAt, visit.day, now);
  // The plan begins on the day it was made: what was due before is overdue since the end of its range.
  const overdue = ahead.latest === null ? 0 : Math.ceil(ahead.latest - daysBetween(ahead.packedAt, now));
  const inDays = planned > 0 ? planned : Math.min(0, overdue);
  const together = water !== null && Math.abs(water.inDays - inDays) <= MAX_DAYS_TO_WATER_CHANGE;
  const rinses = visit.works.some(({ work }) => work === 'squeeze' || work === 'rinse');
  return {
    key: visitKey(filter.id),
    // One that is due already does not wait for the water: the water is changed with it.
    ...dateIn(together && inDays > 0 ? water.inDays : inDays, now),
    latestInDays: ahead.latest === null ? null : daysUntil(ahead.packedAt, ahead.latest, now),
    what:
      visit.why === 'look'
        ? sentence`Look into the filter${works.length === 0 ? '' : `: ${joined(works)}`}.`
        : sentence`${upperFirst(joined(works))}.`,
    why: sentence`${visit.why === 'flow' ? WHY_SERVICE[ahead.by][inDays > 0 ? 'coming' : 'due'] : WORDS_BY_REASON[visit.why]}`,
    minutes: visit.minutes,
    bring: [
      ...(rinses ? ['old tank water'] : []),
      ...[...new Set(byWork.get('replace'))].map((name) => `new ${name}`),
    ],
    withWaterChange: together,
  };
}

/** The next cleaning of a filter that takes the dirt for others: by its days, whatever its flow. */
function cleaningDue({ filter, layers, log, now }: DueInput): Wanted | null {
  const every = filter.cleanedEvery;
  const inFlow = placeLayers(filter, layers);
  const mechanical = inFlow.filter(keepsDirt);
  const ids = new Set(mechanical.map(({ layer }) => layer.id));
  const last = lastOf(log, (entry) =>
    entry.kind === 'service'
      ? entry.works.some(({ layerId }) => layerId !== null && ids.has(layerId))
      : entry.kind === 'repacked',
  );
  if (every === null || last === null || mechanical.length === 0) return null;
  const renewed = mechanical.filter(({ medium }) => medium.service === 'replace');
  const squeezed = mechanical.filter(({ medium }) => medium.service !== 'replace');
  const named = (verb: string, some: typeof mechanical): string[] =>
    some.length === 0
      ? []
      : [`${verb} ${joined([...new Set(some.map(({ medium }) => `the ${lowerFirst(medium.name)}`))])}`];
  return {
    key: visitKey(filter.id),
    ...dateIn(daysUntil(last, every, now), now),
    what: sentence`${upperFirst(joined([...named('replace', renewed), ...named('squeeze', squeezed)]))}.`,
    why: sentence`Every ${{ kind: 'days', si: every * DAY }}, whatever its flow. It catches the dirt so that the other filter can stay closed.`,
    minutes: visitBurden(filter, inFlow, [...ids]).minutes,
    bring: [
      ...(squeezed.length > 0 ? ['old tank water'] : []),
      ...[...new Set(renewed.map(({ medium }) => `new ${lowerFirst(medium.name)}`))],
    ],
    withWaterChange: false,
  };
}

/** The sponge on the intake: it is reached without opening the filter. */
function spongeDue({ filter, layers, outlook, log, now }: DueInput): Wanted | null {
  const chamber = intakeSponge(filter);
  const every = outlook?.forecast?.sponge ?? null;
  const sponge = chamber === null ? undefined : layers.find((layer) => layer.chamber === chamber.id);
  if (sponge === undefined || every === null) return null;
  const last = lastOf(log, (entry) =>
    entry.kind === 'service'
      ? entry.works.some(({ layerId }) => layerId === sponge.id)
      : entry.kind === 'repacked',
  );
  if (last === null) return null;
  return {
    key: `sponge ${filter.id}`,
    ...dateIn(daysUntil(last, every, now), now),
    what: sentence`Squeeze the intake sponge, or fit the spare.`,
    why: sentence`It fills up about every ${{ kind: 'days', si: every * DAY }}. A blocked intake starves the pump of water.`,
    minutes: null,
    bring: ['spare intake sponge'],
    withWaterChange: false,
  };
}

/** A cheap sleeve on the intake, by date; nothing where the date it was put on is unknown. */
function sleeveDue({ filter, layers, log, now }: DueInput): Wanted | null {
  const chamber = intakeSponge(filter);
  const sponge = chamber === null ? undefined : layers.find((layer) => layer.chamber === chamber.id);
  if (sponge === undefined || !filter.equipment.includes('cheap sleeve')) return null;
  const replaced = lastOf(
    log,
    (entry) =>
      entry.kind === 'service' &&
      entry.works.some(({ layerId, work }) => layerId === sponge.id && work === 'replaced'),
  );
  const since = replaced ?? sponge.installedOn;
  if (since === null) return null;
  return {
    key: `sleeve ${filter.id}`,
    ...dateIn(daysUntil(since, PART_LIVES.sleeve, now), now),
    what: sentence`Replace the sleeve on the intake.`,
    why: sentence`A cheap sleeve goes soft within a few months: it lets dirt through, or comes off.`,
    minutes: null,
    bring: ['new sleeve'],
    withWaterChange: false,
  };
}

/** Air-driven filters of the tank, once their squeeze has been logged. */
function airDue({ filter, tank, log, now }: DueInput): Wanted | null {
  const last = lastOf(
    log,
    (entry) => entry.kind === 'service' && entry.works.some(({ work }) => work === AIR_WORK),
  );
  const count = tank.airFilters.length;
  if (count === 0 || last === null) return null;
  return {
    key: `${AIR_ITEM}${filter.tankId}`,
    ...dateIn(daysUntil(last, PART_LIVES.air, now), now),
    what: sentence`${count === 1 ? 'Squeeze the air-driven filter.' : `Squeeze the ${count} air-driven filters, one a week.`}`,
    why: sentence`Squeeze their foam in old tank water every two to four weeks.`,
    minutes: null,
    bring: ['old tank water'],
    withWaterChange: false,
  };
}

/** The next water change by the keeper’s own habit; null where none is known or none was ever logged. */
function waterChange({ filter, tank, log, now }: DueInput): Wanted | null {
  const habit = tank.routine.waterChange;
  const last = lastOf(log, ({ kind }) => kind === 'water change');
  if (habit === null || last === null) return null;
  return {
    key: `${WATER_ITEM}${filter.tankId}`,
    ...dateIn(daysUntil(last, habit.every, now), now),
    what: sentence`Change ${{ kind: 'share', si: habit.share }} of the water.`,
    why: sentence`You change water every ${{ kind: 'days', si: habit.every * DAY }}.`,
    minutes: null,
    bring: ['dechlorinator'],
    withWaterChange: false,
  };
}

interface Part {
  readonly key: Exclude<keyof typeof PART_LIVES, 'sleeve' | 'air'>;
  readonly has: (filter: Filter) => boolean;
  readonly work: ServiceWork;
  /** A repack does it as well. */
  readonly inRepack: boolean;
  readonly what: string;
  readonly why: string;
}

const PARTS: readonly Part[] = [
  {
    key: 'hoses',
    has: ({ hoses }) => hoses !== null,
    work: 'hoses brushed',
    inRepack: true,
    what: 'Brush the hoses.',
    why: 'Slime grows in them within weeks and slows the flow.',
  },
  {
    key: 'impeller',
    has: () => true,
    work: 'impeller cleaned',
    inRepack: true,
    what: 'Clean the impeller and its well.',
    why: 'Slime and grit slow the flow and make it rattle.',
  },
  {
    key: 'seal',
    has: ({ hoses }) => hoses !== null,
    work: 'seal greased',
    inRepack: true,
    what: 'Clean and grease the seal.',
    why: 'A dry or dirty seal leaks.',
  },
  {
    key: 'lamp',
    has: ({ equipment }) => equipment.includes('UV lamp'),
    work: 'lamp replaced',
    inRepack: false,
    what: 'Replace the UV lamp’s tube.',
    why: 'It weakens within a year, even if it still glows. Switch it off before you open the filter.',
  },
];

/** Parts by date; what falls near the next visit, and what was never logged, is done with it. */
function partsDue({ filter, log, now }: DueInput, visit: Wanted | null): Wanted[] {
  return PARTS.filter(({ has }) => has(filter)).flatMap(({ key, work, inRepack, what, why }) => {
    const done = lastOf(
      log,
      (entry) =>
        (entry.kind === 'service' && entry.works.some((item) => item.work === work)) ||
        (inRepack && entry.kind === 'repacked'),
    );
    // The day is unknown: at the next visit, or with the first entry that says so.
    if (done === null && visit === null) return [];
    const inDays = done === null ? 0 : daysUntil(done, PART_LIVES[key], now);
    const withVisit =
      visit !== null && (done === null || Math.abs(inDays - visit.inDays) <= MAX_DAYS_TO_NEXT_VISIT);
    return [
      {
        key: `${key} ${filter.id}`,
        ...dateIn(withVisit ? visit.inDays : inDays, now),
        what: sentence`${what}`,
        why: sentence`${done === null ? `${why} Not logged yet.` : why}`,
        minutes: null,
        bring: [],
        withWaterChange: false,
      },
    ];
  });
}

const dateIn = (inDays: number, now: string): Pick<Due, 'inDays' | 'on' | 'latestInDays'> => ({
  inDays,
  latestInDays: null,
  on: dateAfter(now, inDays),
});

const lastOf = (log: readonly LogEntry[], is: (entry: LogEntry) => boolean): string | null =>
  log.reduce<string | null>(
    (last, entry) => (is(entry) && (last === null || entry.at > last) ? entry.at : last),
    null,
  );
