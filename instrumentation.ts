/** Opens the database before the first request, so that a folder in use is said at once and clearly. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { openAtStart } = await import('./server/startup');
  await openAtStart();
}
