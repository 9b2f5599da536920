'use client';
import Button from '@mui/material/Button';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { SEARCH_LIMITS } from '@/core/propose/limits';
import type { Asked, Limits, ProposeInput, Source } from '@/core/propose/proposeInput';
import { SHELF_BOUNDS } from '@/core/shelf/shelfBounds';
import type { Bounds } from '@/core/units/bounds';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import type { Words } from '../fields/wordsFor';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { formatLimit } from './formatLimit';
import styles from './Propose.module.css';

const SOURCE_WORDS: Readonly<Record<Source, string>> = {
  hand: 'Media in the filter and on the shelf',
  listed: 'Also media priced on the shelf',
  any: 'Any media',
};

const BOUNDS = {
  budget: { ...SHELF_BOUNDS.price, what: 'Sum to spend', min: 0, aboveMin: false },
  turnover: { what: 'Turnover', kind: 'turnover', min: 0, max: 0.1, aboveMin: true },
  mass: { what: 'Weight', kind: 'mass', min: 0, max: 500, aboveMin: true },
} as const satisfies Record<string, Bounds>;
/** Most minutes a year that a limit may say: a whole working year. */
const MAX_MINUTES = 10_000;
const MAX_VISITS = 365;

interface Props {
  readonly ask: ProposeInput;
  readonly onChange: (change: Asked) => void;
  /** Asks as at first; null: so it is. */
  readonly onReset: (() => void) | null;
}

/** What a search for packs keeps to. Nothing must be filled in. */
export function ProposalOptions({ ask, onChange, onReset }: Props) {
  const words = useWords();
  const { filter, today, mine, limits } = ask;
  const setLimit = (change: Partial<Limits>) => onChange({ limits: { ...limits, ...change } });
  const named = (layers: readonly Layer[]) =>
    layers
      .filter(({ chamber }) => filter.chambers.some(({ id, where }) => id === chamber && where === 'body'))
      .map((layer) => ({
        value: layer.id,
        label: `${mediumOf(layer).name}, ${words.show({ kind: 'length', si: layer.thickness })}`,
      }));
  return (
    <CollapsibleSection title="Media to use, and limits" says={asked(words, ask)}>
      <div className={styles.asks}>
        <div className={styles.row}>
          <ChoiceField
            label="Media"
            value={ask.from}
            choices={(Object.keys(SOURCE_WORDS) as Source[]).map((value) => ({
              value,
              label: SOURCE_WORDS[value],
            }))}
            onChange={(from) => onChange({ from, ...(from === 'hand' ? { budget: null } : {}) })}
          />
          {ask.from === 'hand' ? null : (
            <QuantityField
              label="Spend at most"
              bounds={BOUNDS.budget}
              value={ask.budget}
              optional
              hint={
                ask.from === 'any' ? 'If you enter an amount, only media with a price are used' : undefined
              }
              onChange={(budget) => onChange({ budget })}
            />
          )}
        </div>
        {today.length === 0 ? null : (
          <CheckList
            legend="Keep in the pack, in any chamber"
            items={named(today)}
            chosen={ask.stay}
            onChange={(stay) => onChange({ stay })}
          />
        )}
        {mine.length === 0 ? null : (
          <CheckList
            legend="Keep where they are in the plan"
            items={named(mine)}
            chosen={ask.pinned}
            onChange={(pinned) => onChange({ pinned })}
          />
        )}
        <div className={styles.row}>
          <QuantityField
            label="Turnover, at least"
            bounds={BOUNDS.turnover}
            value={limits.leastTurnover}
            optional
            onChange={(leastTurnover) => setLimit({ leastTurnover })}
          />
          <QuantityField
            label="Turnover, at most"
            bounds={BOUNDS.turnover}
            value={limits.mostTurnover}
            optional
            onChange={(mostTurnover) => setLimit({ mostTurnover })}
          />
          <CountField
            label="Visits a year, at most"
            value={limits.mostVisits}
            optional
            max={MAX_VISITS}
            onChange={(mostVisits) => setLimit({ mostVisits })}
          />
          <CountField
            label="Minutes a year, at most"
            value={limits.mostMinutes}
            optional
            max={MAX_MINUTES}
            onChange={(mostMinutes) => setLimit({ mostMinutes })}
          />
          <QuantityField
            label="Weight of the full filter, at most"
            bounds={BOUNDS.mass}
            value={limits.mostMass}
            optional
            onChange={(mostMass) => setLimit({ mostMass })}
          />
        </div>
        {filter.spill === null ? null : (
          <CheckList
            legend="Overflow"
            items={[{ value: 'never', label: 'Must not overflow even if every layer is blocked' }]}
            chosen={limits.neverOverflows ? ['never'] : []}
            onChange={(chosen) => setLimit({ neverOverflows: chosen.length > 0 })}
          />
        )}
        {onReset === null ? null : (
          <div>
            <Button onClick={onReset}>Reset to defaults</Button>
          </div>
        )}
      </div>
    </CollapsibleSection>
  );
}

/** “In the filter and on the shelf; 2 pieces stay; a turnover of at least 3.4× an hour, at most 26 visits a year”. */
function asked(words: Words, { from, budget, stay, pinned, limits }: ProposeInput): string {
  const stays = (count: number): string => (count === 1 ? '1 layer stays' : `${count} layers stay`);
  const kept = SEARCH_LIMITS.filter((limit) => limits[limit] !== null && limits[limit] !== false);
  return [
    `${SOURCE_WORDS[from]}${budget === null ? '' : `, for at most ${words.money(budget)}`}`,
    ...(stay.length > 0 ? [`${stays(stay.length)} in the pack`] : []),
    ...(pinned.length > 0 ? [`${stays(pinned.length)} in place`] : []),
    ...(kept.length > 0 ? [kept.map((limit) => formatLimit(words, limits, limit)).join(', ')] : []),
  ].join('; ');
}
