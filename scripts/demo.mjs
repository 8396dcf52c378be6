/** `npm run demo`: packages, build, database and demo data, then the application on 127.0.0.1. */
import { build, installPackages, say } from './setup.mjs';

const port = process.env.PORT ?? '3000';

await installPackages();
await build();
say(`Elvane with demo data: http://127.0.0.1:${port}  (Ctrl C stops it)`);
process.env.NODE_ENV = 'production';
process.env.ELVANE_DEMO = '1';
process.env.ELVANE_DB_URL ??= 'file:data/demo.db';
process.env.NEXT_TELEMETRY_DISABLED = '1';
// Only now is there a framework to import.
const { serve } = await import('./serve.mjs');
await serve(port);
