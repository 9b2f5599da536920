import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import { idsOf, nameInside, shareOfPack, upperFirst } from './words';

/** A bag thinner than this does not spread into the corners by itself, m (common practice, no source). */
const THIN = 0.03;

/** A thin bag of fine grains: water goes around it, unless pads touch it on both sides. */
export const thinBag: Rule = ({ inFlow }) =>
  inFlow.flatMap((one, at) => {
    const bagged = one.layer.holder === 'bag' || one.layer.holder === 'small bags';
    if (one.role !== 'chemical' || !bagged || one.layer.thickness >= THIN) return [];
    const [before, after] = [inFlow[at - 1], inFlow[at + 1]];
    const pad = (beside: typeof before): boolean =>
      beside?.chamber === one.chamber && beside.medium.compressible && beside.measure.coverShare === 1;
    if (pad(before) && pad(after)) return [];
    return [
      {
        rule: 'thin-bag',
        level: 'check' as const,
        effect: shareOfPack(inFlow, [one]),
        title: sentence`${upperFirst(nameInside(one))}: a bag only ${{ kind: 'length', si: one.layer.thickness }} thick.`,
        reason: sentence`Its grains are tight and its edges do not reach the walls, so nearly all the water goes around it. Lay it between two pads that touch it and the walls, or wrap it in floss.`,
        layers: idsOf([one]),
      },
    ];
  });
