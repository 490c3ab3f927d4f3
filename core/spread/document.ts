import { formatMinute } from '../basics/local-time';
import type { MadePlan, UnplacedReason } from '../plan/plan';
import { costsOf, costView } from './costs';
import type { Draft } from './draft';
import { metricsOf, type Placed, sessionDocuments, sessionsOf } from './metrics';
import type { Task } from './model';
import { reasonsFor } from './reasons';

const MESSAGES: Record<UnplacedReason, (task: Task) => string> = {
  'no-time': (task) => `There is not enough free time for “${task.title}” before the finish date.`,
  person: (task) => `Nobody who may do “${task.title}” is there, or too few at once.`,
  machine: (task) => `No machine is free long enough for “${task.title}”.`,
  weather: (task) => `“${task.title}” needs a dry day, and none of them has time for it.`,
  daylight: (task) => `“${task.title}” needs daylight, and nobody is free in it for long enough.`,
  'too-long': (task) => `“${task.title}” is longer in one go than anybody works without a break or has free.`,
  predecessor: (task) => `“${task.title}” waits for something that is not planned.`,
  focus: (task) => `“${task.title}” fits into none of the times that are given to it.`,
  attendance: (task) => `“${task.title}” needs a grown-up at home, and nobody is for long enough.`,
  deadline: (task) => `“${task.title}” can't be done by its latest time.`,
};

/** A draft as a plan document, with the reason for each task that is left out. */
export function documentOf(draft: Draft, problemHash: string): MadePlan {
  const { board, model } = draft;
  const entries = board.entries();
  const reasons = [...reasonsFor(draft)];
  const unplaced = reasons.map(([task]) => task);
  const sessions = sessionsOf(entries, model.people);
  return {
    format: 'early-thaw/plan',
    version: 2,
    problem: problemHash,
    entries: [...entries].sort(byTime).map((entry) => ({
      step: entry.step.id,
      people: entry.people.map((person) => person.id),
      start: formatMinute(entry.start),
      end: formatMinute(entry.end),
    })),
    sessions: sessionDocuments(sessions),
    unplaced: reasons.map(([task, reason]) => ({ task: task.id, reason, message: MESSAGES[reason](task) })),
    metrics: {
      ...metricsOf(model, entries, sessions, unplaced),
      ...costsOf(costView(model, entries, unplaced)),
    },
  };
}

function byTime(a: Placed, b: Placed): number {
  return a.start - b.start || a.step.task.index - b.step.task.index || a.step.position - b.step.position;
}
