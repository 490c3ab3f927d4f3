import { z } from 'zod';
import { clockSchema, dateSchema, idSchema, taskIdSchema } from '../basics/scalars';
import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import { WORK_KINDS, type WorkKind } from '../catalogue/work-kinds';

/** Work that is given its time, or time that is given its work: all sills on Tuesday from four to five. */

const some = <T extends z.ZodType>(item: T) => z.array(item).min(1).max(400).optional();

/** So many jobs may be chosen one by one. */
const MOST_CHOSEN = 5000;

/** What it is about: work that matches each of these that is given. */
const aboutShape = {
  rooms: some(idSchema),
  floors: some(idSchema),
  kinds: some(z.enum(Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]])),
  /** Kinds of things: all sills. */
  fixtures: some(z.enum(Object.keys(FIXTURE_KINDS) as [FixtureKindName, ...FixtureKindName[]])),
  tasks: z.array(taskIdSchema).min(1).max(MOST_CHOSEN).optional(),
};

/** One date, from one to another, or a day of each week: 1 for Monday to 7 for Sunday. */
const daysSchema = z.union([
  z.strictObject({ date: dateSchema }),
  z
    .strictObject({ from: dateSchema, to: dateSchema })
    .refine(({ from, to }) => from <= to, 'a date that is not before the first'),
  z.strictObject({ weekday: z.int().min(1).max(7) }),
]);

/** What is bound: the work to that time, that time to the work, or both. */
export const BINDS = ['work', 'time', 'both'] as const;

export const focusSchema = z.strictObject({
  id: idSchema,
  ...aboutShape,
  /** Who does it; absent: whoever may. */
  people: some(idSchema),
  days: daysSchema,
  /** Absent: at any time of these days. */
  hours: z
    .strictObject({ from: clockSchema, to: clockSchema })
    .refine(({ from, to }) => from < to, 'a time after the one it starts at')
    .optional(),
  binds: z.enum(BINDS),
});
export type Focus = z.infer<typeof focusSchema>;
export type FocusDays = Focus['days'];
