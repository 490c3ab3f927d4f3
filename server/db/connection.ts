import knexModule, { type Knex } from 'knex';

/** Opens a pool of connections. Dates stay text: times here are those on the wall of the home. */
export function connect(url: string): Knex {
  const { hostname, port, username, password, pathname } = new URL(url);
  return knexModule({
    client: 'mysql2',
    connection: {
      host: hostname,
      port: port === '' ? 3306 : Number(port),
      user: decodeURIComponent(username),
      password: decodeURIComponent(password),
      database: decodeURIComponent(pathname.slice(1)),
      dateStrings: true,
      timezone: 'Z',
      connectTimeout: 10_000,
    },
    pool: { min: 0, max: 10 },
    acquireConnectionTimeout: 10_000,
  });
}
