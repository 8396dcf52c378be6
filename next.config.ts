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
  // A photograph of a page, or a scan, comes in whole; the routes have limits of their own.
  experimental: { proxyClientMaxBodySize: '48mb' },
  async headers() {
    return [
      {
        source: '/(.*)',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'Referrer-Policy', value: 'same-origin' },
          // Nothing here asks for any of them; a page that was slipped in could not either.
          {
            key: 'Permissions-Policy',
            value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
          },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
        ],
      },
    ];
  },
};

export default config;
