'use client';
import type { ComponentProps } from 'react';
import { intakeSponge } from '@/core/filter/intakeSponge';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import type { PortsFields as Fields } from './PortsFields';

/** It is long, and most filters have one intake and one outlet. */
const PortsFields = lazyPart(() => import('./PortsFields').then((module) => module.PortsFields));

/** Where it takes water in and gives it back, and the sponge that guards the way in. */
export function PortsFold(part: ComponentProps<typeof Fields>) {
  const { intakes, outlets } = part.filter;
  const sponge = intakeSponge(part.filter);
  return (
    <CollapsibleSection
      title="Intakes and outlets"
      says={`in ${intakes.map(({ place }) => place).join(', ')}${sponge === null ? '' : ' through a sponge'}; out ${outlets.map(({ place, aim }) => `${place}, ${aim}`).join('; ')}`}
    >
      <PortsFields {...part} />
    </CollapsibleSection>
  );
}
