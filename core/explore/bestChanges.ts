import type { FindingLevel } from '../findings/findingLevel';
import { findingIdentity } from '../findings/findingIdentity';
import { mediumOf } from '../layers/mediumOf';
import { canBeSized } from '../media/handling';
import { turnoverBand } from '../practice/turnoverBand';
import { PASS_THROUGH_GOAL } from '../practice/passThroughGoal';
import { applyEdit, type PackEdit } from '../pack/packEdit';
import { evaluatePack, type PackReport } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { readingChanges, type ReadingChange, type ReadingKey } from '../report/packReadings';
import { sentence, type Sentence } from '../units/sentence';
import { describeChange } from './describeChange';
import { packChanges } from './whatIf';

/** Changes that are offered at once. */
const MAX_OFFERED = 3;
/** A gain below this share of the distance to a limit is not worth a press (calibrated). */
const WORTH_IT = 0.1;
/** Headroom that a hang-on-back should have while clean, m (calibrated: room to clog). */
const ENOUGH_HEADROOM = 0.015;
/** Most figures named for a change, gained and lost. */
const MAX_GAINS = 2;
const MAX_LOSSES = 1;

/** One change that a press can make, with what it gains and what it costs. */
export interface OfferedChange {
  readonly what: Sentence;
  readonly edit: PackEdit;
  /** Urgent findings and those to check that are gone after it, less those that are new. */
  readonly urgentFewer: number;
  readonly checkFewer: number;
  readonly gains: readonly ReadingChange[];
  readonly losses: readonly ReadingChange[];
}

/** Which way a figure is better: 1 more, −1 less; figures left out are neither. */
const BETTER_DIRECTION: Readonly<Partial<Record<ReadingKey, 1 | -1>>> = {
  flow: 1,
  headroom: 1,
  leastPassThrough: 1,
  overfill: -1,
  leastCover: 1,
  fines: -1,
  clearing: -1,
  biologicalSurface: 1,
};

/**
 * The best changes that hands can make to a pack: remedies of findings, and small changes of its layers. Ranked by
 * urgent findings that go, then by findings to check that go, then by the gain as a share of what is missing to a
 * limit. A change that adds an urgent finding, or adds one to check without taking an urgent one away, is not offered.
 *
 * @example bestChanges({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }, evaluatePack({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }))[0] // { urgentFewer: 0, checkFewer: 1 }
 */
export function bestChanges(input: PackInput, report: PackReport): OfferedChange[] {
  const tried = candidates(input, report).flatMap(({ edit, label }) => {
    const layers = applyEdit(input.layers, edit);
    const after = evaluatePack({ ...input, layers });
    const what =
      describeChange(input.filter, input.layers, layers) ?? (label === null ? null : sentence`${label}`);
    if (what === null) return [];
    const urgentFewer = count(report, 'urgent') - count(after, 'urgent');
    const checkFewer = count(report, 'check') - count(after, 'check');
    const gain = gainOf(input, report, after);
    const harms = urgentFewer < 0 || (checkFewer < 0 && urgentFewer === 0);
    if (harms || (urgentFewer === 0 && checkFewer === 0 && gain < WORTH_IT)) return [];
    return [{ what, edit, urgentFewer, checkFewer, gain, after, mends: mended(report, after) }];
  });
  tried.sort(
    (a, b) =>
      b.urgentFewer - a.urgentFewer || b.checkFewer - a.checkFewer || rounded(b.gain) - rounded(a.gain),
  );
  const offered: typeof tried = [];
  for (const item of tried) {
    if (offered.length === MAX_OFFERED) break;
    // Another way to the same end is no second offer.
    const isSame = offered.some(
      (other) => said(other.what) === said(item.what) || (item.mends !== '' && item.mends === other.mends),
    );
    const smallTwin = item.mends === '' && offered.some((other) => other.mends === '');
    if (!isSame && !smallTwin) offered.push(item);
  }
  return offered.map(({ what, edit, urgentFewer, checkFewer, after }) => ({
    what,
    edit,
    urgentFewer,
    checkFewer,
    ...toldOf(report, after),
  }));
}

interface Candidate {
  readonly edit: PackEdit;
  /** What to call it where its pieces are too many to be named. */
  readonly label: string | null;
}

function candidates(input: PackInput, report: PackReport): Candidate[] {
  const remedies = report.findings.flatMap(({ remedy, level }) =>
    remedy === undefined || level === 'note' ? [] : [{ edit: remedy.edit, label: remedy.label }],
  );
  const overfill = (chamber: string): number =>
    report.chambers.find(({ chamberId }) => chamberId === chamber)?.overfill ?? 0;
  // What stands above a stop is trimmed by as much as that, and not by a round centimetre.
  const isTrim = (edit: PackEdit): boolean =>
    edit.type === 'set' &&
    edit.change.thickness !== undefined &&
    overfill(input.layers.find(({ id }) => id === edit.layerId)?.chamber ?? '') > 0;
  const small = packChanges(input, report).flatMap(({ edit }) =>
    edit === undefined || isTrim(edit) ? [] : [{ edit, label: null }],
  );
  const trims = input.layers.flatMap((layer): Candidate[] => {
    const { id, thickness, chamber } = layer;
    const over = overfill(chamber);
    return canBeSized(mediumOf(layer)) && over > 0 && thickness > 2 * over
      ? [{ edit: { type: 'set', layerId: id, change: { thickness: thickness - over } }, label: null }]
      : [];
  });
  return [...remedies, ...trims, ...small];
}

const count = ({ findings }: PackReport, level: FindingLevel): number =>
  findings.filter((finding) => finding.level === level).length;

/** Gains that differ by less than a quarter of the way to a limit count as equal: the first, the smaller change, wins. */
const rounded = (gain: number): number => Math.round(4 * gain);

const said = (what: Sentence): string => JSON.stringify(what);

/** The findings that are gone, as one text; empty where none is. */
function mended(before: PackReport, after: PackReport): string {
  const left = new Set(after.findings.map(findingIdentity));
  return before.findings
    .filter((finding) => finding.level !== 'note' && !left.has(findingIdentity(finding)))
    .map(findingIdentity)
    .join(';');
}

/** How far a change goes towards the limits that the pack misses, 1 for each that it reaches; what it loses counts against it. */
function gainOf({ tank }: PackInput, before: PackReport, after: PackReport): number {
  const band = turnoverBand(before.sizing.tankVolume, tank.animals);
  // Of what is missing to the limit; where it is met, what the change takes below it again.
  const share = (from: number, to: number, limit: number): number =>
    from < limit
      ? (Math.min(to, limit) - from) / (limit - from)
      : Math.min(0, (to - limit) / Math.max(Math.abs(limit), 1e-3));
  const headroom = (report: PackReport): number => report.water.level?.headroom ?? ENOUGH_HEADROOM;
  return (
    share(before.leastPassThrough ?? 1, after.leastPassThrough ?? 1, PASS_THROUGH_GOAL) +
    share(headroom(before), headroom(after), ENOUGH_HEADROOM) +
    share(before.predictedTurnover, after.predictedTurnover, band.low) +
    share(-before.totals.overfill, -after.totals.overfill, 0)
  );
}

/** The figures that a change moves most for the better and for the worse. */
function toldOf(before: PackReport, after: PackReport): Pick<OfferedChange, 'gains' | 'losses'> {
  const moved = readingChanges(before, after).flatMap((change) => {
    const better = BETTER_DIRECTION[change.key];
    if (better === undefined || change.before === null || change.after === null) return [];
    const [from, to] = [change.before.si, change.after.si];
    const by = (better * (to - from)) / Math.max(Math.abs(from), Math.abs(to));
    return [{ change, by }];
  });
  const of = (way: 1 | -1, most: number): ReadingChange[] =>
    moved
      .filter(({ by }) => by * way > 0)
      .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
      .slice(0, most)
      .map(({ change }) => change);
  return { gains: of(1, MAX_GAINS), losses: of(-1, MAX_LOSSES) };
}
