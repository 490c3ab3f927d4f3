// The passphrase of a backup: from the surroundings, or asked for without showing it.
import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';
import { Trouble } from './stage.mjs';

const NAME = 'EARLY_THAW_BACKUP_PASSPHRASE';
const LEAST = 10;

/** Throws a sentence where none is given, or one that is too short to keep anything. */
export async function askPassphrase({ twice }) {
  const given = process.env[NAME];
  if (given !== undefined) return fitting(given);
  if (!process.stdin.isTTY)
    throw new Trouble(`Give the passphrase of the backup in ${NAME}, or run this in a terminal.`);
  const passphrase = fitting(await ask('  Passphrase of the backup: '));
  if (twice && (await ask('  Once more: ')) !== passphrase)
    throw new Trouble('The two are not the same. Nothing was written.');
  return passphrase;
}

function fitting(passphrase) {
  if (passphrase.length >= LEAST) return passphrase;
  throw new Trouble(`The passphrase of a backup needs at least ${LEAST} characters.`);
}

async function ask(question) {
  process.stdout.write(question);
  const silent = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = createInterface({ input: process.stdin, output: silent, terminal: true });
  const answer = await lines.question('');
  lines.close();
  process.stdout.write('\n');
  return answer;
}
