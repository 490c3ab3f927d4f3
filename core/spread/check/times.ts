import { dayOfMinute, midnightOf } from '../../basics/local-time';
import { isLinkBroken, stepTimes } from '../cost/metrics';
import { lastDayOf, type Model, type Step } from '../model/model';
import { at, type Entry, isHands, named, type Subject, sameEntry, type Violation } from './subject';

/** Rules 7 and 8: order, dates, weather, and what is fixed. */

/** Rule 7, precedence. */
export function linksHold({ model, entries, unplaced, byStep }: Subject): Violation[] {
  const times = stepTimes(entries);
  const given = (step: Step) =>
    step.doneAt !== undefined || (byStep.get(step) ?? []).every((entry) => entry.fixed);
  return model.links
    .filter(
      (link) =>
        link.hard && !unplaced.has(link.after.task) && !(link.orderOnly && unplaced.has(link.before.task)),
    )
    .filter((link) => !(given(link.before) && given(link.after)) && isLinkBroken(link, times))
    .map((link) => ({
      rule: 7,
      message: `step "${link.after.id}" starts at ${at(times.startOf(link.after) ?? 0)}; step "${link.before.id}" ends at ${at(times.endOf(link.before) ?? 0)}, and the order is: ${link.reason}`,
    }));
}

/** Rule 7, dates. */
export function datesHold({ model, entries, byStep }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 7, message });
  for (const entry of entries) {
    if (entry.fixed) continue;
    const started = isStartGiven(entry, byStep);
    if (!started) startsInTime(entry, model, say);
    endsInTime(entry, model, say);
    weatherSuits(entry, model, say);
  }
  for (const task of model.tasks) {
    if (!task.sameDay) continue;
    const own = task.steps.flatMap((step) => byStep.get(step) ?? []);
    const days = new Set(own.flatMap((entry) => [dayOfMinute(entry.start), lastDayOf(entry)]));
    if (days.size > 1 && own.some((entry) => !entry.fixed))
      say(`the steps of task "${task.id}" lie on ${days.size} dates and belong on one`);
    for (const entry of own)
      if (!entry.fixed && entry.end > midnightOf(dayOfMinute(entry.start)) + task.by)
        say(`${named(entry)} ends after the time of day by which task "${task.id}" is done`);
  }
  return found;
}

/** A wait after a done or fixed step starts at that end, whatever `now`, `start` and `earliest` say. */
function isStartGiven(entry: Entry, byStep: ReadonlyMap<Step, readonly Entry[]>): boolean {
  if (isHands(entry)) return false;
  const previous = entry.step.task.steps[entry.step.position - 1];
  if (!previous) return false;
  return previous.doneAt !== undefined || (byStep.get(previous)?.every((other) => other.fixed) ?? false);
}

function startsInTime(entry: Entry, model: Model, say: (message: string) => void): void {
  if (model.now !== undefined && entry.start < model.now)
    say(`${named(entry)} starts before now, ${at(model.now)}`);
  if (entry.start < model.start) say(`${named(entry)} starts before the first date`);
  if (entry.start < entry.step.task.earliest)
    say(`${named(entry)} starts before its earliest time, ${at(entry.step.task.earliest)}`);
}

function endsInTime(entry: Entry, model: Model, say: (message: string) => void): void {
  if (isHands(entry) && entry.end > model.end) say(`${named(entry)} ends after the last date`);
  if (!isHands(entry) && entry.start > model.end) say(`${named(entry)} starts after the last date`);
  if (entry.end > entry.step.task.latest)
    say(`${named(entry)} ends after its latest time, ${at(entry.step.task.latest)}`);
}

function weatherSuits(entry: Entry, model: Model, say: (message: string) => void): void {
  const first = dayOfMinute(entry.start);
  const last = lastDayOf(entry);
  if (isHands(entry)) {
    for (let day = first; day <= last; day++)
      if (model.isReserve(day)) say(`${named(entry)} lies on a day kept free`);
    const light = model.daylight(first);
    if (entry.step.task.daylight && (entry.start < light.start || entry.end > light.end))
      say(`${named(entry)} needs daylight`);
  }
  if (!entry.step.task.dry) return;
  for (let day = first; day <= last; day++) {
    if (!model.isDry(day)) {
      say(`${named(entry)} needs a dry day`);
      return;
    }
  }
}

/** Rule 8. */
export function fixedStand({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  for (const step of model.steps.values()) {
    for (const fixed of step.fixed) {
      const there = entries.some((entry) => entry.step === step && sameEntry(fixed, entry));
      if (!there)
        found.push({
          rule: 8,
          message: `step "${step.id}" is fixed at ${at(fixed.start)} to ${at(fixed.end)} and does not stand there`,
        });
    }
  }
  return found;
}
