import type { ReactNode, Ref } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job, PackedStep } from '@/core/job/job';
import type { Pack } from '@/core/pack/pack';
import type { RepackStep } from '@/core/repack/repackStep';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { StepButtons } from './StepButtons';
import { StepText } from './StepText';
import { StepVessel } from './StepVessel';
import type { RepackSteps } from './useRepackSteps';

const Deviation = lazyPart(() => import('./Deviation').then((module) => module.Deviation));

interface Props {
  readonly repack: RepackSteps;
  readonly step: RepackStep;
  readonly filter: Filter;
  readonly planned: Pack;
  readonly packed: readonly PackedStep[];
  readonly ticks: Job['ticks'];
  readonly canBeDone: boolean;
  readonly isPhone: boolean;
  readonly heading: Ref<HTMLHeadingElement>;
  /** What the pack holds, and how its flow is: shown where a step asks for it. */
  readonly holds: ReactNode;
  readonly flow: ReactNode;
  readonly onList: () => void;
}

/** One step in full: what to do, the filter as it is packed so far, and the buttons. */
export function CurrentStep(props: Props) {
  const { repack, step, filter, planned, packed, ticks, canBeDone, isPhone, heading, holds, flow, onList } =
    props;
  const { steps, at, measures, went, setTick, put, choose } = repack;
  const { layerId } = step;
  usePreload(Deviation);
  return (
    <>
      <StepText {...{ step, at, ticks, setTick, heading }} of={steps.length}>
        {step.asks === 'holds' || went.differing.includes(layerId ?? '') ? holds : null}
        {step.asks === 'flow' ? flow : null}
      </StepText>
      <StepVessel {...{ filter, measures, packed, layerId, isPhone }} layers={planned.layers} />
      <StepButtons
        {...repack}
        {...{ step, canBeDone, isPhone, onList }}
        deviation={
          layerId === null ? null : (
            <Deviation
              key={layerId}
              {...{ filter, layerId, planned }}
              packed={packed.find((one) => one.layerId === layerId)}
              onPut={(changed) => {
                put(changed);
                choose(step.key);
              }}
            />
          )
        }
      />
    </>
  );
}
