import { isBiologicalOnly } from '../../layers/layerRole';
import { usableSurface } from '../../layers/usableSurface';
import { mediumById } from '../../media/catalogue';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';

/** What the school of mineral media puts in place of part of the foam. */
const MINERAL = 'porous-ceramic';

/**
 * Foam throughout an internal filter with slots, where the keeper’s school would have mineral media in part of them.
 *
 * @source common practice, no source
 */
export const internalFoamChoice = defineRule({
  id: 'internal-foam-choice',
  question: 'bacteria',
  levels: ['note'],
  school: 'internalFoam',
  isOfWholePack: true,
  judge: ({ filter, inFlow, schools }) => {
    if (filter.kind !== 'internal-compartments' || schools.internalFoam !== 'mineral') return [];
    const foam = inFlow.filter(({ medium }) => medium.family === 'foam');
    const last = foam.at(-1);
    // The first foam stays: something has to keep silt out of the pores.
    if (last === undefined || foam.length < 2 || inFlow.some(({ layer }) => isBiologicalOnly(layer)))
      return [];
    const mineral = usableSurface(mediumById(MINERAL), last.measure.volume).likely;
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`Foam fills every slot, but you chose mineral media for some of them.`,
        reason: sentence`The last foam gives ${{ kind: 'surface', si: last.measure.surface }} of surface for bacteria; porous ceramic in its place would probably give ${{ kind: 'surface', si: mineral }}. Replace it in stages, so that enough mature foam stays.`,
        layers: idsOf([last]),
        remedy: {
          label: 'Replace the last foam with porous ceramic',
          edit: {
            type: 'set',
            layerId: last.layer.id,
            change: { medium: MINERAL, own: null, mix: null, cut: null, compressionRatio: 1, holder: 'bag' },
          },
        },
      },
    ];
  },
});
