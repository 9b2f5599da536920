import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, nameInside, shareOfPack, upperFirst } from './words';

/** A bag thinner than this does not spread into the corners by itself, m (common practice, no source). */
const THIN = 0.03;

/** A thin bag of fine grains: water goes around it, unless pads touch it on both sides. */
export const thinBag: Rule = ({ inFlow }) =>
  inFlow.flatMap((placed, index) => {
    const bagged = placed.layer.holder === 'bag' || placed.layer.holder === 'small bags';
    if (placed.role !== 'chemical' || !bagged || placed.layer.thickness >= THIN) return [];
    const [before, after] = [inFlow[index - 1], inFlow[index + 1]];
    const pad = (beside: typeof before): boolean =>
      beside?.chamber === placed.chamber && beside.medium.compressible && beside.measure.coverShare === 1;
    if (pad(before) && pad(after)) return [];
    return [
      {
        rule: 'thin-bag',
        level: 'check' as const,
        effect: shareOfPack(inFlow, [placed]),
        title: sentence`${upperFirst(nameInside(placed))}: a bag only ${{ kind: 'length', si: placed.layer.thickness }} thick.`,
        reason: sentence`Its grains are tight and its edges do not reach the walls, so nearly all the water goes around it. Lay it between two pads that touch it and the walls, or wrap it in floss.`,
        layers: idsOf([placed]),
      },
    ];
  });
