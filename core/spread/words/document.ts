import { formatMinute } from '../../basics/local-time';
import type { MadePlan } from '../../plan/plan';
import { costsOf, costView } from '../cost/costs';
import { metricsOf, type Placed, sessionDocuments, sessionsOf } from '../cost/metrics';
import type { Draft } from '../draft/draft';
import { messageOf } from './reason-words';
import { reasonsFor } from './reasons';

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
    unplaced: reasons.map(([task, cause]) => ({
      task: task.id,
      reason: cause.reason,
      message: messageOf(task, cause),
    })),
    metrics: {
      ...metricsOf(model, entries, sessions, unplaced),
      ...costsOf(costView(model, entries, unplaced)),
    },
  };
}

function byTime(a: Placed, b: Placed): number {
  return a.start - b.start || a.step.task.index - b.step.task.index || a.step.position - b.step.position;
}
