/**
 * How much a household may hold: the same for a form, a file and the database, whose columns are at least as wide. Longer
 * lists than these come from a mistake, and would keep everybody else waiting.
 */

export const MOST_FILE_BYTES = 5_000_000;
/** Of a household file, which holds plans and all that happened: larger than the largest that is ever written. */
export const MOST_HOUSEHOLD_BYTES = 40_000_000;

/** Characters of an id; those of tasks and steps are put together from several. */
export const MOST_ID = 200;
export const MOST_METHOD_ID = 80;
export const MOST_STEP_KEY = 60;
export const MOST_TASK_ID = 320;
export const MOST_STEP_ID = 400;
/** Characters of the name of anything. */
export const MOST_NAME = 80;
/** Of what a step or a job is called, and of a few lines about it. */
export const MOST_TITLE = 300;
export const MOST_TEXT = 2_000;

export const MOST = {
  floors: 60,
  rooms: 400,
  stops: 8_000,
  fixtures: 5_000,
  people: 60,
  machines: 60,
  /** Jobs and rules of the household's own, and what it has said of single jobs. */
  ownMethods: 300,
  ownRules: 500,
  marks: 20_000,
} as const;
export type Counted = keyof typeof MOST;

/** The same for a problem and a plan as others write them: far more than any house has, and less than would hold up the rest. */
export const MOST_IN_DOCUMENT = {
  people: 200,
  windows: 20_000,
  machines: 500,
  rooms: 5_000,
  tasks: 50_000,
  steps: 200,
  /** Tags of a step, and hazards kept from somebody. */
  tags: 200,
  rules: 500_000,
  days: 5_000,
  /** Of times of each day: in a room, in the house. */
  daily: 200,
  /** Pieces of work, fixed, done, planned or left out. */
  entries: 200_000,
  sessions: 50_000,
  focuses: 2_000,
} as const;
/** Plans in a household’s file: the first, and the last few. */
export const MOST_PLANS = 60;
/** Choices of one form. */
export const MOST_CHOICES = 400;

/** Times of one person in a week. */
export const MOST_HOURS = 100;
export const MOST_TICKS = 50_000;
/** Of what happened on the days of a clean: several years of it. */
export const MOST_EVENTS = 50_000;
/** Lines of the record: many years of it. */
export const MOST_RECORD = 100_000;
export const MOST_PAST_CLEANS = 200;
/** Steps of a job, and tools and tags of one. */
export const MOST_STEPS = 60;
export const MOST_TOOLS = 60;
