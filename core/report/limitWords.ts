import type { CoverLimit } from '../biology/coverLimits';
import { sentence, type Sentence } from '../units/sentence';
import type { BacteriaDetails } from './bacteriaDetails';
import type { ReportBacteria } from './reportBacteria';

/** What limits, and what lifts it. */
const WORDS: Readonly<Record<CoverLimit, readonly [limit: string, lift: string]>> = {
  surface: ['The surface limits the bacteria.', 'With one litre more of medium foam'],
  oxygen: [
    'Oxygen limits the bacteria: the water in the media has too little.',
    'With more flow, or an outlet that ripples the surface, at most',
  ],
  passThrough: [
    'Water that goes around the media limits the bacteria.',
    'With every layer cut wall to wall and no gap beside it',
  ],
  temperature: ['Cool water limits the bacteria.', 'At 25 °C'],
  silt: [
    'Silt limits the bacteria: it covers part of their surface.',
    'With clean media, by an earlier service or finer foam before the biological media',
  ],
};

/** What limits a tank’s bacteria, and the change that lifts it, with its gain. */
export function limitWords({ withTank }: ReportBacteria, { limit, lifted }: BacteriaDetails): Sentence {
  const [what, lift] = WORDS[limit];
  return sentence`${what} ${lift} they would be enough for ${{ kind: 'cover', si: lifted }} instead of ${{ kind: 'plain', si: withTank.likely }}.`;
}
