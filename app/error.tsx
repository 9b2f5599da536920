'use client';
import { AppErrorPage } from '@/ui/troubles/AppErrorPage';

/** Shown when a sheet cannot be drawn. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return <AppErrorPage error={error} onRetry={reset} />;
}
