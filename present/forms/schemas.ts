import { z } from 'zod';
import { PRIORITIES } from '@/core/basics/choices';
import { MOST_CHOICES, MOST_HOURS, MOST_METHOD_ID } from '@/core/basics/limits';
import { dateSchema, idSchema, lineSchema, timezoneSchema } from '@/core/basics/scalars';
import { isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { methodChangeSchema } from '@/core/catalogue/household-catalogue';
import { machineKindSchema } from '@/core/catalogue/method';
import { FORMS as FORMS_OF_PRODUCT, MOST_OWN_NAME } from '@/core/catalogue/own-product';
import { clashWithin, LABEL_NAMES, partsIn } from '@/core/catalogue/own-products';
import { productSchema } from '@/core/catalogue/product-schema';
import { PRODUCT_NAMES } from '@/core/catalogue/products';
import { TAGS, type Tag } from '@/core/catalogue/tags';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import { cleanSchema } from '@/core/clean/clean';
import { dropOffSchema } from '@/core/clean/leaving';
import { NEW_HOME_REASONS } from '@/core/clean/names';
import { homeFactsSchema } from '@/core/home/facts';
import { PACES, type Pace } from '@/core/home/room';
import { roomFactsSchema, roomSchema } from '@/core/home/room-schema';
import { SURFACES } from '@/core/home/surfaces';
import { AT_HOME_NAMES } from '@/core/people/at-home';
import { LEAST_PASSPHRASE, MOST_PASSPHRASE } from './limits';

/**
 * What the forms ask for: the schemas of the core, with a sentence of their own where a form has something to say. The
 * browser and the server read by the same ones.
 */

const textField = (empty: string, most: number) =>
  lineSchema(most, `Please keep it under ${most} characters.`).min(1, empty);

const number = (what: string, least: number, most: number) =>
  z
    .number({ error: `Please give ${what} as a number.` })
    .min(least, `At least ${least}, please.`)
    .max(most, `At most ${most}, please.`);

const whole = (what: string, least: number, most: number) =>
  number(what, least, most).int('A whole number, please.');

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

const passphrase = z
  .string()
  .min(
    LEAST_PASSPHRASE,
    `A passphrase needs at least ${LEAST_PASSPHRASE} characters. Three or four words do well.`,
  )
  .max(MOST_PASSPHRASE, `Please keep it under ${MOST_PASSPHRASE} characters.`);

/** Back in with a code from paper. */
export const recoverSchema = z.object({
  email,
  code: z.string().trim().min(1, 'Please type one of your codes.').max(60, 'That is longer than any code.'),
  passphrase,
});

/** A letter with a way back in. */
export const letterSchema = z.object({ email });

export const changePassphraseSchema = z.object({
  old: z
    .string()
    .min(1, 'Please type the passphrase that you have.')
    .max(500, 'That is longer than any passphrase here.'),
  passphrase,
});

/** An account in a household that somebody was invited to. */
export const joinSchema = z.object({ email, passphrase });

export const deleteHouseholdSchema = changePassphraseSchema.pick({ old: true });

export const signUpSchema = z.object({
  householdName: textField('Please give your household a name, such as “14 Juniper Row”.', 80),
  email,
  passphrase,
  timezone: z.string().refine((zone) => timezoneSchema.safeParse(zone).success, CHOOSE_ZONE),
});

/** A room as it is put on the plan. */
export const roomFormSchema = roomSchema
  .pick({ kind: true, lengthM: true, widthM: true, heightM: true })
  .extend({ name: textField('Please give the room a name.', 80) });

/** What is said of a room as a whole. */
export const roomFactsFormSchema = roomFactsSchema
  .required({ lengthM: true, widthM: true, heightM: true, ventilation: true, opensTo: true })
  .extend({ name: textField('Please give the room a name.', 80) });

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
  hours: z
    .array(
      z
        .object({ weekday: z.int().min(1).max(7), from: clock, to: clock })
        .refine((hours) => hours.from < hours.to, {
          message: 'This time ends before it begins.',
          path: ['to'],
        }),
    )
    .max(MOST_HOURS, 'So many times in one week can’t be kept apart.'),
  dailyCap: minutes('the most in one day', 10, 960),
  breakAfter: minutes('when a break is due', 10, 480),
  breakLength: minutes('the length of a break', 0, 120),
  cannot: z.array(z.enum(Object.keys(TAGS) as [string, ...string[]])).max(MOST_CHOICES),
  /** Kinds of work, by how much one would rather not do them. */
  dislikes: z.partialRecord(
    z.enum(Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]]),
    z.int().min(1).max(3),
  ),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]]),
  // No choice says nothing.
  atHome: z.union([z.literal('').transform(() => undefined), z.enum(AT_HOME_NAMES)]).optional(),
  // An empty field says nothing.
  age: z
    .union(
      [z.nan().transform(() => undefined), z.int().min(0).max(120)],
      'Please give the age in whole years, or leave it empty.',
    )
    .optional(),
});

const date = z.string().min(1, 'Please choose a date.').pipe(dateSchema);

export const cleanFormSchema = cleanSchema
  .omit({ id: true, openRooms: true, reserve: true, sessionCap: true, closed: true })
  .extend({
    name: textField('Please give this clean a name, such as “Spring 2027”.', 80),
    start: date,
    finish: date,
    firstJob: cleanSchema.shape.firstJob.unwrap(),
    matters: cleanSchema.shape.matters.unwrap(),
    block: cleanSchema.shape.block.unwrap(),
    sweep: z.object({
      minutes: whole('the minutes of a sweep', 5, 120),
      bags: whole('the bags', 1, 20),
    }),
    belongings: cleanSchema.shape.belongings.unwrap(),
    estimates: cleanSchema.shape.estimates.unwrap(),
  })
  .refine((clean) => clean.start <= clean.finish, {
    message: 'The finish is before the start. Choose a later finish or an earlier start.',
    path: ['finish'],
  });

export const idOnlySchema = z.object({ id: idSchema });

const MOST_MINUTES = 1440;
const MOST_WAIT = 2880;

/** The numbers of a method that a household can override. */
export const methodNumbersSchema = methodChangeSchema
  .required({ intervalMonths: true, hardness: true, leastAge: true, priority: true })
  .extend({ steps: methodChangeSchema.shape.steps.unwrap() });

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
    /** One after the other, with commas between. */
    tools: lineSchema(200, 'Please keep it under 200 characters.'),
    /** Empty: none. */
    product: z.union([z.literal(''), productSchema]),
    /** Millilitres of a liquid, grams of a powder. */
    dose: number('the amount', 0, 10_000),
    /** Millilitres; nothing: used as it is. */
    water: number('the water', 0, 30_000),
    /** By which the wait is done; empty: none. */
    machine: z.union([z.literal(''), machineKindSchema]),
    tags: z.array(z.enum(Object.keys(TAGS) as [Tag, ...Tag[]])).max(MOST_CHOICES),
    leastAge: whole('the age', 0, 18),
    how: textField('Please say in a line how it is done.', 400),
    doneWhen: textField('Please say how one knows that it is done.', 200),
  })
  .refine((method) => method.afterMinutes === 0 || method.after !== '', {
    message: 'Please say what is done after the wait.',
    path: ['after'],
  })
  .refine((method) => method.product === '' || method.dose > 0, {
    message: 'A product needs an amount: how much of it for one?',
    path: ['dose'],
  })
  .refine((method) => method.machine === '' || method.waitMinutes > 0, {
    message: 'A machine needs its time: how long does it run?',
    path: ['waitMinutes'],
  });

/** A product or mixture of one's own, as a form asks for it. */
export const pileFormSchema = z.object({
  name: textField('Please say what the pile is called.', 80),
  way: z.enum(['leaves', 'stays']),
});

export const dropOffFormSchema = z.object({
  name: textField('Please say what the place is called.', 80),
  address: dropOffSchema.shape.address,
  takes: dropOffSchema.shape.takes,
  hours: dropOffSchema.shape.opens,
});

export const newHomeFormSchema = z
  .object({
    what: textField('Please say what moves.', 120),
    from: z.string().min(1, 'Please choose from where. Nothing on the walk holds things yet.'),
    to: z.string().min(1, 'Please choose where to.'),
    why: z.enum(NEW_HOME_REASONS),
  })
  .refine(({ from, to }) => from !== to, { message: 'It lives there already.', path: ['to'] });

export const ownProductFormSchema = z
  .object({
    name: textField('Please say what you call it.', MOST_OWN_NAME),
    form: z.enum(FORMS_OF_PRODUCT),
    madeOf: z.array(z.enum(PRODUCT_NAMES)).max(10, 'Ten at most, please.'),
    label: z.array(z.enum(LABEL_NAMES)).max(MOST_CHOICES),
    insteadOf: z.array(z.enum(PRODUCT_NAMES)).max(MOST_CHOICES),
    amount: number('the amount', 0.1, 10_000),
    /** Millilitres; nothing: used as it is. */
    water: number('the water', 0, 30_000),
    methods: z.array(z.string().max(MOST_METHOD_ID)).max(MOST_CHOICES),
    notOn: z.array(z.enum(SURFACES)).max(MOST_CHOICES),
  })
  .superRefine((product, context) => {
    const parts = partsIn(product);
    const say = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: [field], message });
    if (parts.length === 0) say('madeOf', 'What is in it, or what does its label say that it is?');
    const clash = clashWithin(parts);
    if (clash) say('madeOf', `${clash.why} ${clash.instead}`);
  });

/** The forms by name, so that a page can load their schemas when somebody begins to type. */
export const FORMS = {
  signIn: signInSchema,
  signUp: signUpSchema,
  recover: recoverSchema,
  letter: letterSchema,
  changePassphrase: changePassphraseSchema,
  deleteHousehold: deleteHouseholdSchema,
  join: joinSchema,
  room: roomFormSchema,
  roomFacts: roomFactsFormSchema,
  homeFacts: homeFactsSchema,
  methodNumbers: methodNumbersSchema,
  ownMethod: ownMethodSchema,
  ownProduct: ownProductFormSchema,
  pile: pileFormSchema,
  dropOff: dropOffFormSchema,
  newHome: newHomeFormSchema,
  member: memberFormSchema,
  clean: cleanFormSchema,
} as const;
export type FormName = keyof typeof FORMS;
export type FormValues<Name extends FormName> = z.infer<(typeof FORMS)[Name]>;

export type MemberForm = z.infer<typeof memberFormSchema>;
export type CleanForm = z.infer<typeof cleanFormSchema>;
