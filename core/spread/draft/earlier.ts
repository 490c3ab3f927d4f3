import { minuteOf } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Placed } from '../cost/metrics';
import { isSettled, type Model, remainingMinutes, type Step } from '../model/model';

/** Where the steps of a problem lay in an earlier plan: those that still exist, are still open and as long as they were. */
export function earlierPlaces(model: Model, plan: Plan): Map<Step, Placed[]> {
  const people = new Map(model.people.map((person) => [person.id, person]));
  const places = new Map<Step, Placed[]>();
  const changed = new Set<Step>();
  for (const entry of plan.entries) {
    const step = model.steps.get(entry.step);
    if (!step || isSettled(step)) continue;
    const crew = entry.people.flatMap((id) => people.get(id) ?? []);
    if (crew.length !== step.crew) changed.add(step);
    const placed: Placed = { step, people: crew, start: minuteOf(entry.start), end: minuteOf(entry.end) };
    places.set(step, [...(places.get(step) ?? []), placed]);
  }
  for (const [step, entries] of places) {
    entries.sort((a, b) => a.start - b.start);
    if (changed.has(step) || !isAsLong(step, entries)) places.delete(step);
  }
  return places;
}

function isAsLong(step: Step, entries: readonly Placed[]): boolean {
  if (step.mode === 'wait') return true;
  return entries.reduce((sum, entry) => sum + entry.end - entry.start, 0) === remainingMinutes(step);
}
