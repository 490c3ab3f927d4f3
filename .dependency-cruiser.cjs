/**
 * The layout draws the architecture: imports point inward, folders are layers, and nothing runs in a circle, folders
 * included. A layer may import those that stand before it in its list, and nothing else of the same part.
 */

const TESTS = '(\\.test\\.ts$|/testing/|/examples/)';
const from = (path, not = TESTS) => ({ path, ...(not && { pathNot: not }) });

/** Folders of the core, the innermost first. */
const CORE = [
  'basics',
  'home',
  'catalogue',
  'plan',
  'clean',
  'learning',
  'furnish',
  'laundry',
  'people',
  'machines',
  'household',
  'products',
  'estimate',
  'scope',
  'work',
  'spread',
  'steering',
  'order',
  'safety',
  'supplies',
  'record',
  'problem',
  'forecast',
  'almanac',
  'day',
  'what-if',
  'formats',
];

/** Folders of what spreads the work, the innermost first. */
const SPREAD = ['model', 'cost', 'check', 'draft', 'dispatch', 'search', 'words'];

/** Folders of the server, the innermost first; what lies in none of them may import all. */
const SERVER = [
  'process',
  'mail',
  'news',
  'db',
  'access',
  'repositories',
  'household',
  'planning',
  'commands',
  'machines',
  'calendar',
];

/** Folders of what pages, tables and calendars say. */
const PRESENT = [
  'offline',
  'words',
  'access',
  'forms',
  'catalogue',
  'files',
  'aim',
  'people',
  'walk',
  'scope',
  'hours',
  'order',
  'supplies',
  'day',
  'calendar',
  'spread',
  'week',
  'forecast',
  'what-if',
  'almanac',
  'record',
  'paper',
];

/** Folders of the interface: what all screens share, then a folder a screen; screens do not lean on each other. */
const UI = ['theme', 'state', 'parts', 'forms', 'charts'];

/** One rule a layer: it knows nothing of those outside it. */
function layers(part, folders) {
  return folders.slice(0, -1).map((folder, i) => ({
    name: `${part}-${folder}-is-inside`,
    severity: 'error',
    from: from(`^${part}/${folder}/`),
    to: { path: `^${part}/(${folders.slice(i + 1).join('|')})/` },
  }));
}

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...layers('core', CORE),
    ...layers('core/spread', SPREAD),
    {
      name: 'spread-has-one-door',
      severity: 'error',
      comment: 'What spreads the work has an inside; index.ts says what others may use of it.',
      from: from('^(?!core/spread/)', `${TESTS}|^scripts/`),
      to: { path: '^core/spread/', pathNot: '^core/spread/index\\.ts$' },
    },
    ...layers('server', SERVER),
    ...layers('present', PRESENT),
    {
      name: 'server-layers-know-nothing-of-what-stands-above-them',
      severity: 'error',
      from: from(`^server/(${SERVER.join('|')})/`, `${TESTS}|^server/db/migrations/`),
      to: { path: '^server/[^/]+\\.ts$', pathNot: '^server/(database|demo)\\.ts$' },
    },
    ...['core', 'server', 'present'].map((part) => ({
      name: `every-folder-of-${part}-is-a-layer`,
      severity: 'error',
      comment: 'A new folder has its place in the list of its part.',
      from: {},
      to: {
        path: `^${part}/[^/]+/`,
        pathNot: `^${part}/(${{ core: CORE, server: SERVER, present: PRESENT }[part].join('|')}|testing)/`,
      },
    })),
    ...layers('ui', UI),
    {
      name: 'shared-parts-of-the-interface-know-no-screen',
      severity: 'error',
      from: from(`^ui/(${UI.join('|')})/`),
      to: { path: '^ui/', pathNot: `^ui/(${UI.join('|')})/` },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment:
        'The core imports nothing outside itself but zod and small pure libraries; its tests may use the demo household and their tools.',
      from: from('^core/', '\\.test\\.ts$'),
      to: {
        pathNot: [
          '^core/',
          '^node_modules/(zod|papaparse|ical\\.js|windows-iana|suncalc|read-excel-file|fastest-levenshtein)/',
        ],
      },
    },
    {
      name: 'present-sees-only-core',
      severity: 'error',
      comment: 'Models and words are pure: no React, no database.',
      from: from('^present/'),
      to: { pathNot: ['^core/', '^present/', '^node_modules/(zod|ical\\.js)/'] },
    },
    {
      name: 'ui-sees-only-present-and-core',
      severity: 'error',
      from: from('^ui/'),
      to: { path: '^(app|server|cli|scripts|demo)/' },
    },
    {
      name: 'server-sees-only-core',
      severity: 'error',
      from: from('^server/'),
      to: { path: '^(app|ui|present|cli|scripts)/', pathNot: '^present/calendar/' },
    },
    {
      // And which pages a phone keeps, on which the page and its worker have to agree.
      name: 'workers-see-only-core',
      severity: 'error',
      from: from('^workers/'),
      to: { path: '^(app|ui|present|server|cli|scripts|demo)/', pathNot: '^present/offline/' },
    },
    {
      name: 'app-is-outermost',
      severity: 'error',
      from: from('^(core|present|server|ui|workers|cli|demo)/'),
      to: { path: '^app/' },
    },
    {
      name: 'app-asks-the-server-for-data',
      severity: 'error',
      from: from('^app/'),
      to: { path: '^(cli|scripts|demo|workers)/' },
    },
    {
      name: 'only-server-reaches-the-database',
      severity: 'error',
      from: from('^(app|ui|present|core|cli|demo|workers)/'),
      to: { path: '^node_modules/(knex|mysql2)/' },
    },
    {
      name: 'programs-stay-outside',
      severity: 'error',
      from: from('^(core|present|ui|app|server|workers|demo)/'),
      to: { path: '^(cli|scripts|e2e)/' },
    },
    { name: 'nothing-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)\\.(next|build|data)/|^ui/theme/made/|^vitest\\.d\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
