import { faceSides, isInward } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { mediumOf, partMedium } from '../layers/mediumOf';
import { catalogueId } from '../media/catalogueId';
import type { Medium } from '../media/medium';
import type { PackMeasures } from '../report/packMeasures';
import { packingOrder } from '../layers/packingOrder';
import type { Layer } from '../layers/layer';
import { lowerFirst } from '../units/firstLetter';
import { sentence, type Sentence } from '../units/sentence';

/** One piece to put in: what, where, how large, and what to see to. */
export interface PackingStep {
  readonly layerId: string;
  readonly medium: Medium;
  readonly chamber: Chamber;
  /** "Basket, at the very bottom." */
  readonly place: string;
  /** How large to cut it, or how much to fill in. */
  readonly size: Sentence;
  readonly hints: readonly string[];
}

/** The plan as steps for the hands, in hand order. */
export function packingSteps(
  filter: Filter,
  layers: readonly Layer[],
  measures: PackMeasures,
): PackingStep[] {
  const inPackingOrder = packingOrder(filter, layers);
  return inPackingOrder.flatMap((layer, index) => {
    const chamber = filter.chambers.find((item) => item.id === layer.chamber);
    const measure = measures.layers.find((layerReport) => layerReport.layerId === layer.id);
    if (chamber === undefined || measure === undefined) return [];
    const medium = mediumOf(layer);
    const before = inPackingOrder[index - 1];
    const below = before?.chamber === layer.chamber ? mediumOf(before) : null;
    return [
      {
        layerId: layer.id,
        medium,
        chamber,
        place: `${chamber.name}, ${placeIn(chamber, below)}.`,
        size:
          medium.supply === 'loose'
            ? sentence`${{ kind: 'volume', si: measure.volume }}, about ${{ kind: 'mass', si: measure.dryMass }} dry, ${{ kind: 'length', si: layer.thickness }} high.`
            : cutSize(chamber, layer),
        hints: [
          ...hintsFor(chamber, layer, medium),
          ...(filter.kind === 'hang-on-back-cartridge' && medium.supply !== 'loose'
            ? ['Leave a gap behind the pad. Pressed against the wall, it lets no water through.']
            : []),
        ],
      },
    ];
  });
}

function placeIn(chamber: Chamber, below: Medium | null): string {
  const name = below === null ? null : lowerFirst(below.name);
  if (chamber.way === 'inward') return name === null ? 'all around' : `inside the ${name}`;
  if (chamber.way === 'across') return name === null ? 'at the inlet side' : `after the ${name}`;
  return name === null ? 'at the very bottom' : `on top of the ${name}`;
}

function cutSize(chamber: Chamber, layer: Layer): Sentence {
  const thick = { kind: 'length', si: layer.thickness } as const;
  if (isInward(chamber.shape))
    return sentence`${thick} thick, ${{ kind: 'length', si: faceSides(chamber.shape).shown }} high.`;
  const face = faceSides(chamber.shape);
  const round = chamber.shape.form === 'cylinder' || chamber.shape.form === 'annulus';
  const length = { kind: 'length', si: layer.cut?.length ?? face.shown } as const;
  const width = { kind: 'length', si: layer.cut?.width ?? face.into } as const;
  return round && layer.cut === null
    ? sentence`${length} across, ${thick} thick.`
    : sentence`${length} × ${width}, ${thick} thick.`;
}

/** What is mixed by volume before it goes in. */
function mixingHint(layer: Layer): string[] {
  if (layer.mix === null) return [];
  const parts = layer.mix.parts.map(
    (part) => `${Math.round(part.share * 100)} % ${lowerFirst(partMedium(part).name)}`,
  );
  return [
    `Mix it first, by volume: ${parts.join(', ')}; the rest is ${lowerFirst(mediumOf({ ...layer, mix: null }).name)}.`,
  ];
}

function hintsFor(chamber: Chamber, layer: Layer, medium: Medium): string[] {
  const sheet = medium.supply === 'sheet';
  const bumps = { up: 'down', down: 'up', across: 'towards the inlet', inward: 'outward' }[chamber.way];
  return [
    ...(sheet && layer.cut === null && !isInward(chamber.shape)
      ? ['Cut it slightly too large. It must touch the walls all round.']
      : []),
    ...(catalogueId(medium) === 'foam-bumped' ? [`Turn the bumps ${bumps}, against the flow.`] : []),
    ...(layer.holder === 'bag' || layer.holder === 'small bags' ? ['Spread the bag into the corners.'] : []),
    ...(layer.holder === 'wrapper' ? ['Take off the plastic, but leave it in its mesh bag.'] : []),
    ...mixingHint(layer),
    ...(layer.placed ? ['Place the pieces side by side. Do not just drop them in.'] : []),
  ];
}
