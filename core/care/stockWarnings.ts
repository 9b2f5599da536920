import { VOLUME_TOLERANCE } from '../practice/handTolerances';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { solidsFactor } from '../layers/solidsFactor';
import type { Shelf, ShelfItem } from '../shelf/shelf';
import type { Spare } from '../shelf/spares';
import { daysUntil } from '../units/daysUntil';
import { upperFirst } from '../units/firstLetter';
import { joined } from '../units/joined';
import { sentence, type Sentence } from '../units/sentence';
import type { Due } from './due';
import type { OutlookForecast } from '../outlook/outlook';
import { sumOf } from '../maths/sum';

/** A filter with what it will take from the shelf. */
export interface StockFilter {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  /** null: there is no outlook, or its media are out. */
  readonly ahead: Pick<OutlookForecast, 'packedAt' | 'visits'> | null;
  readonly due: readonly Pick<Due, 'key' | 'inDays'>[];
}

/** Something that runs out before it is wanted. */
export interface StockWarning {
  readonly key: string;
  /** Whole days until there is not enough; 0: there is not enough now. */
  readonly inDays: number;
  readonly says: Sentence;
}

/** Days ahead that are provided for: what is ordered comes in weeks (common practice, no source). */
const DAYS_PROVIDED_FOR = 45;

/** How something is counted: by m³, by pieces, or that one is there, as of a bottle that lasts for many times. */
type Counted = 'volume' | 'pieces' | 'there';

/** A use of something at a time. */
interface Use {
  readonly key: string;
  readonly name: string;
  readonly kind: Counted;
  readonly amount: number;
  readonly inDays: number;
  readonly where: string;
}

/** What the care of a kind of item takes from a part on the shelf: only for parts that the keeper has there. */
const SPARES_FOR: Readonly<Record<string, Spare>> = { sponge: 'intake sponge', water: 'dechlorinator' };

/**
 * What will not be on the shelf when it is wanted, within the next weeks: media that planned visits renew, over all
 * filters together, and spares that the keeper keeps there and has run out of. Nothing where the shelf is not used.
 *
 * @param now ISO moment
 */
export function stockWarnings(filters: readonly StockFilter[], shelf: Shelf, now: string): StockWarning[] {
  if (shelf.items.length === 0) return [];
  const uses = filters.flatMap((filter) => [...mediaUsed(filter, now), ...sparesUsed(filter, shelf)]);
  const byThing = new Map<string, [Use, ...Use[]]>();
  for (const use of uses.sort((a, b) => a.inDays - b.inDays)) {
    const known = byThing.get(use.key);
    byThing.set(use.key, known === undefined ? [use] : [...known, use]);
  }
  return [...byThing.values()]
    .map((of) => runsOut(of, shelf))
    .filter((warning) => warning !== null)
    .sort((a, b) => a.inDays - b.inDays);
}

function mediaUsed({ filter, layers, ahead }: StockFilter, now: string): Use[] {
  if (ahead === null) return [];
  const soon = ahead.visits.flatMap((visit) => {
    const inDays = Math.max(0, daysUntil(ahead.packedAt, visit.day, now));
    return inDays <= DAYS_PROVIDED_FOR ? [{ visit, inDays }] : [];
  });
  const renewed = soon.flatMap(({ visit, inDays }) =>
    visit.works.flatMap(({ layerId, work }) => (work === 'replace' ? [{ layerId, inDays }] : [])),
  );
  if (renewed.length === 0) return [];
  const placed = placeLayers(filter, layers);
  return renewed.flatMap(({ layerId, inDays }): Use[] => {
    const found = placed.find(({ layer }) => layer.id === layerId);
    if (found === undefined) return [];
    const { layer, medium, measure } = found;
    const isPiece = medium.supply === 'piece';
    return [
      {
        key: medium.id,
        name: medium.name,
        kind: isPiece ? 'pieces' : 'volume',
        amount: isPiece ? 1 : measure.volume * solidsFactor(medium, layer),
        inDays,
        where: filter.name,
      },
    ];
  });
}

const sparesUsed = ({ filter, due }: StockFilter, shelf: Shelf): Use[] =>
  due.flatMap(({ key, inDays }): Use[] => {
    const part = SPARES_FOR[key.split(' ')[0] ?? ''];
    const isKept = shelf.items.some((item) => item.kind === 'spare' && item.part === part);
    return part === undefined || !isKept || inDays > DAYS_PROVIDED_FOR
      ? []
      : // A bottle lasts for many changes, and the sponge that comes out is the next spare.
        [
          {
            key: part,
            name: part,
            kind: 'there',
            amount: 1,
            inDays: Math.max(0, inDays),
            where: filter.name,
          },
        ];
  });

/** What is there of a medium or a part: m³, or a count. */
function onHand(key: string, kind: Counted, { items }: Shelf): number {
  const amountOf = (item: ShelfItem): number => {
    if ((item.kind === 'spare' ? item.part : item.kind === 'bag' ? '' : item.medium) !== key) return 0;
    if (kind !== 'volume') return item.kind === 'piece' || item.kind === 'spare' ? item.count : 0;
    if (item.kind === 'sheet') return item.count * item.length * item.width * item.thickness;
    return item.kind === 'loose' ? item.volume : 0;
  };
  return sumOf(items, amountOf);
}

/** @param uses of one thing, soonest first; at least one */
function runsOut(uses: readonly [Use, ...Use[]], shelf: Shelf): StockWarning | null {
  const [{ key, kind, name }] = uses;
  const there = onHand(key, kind, shelf);
  let wanted = 0;
  const short = uses.find(({ amount }) => {
    wanted = kind === 'there' ? 1 : wanted + amount;
    return wanted > there + VOLUME_TOLERANCE;
  });
  if (short === undefined) return null;
  const where = joined([...new Set(uses.map((use) => use.where))]);
  const needed = sumOf(uses, ({ amount }) => amount);
  const says = {
    volume: sentence`${name}: ${{ kind: 'volume', si: needed }} for ${where}, ${there > VOLUME_TOLERANCE ? { kind: 'volume', si: there } : 'none'} on the shelf.`,
    pieces: sentence`${name}: ${`${needed}`} for ${where}, ${`${there}`} on the shelf.`,
    there: sentence`${upperFirst(name)}: none on the shelf, for ${where}.`,
  };
  return { key, inDays: short.inDays, says: says[kind] };
}
