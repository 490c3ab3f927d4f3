import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from '../../server/db/connection';
import { ensureBuild, prepareDatabase, startApplication } from './application.mjs';
import { startMariaDb } from './mariadb.mjs';
import { freePort } from './ports.mjs';

/** The whole application beside a database of its own, at a time of its own where one is given, `YYYY-MM-DDTHH:mm`; gone when stopped. */
export async function throwAwayApplication(now?: string, more: Readonly<Record<string, string>> = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'early-thaw-bench-'));
  const port = await freePort();
  ensureBuild();
  const mariadb = await startMariaDb({ folder, port: await freePort() });
  const env = {
    DATABASE_URL: mariadb.url,
    EARLY_THAW_SECRET: mariadb.secret,
    ...(now === undefined ? {} : { EARLY_THAW_NOW: now }),
    LOG_LEVEL: 'silent',
    // All of them come from one address.
    EARLY_THAW_PATIENCE: '1000',
    ...more,
  };
  await prepareDatabase(env);
  const application = await startApplication({ port, env });
  const db = connect(mariadb.url);
  const stop = async () => {
    await db.destroy();
    await application.stop();
    await mariadb.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { base: `http://127.0.0.1:${port}`, pid: application.pid, db, secret: mariadb.secret, stop };
}
