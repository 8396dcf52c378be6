import type { NextConfig } from 'next';

/**
 * Content security policy. 'unsafe-inline' for scripts is what the framework's own inline bootstrap
 * needs; nothing a user uploads is ever rendered as markup.
 */
const CONTENT_SECURITY_POLICY = [
  "default-src 'self'",
  "script-src 'self' 'unsafe-inline'",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  "worker-src 'self'",
  "connect-src 'self'",
  "object-src 'none'",
  "base-uri 'self'",
  "frame-ancestors 'none'",
  "form-action 'self'",
].join('; ');

const config: NextConfig = {
  poweredByHeader: false,
  // Types are checked by `npm run types`, over the tests as well; checking twice only costs time.
  typescript: { ignoreBuildErrors: true },
  agentRules: false,
  serverExternalPackages: ['pdfkit', 'drizzle-orm', '@libsql/client', '@resvg/resvg-js', 'pino', 'piscina'],
  async headers() {
    return [
      {
        source: '/(.*)',
        headers: [
          { key: 'Content-Security-Policy', value: CONTENT_SECURITY_POLICY },
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
