import type { Knex } from 'knex';
import type { HouseholdScope } from '../db/scope';
import { processWide } from '../process/process-wide';
import { type Versions, versionsOf } from './versions';

const replica = () => processWide<{ db?: Knex | undefined }>('replica', () => ({}));

/** From now on whole households are read from a copy of the database, as far as it is up to date. */
export function readFrom(db: Knex | undefined): void {
  replica().db = db;
}

/**
 * Reads from the copy where it has come as far as the database itself, and from the database where it has not, or does not
 * answer.
 */
export async function fromReplica<T>(
  scope: HouseholdScope,
  versions: Versions,
  read: (from: HouseholdScope) => Promise<T>,
): Promise<T> {
  const { db } = replica();
  const beside = db && scope.beside(db);
  if (!beside) return read(scope);
  try {
    const theirs = await versionsOf(beside);
    const isUpToDate = theirs.revision === versions.revision && theirs.daySeq === versions.daySeq;
    return await read(isUpToDate ? beside : scope);
  } catch {
    return read(scope);
  }
}
