import { build } from 'esbuild';

/** Bundles the press's thread (`src/press/worker.ts`) beside the built application; packages stay where they are. */
await build({
  entryPoints: ['src/press/worker.ts'],
  outdir: '.next/press',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  splitting: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  packages: 'external',
  sourcemap: true,
  logLevel: 'warning',
});
