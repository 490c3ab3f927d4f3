import { config } from './config';
import { connect } from './db/connection';
import { processWide } from './process-wide';

/** The pool of this process. */
export const database = () => processWide('database', () => connect(config().databaseUrl));
