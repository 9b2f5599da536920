import { carbonDue, lifeOf, type CarbonDue } from '../../chemical/carbonDue';
import { sentence, type Sentence } from '../../units/sentence';
import { DAY } from '../../units/time';
import { upperFirst } from '../../units/firstLetter';
import { defineRule } from '../defineRule';
import { idsOf, nameInside, shareOfPack } from '../words';

/**
 * Media that are used up by time and have been in for longer.
 *
 * @source common practice, no source
 */
export const spentMedium = defineRule({
  id: 'spent-medium',
  question: 'cost',
  levels: ['check'],
  judge: ({ inFlow, now, tank, added }) =>
    inFlow.flatMap((placed) => {
      const around = { tank, added, now };
      const days = lifeOf(placed, around);
      const { installedOn } = placed.layer;
      if (days === null || installedOn === null || now === null) return [];
      const lasts = { kind: 'duration', si: days * DAY } as const;
      const age = (Date.parse(now) - Date.parse(installedOn)) / 1000;
      if (age <= lasts.si) return [];
      const isCarbon = placed.medium.family === 'carbon';
      return [
        {
          level: 'check' as const,
          effect: shareOfPack(inFlow, [placed]),
          title: sentence`${upperFirst(nameInside(placed))} has been in for ${{ kind: 'duration', si: age }}.`,
          reason:
            placed.role === 'chemical'
              ? sentence`It is used up after about ${lasts}${isCarbon ? WORDS_BY_REASON[carbonDue(placed, around).by] : ''}. After that it carries only bacteria, which you lose when you replace it. Replace it, or use the space for biological media.`
              : sentence`It lasts about ${lasts}. After that the dirt in it rots. Replace it.`,
          layers: idsOf([placed]),
        },
      ];
    }),
});

/** What decided how long carbon lasts. */
const WORDS_BY_REASON: Readonly<Record<CarbonDue['by'], Sentence[number]>> = {
  load: ' at today’s food',
  longest: ', the longest for a lightly fed tank',
  usual: ', as usual; the daily food is not entered',
};
