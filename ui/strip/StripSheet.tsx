'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import type { Filter } from '@/core/filter/filter';
import { cautions } from '@/core/cautions/cautions';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import type { PackReport, Surroundings } from '@/core/report/evaluatePack';
import { verdict, type Verdict } from '@/core/report/verdict';
import { sentence } from '@/core/units/sentence';
import { nextLayerOut } from '@/core/layers/nextLayerOut';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import type { Settings } from '@/core/settings/settings';
import type { Stored } from '@/store/documentTable';
import { PackSheet } from '../bench/PackSheet';
import sheet from '../bench/PackSheet.module.css';
import { usePackBench } from '../bench/usePackBench';
import { usePackCaption } from '../bench/usePackCaption';
import { MediaShelf } from '../flow-line/MediaShelf';
import { PackBoard } from '../flow-line/PackBoard';
import { AppLink } from '../frame/AppLink';
import { VerdictBanner } from '../frame/VerdictBanner';
import { Cautions } from '../frame/Cautions';
import { StageStep } from '../frame/StageStep';
import { FindingTitles } from '../readings/FindingTitles';
import { useAutosave } from '../state/useAutosave';
import { awaitsClock, ClockStart } from '../job/ClockStart';
import { CancelRepack } from '../job/CancelRepack';
import { EmptyChambers } from './EmptyChambers';
import { FoundForm } from './FoundForm';
import { PartsList } from './PartsList';

interface Props {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly ownMedia: readonly OwnMedium[];
  readonly filter: Stored<Filter>;
  readonly job: Stored<Job>;
  readonly asFound: Stored<Pack>;
  readonly photos: readonly Photo[];
  readonly log: readonly LogEntry[];
}

/** What is in the filter, written down as it comes out. */
export function StripSheet({
  around,
  settings,
  ownMedia,
  filter: storedFilter,
  job,
  asFound,
  photos: storedPhotos,
  log,
}: Props) {
  const filterSave = useAutosave('filter', storedFilter);
  const filter = filterSave.doc;
  const bench = usePackBench({
    around,
    settings,
    ownMedia,
    filter,
    job,
    pack: asFound,
    log,
    stripping: true,
  });
  const [photos, setPhotos] = useServerState(storedPhotos);
  const { editing, report } = bench;
  const caption = usePackCaption(report);
  const isWaiting = awaitsClock(bench.job.doc);
  const review = (
    <Button
      variant={isWaiting ? 'outlined' : 'contained'}
      component={AppLink}
      href={`/filter/${filter.id}/review`}
    >
      Review the layers
    </Button>
  );
  const firstPack = job.doc.occasion === 'first pack';
  return (
    <PackSheet
      filter={filter}
      bench={bench}
      view="strip"
      saves={[filterSave]}
      band={
        <VerdictBanner
          verdict={{
            ...soFar(report, bench.reached?.unknown ?? []),
            next: isWaiting
              ? sentence`Start the clock when you switch the filter off. Try to get the media back in flow within an hour.`
              : sentence`As found so far: ${String(editing.layers.length)} ${editing.layers.length === 1 ? 'layer' : 'layers'}.`,
          }}
          action={isWaiting ? <ClockStart job={bench.job} /> : review}
        >
          {isWaiting ? review : null}
        </VerdictBanner>
      }
      cautions={
        <Cautions
          lines={[
            ...(firstPack ? [] : cautions(filter, editing.layers, 'opening')),
            ...cautions(filter, editing.layers, 'handling'),
          ]}
        />
      }
      centre={
        <PackBoard
          caption={caption}
          shelf={(add) => <MediaShelf onAdd={add} full={editing.full} />}
          placeNew={() => nextLayerOut(filter, editing.layers, bench.reached?.known)}
          details={(layer) => (
            <FoundForm
              key={layer.id}
              jobId={job.doc.id}
              layer={layer}
              photos={photos}
              onPhotos={setPhotos}
              onEdit={editing.edit}
            />
          )}
        />
      }
      right={
        <>
          <p className="quiet">
            {firstPack
              ? 'New filter: enter everything that came in it, wrapped or not. No media is mature yet.'
              : 'Enter the layers in the order you lift them out. Each new one goes under the last.'}
          </p>
          <EmptyChambers filter={filter} layers={editing.layers} job={bench.job} />
          <PartsList filter={filterSave} job={bench.job} />
          <FindingTitles report={report} onSelect={bench.jump} />
          <div className={sheet.foot}>
            <StageStep
              aside
              job={bench.job}
              to="plan"
              before={async () => (await bench.flush()) && (await filterSave.flush())}
            >
              Plan the new pack
            </StageStep>
            <CancelRepack job={job.doc} />
          </div>
        </>
      }
    />
  );
}

/** A pack is not judged as a whole before all of it is out. */
function soFar(report: PackReport, unknown: readonly string[]): Verdict {
  if (unknown.length === 0) return verdict(report, 'working');
  // The figures of half a pack say nothing of the whole.
  const said = verdict({ ...report, leastPassThrough: null, bacteria: null }, 'working');
  return said.level === 'works' ? { ...said, state: sentence`No problems found so far.` } : said;
}
