import { z } from 'zod';

/** What the surroundings tell the server. Read once; a fault is one sentence. */

const LOOPBACK = ['127.0.0.1', 'localhost', '::1'];
const isLoopback = (host: string) => LOOPBACK.includes(host);

/** How much the server logs. */
export const LOG_LEVELS = ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'] as const;

const SIMULATED = 'simulated';
const isRealMail = ({ EARLY_THAW_SMTP: smtp }: { readonly EARLY_THAW_SMTP?: string | undefined }) =>
  smtp !== undefined && smtp !== SIMULATED;

const envSchema = z
  .object({
    DATABASE_URL: z
      .string()
      .regex(/^(mysql|mariadb):\/\//, 'DATABASE_URL has to begin with mysql:// or mariadb://.'),
    EARLY_THAW_SECRET: z.string().min(32, 'EARLY_THAW_SECRET has to have at least 32 characters.'),
    EARLY_THAW_HOST: z.string().default('127.0.0.1'),
    EARLY_THAW_NOW: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'EARLY_THAW_NOW has to be a time such as 2027-03-01T17:00.')
      .optional(),
    /** A copy of the database, from which whole households may be read. */
    DATABASE_READ_URL: z
      .string()
      .regex(/^(mysql|mariadb):\/\//, 'DATABASE_READ_URL has to begin with mysql:// or mariadb://.')
      .optional(),
    /** Redis or Valkey, where several servers and planners stand before one database. */
    REDIS_URL: z
      .string()
      .regex(/^rediss?:\/\/[^/]+/, 'REDIS_URL has to begin with redis:// or rediss://, and name a host.')
      .optional(),
    /** Searches by so many rounds instead of seconds: the same plan on every machine, for tests. */
    EARLY_THAW_PLAN_ROUNDS: z.coerce.number().int().min(0).optional(),
    EARLY_THAW_SEED: z.coerce.number().int().min(0).default(1),
    /** Calendars may be read from addresses inside the own network. */
    EARLY_THAW_PRIVATE_CALENDARS: z
      .enum(['0', '1'], 'EARLY_THAW_PRIVATE_CALENDARS has to be 0 or 1.')
      .default('0'),
    /** How many times as often as usual somebody may try things; for tests, which all come from one address. */
    EARLY_THAW_PATIENCE: z.coerce.number().int().min(1).max(10_000).default(1),
    /** The mail service that carries letters; `simulated`: they are kept, and read on a page. */
    EARLY_THAW_SMTP: z
      .string()
      .regex(
        /^(smtps?:\/\/.+|simulated)$/,
        'EARLY_THAW_SMTP has to begin with smtp:// or smtps://, or be the word simulated.',
      )
      .optional(),
    EARLY_THAW_MAIL_FROM: z
      .email('EARLY_THAW_MAIL_FROM has to be the email address from which letters come.')
      .optional(),
    /** Where people find the application; links in letters begin so. */
    EARLY_THAW_ADDRESS: z
      .string()
      .regex(
        /^https?:\/\/[^/]+\/?$/,
        'EARLY_THAW_ADDRESS has to be where people find the application, such as https://thaw.home.example.',
      )
      .optional(),
    LOG_LEVEL: z.enum(LOG_LEVELS, `LOG_LEVEL has to be one of ${LOG_LEVELS.join(', ')}.`).optional(),
    /** What the file of the log is called; for a second planner of one machine. */
    EARLY_THAW_LOG_NAME: z
      .string()
      .regex(/^[\w-]+\.log$/, 'EARLY_THAW_LOG_NAME has to be the name of a file such as planner-2.log.')
      .optional(),
    NODE_ENV: z.string().optional(),
  })
  .refine(
    (env) => !(env.EARLY_THAW_NOW && env.NODE_ENV === 'production' && !isLoopback(env.EARLY_THAW_HOST)),
    {
      message:
        'EARLY_THAW_NOW stops the clock for tests and pictures. It is refused where other hosts can reach the server.',
    },
  )
  .refine((env) => !isRealMail(env) || (env.EARLY_THAW_MAIL_FROM && env.EARLY_THAW_ADDRESS), {
    message:
      'EARLY_THAW_SMTP needs EARLY_THAW_MAIL_FROM, the address from which letters come, and EARLY_THAW_ADDRESS, where people find the application.',
  })
  .refine(
    (env) =>
      !(
        env.EARLY_THAW_SMTP === SIMULATED &&
        env.NODE_ENV === 'production' &&
        !isLoopback(env.EARLY_THAW_HOST)
      ),
    {
      message:
        'EARLY_THAW_SMTP=simulated shows letters to everybody. It is refused where other hosts can reach the server.',
    },
  );

/** How letters go out. */
export type MailConfig =
  | { readonly by: 'nobody' }
  | { readonly by: 'simulated'; readonly address: string }
  | { readonly by: 'smtp'; readonly url: string; readonly from: string; readonly address: string };

export type Config = {
  readonly databaseUrl: string;
  /** Where whole households may be read besides. */
  readonly readUrl: string | undefined;
  readonly redisUrl: string | undefined;
  readonly secret: string;
  readonly fixedNow: string | undefined;
  readonly seed: number;
  readonly planRounds: number | undefined;
  readonly privateCalendars: boolean;
  readonly patience: number;
  readonly mail: MailConfig;
};

/** Throws an error whose message is a sentence for the person who starts the server. */
export function configFrom(env: Readonly<Record<string, string | undefined>>): Config {
  const parsed = envSchema.safeParse(env);
  if (!parsed.success)
    throw new Error(
      parsed.error.issues
        .map((issue) =>
          issue.path.length > 0 && issue.code === 'invalid_type'
            ? `${issue.path.join('.')} is not set.`
            : issue.message,
        )
        .join(' '),
    );
  return {
    databaseUrl: parsed.data.DATABASE_URL.replace(/^mariadb:/, 'mysql:'),
    readUrl: parsed.data.DATABASE_READ_URL?.replace(/^mariadb:/, 'mysql:'),
    redisUrl: parsed.data.REDIS_URL,
    secret: parsed.data.EARLY_THAW_SECRET,
    fixedNow: parsed.data.EARLY_THAW_NOW,
    seed: parsed.data.EARLY_THAW_SEED,
    planRounds: parsed.data.EARLY_THAW_PLAN_ROUNDS,
    patience: parsed.data.EARLY_THAW_PATIENCE,
    privateCalendars: parsed.data.EARLY_THAW_PRIVATE_CALENDARS === '1',
    mail: mailFrom(parsed.data),
  };
}

function mailFrom(env: z.infer<typeof envSchema>): MailConfig {
  const address = env.EARLY_THAW_ADDRESS?.replace(/\/$/, '') ?? '';
  if (env.EARLY_THAW_SMTP === SIMULATED) return { by: 'simulated', address };
  if (!env.EARLY_THAW_SMTP || !env.EARLY_THAW_MAIL_FROM) return { by: 'nobody' };
  return { by: 'smtp', url: env.EARLY_THAW_SMTP, from: env.EARLY_THAW_MAIL_FROM, address };
}

let known: Config | undefined;

export function config(): Config {
  known ??= configFrom(process.env);
  return known;
}
