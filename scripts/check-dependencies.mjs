// Holds the rules of .dependency-cruiser.cjs and that no folders run in a circle, and sees to it that there was something
// to hold them against.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { root } from './lib/root.mjs';

const LEAST_MODULES = 100;
const PARTS = ['app', 'core', 'present', 'server', 'ui', 'workers'];
const FOLDERS = [...PARTS, 'cli', 'demo', 'instrumentation.ts', 'proxy.ts'];
/** Where a program is started by its address, which no import says. */
const BY_ADDRESS = /new URL\(\s*'([^']+\.ts)',\s*import\.meta\.url/g;
/** Who may start what by its address. */
const MAY_START = [/^ui\/.* → workers\//];

const cruiser = join(root, 'node_modules', 'dependency-cruiser', 'bin', 'dependency-cruise.mjs');
const result = spawnSync(
  process.execPath,
  [cruiser, '--config', '.dependency-cruiser.cjs', '--output-type', 'json', ...FOLDERS],
  { cwd: root, encoding: 'utf8', maxBuffer: 256 * 1024 * 1024 },
);
if (!result.stdout) {
  process.stderr.write(result.stderr);
  process.exit(1);
}
const { modules, summary } = JSON.parse(result.stdout);
const own = modules.filter(({ source }) => PARTS.includes(source.split('/')[0]) && !isTest(source));
const started = own.flatMap(({ source }) => startedBy(source));
const arrows = [
  ...own.flatMap(({ source, dependencies }) => dependencies.map(({ resolved }) => [source, resolved])),
  ...started,
];
const faults = [
  ...summary.violations.map((violation) => `${violation.rule.name}: ${violation.from} → ${violation.to}`),
  ...started
    .map(([source, target]) => `${source} → ${target}`)
    .filter((arrow) => !MAY_START.some((allowed) => allowed.test(arrow)))
    .map((arrow) => `started by address: ${arrow}`),
  ...circles(arrows).map((folders) => `folders in a circle: ${folders.join(', ')}`),
  ...(summary.totalCruised < LEAST_MODULES
    ? [`Only ${summary.totalCruised} modules were read; the rules were not really tried.`]
    : []),
];
for (const fault of faults) process.stdout.write(`${fault}\n`);
process.exitCode = faults.length > 0 ? 1 : 0;
if (process.exitCode === 0)
  process.stdout.write(
    `${summary.totalCruised} modules, every import points inward, no folders in a circle\n`,
  );

function isTest(file) {
  return /\.test\.tsx?$|\/testing\/|\/examples\//.test(file);
}

function startedBy(source) {
  const text = readFileSync(join(root, source), 'utf8');
  return [...text.matchAll(BY_ADDRESS)].map(([, to]) => [source, normalize(join(dirname(source), to))]);
}

/** Folders that reach each other: one leads to another and back, by whatever way. */
function circles(list) {
  const next = new Map();
  for (const [source, target] of list) {
    const [a, b] = [folderOf(source), folderOf(target)];
    if (a !== b && PARTS.includes(b.split('/')[0]) && !isTest(target))
      next.set(a, (next.get(a) ?? new Set()).add(b));
  }
  const reach = new Map([...next.keys()].map((folder) => [folder, reachedFrom(folder, next)]));
  const found = new Map();
  for (const [folder, reached] of reach) {
    if (!reached.has(folder)) continue;
    const together = [...reached].filter((other) => reach.get(other)?.has(folder)).sort();
    found.set(together.join(), together);
  }
  return [...found.values()];
}

function reachedFrom(start, next) {
  const seen = new Set();
  const open = [...(next.get(start) ?? [])];
  while (open.length > 0) {
    const folder = open.pop();
    if (seen.has(folder)) continue;
    seen.add(folder);
    open.push(...(next.get(folder) ?? []));
  }
  return seen;
}

/** Folders below those of the first two steps count as part of them: methods are the catalogue's own. */
function folderOf(file) {
  const parts = dirname(file).split('/');
  return (parts[0] === 'app' ? parts : parts.slice(0, 2)).join('/');
}
