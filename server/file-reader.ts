import { join } from 'node:path';
import { Piscina } from 'piscina';
import type { FileJob, FileRead } from '../workers/file.worker';
import { processWide } from './process/process-wide';

/** The longest that reading one file may take; its thread is ended then. */
const MOST_MS = 10_000;
/** Files that wait for a thread; more of them are sent back. */
const MOST_WAITING = 20;

const pool = () =>
  processWide(
    'file-reader',
    () =>
      new Piscina({
        filename: join(process.cwd(), '.build', 'file-worker.mjs'),
        minThreads: 0,
        maxThreads: 2,
        maxQueue: MOST_WAITING,
        idleTimeout: 30_000,
      }),
  );

/** A file that could not be read in the time there is for one. */
export class TooLong extends Error {}

/** Reads a file that came from outside, in a thread of its own. Throws `TooLong`. */
export async function readFileAs<As extends FileJob['as']>(
  job: Extract<FileJob, { as: As }>,
  mostMs = MOST_MS,
): Promise<FileRead[As]> {
  const signal = AbortSignal.timeout(mostMs);
  try {
    return await pool().run(job, { signal });
  } catch (error) {
    if (signal.aborted) throw new TooLong('A file took too long to read.');
    throw error;
  }
}
