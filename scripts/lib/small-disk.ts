import { spawnSync } from 'node:child_process';
import { closeSync, openSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';

const SIZE_MB = 900;
const PIECE = Buffer.alloc(1024 * 1024, 1);

/** A folder with a disk of its own, so small that it can be filled. */
export class SmallDisk {
  private constructor(private readonly folder: string) {}

  /** Undefined where this machine does not let us: it takes root. */
  static at(folder: string): SmallDisk | undefined {
    const { status } = spawnSync('mount', [
      '-t',
      'tmpfs',
      '-o',
      `size=${SIZE_MB}m,mode=755`,
      'tmpfs',
      folder,
    ]);
    return status === 0 ? new SmallDisk(folder) : undefined;
  }

  /** Takes all that is left, to the last byte. */
  fill(): void {
    const file = openSync(this.ballast, 'w');
    try {
      for (let length = PIECE.length; length > 0; ) {
        if (hasWritten(file, length)) continue;
        length >>= 1;
      }
    } finally {
      closeSync(file);
    }
  }

  free(): void {
    rmSync(this.ballast, { force: true });
  }

  end(): void {
    spawnSync('umount', ['--lazy', this.folder]);
  }

  private get ballast(): string {
    return join(this.folder, 'ballast');
  }
}

function hasWritten(file: number, length: number): boolean {
  try {
    return writeSync(file, PIECE, 0, length) > 0;
  } catch {
    return false;
  }
}
