'use client';
import { useWords } from '../fields/UnitsProvider';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import type { TankPart } from './tankPart';
import { sumOf } from '@/core/maths/sum';

/** Few tanks have any. */
const AirFiltersFields = lazyPart(() =>
  import('./AirFiltersFields').then((module) => module.AirFiltersFields),
);

/** Sponges and boxes that an air pump drives: a film lives in them too. */
export function AirFiltersFold({ tank, onChange }: TankPart) {
  const words = useWords();
  const { airFilters } = tank;
  const media = sumOf(airFilters, ({ volume }) => volume);
  return (
    <CollapsibleSection
      title="Air-driven filters"
      says={
        airFilters.length === 0
          ? 'none'
          : `${airFilters.length === 1 ? '1 filter' : `${airFilters.length} filters`}, ${words.show({ kind: 'volume', si: media })} of media in all`
      }
    >
      <AirFiltersFields tank={tank} onChange={onChange} />
    </CollapsibleSection>
  );
}
