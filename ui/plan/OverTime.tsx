'use client';
import type { ComponentProps } from 'react';
import { ForecastRows } from '../time/ForecastRows';
import { ServicePlanFold } from '../time/ServicePlanFold';
import { NotchFold } from './NotchFold';

interface Props {
  readonly rows: ComponentProps<typeof ForecastRows>;
  readonly plan: ComponentProps<typeof ServicePlanFold>;
  readonly notch: ComponentProps<typeof NotchFold>;
}

/** What time does to a pack, and what can be planned for it. */
export function OverTime({ rows, plan, notch }: Props) {
  return (
    <>
      <dl>
        <ForecastRows {...rows} />
      </dl>
      <ServicePlanFold {...plan} />
      <NotchFold {...notch} />
    </>
  );
}
