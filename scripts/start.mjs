/** `npm start`: the built application on 127.0.0.1 with its own database, no demo data. */
import { run } from './setup.mjs';

const port = process.env.PORT ?? '3000';
process.exit(
  await run(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', port], {
    NEXT_TELEMETRY_DISABLED: '1',
  }),
);
