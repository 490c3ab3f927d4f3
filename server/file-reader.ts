import { join } from 'node:path';
import { Piscina } from 'piscina';
import type { FileJob, FileRead } from '../workers/file.worker';
import { FairQueue, of } from './process/fair-queue';
import { processWide } from './process/process-wide';

/** The longest that reading one file may take; its thread is ended then. */
const MOST_MS = 10_000;
/** Files that wait for a thread, of all and of one household; more of them are sent back. */
const MOST_WAITING = 50;
const MOST_OF_ONE = 2;

const threads = () =>
  processWide('file-reader', () => {
    const line = new FairQueue();
    const pool = new Piscina({
      filename: join(process.cwd(), '.build', 'file-worker.mjs'),
      minThreads: 0,
      maxThreads: 2,
      idleTimeout: 30_000,
      taskQueue: line,
      stricterFIFO: true,
    });
    return { line, pool };
  });

/** A file that could not be read in the time there is for one. */
export class TooLong extends Error {}

/** Too many files wait to be read, of this household or of all. */
export class TooMany extends Error {}

/** Reads a file that came from outside to somebody, in a thread of its own. Throws `TooLong` and `TooMany`. */
export async function readFileAs<As extends FileJob['as']>(
  who: string,
  job: Extract<FileJob, { as: As }>,
  mostMs = MOST_MS,
): Promise<FileRead[As]> {
  const { line, pool } = threads();
  if (line.waitingOf(who) >= MOST_OF_ONE || line.size >= MOST_WAITING) throw new TooMany();
  const signal = AbortSignal.timeout(mostMs);
  try {
    return await pool.run(of(who, job), { signal });
  } catch (error) {
    if (signal.aborted) throw new TooLong('A file took too long to read.');
    throw error;
  }
}
