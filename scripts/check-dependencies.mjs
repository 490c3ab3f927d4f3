// Holds the rules of .dependency-cruiser.cjs, and sees to it that there was something to hold them against.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './lib/root.mjs';

const LEAST_MODULES = 100;
const FOLDERS = ['app', 'cli', 'core', 'demo', 'server', 'ui', 'workers', 'proxy.ts'];

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
const { summary } = JSON.parse(result.stdout);
for (const violation of summary.violations)
  process.stdout.write(`${violation.rule.name}: ${violation.from} → ${violation.to}\n`);
if (summary.totalCruised < LEAST_MODULES)
  process.stdout.write(`Only ${summary.totalCruised} modules were read; the rules were not really tried.\n`);
process.exitCode = summary.violations.length > 0 || summary.totalCruised < LEAST_MODULES ? 1 : 0;
if (process.exitCode === 0)
  process.stdout.write(`${summary.totalCruised} modules, every import points inward\n`);
