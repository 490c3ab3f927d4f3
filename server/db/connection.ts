import knexModule, { type Knex } from 'knex';
import type { ConnectionOptions } from 'mysql2';

/** Opens a pool of connections. Dates stay text: times here are those on the wall of the home. */
export function connect(url: string): Knex {
  const { hostname, port, username, password, pathname } = new URL(url);
  const connection = {
    host: hostname,
    port: port === '' ? 3306 : Number(port),
    user: decodeURIComponent(username),
    password: decodeURIComponent(password),
    database: decodeURIComponent(pathname.slice(1)),
    dateStrings: true,
    jsonStrings: true,
    timezone: 'Z',
    connectTimeout: 10_000,
  } satisfies ConnectionOptions;
  return knexModule({
    client: 'mysql2',
    connection,
    pool: { min: 0, max: 10 },
    acquireConnectionTimeout: 10_000,
  });
}
