'use client';
import Button from '@mui/material/Button';

/** Shown when a page cannot be drawn. What was saved is safe; the reason stands in the server's output. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <main style={{ padding: '48px 20px', maxWidth: 640 }}>
      <h1 className="title">This sheet could not be drawn.</h1>
      <p>
        What was saved is safe. Try again; if it stays, look at what the app printed where it was started
        {error.digest === undefined ? '' : ` (mark ${error.digest})`}.
      </p>
      <p style={{ marginTop: 12 }}>
        <Button variant="contained" onClick={reset}>
          Try again
        </Button>
      </p>
    </main>
  );
}
