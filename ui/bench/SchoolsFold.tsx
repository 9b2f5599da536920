'use client';
import type { PackBench } from './usePackBench';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';

// Loaded when the fold is opened.
const SchoolsOfBench = lazyPart(() => import('./SchoolsOfBench').then((module) => module.SchoolsOfBench));

/** The keeper's schools beside the bench: what each question comes to in this filter, and a change answers at once. */
export function SchoolsFold({ bench }: { bench: PackBench }) {
  return (
    <CollapsibleSection title="Where keepers disagree" says="your choices, with the figures for this filter">
      <SchoolsOfBench bench={bench} />
    </CollapsibleSection>
  );
}
