import type { Schools } from '../schools';
import { usableSurface } from '../../layers/usableSurface';
import { solidsFactor } from '../../layers/solidsFactor';
import { isBiologicalOnly } from '../../layers/layerRole';
import { mediumById } from '../../media/catalogue';
import type { Medium } from '../../media/medium';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';
import { sumOf } from '../../maths/sum';

/** The foam of each school where foam does everything, and the pores an inch that count as it (common practice, no source). */
const CHOICES: Readonly<
  Record<Schools['foamGrade'], { readonly medium: string; readonly from: number; readonly to: number }>
> = {
  'very coarse': { medium: 'foam-10', from: 0, to: 16 },
  '30 ppi': { medium: 'foam-30', from: 25, to: 35 },
  dense: { medium: 'foam-45', from: 40, to: Infinity },
};

/**
 * Foam of one grade throughout that is another than the keeper’s school would take.
 *
 * @source common practice, no source
 */
export const foamGradeChoice = defineRule({
  id: 'foam-grade-choice',
  question: 'bacteria',
  levels: ['note'],
  school: 'foamGrade',
  isOfWholePack: true,
  judge: ({ inFlow, schools }) => {
    const media = inFlow.filter(({ role }) => role !== 'spacer');
    const grades = media.map(({ medium }) => poresOf(medium));
    const [pores] = grades;
    const oneFoam = typeof pores === 'number' && grades.every((other) => other === pores);
    if (!oneFoam || media.some(({ layer }) => isBiologicalOnly(layer))) return [];
    const choice = CHOICES[schools.foamGrade];
    if (pores >= choice.from && pores <= choice.to) return [];
    const wanted = mediumById(choice.medium);
    const now = sumOf(media, ({ measure }) => measure.surface);
    const then = sumOf(
      media,
      ({ measure, layer }) => usableSurface(wanted, measure.volume, solidsFactor(wanted, layer)).likely,
    );
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`All the foam is ${String(Math.round(pores))} ppi; your choice is ${schools.foamGrade === '30 ppi' ? '30 ppi' : `${schools.foamGrade} foam`}.`,
        reason: sentence`Changing it would take the surface for bacteria from ${{ kind: 'surface', si: now }} to ${{ kind: 'surface', si: then }}. Coarser foam needs service less often but lets more silt through. Denser foam clogs sooner but keeps the water clearer.`,
        layers: idsOf(media),
        remedy: {
          label: `Change the foam to ${wanted.name.toLowerCase()}`,
          edit: {
            type: 'all',
            edits: media.map(({ layer }) => ({
              type: 'set' as const,
              layerId: layer.id,
              change: { medium: wanted.id, own: null, mix: null },
            })),
          },
        },
      },
    ];
  },
});

const poresOf = ({ geometry }: Medium): number | null =>
  geometry.form === 'foam' ? geometry.poresPerInch : null;
