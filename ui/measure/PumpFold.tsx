'use client';
import { shutOffHead } from '@/core/filter/shutOffHead';
import { useWords } from '../fields/UnitsProvider';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import type { FilterPart } from './filterPart';

/** Most keepers know the label and no more of it. */
const PumpFields = lazyPart(() => import('./PumpFields').then((module) => module.PumpFields));

const FROM = {
  kind: 'typical for this kind',
  power: 'from its power',
  label: 'from the label',
  curve: 'from its curve',
} as const;

/** The pump: what it lifts, what it draws, how many there are. */
export function PumpFold(part: FilterPart) {
  const { filter } = part;
  const words = useWords();
  const { pump } = filter;
  const head = shutOffHead(filter.kind, pump, filter.labelFlow);
  const lifts = words.show({ kind: 'run', si: head.value });
  return (
    <CollapsibleSection
      title="Pump"
      says={`${filter.pumps > 1 ? `${filter.pumps} pumps; ` : ''}maximum head ${lifts}, ${FROM[head.from]}${pump.power === null ? '' : `; ${words.show({ kind: 'power', si: pump.power })}`}`}
    >
      <PumpFields {...part} />
    </CollapsibleSection>
  );
}
