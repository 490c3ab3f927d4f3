// Sees to it that Debian's packages and npm's are there.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';
import { Trouble } from './stage.mjs';

const PROGRAMS = {
  'mariadb-server': ['/usr/sbin/mariadbd', '/usr/bin/mariadb-install-db', '/usr/bin/mariadb'],
  chromium: ['/usr/bin/chromium'],
  'chromium-driver': ['/usr/bin/chromedriver'],
  'redis-server': ['/usr/bin/redis-server'],
  'poppler-utils': ['/usr/bin/pdftotext'],
};

/** Installs the Debian packages of PROGRAMS that are missing, as root or through sudo; otherwise names them. */
export function ensureDebianPackages(names = Object.keys(PROGRAMS)) {
  const missing = names.filter((name) => !PROGRAMS[name].every((path) => existsSync(path)));
  if (missing.length === 0) return 'all there';
  const sudo = sudoPrefix();
  const list = missing.join(' ');
  if (sudo === undefined)
    throw new Trouble(
      `These Debian packages are missing: ${list}. Install them with "apt-get install ${list}" as root, then start again.`,
    );
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  run([...sudo, 'apt-get', 'update', '-qq'], env, 'The list of Debian packages could not be fetched');
  run(
    [...sudo, 'apt-get', 'install', '-y', '-qq', '--no-install-recommends', ...missing],
    env,
    `These Debian packages could not be installed: ${list}`,
  );
  return `installed ${list}`;
}

function sudoPrefix() {
  if (process.getuid?.() === 0) return [];
  return spawnSync('sudo', ['-n', 'true']).status === 0
    ? ['sudo', '-n', '--preserve-env=DEBIAN_FRONTEND']
    : undefined;
}

/** Runs npm ci when the lock file is another than the one that was installed. */
export function ensureNodePackages() {
  const mark = join(root, 'node_modules', '.early-thaw-lock');
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return 'all there';
  run(['npm', 'ci', '--no-audit', '--no-fund'], process.env, 'The packages from npm could not be installed');
  writeFileSync(mark, wanted);
  return 'installed';
}

function run([command, ...args], env, sentence) {
  const result = spawnSync(command, args, {
    cwd: root,
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
    encoding: 'utf8',
  });
  if (result.status === 0) return;
  const last = `${result.stderr ?? ''}`.trim().split('\n').slice(-3).join('\n');
  throw new Trouble(`${sentence}.\n${last}`);
}
