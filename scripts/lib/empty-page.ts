import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { freePort } from './ports.mjs';
import { end, identityOf } from './processes.mjs';
import { root } from './root.mjs';

/** An empty page of the same framework: what every page costs before anything of this product is on it. */

const FILES: Readonly<Record<string, string>> = {
  'package.json': '{ "private": true, "type": "module" }\n',
  'next.config.mjs': 'export default { turbopack: { root: import.meta.dirname } };\n',
  'app/layout.jsx':
    'export default function Layout({ children }) {\n  return <html lang="en"><body>{children}</body></html>;\n}\n',
  'app/page.jsx':
    "export const dynamic = 'force-dynamic';\nexport default function Page() {\n  return <main><h1>Empty</h1></main>;\n}\n",
};

const ANSWER_SECONDS = 30;

export async function startEmptyPage(): Promise<{
  readonly base: string;
  readonly stop: () => Promise<void>;
}> {
  const folder = join(root, '.build', 'empty-page');
  mkdirSync(join(folder, 'app'), { recursive: true });
  for (const [name, text] of Object.entries(FILES)) writeFileSync(join(folder, name), text);
  // Packages of its own, as links to the same files: what it finds above it would be this product's.
  if (!existsSync(join(folder, 'node_modules')))
    spawnSync('cp', ['-al', join(root, 'node_modules'), join(folder, 'node_modules')]);
  const next = join(folder, 'node_modules', 'next', 'dist', 'bin', 'next');
  const env = { ...process.env, NODE_ENV: 'production' as const, NEXT_TELEMETRY_DISABLED: '1' };
  const built = spawnSync(process.execPath, [next, 'build'], { cwd: folder, env, encoding: 'utf8' });
  if (built.status !== 0)
    throw new Error(`The empty page could not be built.\n${built.stdout}${built.stderr}`);
  const port = await freePort();
  const child = spawn(process.execPath, [next, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: folder,
    env,
    stdio: 'ignore',
    detached: true,
  });
  const base = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < ANSWER_SECONDS * 10; tries++) {
    if (await fetch(base).catch(() => undefined)) break;
    await pause(100);
  }
  const stop = async () => {
    if (child.pid !== undefined) await end(identityOf(child.pid));
  };
  return { base, stop };
}
