/** Runs once when the server starts: migrate the database, fill in the demo data where asked for. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { start } = await import('./app/_lib/start');
  await start();
}
