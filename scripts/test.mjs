// npm test: installs what is missing, then every check and every suite, and one line at the end.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNodePackages } from './lib/packages.mjs';
import { root } from './lib/root.mjs';
import { fail, stage } from './lib/stage.mjs';

const bin = (...path) => join(root, 'node_modules', ...path);

/** Checks that count as one each. */
const CHECKS = [
  ['Format and lint', [bin('@biomejs', 'biome', 'bin', 'biome'), 'check', '.']],
  ['Types', [bin('typescript', 'bin', 'tsc'), '--noEmit', '--incremental', 'false']],
  ['Dependency rules', [join(root, 'scripts', 'check-dependencies.mjs')]],
];

const SUITES = [
  ['Unit tests', 'unit'],
  ['Integration tests', 'integration'],
  ['The interface in a browser', 'e2e'],
];

const totals = { passed: 0, failed: 0 };

try {
  await stage('Debian packages', () => ensureDebianPackages());
  await stage('Packages from npm', ensureNodePackages);
  const { ensureStyles, ensureBuild } = await import('./lib/application.mjs');
  await stage('Styles', ensureStyles);
  for (const [title, command] of CHECKS) add(await stage(title, () => check(command)));
  for (const [title, project] of SUITES) {
    if (project === 'e2e') await stage('Application', ensureBuild);
    add(await stage(title, () => suite(project)));
  }
} catch (error) {
  fail(error);
  totals.failed += 1;
}
process.stdout.write(`${totals.passed} passed, ${totals.failed} failed\n`);
process.exitCode = totals.failed > 0 ? 1 : 0;

function add({ passed, failed }) {
  totals.passed += passed;
  totals.failed += failed;
}

function check(command) {
  const result = run(command);
  if (result.status === 0) return { passed: 1, failed: 0 };
  process.stdout.write(`\n${result.stdout}${result.stderr}\n`);
  return { passed: 0, failed: 1 };
}

function suite(project) {
  const report = join(root, '.test', `${project}.json`);
  mkdirSync(join(root, '.test'), { recursive: true });
  rmSync(report, { force: true });
  const result = run([
    bin('vitest', 'vitest.mjs'),
    'run',
    '--project',
    project,
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${report}`,
  ]);
  const found = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 };
  // A suite that breaks before its first test counts as a failure too.
  const failed = found.numFailedTests === 0 && result.status !== 0 ? 1 : found.numFailedTests;
  if (failed > 0) process.stdout.write(`\n${result.stdout}${result.stderr}\n`);
  return { passed: found.numPassedTests, failed };
}

function run(command) {
  return spawnSync(process.execPath, command, {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 256 * 1024 * 1024,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
}
