/** Opens the database before the first request, so that a folder in use is said at once and clearly. */
export async function register(): Promise<void> {
  // The build's workers load this too and must never touch anyone's data: only our start scripts set NAVUREN_SERVE.
  if (process.env.NEXT_RUNTIME !== 'nodejs' || process.env.NAVUREN_SERVE !== '1') return;
  const { openAtStart } = await import('./server/startup');
  await openAtStart();
}
