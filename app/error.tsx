'use client';
import { NotDrawnSheet } from '@/ui/troubles/NotDrawnSheet';

/** Shown when a sheet cannot be drawn. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return <NotDrawnSheet error={error} onRetry={reset} />;
}
