import type { Filter } from '../filter/filter';
import { flowOrder } from '../layers/flowOrder';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { lowerFirst } from '../units/firstLetter';
import { sentence, type Sentence } from '../units/sentence';

/** More changes than this are not named one by one. */
const MAX_TOLD = 2;

/**
 * What an edit does to the pieces of a pack, as a keeper would say it: it names the piece, and the place where that
 * is needed. Null where so much changes that a name for the whole says more.
 *
 * @example describeChange(reedBench.filter, reedBench.layers, reedBench.layers) // null
 */
export function describeChange(
  filter: Filter,
  before: readonly Layer[],
  after: readonly Layer[],
): Sentence | null {
  const earlier = new Map(before.map((layer) => [layer.id, layer]));
  const later = new Set(after.map(({ id }) => id));
  const added = after.filter(({ id }) => !earlier.has(id));
  const moved = movedLayers(filter, before, after);
  const name = nameIn(filter, [...before, ...added]);
  const place = (layer: Layer): string => placeOf(filter, after, [...added, ...moved], layer, name);
  const told = [
    ...before
      .filter(({ id }) => !later.has(id))
      .map((layer) => tell('remove', layer, (names) => sentence`Remove ${names}`)),
    ...added.map((layer) =>
      tell(`add ${place(layer)}`, layer, (names) => sentence`Add ${names} ${place(layer)}`),
    ),
    ...after.flatMap((layer) => {
      const old = earlier.get(layer.id);
      return old === undefined ? [] : differences(old, layer);
    }),
    ...moved.map((layer) =>
      tell(`move ${place(layer)}`, layer, (names) => sentence`Move ${names} ${place(layer)}`),
    ),
  ];
  const groups = new Map<string, Told[]>();
  for (const item of told) groups.set(item.key, [...(groups.get(item.key) ?? []), item]);
  const said = [...groups.values()].flatMap((group) => {
    const [first] = group;
    return first === undefined ? [] : [first.say(namesOf(group, name))];
  });
  const [first, second] = said;
  if (first === undefined || said.length > MAX_TOLD) return null;
  return second === undefined ? first : sentence`${first}, and ${lowered(second)}`;
}

type Namer = (layer: Layer) => string;

/** “the fine foam”; with its number in flow order where two pieces are of the same medium. */
function nameIn(filter: Filter, layers: readonly Layer[]): Namer {
  const inFlow = flowOrder(filter, layers);
  const short = (layer: Layer): string => lowerFirst(mediumOf(layer).name.split(',')[0] ?? '');
  return (layer) => {
    const twins = inFlow.filter((other) => short(other) === short(layer));
    const place = inFlow.findIndex(({ id }) => id === layer.id) + 1;
    return `the ${short(layer)}${twins.length > 1 ? `, layer ${place}` : ''}`;
  };
}

/** What happens to one piece; the same change to several is named once for all of them. */
interface Told {
  readonly key: string;
  readonly layer: Layer;
  readonly say: (names: string) => Sentence;
}

const tell = (key: string, layer: Layer, say: Told['say']): Told => ({ key, layer, say });

/** “the coarse foam and the fine foam”; “3 pieces” where the names would fill the line. */
const namesOf = (group: readonly Told[], name: Namer): string =>
  group.length > MAX_TOLD ? `${group.length} pieces` : group.map(({ layer }) => name(layer)).join(' and ');

function differences(old: Layer, layer: Layer): Told[] {
  const thicker = layer.thickness - old.thickness;
  const wanted = lowerFirst(mediumOf(layer).name);
  const change = { kind: 'length', si: Math.abs(thicker) } as const;
  const cut = (rest: string): Told => tell(`cut${rest}`, layer, (names) => sentence`Cut ${names}${rest}`);
  return [
    ...(mediumOf(old).id === mediumOf(layer).id
      ? []
      : [tell(`medium ${wanted}`, old, (names) => sentence`Change ${names} to ${wanted}`)]),
    ...(old.cut !== null && layer.cut === null ? [cut(' to the walls')] : []),
    ...(old.cut !== null && layer.cut !== null && layer.cut.length !== old.cut.length
      ? [cut(layer.cut.length > old.cut.length ? ' larger' : ' smaller')]
      : []),
    ...(old.gapFill !== 'floss' && layer.gapFill === 'floss' && layer.cut !== null
      ? [tell('floss', layer, (names) => sentence`Fill the gap beside ${names} with floss`)]
      : []),
    ...(old.holder === 'wrapper' && layer.holder !== 'wrapper'
      ? [tell('unwrap', layer, (names) => sentence`Unwrap ${names}`)]
      : []),
    ...(Math.abs(thicker) < 1e-9
      ? []
      : thicker > 0
        ? [tell(`more ${layer.id}`, layer, (names) => sentence`Add ${change} to ${names}`)]
        : [tell(`less ${layer.id}`, layer, (names) => sentence`Take ${change} off ${names}`)]),
  ];
}

/** The fewest pieces that have to be lifted to bring one order into the other. */
function movedLayers(filter: Filter, before: readonly Layer[], after: readonly Layer[]): Layer[] {
  const stay = flowOrder(filter, before).filter(({ id }) => after.some((layer) => layer.id === id));
  const placeBefore = new Map(stay.map((layer, place) => [layer.id, { place, chamber: layer.chamber }]));
  const inFlow = flowOrder(filter, after).filter(({ id }) => placeBefore.has(id));
  const isStill = (layer: Layer): boolean => placeBefore.get(layer.id)?.chamber === layer.chamber;
  // The longest run of pieces in their chamber and in their old order stays; all others were moved.
  const best: Layer[][] = [];
  inFlow.forEach((layer, index) => {
    const place = placeBefore.get(layer.id)?.place ?? 0;
    const longest = inFlow
      .slice(0, index)
      .map((other, at) => ({ run: best[at] ?? [], other }))
      .filter(({ other, run }) => run.length > 0 && (placeBefore.get(other.id)?.place ?? 0) < place)
      .reduce<Layer[]>((most, { run }) => (run.length > most.length ? run : most), []);
    best.push(isStill(layer) ? [...longest, layer] : []);
  });
  const kept = new Set(best.reduce<Layer[]>((most, run) => (run.length > most.length ? run : most), []));
  return inFlow.filter((layer) => !kept.has(layer));
}

/** “before the sintered glass”, “after the fine foam”: by what stays where it is; the chamber where nothing does. */
function placeOf(
  filter: Filter,
  after: readonly Layer[],
  restless: readonly Layer[],
  layer: Layer,
  name: Namer,
): string {
  const inside = flowOrder(filter, after).filter(({ chamber }) => chamber === layer.chamber);
  const at = inside.findIndex(({ id }) => id === layer.id);
  const stays = ({ id }: Layer): boolean => restless.every((other) => other.id !== id);
  const next = inside.slice(at + 1).find(stays);
  const previous = inside.slice(0, at).findLast(stays);
  if (next !== undefined) return `before ${name(next)}`;
  if (previous !== undefined) return `after ${name(previous)}`;
  const chamber = filter.chambers.find(({ id }) => id === layer.chamber);
  return `to “${chamber?.name ?? ''}”`;
}

const lowered = ([first, ...rest]: Sentence): Sentence => [
  typeof first === 'string' ? lowerFirst(first) : (first ?? ''),
  ...rest,
];
