import type { Finding } from '../findings/finding';
import { findingIdentity } from '../findings/findingIdentity';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import type { WentIn } from './wentIn';

/** The pack as it went in, held against the plan. */
export interface AsPacked {
  /** Findings beside notes that the plan did not have, most serious first. */
  readonly fresh: readonly Finding[];
  /** Nothing that the plan did not have speaks against it. */
  readonly holds: boolean;
  /** Flow and surface for bacteria over those of the plan; null where the plan has none. */
  readonly flowShare: number | null;
  readonly surfaceShare: number | null;
}

/**
 * Judges the pack as it went in: thinner or lighter pieces change flow, fit and surface, and may bring findings that the plan
 * did not have.
 *
 * @param plan what the plan was judged by
 */
export function reportAsPacked({ layers, differing }: WentIn, plan: PackInput): AsPacked {
  const planned = evaluatePack(plan);
  const report = differing.length === 0 ? planned : evaluatePack({ ...plan, layers });
  const known = new Set(planned.findings.map(findingIdentity));
  const fresh = report.findings.filter(
    (finding) => finding.level !== 'note' && !known.has(findingIdentity(finding)),
  );
  const share = (now: number, then: number): number | null => (then > 0 ? now / then : null);
  return {
    fresh,
    holds: fresh.length === 0,
    flowShare: share(report.water.flow, planned.water.flow),
    surfaceShare: share(report.totals.biologicalSurface, planned.totals.biologicalSurface),
  };
}
