'use client';
import type { Filter } from '@/core/filter/filter';
import { acknowledgedAt, MATURE_LEAVES_KEYS } from '@/core/job/acknowledged';
import { cautions } from '@/core/cautions/cautions';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import { fittings } from '@/core/prepare/fittings';
import { prepareVerdict } from '@/core/prepare/prepareVerdict';
import { earliestReady } from '@/core/prepare/programme';
import type { Surroundings } from '@/core/report/surroundings';
import type { Shelf } from '@/core/shelf/shelf';
import type { Stored } from '@/store/documentTable';
import type { OpenPlan } from '@/server/openPlans';
import { useWords } from '../fields/UnitsProvider';
import { StageStep } from '../frame/StageStep';
import { VerdictBanner } from '../frame/VerdictBanner';
import { Cautions } from '../frame/Cautions';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { FilterLayout } from '../frame/FilterLayout';
import { lazyPart } from '../frame/lazyPart';
import { SaveStatus } from '../frame/SaveStatus';
import { UndoButtons } from '../frame/UndoButtons';
import { undoShortcuts } from '../state/undoShortcuts';
import { useAutosave } from '../state/useAutosave';
import { YearCost } from '../time/YearCost';
import { CutPart } from './CutPart';
import { FillsPart } from './FillsPart';
import { FirstPackPart } from './FirstPackPart';
import { LevelStripNote } from './LevelStripNote';
import { MatureRisk } from './MatureRisk';
import { ProgrammePart } from './ProgrammePart';
import { ShoppingPart } from './ShoppingPart';
import { TemplatesPart } from './TemplatesPart';
import { usePreparation } from './usePreparation';
import { usePrepareFigures } from './usePrepareFigures';
import styles from './Prepare.module.css';
import { sumOf } from '@/core/maths/sum';

// Few keepers print.
const BlockPart = lazyPart(() => import('./BlockPart').then((module) => module.BlockPart));

interface Props {
  readonly around: Surroundings;
  readonly electricityPrice: number | null;
  readonly filter: Filter;
  readonly job: Stored<Job>;
  readonly shelf: Stored<Shelf>;
  /** Layers that were in the filter; empty at a first pack. */
  readonly found: readonly Layer[];
  /** What came in the box of a new filter, as the leaflet lays it; empty at a repack. */
  readonly boxed: readonly Layer[];
  readonly planned: Stored<Pack>;
  readonly others: readonly OpenPlan[];
  readonly now: string;
}

/** Everything that is done before the filter is opened: cut, fill, rinse, buy. */
export function PrepareSheet({
  around,
  electricityPrice,
  filter,
  job: storedJob,
  shelf: storedShelf,
  found,
  boxed,
  planned: storedPlan,
  others,
  now,
}: Props) {
  const words = useWords();
  const job = useAutosave('job', storedJob);
  const shelf = useAutosave('shelf', storedShelf);
  const plan = useAutosave('pack', storedPlan);
  const { layers: planned } = plan.doc;
  const preparation = usePreparation({ filter, job, shelf, plan, found, others });
  const { pieces, changes, groups, fills, there, needs, bill, steps, editing } = preparation;
  const { cut, repackOn } = job.doc;
  const isFirstPack = job.doc.occasion === 'first pack';
  const { head, matureLeaves, newTank, input, strip, templates } = usePrepareFigures({
    around,
    filter,
    found,
    planned,
    pieces,
    isFirstPack,
    now,
  });
  const flushAll = async () => (await job.flush()) && (await shelf.flush()) && (await plan.flush());
  const ready = earliestReady(steps, now);

  return (
    <FilterLayout
      page="Prepare"
      filter={filter}
      job={job.doc}
      here="prepare"
      shortcuts={undoShortcuts(editing.undo, editing.redo)}
      status={
        <>
          <UndoButtons editing={editing} />
          <SaveStatus saves={[job, shelf, plan]} />
        </>
      }
    >
      <VerdictBanner
        verdict={prepareVerdict({
          isEmpty: planned.length === 0,
          isCut: cut !== null,
          changes,
          tooLarge: sumOf(groups, ({ tooLarge }) => tooLarge.length),
          needs,
          steps,
          repackOn,
          earliest: { date: ready, said: words.date(ready, { day: 'numeric', month: 'long' }) },
          now,
        })}
        action={
          <StageStep job={job} to="repack" before={flushAll} disabled={planned.length === 0}>
            Go to the packing list
          </StageStep>
        }
      />
      {matureLeaves === null && newTank === null ? null : (
        <MatureRisk
          finding={matureLeaves}
          newTank={newTank}
          acknowledged={acknowledgedAt(job.doc, MATURE_LEAVES_KEYS[0])}
          onAcknowledge={(done) => preparation.acknowledge(MATURE_LEAVES_KEYS[0], done)}
        />
      )}
      <div className={styles.sheet}>
        <div>
          <CutPart
            groups={groups}
            cut={cut}
            others={preparation.besides}
            onTake={preparation.takeAlong}
            onCut={preparation.setCut}
          />
          <ShoppingPart needs={needs} />
          <section aria-label="Cost" className={styles.part}>
            <h2 className="title">Cost</h2>
            <YearCost
              input={input}
              found={found}
              shelf={shelf.doc}
              electricityPrice={electricityPrice}
              now={bill.unpriced > 0 ? null : bill.known}
            />
          </section>
        </div>
        <div>
          <ProgrammePart
            steps={steps}
            repackOn={repackOn}
            now={now}
            onDay={preparation.setDay}
            onTick={preparation.setPrepared}
          />
          <FillsPart
            fills={fills}
            there={there}
            fittings={fittings(filter)}
            onTaken={preparation.setFilled}
          />
          {isFirstPack ? <FirstPackPart filter={filter} boxed={boxed} planned={planned} /> : null}
          <CollapsibleSection title="Print a block" says="for those with a 3D printer">
            <BlockPart filter={filter} head={head} onUse={preparation.addLayers} />
          </CollapsibleSection>
          <TemplatesPart filterId={filter.id} templates={templates} />
          {strip === null ? null : <LevelStripNote strip={strip} />}
          <Cautions lines={cautions(filter, planned, 'handling')} />
        </div>
      </div>
    </FilterLayout>
  );
}
