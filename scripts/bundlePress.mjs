import { build } from 'esbuild';

/** Bundles the press's thread and the process that reads PDFs beside the built application; packages stay where they are. */
await build({
  entryPoints: { worker: 'src/press/worker.ts', pdfChild: 'src/press/review/pdfChild.ts' },
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
