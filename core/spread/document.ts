import { formatMinute } from '../basics/local-time';
import type { Plan, UnplacedReason } from '../plan/plan';
import { type Construction, reasonsFor } from './construct';
import { metricsOf, type Placed, sessionDocuments, sessionsOf } from './metrics';
import type { Model, Task } from './model';
import type { LinkIndex } from './step-order';

const MESSAGES: Record<UnplacedReason, (task: Task) => string> = {
  'no-time': (task) => `There is not enough free time for “${task.title}” before the finish date.`,
  person: (task) => `Nobody who may do “${task.title}” is there, or too few at once.`,
  machine: (task) => `No machine is free long enough for “${task.title}”.`,
  weather: (task) => `“${task.title}” needs a dry day, and none of them has time for it.`,
  daylight: (task) => `“${task.title}” needs daylight, and nobody is free in it for long enough.`,
  'too-long': (task) => `“${task.title}” is longer in one go than anybody works without a break or has free.`,
  predecessor: (task) => `“${task.title}” waits for something that is not planned.`,
  deadline: (task) => `“${task.title}” can't be done by its latest time.`,
};

/** A construction as a plan document, with the reason for each task that is left out. */
export function documentOf(
  model: Model,
  construction: Construction,
  links: LinkIndex,
  problemHash: string,
): Plan {
  const entries = construction.board.entries();
  const reasons = [...reasonsFor(construction, links)].sort(([a], [b]) => a.index - b.index);
  const sessions = sessionsOf(entries, model.people);
  const metrics = metricsOf(
    model,
    entries,
    sessions,
    reasons.map(([task]) => task),
  );
  return {
    format: 'early-thaw/plan',
    version: 1,
    problem: problemHash,
    entries: [...entries].sort(byTime).map((entry) => ({
      step: entry.step.id,
      people: entry.people.map((person) => person.id),
      start: formatMinute(entry.start),
      end: formatMinute(entry.end),
    })),
    sessions: sessionDocuments(sessions),
    unplaced: reasons.map(([task, reason]) => ({ task: task.id, reason, message: MESSAGES[reason](task) })),
    metrics,
  };
}

function byTime(a: Placed, b: Placed): number {
  return a.start - b.start || a.step.task.index - b.step.task.index || a.step.position - b.step.position;
}
