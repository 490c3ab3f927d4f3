import { Throttle } from './access/throttle';
import { database } from './database';
import { config } from './process/config';
import { processWide } from './process/process-wide';

/** The throttle of this server. */
export function throttle(): Throttle {
  return processWide('throttle', () => new Throttle(database(), config().patience));
}
