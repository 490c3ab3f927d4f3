import { z } from 'zod';
import { ESTIMATES, FIRST_JOBS, PRIORITIES } from '@/core/basics/choices';
import { dateSchema, idSchema, lineSchema, timezoneSchema } from '@/core/basics/scalars';
import { isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { TAGS } from '@/core/catalogue/tags';
import { PRODUCT_SCHOOLS, WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import {
  BELONGINGS,
  FULLNESSES,
  HEIGHTS,
  MOST_COUNT,
  MOST_ROOM_M,
  PACES,
  type Pace,
  ROOM_KINDS,
  type RoomKind,
  SOILS,
  VENTILATIONS,
} from '@/core/home/room';
import { SURFACES } from '@/core/home/surfaces';
import { GROUPINGS, SPREADS } from '@/core/plan/problem';

import { LEAST_PASSPHRASE, STOP_NEEDS_NAME } from './limits';

/** What the forms ask for. The browser and the server read by the same schemas; the messages are for the person. */

const textField = (empty: string, most: number) =>
  lineSchema(most, `Please keep it under ${most} characters.`).min(1, empty);

const CHOOSE_ZONE = 'Please choose the time zone in which the home is.';

const email = z
  .string()
  .trim()
  .max(190, 'That email is too long.')
  .pipe(z.email('That does not look like an email address. It needs a name, an @ and a domain.'));

export const signInSchema = z.object({
  email,
  passphrase: z
    .string()
    .min(1, 'Please type your passphrase.')
    .max(500, 'That is longer than any passphrase here.'),
});

export const signUpSchema = z.object({
  householdName: textField('Please give your household a name, such as “14 Juniper Row”.', 80),
  email,
  passphrase: z
    .string()
    .min(
      LEAST_PASSPHRASE,
      `A passphrase needs at least ${LEAST_PASSPHRASE} characters. Three or four words do well.`,
    )
    .max(500, 'Please keep it under 500 characters.'),
  timezone: z.string().refine((zone) => timezoneSchema.safeParse(zone).success, CHOOSE_ZONE),
});

const metres = (what: string) =>
  z
    .number({ error: `Please give the ${what} in metres, such as 3.5.` })
    .gt(0, `The ${what} has to be more than 0 m.`)
    .max(MOST_ROOM_M, `The ${what} can be ${MOST_ROOM_M} m at the most.`);

const roomKind = z.enum(
  Object.keys(ROOM_KINDS) as [RoomKind, ...RoomKind[]],
  'Please choose a kind of room.',
);

export const roomFormSchema = z.object({
  name: textField('Please give the room a name.', 80),
  kind: roomKind,
  lengthM: metres('length'),
  widthM: metres('width'),
  heightM: metres('height'),
});

/** What is said of a room as a whole. */
export const roomFactsFormSchema = roomFormSchema.omit({ kind: true }).extend({
  ventilation: z.enum(VENTILATIONS),
  opensTo: z.array(idSchema).max(20),
  floor: z.enum(SURFACES).optional(),
  walls: z.enum(SURFACES).optional(),
});

export const homeFactsFormSchema = z.strictObject({
  hardWater: z.boolean(),
  pets: z.boolean(),
  birds: z.boolean(),
  smokers: z.boolean(),
  well: z.boolean(),
  tank: z.boolean(),
  builtYear: z
    .number({ error: 'Please give the year in four digits, or leave it empty.' })
    .int('A year is a whole number.')
    .min(1000, 'Please give the year in four digits.')
    .max(2200, 'Please give the year in four digits.')
    .optional(),
});

export const floorFormSchema = z.object({
  name: textField('Please give the floor a name, such as “First floor”.', 80),
});

export const stopFormSchema = z.object({
  name: textField(STOP_NEEDS_NAME, 80),
});

export const countSchema = z
  .number({ error: 'Please give the count as a number.' })
  .int('A count is a whole number.')
  .min(1, 'There has to be at least 1. To drop it, use “Leave it this time” or “Remove”.')
  .max(MOST_COUNT, `The most is ${MOST_COUNT} at one stop. Is there a digit too many?`);

const sizeField = z
  .number()
  .gt(0, 'A size has to be more than 0.')
  .max(MOST_COUNT, `The most is ${MOST_COUNT}.`)
  .optional();

export const fixtureFieldsSchema = z.strictObject({
  id: idSchema,
  kind: z.string().min(1).max(60),
  height: z.enum(HEIGHTS),
  count: countSchema,
  size: z.strictObject({
    widthM: metres('width').optional(),
    heightM: metres('height').optional(),
    shelfM: sizeField,
    drawers: sizeField,
    slats: sizeField,
  }),
  surface: z.enum(SURFACES, 'The catalogue does not know this surface.').optional(),
  soil: z.enum(SOILS),
  fullness: z.enum(FULLNESSES),
  leave: z.boolean(),
  lastDone: dateSchema.optional(),
  mend: textField('Please say what is to mend.', 300).optional(),
});

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Please give a time such as 18:30.');

const minutes = (what: string, least: number, most: number) =>
  z
    .number({ error: `Please give ${what} in minutes.` })
    .int('Whole minutes, please.')
    .min(least, `At least ${least} minutes, please.`)
    .max(most, `At most ${most} minutes, please.`);

export const memberFormSchema = z.object({
  id: idSchema,
  name: textField('Please give the person a name.', 80),
  hours: z.array(
    z
      .object({ weekday: z.int().min(1).max(7), from: clock, to: clock })
      .refine((hours) => hours.from < hours.to, {
        message: 'This time ends before it begins.',
        path: ['to'],
      }),
  ),
  dailyCap: minutes('the most in one day', 10, 960),
  breakAfter: minutes('when a break is due', 10, 480),
  breakLength: minutes('the length of a break', 0, 120),
  cannot: z.array(z.enum(Object.keys(TAGS) as [string, ...string[]])),
  /** Kinds of work, by how much one would rather not do them. */
  dislikes: z.partialRecord(
    z.enum(Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]]),
    z.int().min(1).max(3),
  ),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]]),
  // An empty field says nothing.
  age: z
    .union(
      [z.nan().transform(() => undefined), z.int().min(0).max(120)],
      'Please give the age in whole years, or leave it empty.',
    )
    .optional(),
});

const date = z.string().min(1, 'Please choose a date.').pipe(dateSchema);

const blockFormSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fixed') }),
  z.object({
    kind: z.literal('sprints'),
    minutes: minutes('the length of a sprint', 10, 120),
    rest: minutes('the rest after it', 1, 60),
  }),
  z.object({ kind: z.literal('until-done') }),
]);

export const cleanFormSchema = z
  .object({
    name: textField('Please give this clean a name, such as “Spring 2027”.', 80),
    reason: lineSchema(300, 'Please keep it under 300 characters.'),
    reward: lineSchema(200, 'Please keep it under 200 characters.'),
    start: date,
    finish: date,
    spread: z.enum(SPREADS),
    grouping: z.enum(GROUPINGS),
    firstJob: z.enum(FIRST_JOBS),
    block: blockFormSchema,
    belongings: z.enum(BELONGINGS),
    estimates: z.enum(ESTIMATES),
    products: z.enum(PRODUCT_SCHOOLS),
  })
  .refine((clean) => clean.start <= clean.finish, {
    message: 'The finish is before the start. Choose a later finish or an earlier start.',
    path: ['finish'],
  });

export const idOnlySchema = z.object({ id: idSchema });

const number = (what: string, least: number, most: number) =>
  z
    .number({ error: `Please give ${what} as a number.` })
    .min(least, `At least ${least}, please.`)
    .max(most, `At most ${most}, please.`);

const whole = (what: string, least: number, most: number) =>
  number(what, least, most).int('A whole number, please.');

const MOST_MINUTES = 1440;
const MOST_WAIT = 2880;

/** The numbers of a method that a household can override. */
export const methodNumbersSchema = z.object({
  steps: z.record(
    z.string().max(60),
    z.strictObject({
      setUpMinutes: number('the set-up', 0, MOST_MINUTES).optional(),
      perHour: number('the rate', 0.01, 100_000).optional(),
      secondsEach: number('the seconds', 0.1, 3600).optional(),
      minutes: whole('the wait', 1, MOST_WAIT).optional(),
    }),
  ),
  intervalMonths: whole('the months', 1, 60),
  hardness: whole('the dread', 1, 5),
  leastAge: whole('the age', 0, 18),
  priority: z.enum(PRIORITIES),
});

export const ownMethodSchema = z
  .object({
    title: textField('Please say what is done, such as “Wax the piano”.', 120),
    fixture: z.string().refine(isFixtureKind, 'Please choose what it is for.'),
    kind: z.enum(Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]]),
    layer: whole('the place in the order', 0, 9),
    doing: textField('Please say what the work is.', 200),
    setUpMinutes: number('the set-up', 0, MOST_MINUTES),
    minutesEach: number('the minutes', 0.5, MOST_MINUTES),
    waitMinutes: whole('the wait', 0, MOST_WAIT),
    after: lineSchema(200, 'Please keep it under 200 characters.'),
    afterMinutes: number('the minutes', 0, MOST_MINUTES),
    intervalMonths: whole('the months', 1, 60),
    priority: z.enum(PRIORITIES),
    how: textField('Please say in a line how it is done.', 400),
    doneWhen: textField('Please say how one knows that it is done.', 200),
  })
  .refine((method) => method.afterMinutes === 0 || method.after !== '', {
    message: 'Please say what is done after the wait.',
    path: ['after'],
  });

/** The forms by name, so that a page can load their schemas when somebody begins to type. */
export const FORMS = {
  signIn: signInSchema,
  signUp: signUpSchema,
  room: roomFormSchema,
  roomFacts: roomFactsFormSchema,
  homeFacts: homeFactsFormSchema,
  methodNumbers: methodNumbersSchema,
  ownMethod: ownMethodSchema,
  floor: floorFormSchema,
  member: memberFormSchema,
  clean: cleanFormSchema,
} as const;
export type FormName = keyof typeof FORMS;
export type FormValues<Name extends FormName> = z.infer<(typeof FORMS)[Name]>;

export type MemberForm = z.infer<typeof memberFormSchema>;
export type CleanForm = z.infer<typeof cleanFormSchema>;
