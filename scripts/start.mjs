/** `npm start`: the built application on 127.0.0.1 with its own database, no demo data. */
process.env.NODE_ENV = 'production';
process.env.NEXT_TELEMETRY_DISABLED = '1';
const { serve } = await import('./serve.mjs');
await serve(process.env.PORT ?? '3000');
