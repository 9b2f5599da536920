import type { NoForecast } from '@/core/outlook/whyNoForecast';
import { CARD_JUG, type PackCard } from '@/core/card/packCard';
import { formatQuantity } from '@/core/units/formatQuantity';
import { joined } from '@/core/units/joined';
import type { UnitSystem } from '@/core/units/quantity';
import { upperFirst } from '@/core/units/firstLetter';

/** The card of a pack as words: what the screen, the page and the file all say. */
export interface CardText {
  readonly title: string;
  readonly subtitle: string;
  readonly columns: readonly string[];
  /** In packing order; a row’s cells by column. */
  readonly rows: readonly (readonly string[])[];
  readonly lines: readonly string[];
  /** What lies in each chamber. */
  readonly chambers: readonly string[];
  readonly spares: string;
  readonly visits: readonly string[];
  /** What the numbers of the visits mean. */
  readonly note: string;
  readonly cautions: readonly string[];
}

/** Heads of the columns; of the first two, the one is the order of the hands and the other that of the water. */
const COLUMNS = [
  'Packing order',
  'Flow order',
  'Layer',
  'Chamber',
  'Thickness',
  'Installed on',
  'Next',
] as const;

/** Writes a card in a keeper’s units and language habits. */
export function cardText(
  card: PackCard,
  habits: { readonly system: UnitSystem; readonly locale: string },
): CardText {
  const show = (kind: 'mass' | 'length' | 'flow' | 'volume' | 'time' | 'feed', si: number): string =>
    formatQuantity({ kind, si }, habits);
  const day = (date: string): string =>
    new Intl.DateTimeFormat(habits.locale, {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      timeZone: 'UTC',
    }).format(new Date(date.slice(0, 10)));
  const { flow, visits, lampFrom, goesByDates, assumedFood, chambers, spares } = card;
  return {
    title: card.filter,
    subtitle: `${upperFirst(card.kind)}${card.tank === card.filter ? '' : `, ${card.tank}`}. Packed on ${day(card.packedOn)}.`,
    columns: COLUMNS,
    rows: card.layers.map((layer, index) => [
      String(index + 1),
      String(layer.flowNumber),
      layer.medium.name,
      layer.chamber,
      show('length', layer.thickness),
      layer.installedOn === null ? 'not known' : day(layer.installedOn),
      layer.due !== null
        ? `${layer.due.work} about ${day(layer.due.on)}`
        : typeof visits === 'string'
          ? 'not known'
          : 'not within a year',
    ]),
    lines: [
      flow === null
        ? 'Clean flow: not measured.'
        : flow.service === null
          ? `Clean flow ${show('flow', flow.clean)}. Go by the dates: water can go around the media, so its flow hardly drops.`
          : `Clean flow ${show('flow', flow.clean)}. Service at ${show('flow', flow.service.flow)}: filling ${show('volume', CARD_JUG)} then takes ${show('time', flow.service.jugSeconds)}.`,
      ...(lampFrom === null ? [] : [`UV lamp off until ${day(lampFrom)}.`]),
    ],
    chambers: chambers.map(
      ({ name, volume, mass }) => `${name}: ${show('volume', volume)}, ${show('mass', mass)} dry.`,
    ),
    spares:
      spares.length === 0
        ? 'Spare parts on the shelf: none.'
        : `Spare parts on the shelf: ${joined(spares)}.`,
    visits:
      typeof visits === 'string'
        ? [NO_VISITS[visits]]
        : visits.length === 0
          ? ['No visit is due within a year.']
          : visits.map(
              ({ on, isOverdue, minutes, works }) =>
                `${isOverdue ? 'Due since about' : 'About'} ${day(on)}: ${worksText(works)}; ${Math.round(minutes)} min.`,
            ),
    note: `Layers are numbered in flow order.${goesByDates ? '' : ' If the flow drops sooner, clean sooner.'}${assumedFood === null ? '' : ` The food is not entered: ${show('feed', assumedFood)} is assumed.`}`,
    cautions: card.cautions,
  };
}

/** “squeeze layers 1 and 2”; a visit at which nothing is due by then is a look. */
const worksText = (works: Exclude<PackCard['visits'], string>[number]['works']): string =>
  works.length === 0
    ? 'look into the filter'
    : joined(
        works.map(
          ({ work, layers }) =>
            `${work} ${layers.length === 1 ? 'layer' : 'layers'} ${joined(layers.map(String))}`,
        ),
      );

/** What stands in place of dates. */
const NO_VISITS: Readonly<Record<NoForecast, string>> = {
  'no pack': 'No dates: finish a repack first.',
  working: 'The dates are still being worked out. Look again in a minute.',
  failed: 'The dates could not be worked out.',
};

/** What stands over what lies in each chamber. */
export const CHAMBERS_TITLE = 'In each chamber';

/** What stands over the visits, on paper and on the screen. */
export const VISITS_TITLE = 'Next visits, at the early end of the forecast';
