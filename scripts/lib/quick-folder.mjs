import { accessSync, constants, mkdtempSync, statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const IN_MEMORY = '/dev/shm';
const ENOUGH_BYTES = 2 ** 31;

/** A throw-away folder for tests, in memory where there is room: nothing in it has to outlive the machine. */
export function quickFolder(name) {
  return mkdtempSync(join(hasRoom(IN_MEMORY) ? IN_MEMORY : tmpdir(), `early-thaw-${name}-`));
}

function hasRoom(folder) {
  try {
    accessSync(folder, constants.W_OK);
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize > ENOUGH_BYTES;
  } catch {
    return false;
  }
}
