import { useWords } from '../fields/Habits';
import type { OutlookWork } from './useOutlook';

/** How far the newest entries are worked into the forecast. */
export function OutlookProgress({ done, failed }: Pick<OutlookWork, 'done' | 'failed'>) {
  const words = useWords();
  return (
    <p role="status" className="quiet">
      {done !== null
        ? `Working the newest entries into the forecast: ${words.show({ kind: 'share', si: done })}.`
        : failed
          ? 'The newest entries could not be worked in: load the page again to try once more.'
          : ''}
    </p>
  );
}
