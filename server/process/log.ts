import { pino } from 'pino';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';
import { LOG_LEVELS } from './config';

/** So large a file is closed and another one begun; so many that are closed are kept. */
const MOST_IN_FILE = '5M';
const MOST_FILES = 5;
const USUAL_NAME = 'server.log';

/** A file of a folder that never fills the disk; where nothing can be written, the server goes on without. */
export function rotatingIn(
  folder: string,
  size: string = MOST_IN_FILE,
  name = USUAL_NAME,
): RotatingFileStream {
  const stream = createStream(name, { path: folder, size, maxFiles: MOST_FILES });
  stream.on('error', () => undefined);
  return stream;
}

const { LOG_LEVEL, EARLY_THAW_LOGS, EARLY_THAW_LOG_NAME } = process.env;

/** Logs say what happened, never to whom: no email, no name, no address, no cookie. */
export const log = pino(
  {
    level: LOG_LEVELS.find((level) => level === LOG_LEVEL) ?? 'info',
    base: null,
    redact: {
      paths: ['email', 'passphrase', 'name', '*.email', '*.passphrase', '*.name', 'req.headers'],
      remove: true,
    },
  },
  EARLY_THAW_LOGS ? rotatingIn(EARLY_THAW_LOGS, MOST_IN_FILE, EARLY_THAW_LOG_NAME) : process.stdout,
);
