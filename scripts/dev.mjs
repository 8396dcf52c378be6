/** `npm run dev`: the application from its sources, rebuilt as they change, behind the same guard as the built one. */
process.env.NEXT_TELEMETRY_DISABLED = '1';
const { serve } = await import('./serve.mjs');
await serve(process.env.PORT ?? '3000', { dev: true });
