/** Runs once when the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') {
    const { openAtStart } = await import('./server/openAtStart');
    openAtStart();
  }
}
