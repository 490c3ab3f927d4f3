import type { DayAct, ToldEvent } from '../clean/events';
import type { PlanEntry } from '../plan/plan';
import type { DayPack } from './pack';

/**
 * What somebody may see and say who helps by a link: their own steps, and nothing else of the household. Reading, hearing
 * and writing all ask here.
 */

/** Whether a step is a helper's: handed on to them, or else planned for them. */
export function isHelpersStep(
  helper: string,
  step: string,
  entries: readonly PlanEntry[],
  handedTo: string | undefined,
): boolean {
  if (handedTo !== undefined) return handedTo === helper;
  return entries.some((entry) => entry.step === step && entry.people.includes(helper));
}

/** A day with only what the helper does, and what it waits for. */
export function packOfHelper(pack: DayPack, helper: string, events: readonly ToldEvent[]): DayPack {
  const handed = new Map(
    events.flatMap(({ act }) => (act.do === 'hand' ? [[act.step, act.to] as const] : [])),
  );
  const entries = pack.entries.filter(({ step }) =>
    isHelpersStep(helper, step, pack.entries, handed.get(step)),
  );
  const mine = new Set(entries.map((entry) => entry.step));
  const tasks = pack.tasks.filter((task) => task.steps.some((step) => mine.has(step.id)));
  const steps = new Set(tasks.flatMap((task) => task.steps.map((step) => step.id)));
  const ids = new Set(tasks.map((task) => task.id));
  return {
    ...pack,
    tasks,
    entries,
    rules: pack.rules.filter(({ before, after }) =>
      [before, after].every((id) => steps.has(id) || ids.has(id)),
    ),
    planned: pack.planned.filter((step) => steps.has(step)),
    done: pack.done.filter(({ step }) => steps.has(step)),
    parts: pack.parts.filter(({ step }) => steps.has(step)),
  };
}

/** Whether a helper hears of something: what concerns the tasks of their day, and what they have said themselves. */
export function helperHears({ act, person }: ToldEvent, helper: string, pack: DayPack): boolean {
  if ('step' in act) return pack.tasks.some((task) => task.steps.some((step) => step.id === act.step));
  return person === helper;
}

/** What has to be known of something that a helper says. */
export type HelperSays = {
  readonly helper: string;
  /** Whether the step that it is about is theirs; false where it is about none. */
  readonly isTheirs: boolean;
  /** Who said what it settles or takes back. */
  readonly saidBy: string | undefined;
};

type Rule<D extends DayAct['do']> = (says: HelperSays, act: Extract<DayAct, { do: D }>) => boolean;

const OF_OWN_STEP = ({ isTheirs }: HelperSays) => isTheirs;
const OWN_WORDS = ({ helper, saidBy }: HelperSays) => saidBy === helper;
const EVERYBODY = () => true;
/** What the whole household's day hangs on. */
const NO_HELPER = () => false;

const MAY_SAY: { readonly [D in DayAct['do']]: Rule<D> } = {
  start: OF_OWN_STEP,
  pause: OF_OWN_STEP,
  done: OF_OWN_STEP,
  undo: OF_OWN_STEP,
  part: OF_OWN_STEP,
  took: OF_OWN_STEP,
  'came-out': OF_OWN_STEP,
  'not-today': (says, { also = [] }) => OF_OWN_STEP(says) && also.length === 0,
  cannot: OF_OWN_STEP,
  again: OF_OWN_STEP,
  'second-go': OF_OWN_STEP,
  machine: OF_OWN_STEP,
  // To whom else is the household's to say.
  hand: NO_HELPER,
  found: EVERYBODY,
  reword: OWN_WORDS,
  settle: OWN_WORDS,
  'take-back': OWN_WORDS,
  short: ({ helper }, { who }) => who === helper,
  block: EVERYBODY,
  pile: NO_HELPER,
  bag: NO_HELPER,
  rain: NO_HELPER,
  'run-out': NO_HELPER,
  broke: NO_HELPER,
};

/** Whether a helper may say something. */
export function helperMaySay(act: DayAct, says: HelperSays): boolean {
  return (MAY_SAY[act.do] as Rule<DayAct['do']>)(says, act);
}
