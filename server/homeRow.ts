import { findingIdentity } from '@/core/findings/findingIdentity';
import { dueList, visitKey, type Due } from '@/core/care/due';
import { isFoodAssumed } from '@/core/tank/feedPerDay';
import { outlookVerdict } from '@/core/outlook/outlookVerdict';
import { isOfTank } from '@/core/log/isOfTank';
import { waterLost } from '@/core/care/waterLost';
import { describeWaterLoss } from '@/core/care/describeWaterLoss';
import type { FilterKind } from '@/core/filter/filterKind';
import type { Filter } from '@/core/filter/filter';
import type { FindingLevel } from '@/core/findings/findingLevel';
import { cleanFlow } from '@/core/hydraulics/cleanFlowFit';
import { isOut } from '@/core/job/isOut';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import type { JobStage } from '@/core/job/stage';
import type { Layer } from '@/core/layers/layer';
import { rememberedFacts } from './rememberedFacts';
import { type Surroundings } from '@/core/report/surroundings';
import { evaluatePack, type PackReport } from '@/core/report/evaluatePack';
import { chartFlow, type ChartFlow } from '@/core/service/chartFlow';
import { outletLimit } from '@/core/dirt/serviceLimits';
import { isFlowLow } from '@/core/service/isFlowLow';
import { flowState } from '@/core/service/flowState';
import { planProgramme } from '@/core/prepare/planProgramme';
import { dueSteps } from '@/core/prepare/programme';
import { nextAction, type NextThing } from '@/core/service/nextAction';
import { netVolume } from '@/core/tank/netVolume';
import { sentence, type Sentence } from '@/core/units/sentence';
import type { OutlookState } from '@/store/outlooks';

/** What is stored of a filter, as home reads it. */
export interface HomeFilter {
  readonly filter: Filter;
  readonly around: Surroundings;
  /** The open job; null between jobs. */
  readonly job: Job | null;
  /** What is planned for it; empty without a plan. */
  readonly planned: readonly Layer[];
  /** What is in it, as far as is known. */
  readonly layers: readonly Layer[];
  /** The newest flows, repacks, services and water changes. */
  readonly log: readonly LogEntry[];
  readonly outlook: OutlookState;
}

/** What home shows of a filter: worked out here, so that the page carries figures and no engine. */
export interface HomeRow {
  readonly id: string;
  readonly name: string;
  readonly kind: FilterKind;
  readonly tank: string;
  readonly tankId: string;
  /** How many air-driven filters are in the tank beside it. */
  readonly airFilters: number;
  /** m³ */
  readonly tankVolume: number;
  readonly stage: JobStage | null;
  readonly next: NextThing;
  readonly flow: ChartFlow;
  /** When it needs hands next by its forecast; null: now, as the state says, or not known, or its media are out. */
  readonly ahead: Sentence | null;
  /** A repack is under way. */
  readonly packIsOut: boolean;
  /** What is due within two months, soonest first. */
  readonly due: readonly Due[];
  /** The outlook is of today’s pack and log; else its revision is worked out anew. */
  readonly outlook: Pick<OutlookState, 'revision' | 'isFresh'>;
  /** ISO moments, oldest first. */
  readonly repacks: readonly string[];
  /** null while the pack is unknown. */
  readonly pack: {
    readonly chambers: number;
    readonly layers: readonly Pick<Layer, 'id' | 'medium' | 'own' | 'mix' | 'dirt'>[];
    readonly report: {
      readonly layers: readonly Pick<
        PackReport['layers'][number],
        'layerId' | 'from' | 'to' | 'coverShare'
      >[];
      readonly thickness: number;
    };
  } | null;
  /** Urgent findings and those to check. */
  readonly findings: readonly {
    readonly key: string;
    readonly level: FindingLevel;
    readonly title: Sentence;
  }[];
}

/** Works out a filter’s row. @param now ISO moment */
export function homeRow(
  { filter, around, job, planned, layers, log, outlook }: HomeFilter,
  now: string,
): HomeRow {
  const flow = rememberedFacts(`flow ${filter.id}`, log, () => flowState(log));
  const { tank, others, schools } = around;
  const measured = [flow.latest?.flow.mean ?? null, flow.clean?.flow.mean ?? null] as const;
  const report =
    layers.length === 0
      ? null
      : rememberedFacts(
          `report ${filter.id}`,
          // Media wear out by the day.
          [
            ...[tank, filter, schools, now.slice(0, 10), ...measured, ...layers],
            ...others.flatMap((other) => [other.filter, ...other.layers]),
          ],
          () =>
            evaluatePack({
              ...around,
              filter,
              layers,
              flow: measured[0],
              cleanFlow: cleanFlow(filter, layers, tank.temperature, measured[1]),
            }),
        );
  const ahead = outlook.outlook === null ? null : outlookVerdict(outlook.outlook, now, 'working');
  const lost = rememberedFacts(`lost ${filter.id}`, [tank, now.slice(0, 10), ...log.filter(isOfTank)], () =>
    waterLost({ tank, log, now }),
  );
  const packIsOut = job !== null && isOut(job.stage);
  const duePreparations =
    job === null || job.repackOn === null
      ? 0
      : dueSteps(planProgramme(filter, planned, job.occasion === 'first pack' ? [] : layers, job), now)
          .length;
  const due = dueList({
    ...{ filter, tank, layers, log, now },
    outlook: outlook.outlook,
    preparations: duePreparations,
  });
  const dueNow = due.filter(({ inDays }) => inDays <= 0).map(({ key }) => key);
  return {
    id: filter.id,
    name: filter.name,
    kind: filter.kind,
    tank: around.tank.name,
    tankId: around.tank.id,
    airFilters: around.tank.airFilters.length,
    tankVolume: netVolume(around.tank.water).value,
    stage: job?.stage ?? null,
    next: nextAction({
      openJob: job,
      report,
      flow,
      isWeak: isFlowLow(flow, log),
      duePreparations,
      swap: filter.swap,
      ahead,
      dueNow,
      now,
    }),
    // While its media are out, the repack shows what to do.
    // Where service is due the row’s own state says it already.
    ahead:
      packIsOut || ahead?.level !== 'works' || dueNow.includes(visitKey(filter.id))
        ? null
        : sentence`${ahead.state}${isFoodAssumed(tank) ? ' The food is assumed.' : ''}`,
    packIsOut,
    due: packIsOut ? due.filter(({ key }) => key.startsWith('prepare ')) : due,
    outlook: { revision: outlook.revision, isFresh: outlook.isFresh },
    flow: chartFlow(flow, now, outletLimit(filter)),
    repacks: log.filter(({ kind }) => kind === 'repacked').map(({ at }) => at),
    pack:
      report === null
        ? null
        : {
            chambers: filter.chambers.length,
            layers: layers.map(({ id, medium, own, mix, dirt }) => ({ id, medium, own, mix, dirt })),
            report: {
              thickness: report.totals.thickness,
              layers: report.layers.map(({ layerId, from, to, coverShare }) => ({
                layerId,
                from,
                to,
                coverShare,
              })),
            },
          },
    findings: [
      ...(lost?.leaks === true
        ? [{ key: 'water lost', level: 'check' as const, title: describeWaterLoss(lost).state }]
        : []),
      ...(report?.findings ?? [])
        .filter(({ level }) => level !== 'note')
        .map((finding) => ({ key: findingIdentity(finding), level: finding.level, title: finding.title })),
    ],
  };
}
