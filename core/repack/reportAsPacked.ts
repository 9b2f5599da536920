import { SHEET_TOLERANCE } from '../practice/handTolerances';
import type { Finding } from '../findings/finding';
import { findingIdentity } from '../findings/findingIdentity';
import type { Filter } from '../filter/filter';
import { fittedThickness } from '../job/fittedThickness';
import type { PackedStep } from '../job/job';
import type { Layer } from '../layers/layer';
import { type Surroundings } from '../report/surroundings';
import { evaluatePack, type PackReport } from '../report/evaluatePack';

/** The pack as it went in, held against the plan. */
export interface AsItWentIn {
  /** What is in so far as it went in, and the rest as planned. */
  readonly layers: readonly Layer[];
  readonly report: PackReport;
  /** Layers that differ from the plan. */
  readonly differing: readonly string[];
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
 * @param plan the report of the plan
 * @param found layers that were in the filter until now; none at a first pack
 */
export function reportAsPacked(
  filter: Filter,
  planned: readonly Layer[],
  packed: readonly PackedStep[],
  plan: PackReport,
  around: Surroundings,
  found: readonly Layer[],
): AsItWentIn {
  const steps = new Map(packed.map((step) => [step.layerId, step]));
  const layers = planned.map((layer) => {
    const step = steps.get(layer.id);
    return step === undefined ? layer : { ...layer, thickness: fittedThickness(filter, layer, step) };
  });
  const differing = planned
    .filter((layer, index) => Math.abs((layers[index]?.thickness ?? 0) - layer.thickness) > SHEET_TOLERANCE)
    .map(({ id }) => id);
  const report =
    differing.length === 0 ? plan : evaluatePack({ ...around, filter, layers, flow: null, found });
  const known = new Set(plan.findings.map(findingIdentity));
  const fresh = report.findings.filter(
    (finding) => finding.level !== 'note' && !known.has(findingIdentity(finding)),
  );
  const share = (now: number, then: number): number | null => (then > 0 ? now / then : null);
  return {
    layers,
    report,
    differing,
    fresh,
    holds: fresh.length === 0,
    flowShare: share(report.water.flow, plan.water.flow),
    surfaceShare: share(report.totals.biologicalSurface, plan.totals.biologicalSurface),
  };
}
