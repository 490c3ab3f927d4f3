import { dailyUntil } from '../../basics/daily';
import type { Focus, Span, Task } from '../model/model';
import { at, type Entry, isHands, named, type Rule, type Subject, type Violation } from './subject';

/** Rule 10: rooms in use, grown-ups at home, who is kept out, quiet hours, and what is given to a stretch of time. */

type Say = (message: string) => void;

/** What stands as given breaks none of this: fixed, or a wait that runs since a done step. */
function isGiven(entry: Entry): boolean {
  const previous = entry.step.task.steps[entry.step.position - 1];
  return entry.fixed || (!isHands(entry) && previous?.doneAt !== undefined);
}

/** The minutes of a step: a wait's overhang is none of them. */
function minutesOf(entry: Entry): Span {
  return isHands(entry) ? entry : { start: entry.start, end: entry.start + entry.step.minutes };
}

export const meanwhileHolds: Rule = (subject) => {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 10, message });
  for (const entry of subject.entries) {
    if (!isGiven(entry)) {
      roomIsNotInUse(entry, say);
      isQuiet(entry, subject, say);
      isAttended(entry, subject, say);
      if (isHands(entry)) focusHolds(entry, subject, say);
    }
    keptOut(entry, subject, say);
  }
  return found;
};

function roomIsNotInUse(entry: Entry, say: Say): void {
  const { room } = entry.step.task;
  const { start, end } = minutesOf(entry);
  if (entry.step.closesRoom && end > start && dailyUntil(room.inUse, start, end) !== undefined)
    say(`${named(entry)} closes room "${room.id}" while it is in use`);
}

function isQuiet(entry: Entry, { model }: Subject, say: Say): void {
  const { start, end } = minutesOf(entry);
  if (entry.step.isNoisy && end > start && dailyUntil(model.quiet, start, end) !== undefined)
    say(`${named(entry)} makes noise in a quiet time`);
}

function isAttended(entry: Entry, { model }: Subject, say: Say): void {
  if (!entry.step.attended || model.attendance === undefined) return;
  const { start, end } = minutesOf(entry);
  if (start < end && !model.attendance.some((window) => window.start <= start && end <= window.end))
    say(`${named(entry)} runs while no grown-up is at home`);
}

function keptOut(entry: Entry, { entries }: Subject, say: Say): void {
  const { keepsOut, task } = entry.step;
  if (keepsOut.size === 0) return;
  const { start, end } = minutesOf(entry);
  for (const other of entries) {
    const isThere =
      isHands(other) && other.step.task.room === task.room && other.start < end && start < other.end;
    if (!isThere || (isGiven(entry) && other.fixed)) continue;
    const person = other.people.find((one) => keepsOut.has(one));
    if (person) say(`${named(other)} has "${person.id}" in the room, whom ${named(entry)} keeps out`);
  }
}

function focusHolds(entry: Entry, { model }: Subject, say: Say): void {
  const { task } = entry.step;
  for (const focus of model.focuses) {
    if (!focus.bindsTime || focus.matches(task)) continue;
    const isWithin = entry.start < focus.end && focus.start < entry.end;
    const person = entry.people.find((one) => focus.people?.has(one) ?? true);
    if (isWithin && person)
      say(`${named(entry)} of "${person.id}" lies in the time that focus "${focus.id}" gives to other work`);
  }
  const stretches = stretchesOf(task, model.focuses);
  if (stretches.length > 0 && !stretches.some((focus) => isInside(entry, focus)))
    say(`${named(entry)} lies in none of the times that are given to it: ${stretches.map(words).join(', ')}`);
}

function stretchesOf(task: Task, focuses: readonly Focus[]): Focus[] {
  return focuses.filter((focus) => focus.bindsWork && focus.matches(task));
}

function isInside(entry: Entry, { start, end, people }: Focus): boolean {
  return start <= entry.start && entry.end <= end && entry.people.every((one) => people?.has(one) ?? true);
}

function words({ id, start, end }: Focus): string {
  return `"${id}" (${at(start)} to ${at(end)})`;
}
