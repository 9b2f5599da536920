'use client';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import type { YearOfVisitsProps } from './YearOfVisits';

// Loaded when the fold is opened.
const YearOfVisits = lazyPart(() => import('./YearOfVisits').then((module) => module.YearOfVisits));

/** The visits that are planned, and a year of them worked out from the forecast. */
export function ServicePlanFold(props: YearOfVisitsProps) {
  const { visits } = props;
  return (
    <CollapsibleSection
      title="Service plan"
      says={
        visits.length === 0
          ? 'no visits planned'
          : `${visits.length} ${visits.length === 1 ? 'visit' : 'visits'} planned, the first on day ${Math.min(...visits.map(({ day }) => day))}`
      }
    >
      <YearOfVisits {...props} />
    </CollapsibleSection>
  );
}
