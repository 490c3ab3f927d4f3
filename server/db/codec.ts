import type { z } from 'zod';
import type { Row } from './scope';

/** How values of one type lie in a table, both ways by the same list of columns. */

type Column = {
  readonly name: string;
  readonly write: (value: unknown) => unknown;
  /** Undefined where nothing is stored. */
  readonly read: (stored: unknown) => unknown;
};

const ofNull = (stored: unknown) => (stored === null ? undefined : stored);

/** A value that the database stores as it is; one that is absent is NULL. */
export function plain(name: string): Column {
  return { name, write: (value) => value ?? null, read: ofNull };
}

/** Yes or no: the database answers with a number. */
export function flag(name: string): Column {
  return { name, write: (value) => value, read: (stored) => stored === 1 || stored === true };
}

/** A list or a record as text. */
export function json(name: string): Column {
  return {
    name,
    write: (value) => (value === undefined ? null : JSON.stringify(value)),
    read: (stored) => (typeof stored === 'string' ? JSON.parse(stored) : undefined),
  };
}

export type Codec<Value> = {
  readonly toRow: (value: Value) => Row;
  /** Throws where a row is not what the schema says: nothing else may go on from it. */
  readonly ofRow: (row: Row) => Value;
};

/** A field of the schema without a column, or the other way round, does not compile. */
export function codec<Schema extends z.ZodObject>(
  schema: Schema,
  columns: { readonly [Field in keyof z.infer<Schema>]-?: Column },
): Codec<z.infer<Schema>> {
  const all = Object.entries<Column>(columns);
  return {
    toRow: (value) =>
      Object.fromEntries(
        all.map(([field, { name, write }]) => [name, write(value[field as keyof typeof value])]),
      ),
    ofRow: (row) =>
      schema.parse(
        Object.fromEntries(
          all.flatMap(([field, { name, read }]) => {
            const value = read(row[name]);
            return value === undefined ? [] : [[field, value]];
          }),
        ),
      ) as z.infer<Schema>,
  };
}
