'use client';
import { forecastInput } from '@/core/dirt/forecastInput';
import { useMemo, useState, type ReactNode } from 'react';
import Button from '@mui/material/Button';
import type { Visit } from '@/core/pack/visit';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Finding } from '@/core/findings/finding';
import { applyEdit } from '@/core/pack/packEdit';
import { type Surroundings } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import type { Layer } from '@/core/layers/layer';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import type { UsualPack } from '@/core/propose/usualPacks';
import type { Settings } from '@/core/settings/settings';
import type { Stored } from '@/store/documentTable';
import type { Saving } from '../frame/saving';
import { longestIntervalOf } from '@/core/service/longestIntervalOf';
import type { ServiceHelp } from '@/core/service/serviceHelps';
import { PackSheet } from '../bench/PackSheet';
import sheet from '../bench/PackSheet.module.css';
import { DRAWING_ID, usePackBench } from '../bench/usePackBench';
import { usePackCaption } from '../bench/usePackCaption';
import { PackBoard } from '../flow-line/PackBoard';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { StageStep } from '../frame/StageStep';
import { USUAL_PACKS_ID } from './usualPacksId';
import { Lanes } from '../lanes/Lanes';
import { SchoolsFold } from '../bench/SchoolsFold';
import type { Autosave } from '../state/useAutosave';
import { TimeStrip } from '../time/TimeStrip';
import { useForecast } from '../time/useForecast';
import { useBestChanges } from '../time/useBestChanges';
import { FourQuestions } from './FourQuestions';
import { useBenchForecast, type BenchForecast } from './useBenchForecast';
import { VerdictBand } from './VerdictBand';
import { verdict, type NextService, type NoService } from '@/core/report/verdict';

// Loaded when a question is opened, or a layer is chosen that is cut short.
const OverTime = lazyPart(() => import('./OverTime').then((module) => module.OverTime));
// Loaded for a plan that was begun without stripping.
const DropJob = lazyPart(() => import('../job/CancelRepack').then((module) => module.CancelRepack));
const UsualPacks = lazyPart(() => import('./UsualPacks').then((module) => module.UsualPacks));
const ThroughFix = lazyPart(() => import('./ThroughFix').then((module) => module.ThroughFix));

interface Props {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly ownMedia: readonly OwnMedium[];
  readonly filter: Filter;
  /** Saves the filter itself, for what the bench changes of it. */
  readonly filterSave: Autosave<Filter>;
  /** What else may be saving while this pack is on the bench: the plan, while an alternative is. */
  readonly alsoSaving: readonly Saving[];
  readonly job: Stored<Job>;
  /** What it is compared with: as found, or as last packed; null where nothing is known. */
  readonly asFound: Pack | null;
  /** The plan, or one of its alternatives. */
  readonly pack: Stored<Pack>;
  readonly log: readonly LogEntry[];
  /** A pack was taken ready-made: the flow line is shown again. */
  readonly onTaken: () => void;
  /** Above the bench, given its layers: the other plans, and what can be done with this one. */
  readonly tabs: (layers: Layer[], visits: Visit[]) => ReactNode;
  /** In place of the flow line, while packs are compared, proposed or taken ready-made. */
  readonly instead: ((bench: BesideTheLine) => ReactNode) | null;
}

/** What stands in the place of the flow line is drawn from this. */
export interface BesideTheLine {
  /** With the keeper’s positions as they are on the bench. */
  readonly around: Surroundings;
  /** The pack on the bench, without its visits. */
  readonly ahead: ForecastInput;
  /** The packs that keepers usually build in this filter. */
  readonly usualPacks: ReactNode;
}

/** The heart: the plan as water meets it, with every figure and finding answering at once. */
export function PlanBench(props: Props) {
  const { around, filter, filterSave, alsoSaving, asFound, tabs, instead } = props;
  const bench = usePackBench({ ...props, packThen: asFound });
  const { editing, input, report } = bench;
  usePreload(OverTime, ThroughFix, UsualPacks);
  const { schools } = input;
  const described = asFound === null ? null : bench.layersThen;
  // Once, and not at every move of a drag: the pack as found stays as it was.
  const found = useMemo(
    () =>
      described === null ? null : evaluatePack({ ...around, schools, filter, layers: described, flow: null }),
    [around, schools, filter, described],
  );
  const schooled = useMemo(() => ({ ...around, schools }), [around, schools]);
  const then = (asFound?.name ?? '').toLowerCase();
  const caption = usePackCaption(report);
  const ahead = useBenchForecast(input, report, editing.visits);
  const { found: forecasted, shown, day } = ahead;
  const foundInput = useMemo<ForecastInput | null>(
    () => (described === null ? null : { ...forecastInput(around, filter, described), brief: true }),
    [around, filter, described],
  );
  const foundAhead = useForecast(foundInput).found?.forecast ?? null;
  const { changes, stale: changesStale } = useBestChanges(input);
  const service = serviceOf(ahead, longestIntervalOf({ filter, others: around.others }));
  const said = verdict(report, service, filter.kind);
  // What is planned and compared over a year begins without the visits on the strip.
  const unvisited = useMemo<ForecastInput>(
    () => forecastInput(around, filter, editing.layers),
    [around, filter, editing.layers],
  );
  const help = async ({ edit, sponge }: ServiceHelp) => {
    if (sponge) {
      // Lays out a chamber: fetched once it is asked for.
      const { addIntakeSponge } = await import('@/core/filter/addIntakeSponge');
      filterSave.change(addIntakeSponge);
    }
    editing.edit(edit);
  };
  /** What would leave at once goes back into the plan, and a swap in stages takes it out. */
  const stage = async ({ edit, pieces }: NonNullable<Finding['staged']>) => {
    // Simulates the bacteria: fetched once it is asked for.
    const { stagedSwap } = await import('@/core/report/swapPieces');
    const layers = applyEdit(editing.layers, edit);
    const { tank, others, now } = around;
    const swap = stagedSwap({ tank, filter, layers, others, now }, pieces);
    if (swap === null) return;
    editing.edit(edit);
    filterSave.change((doc) => ({ ...doc, swap }));
  };
  const takeUsualPack = ({ filter: itsFilter, layers }: UsualPack) => {
    if (itsFilter !== filter) filterSave.change(() => itsFilter);
    editing.edit({ type: 'replace', layers });
    props.onTaken();
  };
  const [hasBacteriaLanes, setHasBacteriaLanes] = useState(false);
  const showBacteriaLanes = () => {
    if (!hasBacteriaLanes) {
      // The lanes stand under the drawing, where a chosen layer has its sizes.
      bench.jump(null);
      document.getElementById(DRAWING_ID)?.scrollIntoView();
    }
    setHasBacteriaLanes(!hasBacteriaLanes);
  };
  const usualPacks = (
    <UsualPacks
      filter={filter}
      around={schooled}
      mine={editing.layers}
      today={described ?? NO_LAYERS}
      onUse={takeUsualPack}
    />
  );
  return (
    <PackSheet
      filter={filter}
      bench={bench}
      view="plan"
      saves={[filterSave, ...alsoSaving]}
      shown={shown}
      sludge={ahead.sludge}
      band={
        <VerdictBand
          verdict={said}
          changes={changes}
          stale={changesStale}
          onEdit={editing.edit}
          action={
            editing.layers.length === 0 ? (
              <Button variant="contained" href={`#${USUAL_PACKS_ID}`}>
                Choose a usual pack
              </Button>
            ) : (
              <StageStep
                job={bench.job}
                to="repack"
                before={async () => (await bench.flush()) && (await filterSave.flush())}
              >
                Go to the packing list
              </StageStep>
            )
          }
        />
      }
      centre={
        <>
          {tabs([...editing.layers], [...editing.visits])}
          {instead === null ? (
            <PackBoard
              caption={caption}
              lanes={<Lanes state={ahead.state} ofBacteria={hasBacteriaLanes} />}
              details={(layer) =>
                layer.cut === null ? null : (
                  <ThroughFix
                    key={layer.id}
                    input={input}
                    report={report}
                    layer={layer}
                    onEdit={editing.edit}
                  />
                )
              }
            >
              {editing.layers.length === 0 ? (
                usualPacks
              ) : (
                <TimeStrip
                  {...ahead}
                  onDay={ahead.setDay}
                  visits={editing.visits}
                  onVisits={editing.setVisits}
                />
              )}
            </PackBoard>
          ) : (
            instead({ around: schooled, ahead: unvisited, usualPacks })
          )}
        </>
      }
      right={
        <>
          <FourQuestions
            filter={filter}
            report={shown}
            against={found}
            againstName={asFound?.name ?? ''}
            input={input}
            forecast={forecasted?.forecast ?? null}
            range={ahead.range?.range ?? null}
            service={service}
            foundServiceDay={foundAhead?.serviceDay ?? null}
            flow={bench.flow}
            onSelect={bench.jump}
            onEdit={editing.edit}
            onStaged={filter.swap?.begunOn == null ? (staged) => void stage(staged) : undefined}
            day={day}
            hasBacteriaLanes={hasBacteriaLanes}
            onBacteriaLanes={showBacteriaLanes}
            overTime={
              forecasted === null ? null : (
                <OverTime
                  rows={{
                    forecast: forecasted.forecast,
                    against: foundAhead,
                    range: ahead.range?.range ?? null,
                    report,
                    visits: editing.visits.length,
                    learnedFrom: around.learned?.readings ?? 0,
                    onHelp: (asked) => void help(asked),
                  }}
                  input={ahead.input}
                  plan={{
                    input: unvisited,
                    report,
                    visits: editing.visits,
                    onVisits: editing.setVisits,
                    onEdit: editing.edit,
                  }}
                  notch={{
                    filter,
                    report,
                    onChange: (spill) => filterSave.change((doc) => ({ ...doc, spill })),
                  }}
                />
              )
            }
          />
          <SchoolsFold bench={bench} />
          <div className={sheet.foot}>
            {described === null ? null : JSON.stringify(editing.layers) === JSON.stringify(described) ? (
              <p className="quiet">The plan is the same as the pack {then}.</p>
            ) : (
              <Button onClick={() => editing.edit({ type: 'replace', layers: described })}>
                Reset to the pack {then}
              </Button>
            )}
            {bench.job.doc.occasion === 'plan' ? <DropJob job={bench.job.doc} /> : null}
          </div>
        </>
      }
    />
  );
}

const NO_LAYERS: readonly Layer[] = [];

/** What is known of the next service, or why it is not. */
function serviceOf({ found, failed, range }: BenchForecast, longest: number): NextService | NoService {
  if (failed || range?.failed === true) return 'failed';
  if (found === null) return 'working';
  const known = range?.range ?? null;
  return known === null ? 'working' : { earliest: known.earliest, latest: known.latest, longest };
}
