'use client';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { Surroundings } from '@/core/report/surroundings';
import { verdict } from '@/core/report/verdict';
import { sentence } from '@/core/units/sentence';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import type { Settings } from '@/core/settings/settings';
import type { Stored } from '@/store/documentTable';
import { PackSheet } from '../bench/PackSheet';
import { usePackBench } from '../bench/usePackBench';
import { VerdictBanner } from '../frame/VerdictBanner';
import { StageStep } from '../frame/StageStep';
import { ClockStart } from '../job/ClockStart';
import { FindingsPanel } from '../readings/FindingsPanel';
import { SchoolsFold } from '../bench/SchoolsFold';
import { ThreePiles } from './ThreePiles';
import { usePiles } from './usePiles';
import { describePiles } from './describePiles';
import { EvidenceLine } from './EvidenceLine';
import styles from './ReviewSheet.module.css';

interface Props {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  readonly ownMedia: readonly OwnMedium[];
  readonly filter: Filter;
  readonly job: Stored<Job>;
  readonly asFound: Stored<Pack>;
  readonly log: readonly LogEntry[];
}

/** The truth about the pack as found: every mistake with its evidence and price, worst first, and a treatment for each layer. */
export function ReviewSheet({ around, settings, ownMedia, filter, job, asFound, log }: Props) {
  const bench = usePackBench({ around, settings, ownMedia, filter, job, pack: asFound, log });
  const { report } = bench;
  const piles = usePiles(bench);
  // Most serious first already, so that these are the first of all findings and carry their numbers.
  const serious = report.findings.filter((finding) => finding.level !== 'note');
  return (
    <PackSheet
      filter={filter}
      bench={bench}
      view="review"
      band={
        <VerdictBanner
          verdict={{
            ...verdict(report, 'working'),
            next: sentence`${describePiles(piles.rows)} Check the piles, then plan the new pack.`,
          }}
          action={
            <StageStep job={bench.job} to="plan" before={() => (piles.settle(), bench.flush())}>
              Plan the new pack
            </StageStep>
          }
        >
          <ClockStart aside job={bench.job} />
        </VerdictBanner>
      }
      centre={
        <div className={styles.audit}>
          <EvidenceLine findings={serious} />
          <FindingsPanel
            numbered
            title="Most serious first"
            input={bench.input}
            report={report}
            onSelect={bench.jump}
          />
        </div>
      }
      right={
        <>
          <ThreePiles bench={bench} piles={piles} />
          <SchoolsFold bench={bench} />
        </>
      }
    />
  );
}
