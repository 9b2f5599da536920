import Button from '@mui/material/Button';

/** Says that there is no forecast, and offers to try again. */
export function FailedForecast({ onRetry }: { onRetry: () => void }) {
  return (
    <p role="alert">
      The forecast could not be worked out. <Button onClick={onRetry}>Try again</Button>
    </p>
  );
}
