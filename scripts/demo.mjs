/** `npm run demo`: packages, build, database and demo data, then the application on 127.0.0.1. */
import { build, installPackages, run, say } from './setup.mjs';

const port = process.env.PORT ?? '3000';

await installPackages();
await build();
say(`Elvane with demo data: http://127.0.0.1:${port}  (Ctrl C stops it)`);
process.exit(
  await run(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', port], {
    ELVANE_DEMO: '1',
    ELVANE_DB_URL: process.env.ELVANE_DB_URL ?? 'file:data/demo.db',
    NEXT_TELEMETRY_DISABLED: '1',
  }),
);
