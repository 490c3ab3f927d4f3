import type { Knex } from 'knex';
import { step001 } from './001-households-and-accounts';
import { step002 } from './002-home';
import { step003 } from './003-people-and-machines';
import { step004 } from './004-cleans-plans-and-ticks';
import { step005 } from './005-revision';
import { step006 } from './006-facts-scope-and-catalogue';
import { step007 } from './007-edits';
import { step008 } from './008-ages';
import { step009 } from './009-uses';
import { step010 } from './010-exceptions-busy-times-and-feeds';
import { step011 } from './011-first-jobs-blocks-and-weather';
import { step012 } from './012-the-day';
import { step013 } from './013-ids-as-bytes';
import { step014 } from './014-commands-and-wishes';
import { step015 } from './015-what-matters';
import { step016 } from './016-at-home';
import { step017 } from './017-what-a-machine-takes';
import { step018 } from './018-sweeps';
import { step019 } from './019-single-places';
import { step020 } from './020-the-record';
import { step021 } from './021-pictures';
import { step022 } from './022-calendar-events';
import { step023 } from './023-busy-addresses';
import { step024 } from './024-sessions';
import { step025 } from './025-access';
import { step026 } from './026-leaving';
import { step027 } from './027-roles';
import { step028 } from './028-letters';
import { step029 } from './029-passkeys';
import { step030 } from './030-open-rooms';
import { create, type Migration } from './tables';

/** The tables, step by step; a step that has been released is never changed. */
export const MIGRATIONS: readonly Migration[] = [
  step001,
  step002,
  step003,
  step004,
  step005,
  step006,
  step007,
  step008,
  step009,
  step010,
  step011,
  step012,
  step013,
  step014,
  step015,
  step016,
  step017,
  step018,
  step019,
  step020,
  step021,
  step022,
  step023,
  step024,
  step025,
  step026,
  step027,
  step028,
  step029,
  step030,
];

/** A database that knows migrations which this version does not. */
export class NewerDatabase extends Error {}

/** The steps that would be taken on data that is there; none where there is no data yet. Throws `NewerDatabase`. */
export async function stepsAhead(db: Knex): Promise<string[]> {
  if (!(await db.schema.hasTable('migrations')) || !(await db.schema.hasTable('households'))) return [];
  const hasData = (await db('households').first('id')) !== undefined;
  return hasData ? (await openSteps(db)).map(({ name }) => name) : [];
}

async function openSteps(db: Knex): Promise<Migration[]> {
  const taken = new Set((await db('migrations').select('name')).map((row: { name: string }) => row.name));
  const unknown = [...taken].filter((name) => !MIGRATIONS.some((migration) => migration.name === name));
  if (unknown.length > 0) throw new NewerDatabase(unknown.join(', '));
  return MIGRATIONS.filter((migration) => !taken.has(migration.name));
}

/** Brings the tables up to date; returns the names of the steps that were taken. Throws `NewerDatabase`. */
export async function migrate(db: Knex): Promise<string[]> {
  await create(db, 'migrations', (table) => {
    table.string('name', 100).primary();
    table.timestamp('at').notNullable().defaultTo(db.fn.now());
  });
  const open = await openSteps(db);
  for (const migration of open) {
    await migration.up(db);
    await db('migrations').insert({ name: migration.name });
  }
  return open.map((migration) => migration.name);
}
