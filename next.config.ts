import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  // What is read on this machine, or its own network, is not worth packing anew for every page.
  compress: false,
  // Types are checked by `npm run types`, over the tests as well; checking twice only costs time.
  typescript: { ignoreBuildErrors: true },
  agentRules: false,
  serverExternalPackages: [
    'pdfkit',
    'fontkit',
    'drizzle-orm',
    '@libsql/client',
    '@resvg/resvg-js',
    'pino',
    'piscina',
    'heic-decode',
    'pdfjs-dist',
  ],
};

export default config;
