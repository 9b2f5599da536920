'use client';
import { findingIdentity } from '@/core/findings/findingIdentity';
import Button from '@mui/material/Button';
import { LEVEL_WORDS } from '../readings/levelWords';
import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Merit } from '@/core/propose/answers';
import { compareObjectives } from '@/core/propose/compareObjectives';
import type { Finalist } from '@/core/propose/evaluateFinalist';
import { MAX_CLOSED_DAYS } from '@/core/propose/withRoutineOpenings';
import { OBJECTIVES, type Figures, type Objective } from '@/core/propose/objectives';
import { nameInList } from '@/core/media/nameInList';
import { lowerFirst } from '@/core/units/firstLetter';
import { joined } from '@/core/units/joined';
import { useWords } from '../fields/UnitsProvider';
import type { Words } from '../fields/wordsFor';
import { OfferedStrip } from '../filters/OfferedStrip';
import styles from './Propose.module.css';
import { formatLayers } from '../flow-line/formatLayers';
import { WISHES_IN_SHORT, WISH_NAMES, formatObjective } from './objectiveWords';

interface Props {
  /** On the chart; null: it has none. */
  readonly letter: string | null;
  readonly name: string;
  /** What it was chosen for, first things first: the name says the first; empty: the keeper chose it. */
  readonly merits: readonly Merit[];
  readonly pack: Finalist;
  readonly range: EnsembleRange | null;
  readonly mine: Figures | null;
  readonly givesUp: readonly Objective[];
  readonly filter: Filter;
  readonly today: readonly Layer[];
  /** It is only judged so far, and not to be taken. */
  readonly isProvisional: boolean;
  readonly canAdd: boolean;
  readonly onAdd: () => void;
}

/** One pack that is offered: its drawing, what differs from the plan first, what has to be done for it, and what it gives up. */
export function ProposalRow(props: Props) {
  const { letter, name, merits, pack, range, mine, givesUp, filter, today, isProvisional, canAdd, onAdd } =
    props;
  const words = useWords();
  const { better, worse } = mine === null ? { better: [], worse: [] } : compareObjectives(pack.figures, mine);
  const differs = (wish: Objective): boolean => better.includes(wish) || worse.includes(wish);
  const bestIn = OBJECTIVES.filter((wish) => merits.includes(wish));
  const inOrder = [...OBJECTIVES.filter(differs), ...OBJECTIVES.filter((wish) => !differs(wish))];
  return (
    <li className={styles.proposal} aria-busy={isProvisional}>
      <div className={styles.head}>
        {letter === null ? null : (
          <span className={styles.letter} aria-hidden="true">
            {letter}
          </span>
        )}
        <div className={styles.names}>
          <h3>{name}</h3>
          {pack.isUsual ? <span className="quiet">as keepers usually pack it</span> : null}
        </div>
        <Button variant="outlined" className={styles.add} disabled={isProvisional || !canAdd} onClick={onAdd}>
          Add to plans<span className="unseen">: {name}</span>
        </Button>
      </div>
      <div className={styles.body}>
        <div className={styles.strip}>
          <OfferedStrip filter={filter} layers={pack.layers} />
        </div>
        <dl className={styles.figures}>
          {inOrder.map((wish) => (
            <div
              key={wish}
              data-way={better.includes(wish) ? 'better' : worse.includes(wish) ? 'worse' : 'same'}
            >
              <dt>{WISH_NAMES[wish]}</dt>
              <dd>
                {formatObjective(words, wish, pack.figures, wish === 'service' ? range : null)}
                {differs(wish) && mine !== null && isKnown(wish, mine) ? (
                  <span className={styles.was}>
                    {better.includes(wish) ? 'better' : 'worse'}: plan {formatObjective(words, wish, mine)}
                  </span>
                ) : null}
              </dd>
            </div>
          ))}
        </dl>
      </div>
      <dl className={styles.told}>
        <dt>Flow order</dt>
        <dd>{formatLayers(words, pack.layers)}</dd>
        {merits.length < 2 || bestIn.length === 0 ? null : (
          <>
            <dt>Best in</dt>
            <dd>{inShort(bestIn)}</dd>
          </>
        )}
        {givesUp.length === 0 ? null : (
          <>
            <dt>Weaker in</dt>
            <dd>{inShort(givesUp)}</dd>
          </>
        )}
        {isProvisional ? null : (
          <>
            <dt>To do</dt>
            <dd>{describeWork(pack, today)}</dd>
            <dt>To buy</dt>
            <dd>{describeBuys(words, pack)}</dd>
          </>
        )}
      </dl>
      {pack.figures.service < MAX_CLOSED_DAYS ? null : (
        <p className="quiet">
          It may not need service for six months. Look inside when the plan says so anyway, to check the seal,
          the impeller and the dirt.
        </p>
      )}
      {pack.matureLeaves === null ? null : (
        <p className={styles.check}>
          {LEVEL_WORDS[pack.matureLeaves.level]}: {words.say(pack.matureLeaves.title)} Change to this pack in
          stages.
        </p>
      )}
      {pack.findings.map((finding) => (
        <p key={findingIdentity(finding)} className={styles.check}>
          To check: {words.say(finding.title)}
        </p>
      ))}
    </li>
  );
}

const inShort = (wishes: readonly Objective[]): string => joined(wishes.map((wish) => WISHES_IN_SHORT[wish]));

/** A price that is not known is neither better nor worse. */
const isKnown = (wish: Objective, { unpriced, cost }: Figures): boolean =>
  wish !== 'cost' || unpriced === 0 || cost > 0;

/** “cut coarse foam; take out fine foam” */
function describeWork({ change, layers }: Finalist, today: readonly Layer[]): string {
  const names = (ids: readonly string[], from: readonly Layer[]): string =>
    joined([
      ...new Set(from.filter(({ id }) => ids.includes(id)).map((layer) => nameInList(mediumOf(layer)))),
    ]);
  const parts = [
    ...(change.cut.length > 0 ? [`cut ${names(change.cut, layers)}`] : []),
    ...(change.filled.length > 0 ? [`add ${names(change.filled, layers)}`] : []),
    ...(change.moved.length > 0 ? [`move ${names(change.moved, layers)}`] : []),
    ...(change.away.length > 0 ? [`take out ${names(change.away, today)}`] : []),
  ];
  return parts.length === 0 ? 'nothing to cut or add' : parts.join('; ');
}

/** “coarse foam and bags (€9.50)” */
function describeBuys(words: Words, { buys, bill }: Finalist): string {
  if (buys.length === 0) return 'nothing';
  const things = joined([
    ...new Set(
      buys.map(({ medium, kind, part }) =>
        kind === 'bag' ? 'bags' : medium === null ? lowerFirst(part ?? '') : nameInList(medium),
      ),
    ),
  ]);
  const price =
    bill.unpriced > 0
      ? bill.known > 0
        ? ` (${words.money(bill.known)}, plus items without a price)`
        : ' (prices not known)'
      : ` (${words.money(bill.known)})`;
  return `${things}${price}`;
}
