import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';

/**
 * Pieces that smell foul, crumble or are torn.
 *
 * @source common practice, no source
 */
export const wornPiece = defineRule({
  id: 'worn-piece',
  question: 'clogs',
  levels: ['check'],
  judge: ({ inFlow }) => {
    const worn = inFlow.filter((placed) => placed.layer.signs.length > 0);
    if (worn.length === 0) return [];
    const signs = new Set(worn.flatMap((placed) => placed.layer.signs));
    return [
      {
        level: 'check',
        effect: shareOfPack(inFlow, worn),
        title: sentence`${upperFirst(namesInside(worn))} ${verb(worn.length, 'is', 'are')} ${[...signs].join(' and ')}.`,
        reason: sentence`It sheds bits into the pump and lets silt past. Throw away foam that smells bad or crumbles. Trim torn pieces to the undamaged part.`,
        layers: idsOf(worn),
      },
    ];
  },
});
