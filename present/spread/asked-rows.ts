import { groupBy } from '@/core/basics/group-by';
import { taskOfStep } from '@/core/basics/ids';
import type { Focus } from '@/core/clean/focus';
import { roomsOf } from '@/core/home/room';
import type { HouseholdChange } from '@/core/household/change';
import type { ProblemFocus } from '@/core/plan/problem';
import type { Campaign, Current } from '@/core/problem/campaign';
import { jobName } from '@/core/work/place-of-job';
import type { CleanTask } from '@/core/work/tasks';
import { WAY_WORDS } from '../order/rooms-in-order';
import { clock, count, listed, longDate, shortDate } from '../words/words';
import { BINDS_WORDS, focusWords } from './asked-words';

/** All that was said of where work lies, in one place, each with its way back. */

export type AskedRow = {
  readonly key: string;
  readonly words: string;
  /** How strictly it is meant, and what does not fit. */
  readonly notes: readonly string[];
  readonly takeBack: HouseholdChange;
  /** What that is called, where it is no taking back. */
  readonly press?: string;
  /** What does not fit then may be done at other times. */
  readonly loosen?: HouseholdChange;
};

export function askedRows({ household, tasks, today }: Current, campaign: Campaign): AskedRow[] {
  const { focus, pins, later, doers, free } = household.steering;
  const known = new Map<string, CleanTask>(tasks.map((task) => [task.id, task]));
  const name = (id: string) => {
    const task = known.get(id);
    return task ? `${jobName(task)}, ${task.room.name}` : 'A job that is gone';
  };
  const person = (id: string) => household.people.find((one) => one.id === id)?.name ?? 'somebody';
  return [
    ...focus.map((one) => focusRow(one, household, campaign)),
    ...orderRows(household),
    ...free.map((date) => ({
      key: `free ${date}`,
      words: `Kept free: ${longDate(date)}`,
      notes: [],
      takeBack: { do: 'free-day', date, free: false } as const,
    })),
    ...[...groupBy(pins, ({ step }) => taskOfStep(step))].map(([task, [first]]) => ({
      key: `pin ${task}`,
      words: name(task),
      notes: first ? [`Placed by hand: ${shortDate(first.start.slice(0, 10))}, ${clock(first.start)}`] : [],
      takeBack: { do: 'let-go', tasks: [task] } as const,
    })),
    ...[...groupBy(later, ({ from }) => from)].map(([from, own]) => ({
      key: `later ${from}`,
      words: own.length === 1 ? name(own[0]?.task ?? '') : count(own.length, 'job', 'jobs'),
      notes: [`Not before ${longDate(from)}`],
      takeBack: { do: 'let-go', tasks: own.map(({ task }) => task) } as const,
    })),
    ...doers.map(({ task, person: id }) => ({
      key: `doer ${task}`,
      words: name(task),
      notes: [`Only ${person(id)}`],
      takeBack: { do: 'let-go', tasks: [task] } as const,
    })),
    ...reserveRows(campaign.clean.reserve, today),
  ];
}

/** Days that are held back for what slips, as long as they are to come. */
function reserveRows(reserve: readonly string[], today: string): AskedRow[] {
  return reserve
    .filter((date) => date >= today)
    .map((date) => ({
      key: `reserve ${date}`,
      words: `In reserve: ${longDate(date)}`,
      notes: ['Nothing is planned for it, so that what slips has a place.'],
      takeBack: { do: 'reserve-day', date, reserve: false },
      press: 'Open it for work',
    }));
}

/** The order of the rooms, and how each is gone through. */
function orderRows({ home, rules }: Current['household']): AskedRow[] {
  const rooms = roomsOf(home);
  const name = (id: string) => rooms.find((room) => room.id === id)?.name ?? 'a room that is gone';
  const order: AskedRow = {
    key: 'rooms',
    words: `One after the other: ${listed(rules.rooms.map(name))}`,
    notes: ['The plan keeps to this order where it can.'],
    takeBack: { do: 'room-order', rooms: [] },
  };
  return [
    ...(rules.rooms.length > 0 ? [order] : []),
    ...rules.ways.map(
      ({ room, way }): AskedRow => ({
        key: `way ${room}`,
        words: name(room),
        notes: [`${WAY_WORDS[way]}.`],
        takeBack: { do: 'room-way', rooms: [room], way: null },
      }),
    ),
  ];
}

function focusRow(focus: Focus, household: Current['household'], campaign: Campaign): AskedRow {
  const { isOver, out } = outcomeOf(focus, campaign);
  return {
    key: `focus ${focus.id}`,
    words: focusWords(focus, household),
    notes: [
      BINDS_WORDS[focus.binds],
      ...(isOver ? ['It is over, or what it is about is gone: it binds nothing any more.'] : []),
      ...(out > 0 ? [`${count(out, 'job does', 'jobs do')} not fit then.`] : []),
    ],
    takeBack: { do: 'drop-focus', focus: focus.id },
    ...(out > 0 && { loosen: { do: 'put-focus', focus: { ...focus, binds: 'time' } } as const }),
  };
}

/** What was given its time on a date, in words. */
export function askedOn(
  date: string,
  { steering, ...household }: Current['household'],
  { problem }: Campaign,
): string[] {
  const bound = (problem.focus ?? []).filter(({ from }) => from.startsWith(date)).map(({ id }) => id);
  return steering.focus
    .filter(({ id }) => bound.includes(`${id} ${date}`))
    .map((focus) => focusWords(focus, household));
}

/** Whether it still binds anything, and how many jobs do not fit into it. */
function outcomeOf({ id }: Focus, { problem, plans }: Campaign): { isOver: boolean; out: number } {
  const own = (problem.focus ?? []).filter((one) => one.id.startsWith(`${id} `));
  const out = (plans?.latest.plan.unplaced ?? []).filter(
    ({ task, reason }) => reason === 'focus' && own.some((one) => isAbout(one, task, problem)),
  );
  return { isOver: own.length === 0, out: out.length };
}

function isAbout({ rooms, kinds, tasks }: ProblemFocus, id: string, problem: Campaign['problem']): boolean {
  const task = problem.tasks.find((one) => one.id === id);
  return (
    task !== undefined &&
    (rooms?.includes(task.room) ?? true) &&
    (kinds?.includes(task.kind) ?? true) &&
    (tasks?.includes(id) ?? true)
  );
}
