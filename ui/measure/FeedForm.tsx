'use client';
import Button from '@mui/material/Button';
import { FEED_BOUNDS } from '@/core/tank/feedBounds';
import type { Feed } from '@/core/tank/feed';
import { feedPerDay } from '@/core/tank/feedPerDay';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import type { TankPart } from './tankPart';
import styles from './WaterForm.module.css';

type How = 'unknown' | 'weight' | 'animals';

/** What is fed: above all the food decides what a filter has to do. */
export function FeedForm({ tank, onChange }: TankPart) {
  const words = useWords();
  const { feed } = tank;
  const setFeed = (amount: Feed['amount']) => onChange({ feed: { ...feed, amount } });
  const range = feedPerDay(tank);
  return (
    <>
      <ChoiceField<How>
        label="Food a day"
        value={feed.amount?.by ?? 'unknown'}
        choices={[
          { value: 'unknown', label: 'assumed' },
          { value: 'weight', label: 'weighed' },
          { value: 'animals', label: 'from the animals' },
        ]}
        onChange={(next) => setFeed(amountFor(next, range.likely))}
      />
      {feed.amount?.by === 'weight' ? (
        <QuantityField
          label="Dry food"
          bounds={FEED_BOUNDS.perDay}
          value={feed.amount.perDay}
          onChange={(si) => si !== null && setFeed({ by: 'weight', perDay: si })}
        />
      ) : null}
      {feed.amount?.by === 'animals' ? (
        <AnimalGroups
          groups={feed.amount.groups}
          onChange={(next) => setFeed({ by: 'animals', groups: next })}
        />
      ) : null}
      {feed.amount?.by === 'weight' ? null : (
        <p className={styles.range}>
          {feed.amount === null ? 'Assumed for so much water: about' : 'About'}{' '}
          {words.show({ kind: 'feed', si: range.likely })}; feeding varies, so between{' '}
          {words.show({ kind: 'feed', si: range.low })} and {words.show({ kind: 'feed', si: range.high })}.
        </p>
      )}
    </>
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
        // Groups have no name of their own; their place distinguishes them.
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
function amountFor(how: How, likely: number): Feed['amount'] {
  if (how === 'unknown') return null;
  return how === 'weight' ? { by: 'weight', perDay: likely } : { by: 'animals', groups: [FIRST_GROUP] };
}
