'use client';
import { useWords } from '../fields/UnitsProvider';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { lazyPart } from '../frame/lazyPart';
import type { NotchProps } from './NotchOfBench';

// Loaded when the fold is opened.
const NotchOfBench = lazyPart(() => import('./NotchOfBench').then((module) => module.NotchOfBench));

/** The relief notch of a hang-on-back in one line; opened it can be cut. */
export function NotchFold(props: Omit<NotchProps, 'spill'>) {
  const words = useWords();
  const { spill } = props.filter;
  if (spill === null) return null;
  return (
    <CollapsibleSection
      title="Relief notch"
      says={
        spill.notch === null
          ? 'none: if the pack clogs, the water rises'
          : `${words.show({ kind: 'length', si: spill.notch.width })} wide, ${words.show({ kind: 'gap', si: spill.notch.aboveLip })} above the lip`
      }
    >
      <NotchOfBench {...props} spill={spill} />
    </CollapsibleSection>
  );
}
