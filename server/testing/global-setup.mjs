// A throw-away MariaDB on loopback for the integration tests.
import { rmSync } from 'node:fs';
import { bundled } from '../../scripts/lib/bundle.mjs';
import { startMariaDb } from '../../scripts/lib/mariadb.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { quickFolder } from '../../scripts/lib/quick-folder.mjs';

export default async function setup({ provide }) {
  const folder = quickFolder('db');
  const database = await startMariaDb({
    folder,
    port: await freePort(),
    databases: 'early\\_thaw%',
  });
  await bundled('plan-worker');
  await bundled('file-worker');
  provide('databaseUrl', database.url);
  return async () => {
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
