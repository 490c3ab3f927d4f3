import { giveWayBack } from './commands/way-back';
import { connect } from './db/connection';

/** For whoever runs the server: codes for somebody who has forgotten the passphrase. The email is the one argument. */
async function letIn([email]: readonly string[]): Promise<void> {
  const { DATABASE_URL: url = '', EARLY_THAW_SECRET: secret = '' } = process.env;
  const db = connect(url.replace(/^mariadb:/, 'mysql:'));
  try {
    const ways = await giveWayBack(db, email ?? '', secret);
    if (ways.length === 0) throw new Error(`Nobody with the email ${email} has an account here.`);
    for (const { household, code } of ways) process.stdout.write(`  ${household}: ${code}\n`);
  } finally {
    await db.destroy();
  }
}

letIn(process.argv.slice(2)).catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
