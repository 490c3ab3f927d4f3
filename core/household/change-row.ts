import { z } from 'zod';
import type { Made } from './made';

/**
 * A kind of change is one row: what comes with it, what it does to a state, and what it was, in the words beside undo.
 * The type of the change, the schema by which it is read, and the carrying out follow from the rows.
 */

type Said<Shape extends z.ZodRawShape> = Readonly<z.infer<z.ZodObject<Shape>>>;

export type ChangeRow<State, Shape extends z.ZodRawShape> = {
  /** What comes with it. */
  readonly shape: Shape;
  readonly apply: (state: State, said: Said<Shape>) => Made<State>;
  /** `Wardrobe removed`, from the state before it. */
  readonly words: (said: Said<Shape>, before: State) => string;
  /** No plan rests on it. */
  readonly planless?: true;
  /** It follows from something else that a person did, and is never sent as it is. */
  readonly inside?: true;
};

/** A row of any kind of change to a state. */
export type AnyRow<State> = {
  readonly shape: z.ZodRawShape;
  readonly apply: (state: State, said: never) => Made<State>;
  readonly words: (said: never, before: State) => string;
  readonly planless?: true;
  readonly inside?: true;
};

/** The change that rows describe: its kind, and what comes with that. */
export type ChangeOf<Rows extends Record<string, { readonly shape: z.ZodRawShape }>> = {
  [Do in keyof Rows]: { readonly do: Do } & Said<Rows[Do]['shape']>;
}[keyof Rows];

/** Writes rows of changes to one kind of state down. */
export function rowsOn<State>() {
  return <Shape extends z.ZodRawShape>(row: ChangeRow<State, Shape>): ChangeRow<State, Shape> => row;
}

/** How the changes of rows are read; what a change brings beside what its row asks for is refused. */
export function schemaOf<State, Rows extends Record<string, AnyRow<State>>>(
  rows: Rows,
): z.ZodType<ChangeOf<Rows>> {
  const [first, ...rest] = Object.entries(rows).map(([kind, { shape }]) =>
    z.strictObject({ do: z.literal(kind), ...shape }),
  );
  if (!first) throw new Error('Without a row there is no change.');
  return z.discriminatedUnion('do', [first, ...rest]) as unknown as z.ZodType<ChangeOf<Rows>>;
}
