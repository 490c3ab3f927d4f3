import { taskOfStep } from '@/core/basics/ids';
import { minutesOf } from '@/core/basics/local-time';
import type { PlanEntry } from '@/core/plan/plan';
import type { DayFile, StepWords } from '../day/day-file';
import type { KitScreen } from '../supplies/supplies-model';
import { inSentence } from '../words/piece-of-work';
import { clock, count, duration, longDate } from '../words/words';
import { emptySheet, type Line, type Sheet, type SheetPart } from './sheet';

const NOTES = 6;

/** One day to carry through with a pencil: what is carried in, what is mixed, each step with its cautions, and notes. */
export function daySheet(file: DayFile, kits: readonly KitScreen[]): Sheet {
  const { date, person, people } = file;
  const name = people.length > 1 ? people.find(({ id }) => id === person)?.name : undefined;
  const title = [name, `${longDate(date)} ${date.slice(0, 4)}`].filter(Boolean).join(', ');
  const own = file.pack.entries
    .filter((entry) => person === undefined || entry.people.includes(person))
    .toSorted((a, b) => a.start.localeCompare(b.start));
  if (own.length === 0) return emptySheet(title, 'Nothing is planned for this day.');
  return {
    title,
    line: `${count(own.length, 'step', 'steps')}, ${duration(own.reduce((sum, entry) => sum + minutesOf(entry), 0))} of work. The label on a product and the maker’s word come first.`,
    parts: [
      ...trades(file),
      ...kits.map(kitPart),
      { title: 'In this order', blocks: [{ is: 'lines', lines: own.map((entry) => lineOf(entry, file)) }] },
      { blocks: [{ is: 'ruled', title: 'Notes', rows: NOTES }] },
    ],
  };
}

function trades({ calls }: DayFile): SheetPart[] {
  return calls.length === 0
    ? []
    : [{ title: 'Comes today', blocks: [{ is: 'words', words: calls.map(({ what }) => what) }] }];
}

function kitPart({ who, from, to, tools, things, cloths, mixes }: KitScreen): SheetPart {
  const carried = [...tools, ...things, ...cloths.map((words) => `cloths: ${words}`)];
  return {
    title: `Carry in for ${who}, ${clock(from)} to ${clock(to)}`,
    blocks: [
      ...(carried.length > 0
        ? [{ is: 'words', title: 'Tools and things', words: [carried.join('; ')] } as const]
        : []),
      ...(mixes.length > 0 ? [{ is: 'words', title: 'Products', words: mixes } as const] : []),
    ],
  };
}

function lineOf(entry: PlanEntry, { words, pack, people, person }: DayFile): Line {
  const own: Partial<StepWords> = words[entry.step] ?? {};
  const others = entry.people
    .filter((id) => id !== person)
    .map((id) => people.find((one) => one.id === id)?.name ?? 'somebody');
  const manner = own.manner ? `: ${inSentence(own.manner)}` : '';
  return {
    box: pack.done.some(({ step }) => step === entry.step) ? 'ticked' : 'open',
    at: `${clock(entry.start)} to ${clock(entry.end)}`,
    what: `${own.job ?? 'A step that has changed meanwhile'}${manner}`,
    where: own.where,
    side: [
      duration(minutesOf(entry)),
      ...(others.length > 0 && people.length > 1
        ? [person === undefined ? others.join(' and ') : `with ${others.join(' and ')}`]
        : []),
    ].join(', '),
    more: [
      ...(own.cautions ?? []).map((caution) => `Take care: ${caution}`),
      ...(own.waters ?? []),
      ...(own.moves ?? []),
      ...(own.kit && own.kit.length > 0 ? [`With: ${own.kit.join('; ')}.`] : []),
      ...(isFirst(entry, pack.entries) && own.how ? [own.how] : []),
      ...(own.doneWhen ? [`Done when: ${own.doneWhen}`] : []),
      ...waitAfter(entry, pack),
    ],
  };
}

/** How a job goes is said once, at the first of its steps on the page. */
function isFirst(entry: PlanEntry, entries: readonly PlanEntry[]): boolean {
  const task = taskOfStep(entry.step);
  const first = entries
    .filter(({ step }) => taskOfStep(step) === task)
    .toSorted((a, b) => a.start.localeCompare(b.start))[0];
  return first?.step === entry.step;
}

/** What the step sets going, and for how long it is left alone. */
function waitAfter({ step: id }: PlanEntry, { tasks }: DayFile['pack']): string[] {
  const steps = tasks.find((task) => task.id === taskOfStep(id))?.steps ?? [];
  const next = steps[steps.findIndex((step) => step.id === id) + 1];
  return next?.mode === 'wait' ? [`Then it waits for ${duration(next.minutes)}.`] : [];
}
