import { netVolume } from '../../tank/netVolume';
import { turnoverBand } from '../../practice/turnoverBand';
import { sentence } from '../../units/sentence';
import { HOUR } from '../../units/time';
import { defineRule } from '../defineRule';

/**
 * The measured flow against what this tank's animals and size want. With other filters on the tank it says nothing.
 *
 * @source common practice, no source: `turnoverBand.ts`
 */
export const turnoverOutsideBand = defineRule({
  id: 'turnover-outside-band',
  question: 'through',
  levels: ['check', 'note'],
  school: 'sizing',
  judge: ({ tank, turnover, others, water, schools }) => {
    if (turnover === null || others.length > 0) return [];
    const volume = netVolume(tank.water).value;
    const band = turnoverBand(volume, tank.animals);
    const low = turnover < band.low;
    if (!low && turnover <= band.high) return [];
    const flow = (rate: number) => ({ kind: 'flow', si: rate * volume }) as const;
    const times = (rate: number) => ({ kind: 'turnover', si: rate }) as const;
    const calm = tank.animals.includes('still water') || tank.animals.includes('fry');
    // The unit stands with the turnover before it.
    const limit = (rate: number) => ({ kind: 'plain', si: rate * HOUR }) as const;
    // More flow than usual harms only what wants still water.
    if (!low && !calm) return [];
    // Where the clean pack gives too little as well, nothing holds the water back: the filter is small.
    const small = low && water.flow / volume < band.low;
    return [
      {
        // By other schools of sizing a low turnover is no fault; what animals cannot bear is one by any.
        level: low && schools.sizing !== 'turnover' ? 'note' : 'check',
        effect: low ? 1 - turnover / band.low : 1 - band.high / turnover,
        title: low
          ? sentence`Turnover is low: ${times(turnover)}; this tank needs ${limit(band.low)} or more.`
          : sentence`Turnover is high: ${times(turnover)}; this tank needs ${limit(band.high)} or less.`,
        reason: sentence`${flow(band.low)} to ${flow(band.high)} is ${band.why}. ${
          small
            ? `Even with clean media the flow is too low, so the filter is small for this tank. Fit a larger pump or add a second filter. Judged by media or food, it may still be enough.`
            : low
              ? 'Find what slows the water. Check the intake, first foam, impeller, hoses and taps, in that order.'
              : 'Turn the outlet down, spread the flow, or recirculate part of it.'
        }`,
        layers: [],
      },
    ];
  },
});
