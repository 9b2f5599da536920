'use client';
import Button from '@mui/material/Button';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import {
  answersOf,
  MERIT_NAMES,
  type Answers,
  type PlanStanding,
  type Proposal,
} from '@/core/propose/answers';
import { DEFAULT_WEIGHTS, type Weights } from '@/core/propose/balance';
import { compareObjectives, isBetterThan } from '@/core/propose/compareObjectives';
import type { Finalist } from '@/core/propose/evaluateFinalist';
import { provisional } from '@/core/propose/provisional';
import { defaultQuery } from '@/core/propose/defaultQuery';
import type { ProposeInput } from '@/core/propose/proposeInput';
import type { Considered } from '@/core/propose/search';
import { shortlist } from '@/core/propose/shortlist';
import { OBJECTIVES, type Figures, type Objective } from '@/core/propose/objectives';
import type { Surroundings } from '@/core/report/surroundings';
import { lowerFirst } from '@/core/units/firstLetter';
import { joined } from '@/core/units/joined';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { useShelf } from '../fields/OnShelf';
import type { Words } from '../fields/wordsFor';
import { AppLink } from '../frame/AppLink';
import { ProposalOptions } from './ProposalOptions';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { FrontChart, type Marked } from './FrontChart';
import { isSameAsk } from './isSameAsk';
import { describeConflictingLimits, FAULT_WORDS } from './formatLimit';
import { ProposalRow } from './ProposalRow';
import styles from './Propose.module.css';
import { useSavedQuery } from './useSavedQuery';
import { useFinalist, useProposals, useServiceRanges, type Proposals } from './useProposals';
import { WISH_NAMES } from './objectiveWords';

const LETTERS = 'ABCDEF';

interface Props {
  readonly around: Surroundings;
  readonly filter: Filter;
  /** The plan on the bench, and what is in the filter until now. */
  readonly mine: readonly Layer[];
  readonly today: readonly Layer[];
  /** The job that the plan belongs to. */
  readonly jobId: string;
  /** There is room for another plan. */
  readonly canAdd: boolean;
  readonly onAdd: (layers: Layer[], name: string) => void;
}

/** The best packs for a filter, searched for among thousands, and what each wish would cost. */
export function ProposePanel(props: Props) {
  const { around: drawn, filter, mine, today, jobId, canAdd, onAdd } = props;
  const words = useWords();
  const { shelf } = useShelf();
  const { asked: changed, change, reset } = useSavedQuery(jobId);
  // Made anew at every draw of the bench: held by its parts, so that a search goes on.
  const { tank, others, schools, added, now, learned } = drawn;
  const around = useMemo<Surroundings>(
    () => ({ tank, others, added, now, learned: learned ?? null, schools }),
    [tank, others, added, now, learned, schools],
  );
  const first = useMemo(
    () => defaultQuery({ around, filter, mine, today, shelf }),
    [around, filter, mine, today, shelf],
  );
  const ask = useMemo<ProposeInput>(() => {
    const whole = { ...first, ...changed };
    // Those of another plan that was on the bench say nothing of this one.
    return { ...whole, pinned: whole.pinned.filter((pin) => mine.some(({ id }) => id === pin)) };
  }, [first, changed, mine]);
  const isAtFirst = useMemo(() => isSameAsk(ask, first), [ask, first]);
  const [isWanted, setWanted] = useState(true);
  const found = useProposals(ask, isWanted);
  const [axes, setAxes] = useState<readonly [Objective, Objective] | null>(null);
  const [x, y] = axes ?? (['service', 'clear'] as const);
  const [steered, setSteered] = useState<{ readonly pack: Considered; readonly weights: Weights } | null>(
    null,
  );
  const chosen = steered !== null && found.considered.includes(steered.pack) ? steered.pack : null;
  const weights = chosen === null || steered === null ? DEFAULT_WEIGHTS : steered.weights;
  const mineFigures = found.mine?.figures ?? null;
  const isFinal = found.finalists !== null;
  const answers = useMemo(
    () =>
      answersOf(
        found.finalists ??
          shortlist(ask, found.considered, mineFigures).map((pack) => provisional(ask, pack)),
        found.mine,
        ask.limits,
        weights,
      ),
    [found.finalists, found.considered, found.mine, mineFigures, ask, weights],
  );
  const { proposals, plan } = answers;
  const isAnswered = proposals.length > 0 || plan === 'as good as any';
  // The first proposals are not kept waiting for the chart below them.
  const isChartDue = useDeferredValue(isAnswered, false);
  const chosenPack = useFinalist(ask, isFinal ? (chosen?.layers ?? null) : null);
  const ranges = useServiceRanges(ask, isFinal ? proposals.map(({ pack }) => pack) : NO_FINALISTS);
  const marked = proposals.map(({ pack }, index): Marked => ({
    letter: LETTERS[index] ?? '',
    figures: pack.figures,
  }));
  const add = (pack: Finalist, name: string) => onAdd([...pack.layers], name);
  const row = { mine: mineFigures, filter, today, canAdd };
  return (
    <section aria-label="Proposed packs" className={styles.panel}>
      <ProposalOptions ask={ask} onChange={change} onReset={isAtFirst ? null : reset} />
      <Status found={found} onStop={() => setWanted(false)} onBegin={() => setWanted(true)} />
      <p className={styles.lead} aria-live="polite">
        {leadSaid(words, found, answers, ask)}
      </p>
      {found.fault === 'no media' ? (
        <div className={styles.row}>
          <Button variant="outlined" onClick={() => change({ from: 'any' })}>
            Use any media
          </Button>
          <Button component={AppLink} href="/shelf">
            Go to Shelf
          </Button>
        </div>
      ) : null}
      {!isAnswered ? null : (
        <>
          <ol aria-label="Proposals">
            {proposals.map(({ pack, merits, givesUp }, index) => (
              <ProposalRow
                key={merits[0]}
                {...row}
                letter={LETTERS[index] ?? ''}
                name={MERIT_NAMES[merits[0]]}
                merits={merits}
                pack={pack}
                range={ranges.get(pack.layers) ?? null}
                givesUp={givesUp}
                isProvisional={!isFinal}
                onAdd={() => add(pack, MERIT_NAMES[merits[0]])}
              />
            ))}
          </ol>
          {isChartDue ? (
            <section aria-label="What matters most">
              <CollapsibleSection title="What matters most?" says="all packs found, by two wishes at a time">
                <div className={styles.row}>
                  {([0, 1] as const).map((place) => (
                    <ChoiceField
                      key={place}
                      label={place === 0 ? 'Across' : 'Up'}
                      value={place === 0 ? x : y}
                      choices={OBJECTIVES.filter((wish) => wish !== (place === 0 ? y : x)).map((wish) => ({
                        value: wish,
                        label: WISH_NAMES[wish],
                      }))}
                      onChange={(wish) => setAxes(place === 0 ? [wish, y] : [x, wish])}
                    />
                  ))}
                </div>
                <FrontChart
                  considered={found.considered}
                  marked={marked}
                  mine={mineFigures}
                  {...{ x, y, chosen }}
                  onChoose={(pack, share) => setSteered({ pack, weights: leaning(x, y, share) })}
                />
                {chosen === null ? null : (
                  <ul aria-label="Selected on the chart">
                    <ProposalRow
                      {...row}
                      letter={null}
                      name={chosenName(chosen, proposals)}
                      merits={[]}
                      pack={chosenPack ?? provisional(ask, chosen)}
                      range={null}
                      givesUp={[]}
                      isProvisional={chosenPack === null}
                      onAdd={() => chosenPack !== null && add(chosenPack, CHOSEN_TITLE)}
                    />
                  </ul>
                )}
              </CollapsibleSection>
            </section>
          ) : null}
          {mineFigures === null || proposals.length === 0 ? null : (
            <WhyNotMine proposals={proposals} mine={mineFigures} />
          )}
        </>
      )}
    </section>
  );
}

/** What the pack chosen on the chart is called: by its proposal, where it is one. */
function chosenName({ layers }: Considered, proposals: readonly Proposal[]): string {
  const index = proposals.findIndex(({ pack }) => pack.layers === layers);
  return index === -1 ? CHOSEN_TITLE : `${CHOSEN_TITLE}: proposal ${LETTERS[index]}`;
}
const CHOSEN_TITLE = 'Selected on the chart';

const NO_FINALISTS: readonly Finalist[] = [];

/** Weights that lean to one wish or the other: 0 all to the first, 1 all to the second. */
const leaning = (x: Objective, y: Objective, share: number): Weights => ({
  ...DEFAULT_WEIGHTS,
  [x]: MAX_WEIGHT_RATIO * (1 - share) + 1 - MAX_WEIGHT_RATIO / 2,
  [y]: MAX_WEIGHT_RATIO * share + 1 - MAX_WEIGHT_RATIO / 2,
});
/** How far apart the weights of the two wishes are at the ends of the front. */
const MAX_WEIGHT_RATIO = 1.8;

/** That there are no more packs than these, and where more would come from. */
function allSaid(words: Words, { tried, forecast, of }: Proposals): string {
  const many = `${words.number(tried, 0)} ${tried === 1 ? 'sensible pack' : 'sensible packs'} can be made from this media:`;
  const done =
    tried === forecast
      ? `all tried and forecast.`
      : forecast === 0
        ? 'all tried, and none is within your limits.'
        : `all tried; ${words.number(forecast, 0)} ${forecast === 1 ? 'is' : 'are'} within your limits and forecast.`;
  return `${many} ${done}${of.from === 'hand' ? ' Allow media to be bought to see more.' : ''}`;
}

/** How far the search is, and its buttons. */
function Status({
  found,
  onStop,
  onBegin,
}: {
  readonly found: Proposals;
  readonly onStop: () => void;
  readonly onBegin: () => void;
}) {
  const words = useWords();
  const counted = `${words.number(found.tried, 0)} packs tried, ${words.number(found.forecast, 0)} of them forecast`;
  if (found.fault !== null) return null;
  switch (found.stage) {
    case 'searching':
    case 'working out':
      return (
        <div className={styles.status}>
          <progress aria-label="Search" value={found.share} max={1} />
          <span className="quiet">
            {counted}
            {found.stage === 'working out' ? '; checking the best in detail …' : ' …'}
          </span>
          <Button onClick={onStop}>Stop</Button>
        </div>
      );
    case 'done':
      // That there is none is shown below.
      if (found.tried === 0) return null;
      return <p className="quiet">{found.all ? allSaid(words, found) : `${counted}.`}</p>;
    case 'stopped':
      return (
        <div className={styles.status}>
          <span className="quiet">Stopped: {counted}.</span>
          <Button onClick={onBegin}>Search again</Button>
        </div>
      );
    case 'failed':
      return (
        <p role="alert">
          The search failed.{' '}
          <Button
            onClick={() => {
              onStop();
              setTimeout(onBegin);
            }}
          >
            Try again
          </Button>
        </p>
      );
  }
}

/** What the search comes to, in a sentence: why there is none, or how the plan stands against the proposals. */
function leadSaid(words: Words, found: Proposals, { proposals, plan }: Answers, ask: ProposeInput): string {
  if (found.fault !== null) return FAULT_WORDS[found.fault];
  if (found.contradiction !== null) return describeConflictingLimits(words, ask.limits, found.contradiction);
  if (proposals.length === 0) {
    if (found.finalists === null) return 'Searching for packs …';
    if (plan !== null) return PLAN_WORDS[plan];
    const urgent = found.finalists.flatMap(
      ({ findings }) => findings.find(({ level }) => level === 'urgent') ?? [],
    );
    const [first] = urgent;
    return first !== undefined && urgent.length === found.finalists.length
      ? `No pack can be proposed until you fix this: ${words.say(first.title)}`
      : 'No pack is within all your limits. Relax a limit or allow more media.';
  }
  if (found.finalists === null)
    return found.stage === 'stopped' ? 'The best before you stopped the search:' : 'The best so far:';
  const mine = found.mine?.figures ?? null;
  if (mine === null) return `The ${proposals.length} best packs, each for a different reason.`;
  const index = proposals.findIndex(({ pack }) => isBetterThan(pack.figures, mine));
  const winner = proposals[index];
  if (winner === undefined) return plan === null ? '' : PLAN_WORDS[plan];
  const { better } = compareObjectives(winner.pack.figures, mine);
  return `Proposal ${LETTERS[index]} is better than your plan in ${joined(better.filter((wish) => wish !== 'change').map((wish) => WISH_NAMES[wish].toLowerCase()))}. The only thing it costs is the work of changing.`;
}

/** How the plan stands, where it is not beaten by one of the proposals. */
const PLAN_WORDS: Readonly<Record<PlanStanding, string>> = {
  beaten: 'One of the proposals is better than your plan.',
  urgent: 'Your plan has an urgent problem. These packs have none.',
  'misses a limit': 'Your plan is outside your limits. These packs are within them.',
  'as good as any': 'Your plan is as good as any pack found.',
  best: 'Your plan is the best overall. Each of these is better in one way and worse in another.',
  'one of them':
    'No proposal is better than your plan in every way. Each is better in one way and worse in another.',
};

/** The plan as it is against each proposal, wish by wish. */
function WhyNotMine({
  proposals,
  mine,
}: {
  readonly proposals: readonly Proposal[];
  readonly mine: Figures;
}) {
  const named = (wishes: readonly Objective[]): string =>
    wishes.length === 0 ? 'nothing' : joined(wishes.map((wish) => WISH_NAMES[wish].toLowerCase()));
  return (
    <section aria-label="Compared with your plan">
      <h2 className="title">Compared with your plan</h2>
      <ul>
        {proposals.map(({ pack, merits }, index) => {
          const { better, worse } = compareObjectives(pack.figures, mine);
          return (
            <li key={merits[0]}>
              <strong>
                {LETTERS[index]} {lowerFirst(MERIT_NAMES[merits[0]])}
              </strong>
              : better than the plan in {named(better)}; worse in {named(worse)}.
            </li>
          );
        })}
      </ul>
    </section>
  );
}
