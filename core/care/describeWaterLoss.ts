import { joined } from '../units/joined';
import { sentence, type Sentence } from '../units/sentence';
import type { Range } from '../maths/range';
import type { WaterLost } from './waterLost';
import { DAY } from '../units/time';

const ASSUMPTION_WORDS: Readonly<Record<WaterLost['assumed'][number], string>> = {
  lid: 'whether there is a lid',
  room: 'the temperature of the room',
  humidity: 'its humidity',
  surface: 'the water surface',
};

const range = ({ low, high }: Range): Sentence =>
  sentence`${{ kind: 'volume', si: Math.max(0, low) }} to ${{ kind: 'volume', si: Math.max(0, high) }}`;

/** What the top-ups say, what that is held against, and what of it is assumed. */
export function describeWaterLoss(lost: WaterLost): {
  readonly state: Sentence;
  readonly why: Sentence;
  readonly assumed: string | null;
} {
  const { poured, evaporated, excess, leaks, topUps, days, assumed } = lost;
  return {
    state: leaks
      ? sentence`The tank loses ${range(excess)} a day more than evaporation explains.`
      : sentence`Your top-ups match normal evaporation.`,
    why: sentence`${`${topUps} top-ups`} in ${{ kind: 'days', si: days * DAY }}: ${{ kind: 'volume', si: poured.likely }} a day. Evaporation takes ${range(evaporated)} a day.`,
    assumed:
      assumed.length === 0
        ? null
        : `Not entered, so assumed: ${joined(assumed.map((key) => ASSUMPTION_WORDS[key]))}.`,
  };
}
