import type { CoverLimit } from '../biology/coverLimits';
import { sentence, type Sentence } from '../units/sentence';
import type { BacteriaDetails } from './bacteriaDetails';
import type { ReportBacteria } from './reportBacteria';

/** What limits, and what lifts it. */
const WORDS_BY_LIMIT: Readonly<Record<CoverLimit, readonly [limit: string, lift: string]>> = {
  surface: ['Bacteria are limited by the surface.', 'With one more litre of medium foam'],
  oxygen: [
    'Bacteria are limited by oxygen: the water in the media has too little.',
    'With more flow, or an outlet that ripples the surface, at best',
  ],
  passThrough: [
    'Bacteria are limited by water that goes around the media.',
    'With every layer cut wall to wall',
  ],
  temperature: ['Bacteria are limited by cool water.', 'At 25 °C'],
  silt: [
    'Bacteria are limited by silt, which covers part of their surface.',
    'With clean media, thanks to earlier service or finer foam before it,',
  ],
};

/** What limits a tank’s bacteria, and the change that lifts it, with its gain. */
export function describeBottleneck(
  { withTank }: ReportBacteria,
  { limit, lifted }: BacteriaDetails,
): Sentence {
  const [what, lift] = WORDS_BY_LIMIT[limit];
  return sentence`${what} ${lift} they would be enough for ${{ kind: 'cover', si: lifted }} instead of ${{ kind: 'plain', si: withTank.likely }}.`;
}
