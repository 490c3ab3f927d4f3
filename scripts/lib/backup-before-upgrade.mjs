// Before tables are changed, all that is in them goes into a file beside the data.
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { writeBackup } from './backup-file.mjs';

/** So many are kept; the oldest goes first. */
const MOST_KEPT = 3;

/** Sealed with the secret of the data folder, since nobody is there to be asked; returns where it is. */
export async function backUpBeforeUpgrade(folder, { url, secret }) {
  const kept = join(folder, 'before-upgrades');
  mkdirSync(kept, { recursive: true, mode: 0o700 });
  const name = `${new Date().toISOString().slice(0, 19).replaceAll(':', '')}.backup`;
  await writeBackup({ url, secret, file: join(kept, name), passphrase: secret });
  const old = readdirSync(kept)
    .filter((file) => file.endsWith('.backup'))
    .sort()
    .slice(0, -MOST_KEPT);
  for (const file of old) rmSync(join(kept, file));
  return join('before-upgrades', name);
}
