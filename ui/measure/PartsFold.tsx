'use client';
import { useWords } from '../fields/UnitsProvider';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { EQUIPMENT_WORDS, SIDES } from './equipmentWords';
import type { FilterPart } from './filterPart';

// Loaded once the fold is opened, or a little after the sheet stands.
const PartsFields = lazyPart(() => import('./PartsFields').then((module) => module.PartsFields));

/** What the body has or has not, and its measures from outside. */
export function PartsFold({ filter, onChange }: FilterPart) {
  const words = useWords();
  usePreload(PartsFields);
  const { outside, equipment } = filter;
  const length = (si: number): string => words.show({ kind: 'length', si });
  const has = equipment.map((item) => EQUIPMENT_WORDS[item]).join(', ');
  return (
    <CollapsibleSection
      title="Parts and body"
      says={`${has === '' ? 'no taps, heater or lamp' : has}${outside === null ? '' : `; ${SIDES.map((side) => length(outside[side])).join(' × ')} outside`}`}
    >
      <PartsFields filter={filter} onChange={onChange} />
    </CollapsibleSection>
  );
}
