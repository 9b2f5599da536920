'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import type { Chamber, Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { mediaVolume } from '@/core/filter/mediaVolume';
import { arrange, isLaidOut, placeChamber } from '@/core/filter/arrange';
import type { OpenEdge } from '@/core/filter/openEdge';
import { chamberLayout, type UnplacedChamber } from '@/core/filter/chamberLayout';
import type { Job } from '@/core/job/job';
import { aloneOn } from '@/core/report/surroundings';
import { packMeasures } from '@/core/report/packMeasures';
import type { Layer } from '@/core/layers/layer';
import { assumptions } from '@/core/report/assumptions';
import { surveyVerdict } from '@/core/report/surveyVerdict';
import type { FilterFlow } from '@/core/service/flowShares';
import type { Tank } from '@/core/tank/tank';
import type { Stored } from '@/store/documentTable';
import { FIELD_KEYS } from '../fields/fieldKeys';
import { useWords } from '../fields/UnitsProvider';
import { NameField } from '../fields/NameField';
import { QuantityField } from '../fields/QuantityField';
import { VerdictBanner } from '../frame/VerdictBanner';
import { FilterLayout } from '../frame/FilterLayout';
import { lazyPart } from '../frame/lazyPart';
import { SaveStatus } from '../frame/SaveStatus';
import { send } from '../state/send';
import { useAutosave } from '../state/useAutosave';
import { scaleName, Vessel, vesselScale } from '../vessel/Vessel';
import { Assumed } from './Assumed';
import { ChamberForm } from './ChamberForm';
import { measured } from './filterPart';
import { HosesFold } from './HosesFold';
import { PartsFold } from './PartsFold';
import { PortsFold } from './PortsFold';
import { PumpFold } from './PumpFold';
import { RatingFold } from './RatingFold';
import { FilterActions } from './FilterActions';
import { useStartJob } from '../job/useStartJob';
import styles from './MeasureSheet.module.css';
import { TankFacts } from './TankFacts';
import { TankFilters } from './TankFilters';
import { WaterForm } from './WaterForm';
import { Explanation } from '../frame/Explanation';

/** What only some kinds have. */
const EdgeFold = lazyPart(() => import('./EdgeFold').then((module) => module.EdgeFold));
const SpillFold = lazyPart(() => import('./SpillFold').then((module) => module.SpillFold));

// Wanted where a tank has two filters.
const CleanedFold = lazyPart(() => import('./CleanedFold').then((module) => module.CleanedFold));

interface Props {
  readonly tank: Stored<Tank>;
  readonly filter: Stored<Filter>;
  readonly job: Job | null;
  /** What is in it now, as far as is known. */
  readonly layers: readonly Layer[];
  /** All filters of the tank, this one first. */
  readonly flows: readonly FilterFlow[];
  /** Nothing was ever in it, as far as is known. */
  readonly untouched: boolean;
}

/** The top edge of dividers where none was entered: at the water. */
const NO_EDGE: OpenEdge = { belowWater: 0, width: 0.2 };

/** What to know when the slots of an internal filter are measured. */
const SLOTS =
  'For each slot, enter the height of the water in it. Water goes over pieces cut lower than that, and over dividers that end below the water level.';

const VESSEL_ROOM = { width: 310, height: 360 };

/** What there is: the water, the filter and its chambers, drawn as it is typed. */
export function MeasureSheet({
  tank: storedTank,
  filter: storedFilter,
  job,
  layers,
  flows,
  untouched,
}: Props) {
  const words = useWords();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const tankSave = useAutosave('tank', storedTank);
  const filterSave = useAutosave('filter', storedFilter);
  const [tank, filter] = [tankSave.doc, filterSave.doc];
  const known = useMemo(() => {
    const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
    return layers.filter((layer) => chambers.has(layer.chamber));
  }, [filter.chambers, layers]);
  const report = useMemo(
    () => packMeasures({ ...aloneOn(tank), filter, layers: known, flow: null }).measures,
    [tank, filter, known],
  );

  const assumed = assumptions(tank, filter, known);

  const changeTank = (update: Partial<Tank>) => tankSave.change((doc) => ({ ...doc, ...update }));
  const change = (update: Partial<Filter>) => filterSave.change((doc) => ({ ...doc, ...update }));
  const setChambers = (chambers: readonly UnplacedChamber[]) =>
    change({ ...arrange(filter, chambers), assumed: measured(filter, 'sizes') });
  const withChamber = (position: number, chamber: UnplacedChamber): readonly UnplacedChamber[] =>
    filter.chambers.map((item, index) => (index === position ? chamber : item));

  const { action, others } = useStartJob({
    filterId: filter.id,
    job,
    untouched,
    first: 'repack',
    before: async () => (await tankSave.flush()) && (await filterSave.flush()),
  });
  const putSponge = async () => {
    if (!(await filterSave.flush())) return;
    const outcome = await send<Stored<Filter>>('POST', `/api/filters/${filter.id}/sponge`, {
      version: filterSave.version(),
    });
    setFault(
      outcome.kind === 'saved' ? null : 'The sponge could not be added. Nothing was changed. Try again.',
    );
    if (outcome.kind !== 'saved') return;
    filterSave.offer(outcome.value);
    // The packs have a layer more.
    router.refresh();
  };
  const earlier = (at: number) => {
    const [one, before] = [filter.chambers[at], filter.chambers[at - 1]];
    if (one === undefined || before === undefined) return;
    setChambers(
      filter.chambers.map((chamber, index) => (index === at ? before : index === at - 1 ? one : chamber)),
    );
  };

  return (
    <FilterLayout
      filter={filter}
      job={job}
      here="measure"
      shortcuts={FIELD_KEYS}
      status={<SaveStatus saves={[tankSave, filterSave]} />}
    >
      <VerdictBanner verdict={surveyVerdict(assumed)} action={action}>
        {untouched ? null : others}
      </VerdictBanner>
      {untouched ? others : null}
      <div className={styles.sheet}>
        <div className={styles.water}>
          <WaterForm tank={tank} filters={[filter]} onChange={changeTank} />
        </div>
        <section aria-label="Filter" className={styles.filter}>
          <div className={styles.head}>
            <h2 className="caption">Filter</h2>
            <span className="caption">{scaleName(words, vesselScale(filter, VESSEL_ROOM))}</span>
          </div>
          <Vessel filter={filter} layers={known} report={report} room={VESSEL_ROOM} />
          <p className={styles.way}>
            {FILTER_KINDS[filter.kind].way} {filter.kind === 'internal-compartments' ? SLOTS : ''}
          </p>
          <TankFacts tank={tank} />
          <TankFilters tank={tank} flows={flows} hereId={filter.id} />
        </section>
        <section aria-label="Sizes" className={styles.sizes}>
          <h2 className={`caption ${styles.heading}`}>Inside sizes of the filter</h2>
          <div className={styles.fields}>
            <NameField label="Filter name" value={filter.name} onChange={(name) => change({ name })} />
            <QuantityField
              label="Flow on the label"
              bounds={FILTER_BOUNDS.labelFlow}
              value={filter.labelFlow}
              onChange={(si) =>
                si !== null && change({ labelFlow: si, assumed: measured(filter, 'labelFlow') })
              }
            />
          </div>
          <h2 className={`caption ${styles.heading}`}>Chambers, in flow order</h2>
          <Explanation of="Fill limit" line />
          <ol className={styles.chambers}>
            {filter.chambers.map((chamber, at) => (
              <ChamberForm
                key={chamber.id}
                chamber={chamber}
                number={at + 1}
                onChange={(next) => setChambers(withChamber(at, next))}
                onHolds={(next) => change(arrange(filter, withChamber(at, next)))}
                onPlace={(place) => change(placeChamber(filter, chamber.id, place))}
                onEarlier={canSwap(filter.chambers, at) ? () => earlier(at) : undefined}
                onLater={canSwap(filter.chambers, at + 1) ? () => earlier(at + 1) : undefined}
                onRemove={
                  filter.chambers.length === 1
                    ? undefined
                    : () => setChambers(filter.chambers.filter((candidate) => candidate !== chamber))
                }
              />
            ))}
          </ol>
          <div className={styles.foot}>
            <Button onClick={() => setChambers([...filter.chambers, nextChamber(filter.chambers)])}>
              Add a chamber
            </Button>
            {isLaidOut(filter) ? null : (
              <Button onClick={() => change(chamberLayout(filter.kind, filter.chambers, filter.spill))}>
                Use the usual layout
              </Button>
            )}
            <span className="quiet">
              {words.show({
                kind: 'volume',
                si: mediaVolume(filter),
              })}{' '}
              for media in total
            </span>
          </div>
          <div className={styles.folds}>
            <Assumed list={assumed} />
            <PumpFold filter={filter} onChange={change} />
            <HosesFold filter={filter} onChange={change} />
            {filter.spill === null ? null : (
              <SpillFold
                spill={filter.spill}
                assumed={filter.assumed.includes('spill')}
                onChange={(spill) =>
                  change({
                    ...arrange(filter, filter.chambers, spill),
                    spill,
                    assumed: measured(filter, 'spill'),
                  })
                }
              />
            )}
            {filter.kind !== 'internal-compartments' ? null : (
              <EdgeFold
                edge={filter.openEdge ?? NO_EDGE}
                assumed={filter.assumed.includes('openEdge')}
                onChange={(openEdge) => change({ openEdge, assumed: measured(filter, 'openEdge') })}
              />
            )}
            <PortsFold
              filter={filter}
              branches={report.water.branches}
              onChange={change}
              onSponge={() => void putSponge()}
            />
            {fault === null ? null : <p role="alert">{fault}</p>}
            <PartsFold filter={filter} onChange={change} />
            {flows.length < 2 && filter.cleanedEvery === null ? null : (
              <CleanedFold filter={filter} onChange={change} />
            )}
            <RatingFold filter={filter} onChange={change} flow={flows[0]?.measured ?? null} />
          </div>
          <FilterActions filter={filter} />
        </section>
      </div>
    </FilterLayout>
  );
}

/** Whether a chamber may change places with the one before it: the sponge on the intake is always the first. */
const canSwap = (chambers: readonly Chamber[], index: number): boolean =>
  chambers[index]?.where === 'body' && chambers[index - 1]?.where === 'body';

/** Another chamber like the last, after it in flow. */
function nextChamber(chambers: readonly Chamber[]): UnplacedChamber {
  const last = chambers.at(-1);
  if (last === undefined) throw new Error('A filter needs at least one chamber.');
  const names = new Set(chambers.map((chamber) => chamber.name));
  const number = Array.from({ length: chambers.length + 1 }, (_, index) => index + 1).find(
    (value) => !names.has(`Chamber ${value}`),
  );
  return { ...last, id: crypto.randomUUID(), name: `Chamber ${number}` };
}
