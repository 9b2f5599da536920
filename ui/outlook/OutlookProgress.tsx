'use client';
import Button from '@mui/material/Button';
import { useWords } from '../fields/UnitsProvider';
import type { OutlookWork } from './useOutlook';

/** How far the newest entries are worked into the forecast; what is shown meanwhile is the last answer. */
export function OutlookProgress({ state, done, failed, retry }: OutlookWork) {
  const words = useWords();
  const isFirst = state.outlook === null;
  return (
    <div role="status" className="quiet">
      {done !== null ? (
        <p>
          {isFirst ? 'Working out the forecast' : 'Updating the forecast'}:{' '}
          {words.show({ kind: 'share', si: done })}.{isFirst ? '' : ' Until then you see the last one.'}
        </p>
      ) : failed ? (
        <p>
          The forecast could not be {isFirst ? 'worked out' : 'updated'}.{' '}
          <Button variant="text" onClick={retry}>
            Try again
          </Button>
        </p>
      ) : null}
    </div>
  );
}
