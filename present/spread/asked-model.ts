import { groupBy } from '@/core/basics/group-by';
import { taskOfStep } from '@/core/basics/ids';
import { dayOf, formatDate } from '@/core/basics/local-time';
import { FIXTURE_KINDS, type FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Focus } from '@/core/clean/focus';
import { roomsOf } from '@/core/home/room';
import type { HouseholdChange } from '@/core/household/change';
import type { ProblemFocus } from '@/core/plan/problem';
import type { Campaign, Current } from '@/core/problem/campaign';
import { jobName } from '@/core/work/single-places';
import type { CleanTask } from '@/core/work/tasks';
import { clock, count, longDate, shortDate } from '../words/words';
import { BINDS_WORDS, focusWords } from './asked-words';

/** All that was said of where work lies, in one place, each with its way back; and what can be said. */

export type AskedRow = {
  readonly key: string;
  readonly words: string;
  /** How strictly it is meant, and what does not fit. */
  readonly notes: readonly string[];
  readonly takeBack: HouseholdChange;
  /** What does not fit then may be done at other times. */
  readonly loosen?: HouseholdChange;
};

/** What a focus can be about: its value, and the words for it. */
export type About = { readonly value: string; readonly words: string };

export type AskedScreen = {
  readonly rows: readonly AskedRow[];
  readonly abouts: readonly { readonly group: string; readonly of: readonly About[] }[];
  /** Dates that can be pressed: from today on, up to the finish. */
  readonly dates: readonly string[];
  /** Who has time on each of them, and when. */
  readonly free: readonly { readonly words: string; readonly isAny: boolean }[];
  readonly last: string;
  readonly people: readonly { readonly id: string; readonly name: string }[];
};

const DATES_TO_PRESS = 14;

export function askedScreen(state: Current, campaign: Campaign): AskedScreen {
  const { household, tasks, today } = state;
  const { start, finish } = campaign.clean;
  const from = today > start ? today : start;
  const left = Math.max(0, dayOf(finish) - dayOf(from) + 1);
  const dates = Array.from({ length: Math.min(DATES_TO_PRESS, left) }, (_, i) => formatDate(dayOf(from) + i));
  return {
    rows: rowsOf(state, campaign),
    abouts: aboutsOf(state, tasks),
    dates,
    free: dates.map((date) => freeOn(date, campaign, household)),
    last: finish,
    people: household.people.map(({ id, name }) => ({ id, name })),
  };
}

function freeOn(date: string, { problem }: Campaign, { people }: Current['household']) {
  const words = problem.people.flatMap(({ id, windows }) => {
    const own = windows.filter(({ start }) => start.startsWith(date));
    const name = people.find((one) => one.id === id)?.name ?? 'Somebody';
    return own.map(({ start, end }) => `${name} ${clock(start)} to ${clock(end)}`);
  });
  const isAny = words.length > 0;
  return {
    isAny,
    words: isAny ? `${longDate(date)}: ${words.join(', ')}.` : `Nobody has time on ${longDate(date)}.`,
  };
}

function aboutsOf({ household }: Current, tasks: readonly CleanTask[]): AskedScreen['abouts'] {
  const { floors } = household.home;
  const kinds = groupBy(tasks, ({ method }) => method.kind);
  const things = groupBy(
    tasks.filter(({ from }) => !from),
    ({ fixture }) => fixture.kind,
  );
  const groups = [
    { group: 'A room', of: roomsOf(household.home).map(({ id, name }) => about('rooms', id, name)) },
    { group: 'A floor', of: floors.map(({ id, name }) => about('floors', id, name)) },
    {
      group: 'A kind of work',
      of: [...kinds.keys()].map((kind) => about('kinds', kind, WORK_KINDS[kind])),
    },
    {
      group: 'All things of one sort',
      of: [...things.keys()]
        .map((kind) => about('fixtures', kind, thingName(kind)))
        .sort((a, b) => a.words.localeCompare(b.words)),
    },
  ];
  return groups.filter(({ of }) => of.length > 0);
}

function thingName(kind: string): string {
  return FIXTURE_KINDS[kind as FixtureKindName].name;
}

function about(list: string, id: string, words: string): About {
  return { value: `${list}:${id}`, words };
}

/** What was chosen, as a focus says it. */
export function aboutOf(value: string): Pick<Focus, 'rooms' | 'floors' | 'kinds' | 'fixtures'> {
  const id = value.slice(value.indexOf(':') + 1);
  switch (value.slice(0, value.indexOf(':'))) {
    case 'rooms':
      return { rooms: [id] };
    case 'floors':
      return { floors: [id] };
    case 'kinds':
      return { kinds: [id as WorkKind] };
    default:
      return { fixtures: [id as FixtureKindName] };
  }
}

function rowsOf({ household, tasks }: Current, campaign: Campaign): AskedRow[] {
  const { focus, pins, later, doers, free } = household.steering;
  const known = new Map<string, CleanTask>(tasks.map((task) => [task.id, task]));
  const name = (id: string) => {
    const task = known.get(id);
    return task ? `${jobName(task)}, ${task.room.name}` : 'A job that is gone';
  };
  const person = (id: string) => household.people.find((one) => one.id === id)?.name ?? 'somebody';
  return [
    ...focus.map((one) => focusRow(one, household, campaign)),
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
