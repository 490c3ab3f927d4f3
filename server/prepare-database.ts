import { wallClock } from '../core/basics/wall-clock';
import { DEMO_TIMEZONE } from '../demo/juniper-row';
import { connect } from './db/connection';
import { migrate, NewerDatabase, stepsAhead } from './db/migrations/migrate';
import { insertDemo } from './demo';
import { configFrom } from './process/config';

/** Only says how many steps an upgrade would take on data that is there. */
const LOOK = '--look';

/** Brings a database up to date and puts the demo household into an empty one. One sentence and exit 1 when it can't. */
async function prepare(): Promise<void> {
  const settings = configFrom(process.env);
  const db = connect(settings.databaseUrl);
  try {
    if (process.argv.includes(LOOK)) {
      process.stdout.write(`${(await stepsAhead(db)).length}\n`);
      return;
    }
    const steps = await migrate(db);
    const households = await db('households').first('id');
    if (!households) await insertDemo(db, settings.fixedNow ?? wallClock(Date.now(), DEMO_TIMEZONE));
    process.stdout.write(
      `${steps.length > 0 ? (steps.length === 1 ? '1 step' : `${steps.length} steps`) : 'up to date'}${households ? '' : ', demo household loaded'}\n`,
    );
  } finally {
    await db.destroy();
  }
}

function sentence(error: unknown): string {
  if (error instanceof NewerDatabase) {
    return `The data was written by a newer version of Early Thaw (${error.message}). Use that version, or another data folder. Nothing was changed.`;
  }
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  if (['ECONNREFUSED', 'ETIMEDOUT', 'ENOTFOUND', 'EHOSTUNREACH'].includes(code))
    return 'The database does not answer. Look whether its address is right and whether it is running. Nothing was changed.';
  if (code === 'ER_ACCESS_DENIED_ERROR' || code === 'ER_DBACCESS_DENIED_ERROR')
    return 'The database refuses the user or the password in its address. Nothing was changed.';
  if (code === 'ER_BAD_DB_ERROR')
    return 'The database server is there, but the database in its address is not. Create it and start again.';
  if (code === 'ER_DISK_FULL' || code === 'ER_RECORD_FILE_FULL')
    return 'The disk is full. Make room and start again; what was there is kept.';
  return error instanceof Error ? error.message : String(error);
}

prepare().catch((error: unknown) => {
  process.stderr.write(`${sentence(error)}\n`);
  process.exitCode = 1;
});
