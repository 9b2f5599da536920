'use client';
import { FaultSheet } from '@/ui/troubles/FaultSheet';

/** Shown when a sheet cannot be drawn. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return <FaultSheet error={error} onRetry={reset} />;
}
