import { isHangOnBack } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import { canBeSized } from '../../media/handling';
import { defineRule } from '../defineRule';
import type { PlacedLayer } from '../../layers/placedLayer';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { idsOf } from '../words';

/**
 * The stack stands above its stop, or does not fit the chamber.
 *
 * @urgent the media stands above the upper fill limit, or the chamber is overfull
 * @source common practice, no source
 */
export const overfill = defineRule({
  id: 'overfill',
  question: 'through',
  levels: ['urgent', 'check'],
  judge: (context) =>
    context.chambers.flatMap(({ chamber, measure }) => {
      if (measure.overfill === 0) return [];
      const inside = context.inFlow.filter((placed) => placed.chamber.id === chamber.id);
      const { stop, upperStop } = chamber;
      // Of two stops the lower is how full a basket is meant to be, the upper what media must never pass.
      const pastUpper = upperStop === null ? measure.overfill : measure.filledDepth - upperStop;
      const isPast = pastUpper > 0;
      const over = { kind: 'length', si: isPast ? pastUpper : measure.overfill } as const;
      const limit =
        stop === null
          ? 'chamber'
          : upperStop === null
            ? 'fill limit'
            : isPast
              ? 'upper fill limit'
              : 'lower fill limit';
      return [
        {
          chamber: chamber.id,
          level: isPast ? ('urgent' as const) : ('check' as const),
          title: sentence`${chamber.name}: ${over} of media above the ${limit}.`,
          reason: !isPast
            ? sentence`The basket is too full, so the water in front of it stands higher. It still works up to the upper fill limit.`
            : isHangOnBack(context.filter.kind)
              ? sentence`The water in front of it rises and spills over the back rim, which is easily mistaken for evaporation. Take media out down to the limit.`
              : sentence`The lid cannot close and the media is squashed. Take some media out.`,
          effect: Math.min(1, measure.overfill / measure.usableDepth),
          layers: idsOf(inside.filter((placed) => placed.measure.to > measure.usableDepth)),
          ...trim(inside, measure.overfill),
        },
      ];
    }),
});

/** Takes the excess off the thickest layer that can be made thinner, where it leaves a layer worth having. */
function trim(inside: readonly PlacedLayer[], excess: number) {
  const thickest = inside
    .filter(({ medium }) => canBeSized(medium))
    .reduce<PlacedLayer | undefined>(
      (most, placed) => (most === undefined || placed.layer.thickness > most.layer.thickness ? placed : most),
      undefined,
    );
  if (thickest === undefined) return {};
  // Whole millimetres: nobody cuts foam finer than that.
  const thickness = Math.floor((thickest.layer.thickness - excess + 1e-9) * 1e3) / 1e3;
  if (thickness < LAYER_BOUNDS.thickness.min) return {};
  return {
    remedy: {
      label: `Trim the ${thickest.medium.supply === 'loose' ? 'fill' : 'thickest layer'}`,
      edit: { type: 'set' as const, layerId: thickest.layer.id, change: { thickness } },
    },
  };
}
