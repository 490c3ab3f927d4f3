import type { Knex } from 'knex';
import { config } from './config';
import { connect } from './db/connection';

const store = globalThis as { earlyThawDatabase?: Knex };

/** The pool of this process. It lives outside the module, so that a reload in development does not open another. */
export function database(): Knex {
  store.earlyThawDatabase ??= connect(config().databaseUrl);
  return store.earlyThawDatabase;
}
