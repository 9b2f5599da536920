'use client';
import Button from '@mui/material/Button';
import { useWords } from '../fields/Habits';
import type { OutlookWork } from './useOutlook';

/** How far the newest entries are worked into the forecast; what is shown meanwhile is the last answer. */
export function OutlookProgress({ state, done, failed, retry }: OutlookWork) {
  const words = useWords();
  const what = state.outlook === null ? 'The forecast' : 'A newer forecast';
  return (
    <div role="status" className="quiet">
      {done !== null ? (
        <p>
          {what} is being worked out: {words.show({ kind: 'share', si: done })}.
          {state.outlook === null ? '' : ' Until then this is the last one.'}
        </p>
      ) : failed ? (
        <p>
          {what} could not be worked out.{' '}
          <Button variant="text" onClick={retry}>
            Try again
          </Button>
        </p>
      ) : null}
    </div>
  );
}
