import type { NextConfig } from 'next';

const config: NextConfig = {
  // Two builds may stand side by side: the demo's and the tests'.
  distDir: process.env.LOYAL_COIL_DIST ?? '.next',
  serverExternalPackages: [
    '@node-rs/argon2',
    'better-auth',
    'jsmodbus',
    'knex',
    'pg',
    'pg-boss',
    'pdfkit',
    'piscina',
    'prom-client',
    'sharp',
    'tesseract.js',
  ],
  poweredByHeader: false,
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'x-content-type-options', value: 'nosniff' },
        { key: 'referrer-policy', value: 'no-referrer' },
        { key: 'permissions-policy', value: 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()' },
        { key: 'cross-origin-opener-policy', value: 'same-origin' },
      ],
    },
  ],
  devIndicators: false,
  // Types and lint are checked by their own commands; building twice as long gains nothing.
  typescript: { ignoreBuildErrors: true },
};

export default config;
