'use client';
import { MAX_DONOR_SHARE } from '@/core/practice/donorShare';
import { useState } from 'react';
import {
  donorsFor,
  needsMedia,
  type Donation,
  type GivingTank,
  type Refusal,
} from '@/core/mature/matureMedia';
import { lowerFirst } from '@/core/units/firstLetter';
import { joined } from '@/core/units/joined';
import type { Range } from '@/core/maths/range';
import type { MaturePage } from '@/server/maturePage';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { PageLayout } from '../frame/PageLayout';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { VerdictLine } from '../frame/VerdictLine';
import { BacteriaTable } from './BacteriaTable';
import styles from './MatureSheet.module.css';

interface Props {
  readonly page: MaturePage;
  /** ISO moment of looking. */
  readonly now: string;
}

const REFUSALS: Readonly<Record<Refusal, string>> = {
  'no food': 'the daily food is not entered, so the app cannot tell what it can spare',
  repack: 'it is being repacked',
  medicine: 'medicine was used in the last four weeks, so its media may carry the medicine or the disease',
  test: 'ammonia or nitrite was over its limit at the last test',
  new: 'its biological media is too new',
  'needs its own': 'its bacteria may be needed for its own food',
  'nothing to give': 'its only biological media is the foam that also catches dirt',
};

/** Tanks named at most in one sentence. */
const MAX_NAMED = 4;
/** A tank that is not entered yet. */
const NEW_TANK = '';

/** What lives where, and which tank can seed or rescue which without endangering itself. */
export function MatureSheet({ page, now }: Props) {
  const words = useWords();
  const { tanks } = page;
  const needy = tanks.filter(needsMedia);
  const [to, setTo] = useState(needy[0]?.tankId ?? tanks[0]?.tankId ?? NEW_TANK);
  const receiver = tanks.find(({ tankId }) => tankId === to) ?? null;
  const gifts = donorsFor(receiver, tanks);
  const refused = tanks.filter(({ tankId, refusal }) => tankId !== to && refusal !== null);
  return (
    <PageLayout
      title="Mature media"
      subtitle="which tanks have bacteria to spare"
      nav={<TabRow label="Main" links={mainLinks('/mature')} />}
    >
      {tanks.length === 0 ? (
        <p className={styles.part}>
          You have no filters yet. <AppLink href="/new">Add a filter</AppLink>
        </p>
      ) : (
        <>
          <section aria-label="Verdict" className={styles.part}>
            {needy.length === 0 ? (
              <VerdictLine level="works">
                {tanks.every(({ atOnce }) => atOnce === null)
                  ? 'Enter the daily food under Measure to see which tank has mature media to spare.'
                  : 'Every tank with daily food entered has enough bacteria for it.'}
              </VerdictLine>
            ) : (
              <VerdictLine level="check">
                {`The bacteria of ${joined(named(needy))} may not be enough for today’s food.`}
              </VerdictLine>
            )}
          </section>
          <section aria-label="Media to give" className={styles.part}>
            <h2 className="title">Mature media for another tank</h2>
            <ChoiceField
              label="For"
              value={to}
              choices={[
                ...tanks.map(({ tankId, tank }) => ({ value: tankId, label: tank })),
                { value: NEW_TANK, label: 'a new tank' },
              ]}
              onChange={setTo}
            />
            {receiver?.atOnce == null ? null : (
              <p>
                The bacteria in {receiver.tank} are enough for {timesFood(receiver.atOnce, words.number)} now.
              </p>
            )}
            {gifts.length === 0 ? (
              <p>No tank can spare mature media now.</p>
            ) : (
              <ol className={styles.gifts}>
                {gifts.map((gift) => (
                  <GiftRow key={gift.from.tankId} gift={gift} to={receiver} />
                ))}
              </ol>
            )}
            {refused.length === 0 ? null : (
              <ul className={styles.refused}>
                {refused.slice(0, MAX_NAMED).map(({ tankId, tank, refusal }) => (
                  <li key={tankId}>
                    Nothing from {tank}: {refusal === null ? '' : REFUSALS[refusal]}.
                  </li>
                ))}
                {refused.length > MAX_NAMED ? (
                  <li>and nothing from {refused.length - MAX_NAMED} more</li>
                ) : null}
              </ul>
            )}
            <p className="quiet">
              Take at most {words.show({ kind: 'share', si: MAX_DONOR_SHARE })} of a piece, so that the giving
              tank keeps enough bacteria. Keep the media wet in tank water and move it within the hour,
              between tanks of similar temperature and pH. Take nothing from a tank with sick animals, or with
              snails or pests you do not want to spread. Wash your hands. These are estimates: trust your test
              kit.
            </p>
          </section>
          <BacteriaTable page={page} now={now} />
        </>
      )}
    </PageLayout>
  );
}

const named = (tanks: readonly GivingTank[]): string[] => [
  ...tanks.slice(0, MAX_NAMED).map(({ tank }) => tank),
  ...(tanks.length > MAX_NAMED ? [`${tanks.length - MAX_NAMED} more tanks`] : []),
];

/** “1.6 times today’s food (likely range 1.1 to 1.9)” */
const timesFood = ({ low, likely, high }: Range, number: (value: number, digits: number) => string): string =>
  `${number(likely, 1)} times today’s food (likely range ${number(low, 1)} to ${number(high, 1)})`;

function GiftRow({ gift, to }: { readonly gift: Donation; readonly to: GivingTank | null }) {
  const words = useWords();
  const { from, home, volume, covers, leaves } = gift;
  return (
    <li className={styles.gift}>
      <strong>
        {words.show({ kind: 'volume', si: volume })} of {lowerFirst(home.medium)} from {from.tank}
      </strong>
      <span>
        {home.filterId === null ? (
          home.filter
        ) : (
          <>
            In <AppLink href={`/filter/${home.filterId}/care`}>{home.filter}</AppLink>
            {home.chamber === null ? '' : `, ${lowerFirst(home.chamber)}`}
          </>
        )}
        {Math.abs(from.celsius - (to?.celsius ?? from.celsius)) > MAX_DEGREES_APART
          ? `. Its water is ${words.show({ kind: 'temperature', si: from.celsius })}, against ${words.show({ kind: 'temperature', si: to?.celsius ?? 0 })}: the bacteria work more slowly at first`
          : ''}
      </span>
      <span>
        {covers === null
          ? 'Enter the daily food of the tank to see how much this is enough for.'
          : `Straight away this is enough for ${timesFood(covers, words.number)} in ${to?.tank ?? ''}.`}{' '}
        What stays in {from.tank} is enough for {words.number(leaves, 1)} times its own food or more.
      </span>
    </li>
  );
}

/** Degrees by which two waters differ much (common practice, no source). */
const MAX_DEGREES_APART = 3;
