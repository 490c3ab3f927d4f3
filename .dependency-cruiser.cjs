/** Imports point inward: app → server → core, ui → core. Nothing runs in a circle. */
const from = (path, not) => ({ path, ...(not && { pathNot: not }) });

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment:
        'The core imports nothing outside itself but zod and small pure libraries; its tests may use the demo household and their tools.',
      from: from('^core/', '\\.test\\.ts$'),
      to: { pathNot: ['^core/', '^node_modules/(zod|papaparse)/'] },
    },
    {
      name: 'ui-sees-only-core',
      severity: 'error',
      from: from('^ui/', '\\.test\\.ts$'),
      to: { path: '^(app|server|cli|workers|scripts|demo)/' },
    },
    {
      name: 'server-sees-only-core',
      severity: 'error',
      from: from('^server/', '^server/testing/'),
      to: { path: '^(app|ui|cli|scripts)/' },
    },
    {
      name: 'only-server-reaches-the-database',
      severity: 'error',
      from: from('^(app|ui|core|cli|demo|workers)/'),
      to: { path: '^node_modules/(knex|mysql2)/' },
    },
    {
      name: 'programs-stay-outside',
      severity: 'error',
      from: from('^(core|ui|app|server|workers|demo)/', '(\\.test\\.ts$|^server/testing/)'),
      to: { path: '^(cli|scripts|e2e)/' },
    },
    { name: 'nothing-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)\\.(next|build|data)/|^vitest\\.d\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
