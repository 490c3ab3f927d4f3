import type { NextConfig } from 'next';

/** On every answer; what pages may run is said in proxy.ts, by the answer's own nonce. */
const HEADERS = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'same-origin' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=()' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
];
/** What a phone sends and hears of a day is no page: it goes past the proxy, which copies all that it looks at. */
const NO_PAGE = [{ key: 'Content-Security-Policy', value: "default-src 'none'; frame-ancestors 'none'" }];

const config: NextConfig = {
  serverExternalPackages: [
    'knex',
    'mysql2',
    'piscina',
    '@node-rs/argon2',
    'pino',
    'rotating-file-stream',
    'bullmq',
    'ioredis',
  ],
  poweredByHeader: false,
  reactStrictMode: true,
  headers: async () => [
    { source: '/:path*', headers: HEADERS },
    ...['events', 'stream', 'file/:date', 'moved/:wish'].map((what) => ({
      source: `/api/day/${what}`,
      headers: NO_PAGE,
    })),
  ],
  // Types are checked by npm test; a build has to be quick.
  typescript: { ignoreBuildErrors: true },
  turbopack: {
    root: process.cwd(),
    rules: {
      '*.tsx': {
        condition: { all: [{ not: 'foreign' }, { content: /\bcss\(/ }] },
        loaders: ['./scripts/lib/write-out-styles.mjs'],
      },
    },
    resolveAlias: { '@mui/material/SvgIcon': './ui/parts/svg-icon.tsx' },
  },
};

export default config;
