'use client';

/** Shown when even the frame of the app cannot be drawn; nothing of it is used here. */
export default function GlobalErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: 'sans-serif', padding: 24 }}>
        <h1>The app could not be shown.</h1>
        <p>Everything you saved is safe.</p>
        <p>
          <button type="button" onClick={reset}>
            Try again
          </button>{' '}
          {/* A whole page: the app’s own links need the frame that failed. */}
          {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
          <a href="/">Go to Filters</a>
        </p>
      </body>
    </html>
  );
}
