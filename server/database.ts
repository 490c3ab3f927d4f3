import { connect } from './db/connection';
import { config } from './process/config';
import { processWide } from './process/process-wide';

/** The pool of this process. */
export const database = () => processWide('database', () => connect(config().databaseUrl));
