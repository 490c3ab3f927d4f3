import { type TaskId, wholeTaskOf } from '../basics/ids';
import { plusMonths } from '../basics/local-time';
import type { Method } from '../catalogue/method';
import type { ProductSchool } from '../catalogue/work-kinds';
import { MARK_LEVELS, type Mark, markKey, type Reason } from '../clean/marks';
import { intervalIn } from '../estimate/fact-effects';
import type { HomeFacts } from '../home/facts';
import { type Fixture, type Room, SOILS } from '../home/room';
import { isInRound } from '../home/weekly-round';
import type { ProblemTask } from '../plan/problem';

/** Why something is out of scope: what a person decided, or what follows from the catalogue and the walk. */
export type OutReason = Reason | 'left' | 'occasional';

/** What a task is in this clean: whether it is done, how much it matters, and who decided that. */
export type Scope = {
  readonly in: boolean;
  readonly reason?: OutReason;
  /** The level on which it was decided; `usual` where nobody did. */
  readonly by: Mark['on'] | 'usual';
  readonly priority: ProblemTask['priority'];
  readonly matters: boolean;
  readonly dreaded: boolean;
  readonly hardness: number;
  readonly guessMinutes?: number;
  /** The date from which on it is due again; absent where nobody knows when it was last done. */
  readonly due?: string;
};

export type Marks = ReadonlyMap<string, Mark>;

export function marksOf(marks: readonly Mark[]): Marks {
  return new Map(marks.map((mark) => [markKey(mark), mark]));
}

type Subject = {
  readonly id: TaskId;
  readonly method: Method;
  readonly fixture: Fixture;
  readonly room: Room;
  /** Of how many places of the fixture it is one, where each is a job. */
  readonly part?: { readonly of: number };
};

const MOST_HARDNESS = 5;

/**
 * The scope of a task in a clean that ends on `finish`, done last on `lastDone`: what was decided nearest to the task holds, part by part, the
 * task before its room before its kind of work; else what is usual.
 */
export function scopeOf(
  subject: Subject,
  marks: Marks,
  facts: HomeFacts,
  { finish, lastDone }: { readonly finish: string | undefined; readonly lastDone?: string | undefined },
): Scope {
  const near = nearest(subject, marks);
  const last = lastOf(subject.fixture, lastDone);
  const due = last === undefined ? undefined : plusMonths(last, intervalFor(subject, marks, facts));
  const decided = near.find((mark) => mark.in !== undefined);
  const usual = USUALLY_OUT.find((row) => row.holds(subject, { facts, due, finish }));
  const out = decided ? !decided.in : usual !== undefined;
  const reason = decided ? decided.reason : usual?.reason;
  const dreaded = firstOf(near, 'dreaded') ?? false;
  const matters = firstOf(near, 'matters') ?? false;
  const guessMinutes = guessOf(subject, near);
  return {
    in: !out,
    ...(out && reason !== undefined && { reason }),
    by: decided?.on ?? 'usual',
    priority: firstOf(near, 'priority') ?? (matters ? 'must' : subject.method.priority),
    matters,
    dreaded,
    hardness: dreaded ? MOST_HARDNESS : subject.method.hardness,
    ...(guessMinutes !== undefined && { guessMinutes }),
    ...(due !== undefined && { due }),
  };
}

/** The school of products for a task: what was said of the task, its room or its kind of work, else of the whole clean. */
export function schoolFor(
  subject: Omit<Subject, 'fixture'>,
  marks: Marks,
  school: ProductSchool,
): ProductSchool {
  return nearest(subject, marks).find((mark) => mark.products !== undefined)?.products ?? school;
}

/** Whether one person does a task alone: what was said of it, of its room or its kind of work, else as it comes in the house. */
export function aloneFor(subject: Omit<Subject, 'fixture'>, marks: Marks, alone: boolean): boolean {
  return nearest(subject, marks).find((mark) => mark.alone !== undefined)?.alone ?? alone;
}

/** Whether a floor is done half by half: what was said of it, of its room or of all floors. */
export function inPartsFor(subject: Omit<Subject, 'fixture'>, marks: Marks): boolean {
  return nearest(subject, marks).find((mark) => mark.inParts !== undefined)?.inParts ?? false;
}

function nearest({ id, room, method }: Omit<Subject, 'fixture'>, marks: Marks): Mark[] {
  if (marks.size === 0) return [];
  // What was said of all places of a thing is said of each.
  const targets: Record<Mark['on'], ReadonlySet<string>> = {
    task: new Set([id, wholeTaskOf(id)]),
    room: new Set([room.id]),
    kind: new Set([method.kind]),
  };
  return MARK_LEVELS.flatMap((on) =>
    [...targets[on]].flatMap((target) => marks.get(markKey({ on, target })) ?? []),
  );
}

/** A guess of all places together is shared out evenly. */
function guessOf({ id, part }: Subject, near: readonly Mark[]): number | undefined {
  const mark = near.find(({ on, guessMinutes }) => on === 'task' && guessMinutes !== undefined);
  if (mark?.guessMinutes === undefined) return undefined;
  return part && mark.target !== id ? mark.guessMinutes / part.of : mark.guessMinutes;
}

function firstOf<Key extends 'priority' | 'matters' | 'dreaded'>(near: readonly Mark[], key: Key): Mark[Key] {
  return near.find((mark) => mark[key] !== undefined)?.[key];
}

/** The later of what was said of the thing, and what the record knows of the job. */
function lastOf({ lastDone }: Fixture, recorded: string | undefined): string | undefined {
  if (lastDone === undefined || recorded === undefined) return recorded ?? lastDone;
  return lastDone > recorded ? lastDone : recorded;
}

/** Months after which a job is due again: what was said of it, of its room or its kind of work, else as it comes in the house. */
export function intervalFor(subject: Omit<Subject, 'fixture'>, marks: Marks, facts: HomeFacts): number {
  return (
    nearest(subject, marks).find(({ everyMonths }) => everyMonths !== undefined)?.everyMonths ??
    intervalIn(subject.method, facts)
  );
}

type Usual = {
  readonly reason: OutReason;
  readonly holds: (subject: Subject, clean: Around) => boolean;
};

/** What a task is judged in: the house, when it is due again, and the finish line. */
type Around = {
  readonly facts: HomeFacts;
  readonly due: string | undefined;
  readonly finish: string | undefined;
};

/** Why something is usually out, the strongest reason first. */
const USUALLY_OUT: readonly Usual[] = [
  { reason: 'left', holds: ({ fixture }) => fixture.leave },
  {
    reason: 'routine',
    holds: ({ method }, { facts }) => method.routine || isInRound(method.id, facts.weeklyRound),
  },
  { reason: 'occasional', holds: ({ method, fixture }) => method.occasional && !isNeeded(method, fixture) },
  {
    reason: 'not-due',
    holds: (_subject, { due, finish }) => due !== undefined && finish !== undefined && due > finish,
  },
];

function isNeeded({ neededFrom }: Method, { soil }: Fixture): boolean {
  return neededFrom !== undefined && SOILS.indexOf(soil) >= SOILS.indexOf(neededFrom);
}
