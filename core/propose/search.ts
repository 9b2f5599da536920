import type { Layer } from '../layers/layer';
import { bodyMass } from '../repack/bodyMass';
import { seededRandom } from '../maths/seededRandom';
import { changeFromToday, changes } from './changeFromToday';
import { dominates, nonDominated } from './dominance';
import { isSheet } from './isSheet';
import { USUAL_EFFORT, type Effort } from './effort';
import { judgePack } from './judgePack';
import { limitShortfalls, nearer, NOTHING_NEAR, type Nearness } from './limits';
import { overflowsBlocked } from './overflowsBlocked';
import type { Piece } from './packFromChoices';
import { packOf } from './packOf';
import { packSpace, type Genome, type PackSpace } from './packSpace';
import type { ProposeInput } from './proposeInput';
import { poolOf, type Pool } from './pool';
import { quickPurchase } from './quickPurchase';
import { quickJudge, type QuickFigures } from './quickJudge';
import { perceivedLosses, lossesOf, OBJECTIVES, type Figures } from './objectives';
import { sum } from '../maths/sum';
import { usualSeeds } from './usualSeeds';

/** A pack that was tried to the end. */
export interface Considered {
  readonly layers: readonly Layer[];
  readonly figures: Figures;
  /** In the order of OBJECTIVES; less is better. */
  readonly losses: readonly number[];
  /** It is a pack that keepers usually build, which the search began with. */
  readonly isUsual: boolean;
}

/** One of several searches side by side, each with its share of the packs. */
export interface SearchPart {
  readonly index: number;
  readonly of: number;
}

export const WHOLE_SEARCH: SearchPart = { index: 0, of: 1 };

/** The state of a search, reported repeatedly while it runs. */
export interface SearchSlice {
  /** Packs judged quickly, and forecast, so far. */
  readonly tried: number;
  readonly forecast: number;
  /** How far it is, 0–1. */
  readonly share: number;
  /** There are no more: every pack was judged quickly, and every one that keeps to the limits forecast. */
  readonly all: boolean;
  /** Packs forecast since the last slice that keep to all limits. */
  readonly found: readonly Considered[];
  readonly near: Nearness;
}

/** Packs that are judged quickly before the first are forecast, and from then on between two slices. */
const FIRST_PACKS = 40;
const SLICE_PACKS = 1000;
/** Draws of a slice before the first are forecast, and how many such slices there are: where hardly a pack fits they end. */
const FIRST_DRAWS = 400;
const FIRST_SLICES = 8;
/** Forecasts of a slice. */
const FIRST_FORECASTS = 2;
const SLICE_FORECASTS = 8;
/** Share of the forecasts that go to the best of the quick judge; the others go to small moves of what was forecast. */
const AT_ONCE = 0.45;
/** Optional parts of a pack are left out in so many of the draws, where not all packs can be tried. */
const LEFT_OUT = 0.55;
/** Draws of one slice at most, of which most may not fit. */
const MAX_DRAWS = 40;
/** How much the wish counts that a pack is chosen for, against all others together. */
const ONE_WISH = 0.75;

/** A pack that was judged quickly. */
interface Quick {
  readonly genome: Genome;
  readonly key: string;
  readonly figures: QuickFigures;
  readonly losses: readonly number[];
}

/**
 * Searches for the packs of a filter that no other beats in everything: all that make sense are judged quickly, the
 * promising ones forecast, and the best of those changed in one thing at a time. In slices, so that a worker can tell
 * how far it is and let go. The same input with the same share finds the same.
 */
export function* searchPacks(
  input: ProposeInput,
  effort: Effort = USUAL_EFFORT,
  share: SearchPart = WHOLE_SEARCH,
): Generator<SearchSlice, void> {
  const space = packSpace(input);
  const judge = quickJudge(input);
  const canBeHad = quickPurchase(input);
  const draw = seededRandom(input.seed * 7919 + share.index);
  const genomes = genomesOf(space, draw);
  const known = new Map<string, Quick>();
  // The plan as it is, and what is in the filter, are no proposals.
  const mine = new Set([keyOf(input.mine), keyOf(input.today)]);
  const gone = new Set<string>();
  const pool = poolOf<Quick>(OBJECTIVES.length);
  const chosen = new Set<string>();
  const forecast: { readonly quick: Quick; readonly considered: Considered }[] = [];
  const water = bodyMass(input.filter);
  const packs = Math.ceil(effort.packs / share.of);
  const forecasts = Math.ceil(effort.forecasts / share.of);
  const overflows = rememberedStack(input);
  let near = NOTHING_NEAR;
  let told = 0;
  let fitting = 0;
  let wentThrough = false;

  const packFor = packOf(input.filter, space.room, input.today, input.mine);
  const seen = new Set<number>();
  /** Every pack is one search’s own, and new once: different genomes come to the same pieces. */
  const isNew = (pieces: readonly Piece[]): boolean => {
    const hash = hashOf(pieces);
    if (hash % share.of !== share.index || seen.has(hash)) return false;
    seen.add(hash);
    return true;
  };
  const limited = (figures: QuickFigures, judged: Figures | null) => ({
    overflows: overflows(figures.stack),
    turnover: (judged ?? figures).turnover,
    mass: water + figures.mass,
    visits: judged?.visits ?? null,
    minutes: judged?.minutes ?? null,
  });
  /** Judges a pack quickly; null where it does not fit, is known, or misses a limit. */
  const tryPack = (genome: Genome): Quick | null => {
    const pieces = space.decode(genome);
    if (pieces === null || !isNew(pieces)) return null;
    const layers = packFor(pieces);
    if (layers.length === 0) return null;
    const key = keyOf(layers);
    if (known.has(key) || gone.has(key) || mine.has(key)) return null;
    const change = changeFromToday(input.today, layers, isSheet);
    if (!canBeHad(layers, change)) {
      gone.add(key);
      return null;
    }
    const figures = judge(layers, changes(change));
    if (figures.spills) {
      near = { ...near, spilled: true };
      gone.add(key);
      return null;
    }
    const quick: Quick = { genome, key, figures, losses: lossesOf(figures) };
    known.set(key, quick);
    const missed = limitShortfalls(input.limits, limited(figures, null));
    if (missed.some((by) => by > 0)) {
      near = nearer(near, missed);
      return null;
    }
    fitting += 1;
    return quick;
  };
  const judgeToTheEnd = (quick: Quick): void => {
    // A small move that is promising too comes up twice.
    if (chosen.has(quick.key)) return;
    chosen.add(quick.key);
    const layers = packFor(space.decode(quick.genome)!);
    const figures = judgePack(input, layers, quick.figures.change);
    const missed = limitShortfalls(input.limits, limited(quick.figures, figures));
    near = nearer(near, missed);
    if (missed.some((by) => by > 0)) return;
    forecast.push({ quick, considered: { layers, figures, losses: lossesOf(figures), isUsual: false } });
  };
  /** What keepers usually build is looked at whatever the search finds. */
  const usual = usualSeeds(input);
  for (const layers of usual) gone.add(keyOf(layers));
  const seeds = share.index === 0 ? usual.flatMap((layers) => seedOf(layers) ?? []) : [];
  let toldSeeds = false;
  const slice = (): SearchSlice => {
    const found = [...(toldSeeds ? [] : seeds), ...forecast.slice(told).map(({ considered }) => considered)];
    [told, toldSeeds] = [forecast.length, true];
    return {
      tried: known.size + seeds.length,
      forecast: chosen.size + seeds.length,
      share: Math.min(1, 0.5 * Math.min(1, known.size / packs) + (0.5 * chosen.size) / forecasts),
      all: wentThrough && chosen.size === fitting,
      found,
      near,
    };
  };

  function seedOf(layers: readonly Layer[]): Considered | null {
    const key = keyOf(layers);
    const change = changeFromToday(input.today, layers, isSheet);
    if (mine.has(key) || !canBeHad(layers, change)) return null;
    const quick = judge(layers, changes(change));
    if (quick.spills) return null;
    const figures = judgePack(input, layers, quick.change);
    const missed = limitShortfalls(input.limits, limited(quick, figures));
    near = nearer(near, missed);
    if (missed.some((by) => by > 0)) return null;
    return { layers, figures, losses: lossesOf(figures), isUsual: true };
  }

  let ended = false;
  for (let turn = 0; !ended && known.size < packs && chosen.size < AT_ONCE * forecasts; turn += 1) {
    const isFirst = chosen.size === 0 && turn < FIRST_SLICES;
    const until = known.size + (isFirst ? FIRST_PACKS : SLICE_PACKS);
    const mostDraws = isFirst ? FIRST_DRAWS : MAX_DRAWS * SLICE_PACKS;
    for (let draws = 0; known.size < until && draws < mostDraws; draws += 1) {
      const next = genomes.next();
      if (next.done === true) {
        ended = wentThrough = true;
        break;
      }
      const quick = tryPack(next.value);
      if (quick !== null) pool.add(quick, perceivedLosses(quick.losses));
    }
    if (!isFirst && known.size < until) ended = true;
    for (const quick of promising(pool, chosen, isFirst ? FIRST_FORECASTS : SLICE_FORECASTS, draw))
      judgeToTheEnd(quick);
    yield slice();
  }
  while (chosen.size < forecasts) {
    const before = chosen.size;
    const next =
      chosen.size < AT_ONCE * forecasts
        ? promising(pool, chosen, SLICE_FORECASTS, draw)
        : [
            ...neighbours(forecast, space, tryPack, chosen, draw, pool),
            ...promising(pool, chosen, 2, draw),
          ].slice(0, SLICE_FORECASTS);
    for (const quick of next) judgeToTheEnd(quick);
    if (chosen.size === before) break;
    yield slice();
  }
  yield { ...slice(), share: 1 };
}

/** Two packs with this are alike, whatever the ids of their pieces. */
const keyOf = (layers: readonly Layer[]): string =>
  layers
    .map(
      ({ medium, chamber, thickness, cut }) =>
        `${medium}@${chamber}:${Math.round(thickness * 1e4)}${cut === null ? '' : 'c'}`,
    )
    .join('|');

/** Whether a hang-on-back overflows depends on the height of the media alone. */
function rememberedStack({ filter, limits }: ProposeInput): (stack: number) => boolean {
  const known = new Map<number, boolean>();
  return (stack) => {
    if (!limits.neverOverflows) return false;
    const rounded = Math.ceil(stack * 1e3) / 1e3;
    const found = known.get(rounded) ?? overflowsBlocked(filter, rounded);
    known.set(rounded, found);
    return found;
  };
}

/** Most packs of which every one is gone through; of more a part is drawn. */
const GONE_THROUGH = 400_000;

/** A number that two packs of the same pieces share, and hardly any others. @source the hash of Fowler, Noll and Vo, FNV-1a */
function hashOf(pieces: readonly Piece[]): number {
  let hash = 0x811c9dc5;
  for (const { choice, slot, thickness } of pieces)
    for (const text of [choice.key, slot.chamber.id, String(Math.round(thickness * 1e4))])
      for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  return hash >>> 0;
}

/** The genomes of a space, well mixed: all of them where they are few enough, else drawn for ever. */
function* genomesOf({ sizes, count }: PackSpace, draw: () => number): Generator<Genome> {
  if (count > GONE_THROUGH) {
    for (;;) yield sizes.map((size) => (size > 1 && draw() < LEFT_OUT ? 0 : Math.floor(draw() * size)));
  }
  const stride = strideFor(count);
  for (let step = 0; step < count; step += 1) {
    let rest = (step * stride) % count;
    yield sizes.map((size) => {
      const option = rest % size;
      rest = (rest - option) / size;
      return option;
    });
  }
}

/** A step that comes by every number below a count once, and never by neighbours one after the other. */
function strideFor(count: number): number {
  let stride = Math.max(1, Math.floor(count * 0.618));
  while (gcd(stride, count) !== 1) stride += 1;
  return stride;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** The best packs of the quick judge that were not forecast yet: one for each wish in turn, then for wishes together. */
function promising(
  pool: Pool<Quick>,
  chosen: ReadonlySet<string>,
  most: number,
  draw: () => number,
): Quick[] {
  const picked: Quick[] = [];
  while (picked.length < most) {
    const quick = pool.take(weightsFor(chosen.size + picked.length, draw));
    if (quick === null) break;
    if (!chosen.has(quick.key)) picked.push(quick);
  }
  return picked;
}

/** Weights of the wishes for a pick: one of them above all, or all by chance. */
function weightsFor(pick: number, draw: () => number): number[] {
  const turn = pick % (2 * OBJECTIVES.length);
  if (turn < OBJECTIVES.length)
    return OBJECTIVES.map((_, index) =>
      index === turn ? ONE_WISH : (1 - ONE_WISH) / (OBJECTIVES.length - 1),
    );
  const parts = OBJECTIVES.map(() => -Math.log(1 - draw()));
  const whole = sum(parts);
  return parts.map((part) => part / whole);
}

/** Moves of one part at a time of the best that were forecast, most promising first. */
function neighbours(
  forecast: readonly { readonly quick: Quick; readonly considered: Considered }[],
  space: PackSpace,
  tryPack: (genome: Genome) => Quick | null,
  chosen: ReadonlySet<string>,
  draw: () => number,
  pool: Pool<Quick>,
): Quick[] {
  const front = nonDominated(forecast, ({ considered }) => considered.losses);
  if (front.length === 0) return [];
  const parents = Array.from({ length: PARENTS }, () => front[Math.floor(draw() * front.length)]!);
  const moved = parents.flatMap(({ quick, considered }) =>
    Array.from({ length: MOVES_PER_GENOME }, () => moveOf(quick.genome, space.sizes, draw)).flatMap(
      (genome) => {
        const child = tryPack(genome);
        if (child === null || chosen.has(child.key)) return [];
        pool.add(child, perceivedLosses(child.losses));
        // What the quick judge says of the difference is nearer the truth than what it says of the whole.
        const expected = considered.losses.map(
          (loss, index) => loss + child.losses[index]! - quick.losses[index]!,
        );
        return [{ child, expected }];
      },
    ),
  );
  return moved
    .filter(({ expected }) => !front.some(({ considered }) => dominates(considered.losses, expected)))
    .map(({ child }) => child)
    .slice(0, SLICE_FORECASTS - 2);
}

/** Packs of the front that are changed at once, and small moves of each. */
const PARENTS = 6;
const MOVES_PER_GENOME = 6;

/** One part of a pack changed: to the next option, or to any. */
function moveOf(genome: Genome, sizes: readonly number[], draw: () => number): Genome {
  const movable = sizes.flatMap((size, gene) => (size > 1 ? [gene] : []));
  const gene = movable[Math.floor(draw() * movable.length)];
  if (gene === undefined) return genome;
  const size = sizes[gene]!;
  const step = draw() < 0.5 ? (draw() < 0.5 ? 1 : size - 1) : 1 + Math.floor(draw() * (size - 1));
  return genome.map((option, index) => (index === gene ? (option + step) % size : option));
}
