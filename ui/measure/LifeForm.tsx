'use client';
import Button from '@mui/material/Button';
import { FEED_BOUNDS, type Feed } from '@/core/tank/feed';
import { feedPerDay } from '@/core/tank/feedPerDay';
import { LITTER_BOUNDS } from '@/core/tank/litter';
import { usualLitter } from '@/core/tank/litterPerDay';
import type { Plants } from '@/core/tank/plants';
import { ANIMALS, type Animal, type Tank } from '@/core/tank/tank';
import { CheckList } from '../fields/CheckList';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/Habits';
import { QuantityField } from '../fields/QuantityField';
import styles from './WaterForm.module.css';

type How = 'unknown' | 'weight' | 'animals';

const ANIMAL_WORDS: Readonly<Record<Animal, string>> = {
  fry: 'fry',
  shrimp: 'small shrimp',
  'strong flow': 'animals of strong flow',
  'still water': 'animals of still water',
  'dirty eaters': 'messy eaters, large predators',
};

interface Props {
  readonly tank: Tank;
  readonly onChange: (change: Partial<Tank>) => void;
}

/** What lives in the water and what it is fed: above all the food decides what a filter has to do. */
export function LifeForm({ tank, onChange }: Props) {
  const words = useWords();
  const { feed } = tank;
  const setFeed = (change: Partial<Feed>) => onChange({ feed: { ...feed, ...change } });
  const how: How = feed.amount?.by ?? 'unknown';
  const range = feedPerDay(feed);
  return (
    <section aria-label="Life">
      <h2 className={`caption ${styles.heading}`}>What lives in it and is fed</h2>
      <div className={styles.fields}>
        <ChoiceField<How>
          label="Food a day"
          value={how}
          choices={[
            { value: 'unknown', label: 'not known yet' },
            { value: 'weight', label: 'weighed' },
            { value: 'animals', label: 'from the animals' },
          ]}
          onChange={(next) => setFeed({ amount: amountFor(next, range?.likely ?? null) })}
        />
        {feed.amount?.by === 'weight' ? (
          <QuantityField
            label="Dry food"
            bounds={FEED_BOUNDS.perDay}
            value={feed.amount.perDay}
            onChange={(si) => si !== null && setFeed({ amount: { by: 'weight', perDay: si } })}
          />
        ) : null}
        {feed.amount?.by === 'animals' ? (
          <AnimalGroups
            groups={feed.amount.groups}
            onChange={(groups) => setFeed({ amount: { by: 'animals', groups } })}
          />
        ) : null}
        <QuantityField
          label="Protein in it"
          bounds={FEED_BOUNDS.protein}
          value={feed.protein}
          onChange={(si) => si !== null && setFeed({ protein: si })}
        />
        <ChoiceField<Plants>
          label="Plants"
          value={tank.plants}
          choices={[
            { value: 'none', label: 'none' },
            { value: 'some', label: 'some' },
            { value: 'dense', label: 'dense' },
          ]}
          onChange={(plants) => onChange({ plants })}
        />
        <QuantityField
          label="Plant litter"
          optional
          bounds={LITTER_BOUNDS.perDay}
          value={tank.litter.perDay}
          placeholder={words.parts({ kind: 'feed', si: usualLitter(tank) }).number}
          onChange={(perDay) => onChange({ litter: { ...tank.litter, perDay } })}
        />
      </div>
      {range !== null && feed.amount?.by === 'animals' ? (
        <p className={styles.range}>
          About {words.show({ kind: 'feed', si: range.likely })}; feeding varies, so between{' '}
          {words.show({ kind: 'feed', si: range.low })} and {words.show({ kind: 'feed', si: range.high })}.
        </p>
      ) : null}
      <div className={styles.animals}>
        <CheckList<'floating'>
          legend="Plants that change the advice"
          items={[{ value: 'floating', label: 'plants that float: leaves reach the intake' }]}
          chosen={tank.litter.floating ? ['floating'] : []}
          onChange={(chosen) => onChange({ litter: { ...tank.litter, floating: chosen.length > 0 } })}
        />
      </div>
      <div className={styles.animals}>
        <CheckList<Animal>
          legend="Animals that change the advice"
          items={ANIMALS.map((value) => ({ value, label: ANIMAL_WORDS[value] }))}
          chosen={tank.animals}
          onChange={(animals) => onChange({ animals })}
        />
      </div>
    </section>
  );
}

type Groups = Extract<Feed['amount'], { by: 'animals' }>['groups'];

/** A small shoal, to be typed over. */
const FIRST_GROUP = { count: 10, length: 0.03 };

function AnimalGroups({ groups, onChange }: { groups: Groups; onChange: (groups: Groups) => void }) {
  const set = (place: number, change: Partial<Groups[number]>) =>
    onChange(groups.map((group, index) => (index === place ? { ...group, ...change } : group)));
  return (
    <div className={styles.groups}>
      {groups.map((group, position) => (
        // Groups have no name of their own; their place is what tells them apart.
        <div key={position} className={styles.group}>
          <CountField
            label="How many"
            value={group.count}
            onChange={(count) => count !== null && set(position, { count })}
          />
          <QuantityField
            label="Length of one"
            bounds={FEED_BOUNDS.length}
            value={group.length}
            onChange={(si) => si !== null && set(position, { length: si })}
          />
          <Button
            aria-label={`Remove group ${position + 1}`}
            onClick={() => onChange(groups.filter((_, index) => index !== position))}
          >
            ×
          </Button>
        </div>
      ))}
      <Button onClick={() => onChange([...groups, FIRST_GROUP])}>Add animals</Button>
    </div>
  );
}

/** The food described another way, beginning with what is known of it. */
function amountFor(how: How, likely: number | null): Feed['amount'] {
  if (how === 'unknown') return null;
  return how === 'weight' ? { by: 'weight', perDay: likely ?? 0 } : { by: 'animals', groups: [FIRST_GROUP] };
}
