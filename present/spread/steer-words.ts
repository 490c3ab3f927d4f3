import type { Plan } from '@/core/plan/plan';
import type { TaskChange } from '@/core/plan/plan-changes';
import type { ByHand } from '@/core/steering/by-hand';
import { clock, count, shortDate } from '../words/words';
import { doneWords } from './done-words';

/** What a change by hand has done to the plan: in a sentence, and job by job. */
export type Steered = { readonly words: string; readonly moved: readonly string[] };

export type Names = {
  readonly task: ReadonlyMap<string, string>;
  readonly person: ReadonlyMap<string, string>;
};

/** More than these are counted, not told one by one. */
const MOST_TOLD = 40;

export function changedWords(changes: readonly TaskChange[], after: Plan, names: Names): Steered {
  const done = doneWords(after);
  const left = after.unplaced.length;
  const out = left > 0 ? ` ${count(left, 'job has', 'jobs have')} no place.` : '';
  const words =
    changes.length === 0 ? 'Nothing had to move.' : `${count(changes.length, 'job', 'jobs')} moved.`;
  return {
    words: `${words}${done ? ` ${done}.` : ''}${out}`,
    moved: changes.slice(0, MOST_TOLD).map((change) => lineOf(change, names)),
  };
}

function lineOf({ task, from, to }: TaskChange, names: Names): string {
  const name = names.task.get(task) ?? task;
  if (!to) return `${name}: no place any more`;
  const where = `${shortDate(to.start.slice(0, 10))}, ${clock(to.start)}${peopleWords(to.people, names)}`;
  if (!from) return `${name}: ${where}`;
  return `${name}: ${shortDate(from.start.slice(0, 10))}, ${clock(from.start)} → ${where}`;
}

function peopleWords(people: readonly string[], names: Names): string {
  return people.length === 0 ? '' : `, ${people.map((id) => names.person.get(id) ?? id).join(' and ')}`;
}

/** What did not come along when a session was moved. */
export function withStayed(steered: Steered, stayed: readonly string[]): Steered {
  if (stayed.length === 0) return steered;
  const titles = stayed.map((title) => `“${title}”`).join(', ');
  return {
    ...steered,
    words: `${steered.words} ${titles} could not come along and ${stayed.length === 1 ? 'stays' : 'stay'} where the plan has room.`,
  };
}

export const SESSION_STAYS =
  'None of that can be done then: nobody who may is free, or the date lies outside this clean. The session stays where it was.';

type Why = Extract<ByHand, { ok: false }>['why'];

/** Why a job can't lie where it was put; the plan stays as it was. */
export const MOVE_REFUSALS: Record<Why, (title: string) => string> = {
  gone: () => 'That job is no longer part of the clean. The page shows what is.',
  past: (title) => `That moment has passed. “${title}” stays where it was.`,
  outside: (title) => `That date lies outside this clean. “${title}” stays where it was.`,
  person: (title) => `“${title}” is not for that person: a hazard is kept from them. It stays where it was.`,
  'no-room': (title) =>
    `Nobody who may do “${title}” is free for it then, or the weather, the light or a machine does not allow it. It stays where it was.`,
};
