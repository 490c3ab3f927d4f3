import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = { '@': fileURLToPath(new URL('.', import.meta.url)).replace(/\/$/, '') };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          // Nothing here has state to keep apart, and loading everything anew for each file takes longer than testing.
          isolate: false,
          pool: 'threads',
          include: [
            'core/**/*.test.ts',
            'cli/**/*.test.ts',
            'demo/**/*.test.ts',
            'present/**/*.test.ts',
            'ui/**/*.test.ts',
            'scripts/**/*.test.ts',
            'workers/**/*.test.ts',
          ],
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'integration',
          env: { EARLY_THAW_PLAN_ROUNDS: '8' },
          globalSetup: ['server/testing/global-setup.mjs'],
          include: ['server/**/*.test.ts', 'app/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'e2e',
          globalSetup: ['e2e/support/global-setup.mjs'],
          include: ['e2e/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          // Two browsers before one application, as it would be in use.
          maxWorkers: 2,
        },
      },
    ],
  },
});
