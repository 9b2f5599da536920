'use client';
import type { ComponentProps } from 'react';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { ForecastRows } from '../time/ForecastRows';
import { ServicePlanFold } from '../time/ServicePlanFold';
import { useHelps } from '../time/useHelps';
import { NotchFold } from './NotchFold';

interface Props {
  readonly rows: Omit<ComponentProps<typeof ForecastRows>, 'helps' | 'stale'>;
  /** The pack as it is forecast: what would help it is tried once this is shown. */
  readonly input: ForecastInput;
  readonly plan: ComponentProps<typeof ServicePlanFold>;
  readonly notch: ComponentProps<typeof NotchFold>;
}

/** What time does to a pack, and what can be planned for it. */
export function OverTime({ rows, input, plan, notch }: Props) {
  const helped = useHelps(input);
  return (
    <>
      <dl>
        <ForecastRows {...rows} {...helped} />
      </dl>
      <ServicePlanFold {...plan} />
      <NotchFold {...notch} />
    </>
  );
}
