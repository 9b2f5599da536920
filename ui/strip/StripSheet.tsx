'use client';
import { useServerState } from '../state/useServerState';
import Button from '@mui/material/Button';
import type { Chamber, Filter } from '@/core/filter/filter';
import { cautions } from '@/core/cautions/cautions';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Photo } from '@/core/log/photo';
import type { Surroundings } from '@/core/report/surroundings';
import type { PackReport } from '@/core/report/evaluatePack';
import { verdict, type Verdict } from '@/core/report/verdict';
import { lowerFirst } from '@/core/units/firstLetter';
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
import { ChamberList } from './ChamberList';
import { FoundForm } from './FoundForm';
import { PartsList } from './PartsList';
import { useChambersOut, type ChambersInHand } from './useChambersOut';

interface Props {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly ownMedia: readonly OwnMedium[];
  /** Ids of the media that the keeper uses most, the most used first. */
  readonly usedMedia: readonly string[];
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
  usedMedia,
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
  const chambers = useChambersOut(filter, bench.job, editing.layers);
  const { inHand, next } = chambers;
  /** What comes next for the hands: the next chamber, or the review once the last is in them. */
  const onward = (variant: 'contained' | 'outlined') =>
    next === null ? (
      <Button variant={variant} component={AppLink} href={`/filter/${filter.id}/review`}>
        Review the layers
      </Button>
    ) : (
      <Button variant={variant} onClick={chambers.goOn}>
        {chambers.count === 0 ? `This ${wordFor(inHand)} is empty` : `Next ${wordFor(next)}`}
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
            ...(firstPack ? soFar(report, bench.reached?.unknown ?? []) : handsVerdict(chambers)),
            next: isWaiting
              ? sentence`Start the clock when you switch the filter off. Try to get the media back in flow within an hour.`
              : sentence`${next === null ? 'Enter each layer, top first. This is the last of it.' : 'Enter each layer as you lift it out, top first.'} ${String(editing.layers.length)} ${editing.layers.length === 1 ? 'layer' : 'layers'} so far.`,
          }}
          action={isWaiting ? <ClockStart job={bench.job} /> : onward('contained')}
        >
          {isWaiting ? onward('outlined') : null}
        </VerdictBanner>
      }
      inHand={inHand.id}
      underVessel={<ChamberList {...{ filter, chambers }} layers={editing.layers} />}
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
          shelf={(add) => (
            <MediaShelf
              onAdd={add}
              full={editing.full}
              used={usedMedia}
              title={`Add the next layer in “${inHand.name}”`}
            />
          )}
          placeNew={() => nextLayerOut(inHand, editing.layers)}
          details={(layer) => (
            <FoundForm
              key={layer.id}
              jobId={job.doc.id}
              chamber={filter.chambers.find(({ id }) => id === layer.chamber) ?? inHand}
              layer={layer}
              layers={editing.layers}
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
              : 'Each new layer goes under the last in what you hold.'}
          </p>
          <PartsList filter={filterSave} job={bench.job} />
          <FindingTitles report={report} onSelect={bench.jump} />
          <div className={sheet.foot}>
            {next === null ? null : (
              <Button component={AppLink} href={`/filter/${filter.id}/review`}>
                Review the layers
              </Button>
            )}
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

/** What the hands hold, and how much of it is entered. */
const handsVerdict = ({ inHand, count }: ChambersInHand): Pick<Verdict, 'level' | 'state'> => ({
  level: 'works',
  state: sentence`In your hands: ${lowerFirst(inHand.name)}. ${
    count === 0 ? 'Nothing entered yet.' : `${count} ${count === 1 ? 'layer' : 'layers'} entered.`
  }`,
});

/** What a keeper calls a chamber of the filter. */
const wordFor = ({ name }: Chamber): string =>
  /\b(tray|basket|slot|sponge|column|well|prefilter)\b/i.exec(name)?.[0].toLowerCase() ?? 'chamber';

/** A pack is not judged as a whole before all of it is out. */
function soFar(report: PackReport, unknown: readonly string[]): Verdict {
  if (unknown.length === 0) return verdict(report, 'working');
  // The figures of half a pack say nothing of the whole.
  const said = verdict({ ...report, leastPassThrough: null, bacteria: null }, 'working');
  return said.level === 'works' ? { ...said, state: sentence`No problems found so far.` } : said;
}
