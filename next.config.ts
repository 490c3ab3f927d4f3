import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
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

/** What the names of classes come from: the bundler keeps what it has made of a source until one of these is another. */
const NAMING = [
  'scripts/lib/write-out-styles.mjs',
  ...['css/css.js', 'css/conditions.js', 'helpers.js'].map((name) => `ui/theme/made/${name}`),
];
const naming = createHash('sha256');
for (const file of NAMING) naming.update(existsSync(file) ? readFileSync(file) : '');

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
        loaders: [{ loader: './scripts/lib/write-out-styles.mjs', options: { of: naming.digest('hex') } }],
      },
    },
    resolveAlias: { '@mui/material/SvgIcon': './ui/parts/svg-icon.tsx' },
  },
};

export default config;
