import { chmodSync, existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Of Debian’s package libfaketime; each kind of processor has its own folder. */
const LIBRARIES = ['x86_64', 'aarch64'].map(
  (kind) => `/usr/lib/${kind}-linux-gnu/faketime/libfaketimeMT.so.1`,
);
/** So long a process goes by what it read last. */
export const NOTICED_MS = 1_500;

/** The clock of the processes that are started with its `env`, which can be moved while they run. */
export class MovedClock {
  private constructor(
    private readonly library: string,
    private readonly folder: string,
  ) {
    // The database may run as somebody else.
    chmodSync(folder, 0o755);
    this.move(0);
  }

  /** Undefined where the library is not there. */
  static begin(): MovedClock | undefined {
    const library = LIBRARIES.find((path) => existsSync(path));
    if (library === undefined) return undefined;
    return new MovedClock(library, mkdtempSync(join(tmpdir(), 'early-thaw-clock-')));
  }

  get env(): Record<string, string> {
    return {
      LD_PRELOAD: this.library,
      FAKETIME_TIMESTAMP_FILE: this.file,
      FAKETIME_CACHE_DURATION: '1',
      // How long something takes is measured by another clock, which no hand moves.
      FAKETIME_DONT_FAKE_MONOTONIC: '1',
    };
  }

  move(days: number): void {
    writeFileSync(this.file, `+${days}d\n`);
  }

  end(): void {
    rmSync(this.folder, { recursive: true });
  }

  private get file(): string {
    return join(this.folder, 'clock');
  }
}
