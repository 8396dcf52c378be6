import { build } from 'esbuild';

/**
 * Bundles what runs beside the built application: the press's thread, the process that reads PDFs, and the guard in front of the
 * framework. Packages stay where they are.
 */
await build({
  entryPoints: {
    'press/worker': 'src/press/worker.ts',
    'press/pdfChild': 'src/press/review/pdfChild.ts',
    'guard/guard': 'src/guard/guard.ts',
    'guard/inTurn': 'src/guard/inTurn.ts',
  },
  outdir: '.next',
  outExtension: { '.js': '.mjs' },
  chunkNames: 'press/chunk-[hash]',
  bundle: true,
  splitting: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  packages: 'external',
  sourcemap: true,
  logLevel: 'warning',
});
