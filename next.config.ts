import type { NextConfig } from 'next';

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
  // Types are checked by npm test; a build has to be quick.
  typescript: { ignoreBuildErrors: true },
  turbopack: {
    root: process.cwd(),
    resolveAlias: { '@mui/material/SvgIcon': './ui/parts/svg-icon.tsx' },
  },
};

export default config;
