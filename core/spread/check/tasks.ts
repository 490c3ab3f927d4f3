import type { Model, Step } from '../model/model';
import { at, type Entry, named, type Subject, type Violation } from './subject';

/** Rules 1, 2 and 9: tasks are whole, in order, and fall with what has to come before them. */

/** Rule 1. */
export function wholeOrLeftOut({ model, byStep, unplaced }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 1, message });
  for (const task of model.tasks) {
    for (const step of task.steps) {
      const entries = byStep.get(step) ?? [];
      if (step.doneAt !== undefined || step.over) {
        if (entries.length > 0) say(`step "${step.id}" is over and has an entry all the same`);
      } else if (unplaced.has(task)) {
        if (entries.some((entry) => !entry.fixed))
          say(`task "${task.id}" is listed as unplaced, yet step "${step.id}" is placed`);
      } else {
        wholeStep(step, entries, say);
      }
    }
  }
  return found;
}

function wholeStep(step: Step, entries: readonly Entry[], say: (message: string) => void): void {
  if (entries.length === 0) {
    say(`step "${step.id}" is not placed, and task "${step.task.id}" is not listed as unplaced`);
  } else if (step.mode === 'wait' || step.split === undefined) {
    if (entries.length > 1 && entries.some((entry) => !entry.fixed))
      say(`step "${step.id}" is placed ${entries.length} times`);
  } else {
    splitStep(step, step.split, entries, say);
  }
}

function splitStep(
  step: Step,
  shortest: number,
  entries: readonly Entry[],
  say: (message: string) => void,
): void {
  if (
    entries.every((entry) => entry.fixed) &&
    step.fixed.reduce((sum, f) => sum + f.end - f.start, 0) >= step.minutes
  )
    return;
  const sum = entries.reduce((total, entry) => total + entry.end - entry.start, 0);
  if (sum !== step.minutes)
    say(`the parts of step "${step.id}" add up to ${sum} minutes, not ${step.minutes}`);
  entries.forEach((entry, i) => {
    const previous = entries[i - 1];
    if (previous && entry.start < previous.end && !(entry.fixed && previous.fixed))
      say(`parts of step "${step.id}" overlap at ${at(entry.start)}`);
    const isLast = i === entries.length - 1;
    if (!isLast && !entry.fixed && entry.end - entry.start < shortest) {
      say(
        `a part of step "${step.id}" at ${at(entry.start)} is shorter than ${shortest} minutes and is not the last`,
      );
    }
  });
}

/** Rule 2. */
export function stepsInOrder({ model, byStep, unplaced }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 2, message });
  for (const task of model.tasks) {
    if (unplaced.has(task)) continue;
    task.steps.forEach((step, i) => {
      const entries = byStep.get(step) ?? [];
      const first = entries[0];
      if (!first) return;
      for (const entry of entries) exactLength(entry, say);
      followsOn(first, task.steps[i - 1], byStep, say);
      if (step.mode === 'wait') waitLasts(first, task.steps[i + 1], byStep, model, say);
    });
  }
  return found;
}

function exactLength(entry: Entry, say: (message: string) => void): void {
  if (entry.fixed || entry.step.mode === 'wait' || entry.step.split !== undefined) return;
  const length = entry.end - entry.start;
  if (length !== entry.step.minutes) say(`${named(entry)} runs ${length} minutes, not ${entry.step.minutes}`);
}

/** A hands-on step starts after the step before it; a wait starts the moment that step ends. */
function followsOn(
  first: Entry,
  previous: Step | undefined,
  byStep: ReadonlyMap<Step, readonly Entry[]>,
  say: (message: string) => void,
): void {
  if (!previous || previous.over) return;
  const before = byStep.get(previous) ?? [];
  const end =
    previous.doneAt ??
    before.reduce((latest, entry) => Math.max(latest, entry.end), Number.NEGATIVE_INFINITY);
  if (!Number.isFinite(end)) return;
  if (first.fixed && (previous.doneAt !== undefined || before.every((entry) => entry.fixed))) return;
  if (first.step.mode === 'wait' && first.start !== end)
    say(`${named(first)} is a wait and has to start at ${at(end)}, when the step before it ends`);
  if (first.step.mode === 'hands' && first.start < end)
    say(`${named(first)} starts before the step before it ends, at ${at(end)}`);
}

function waitLasts(
  wait: Entry,
  next: Step | undefined,
  byStep: ReadonlyMap<Step, readonly Entry[]>,
  model: Model,
  say: (message: string) => void,
): void {
  const follower = next ? byStep.get(next)?.[0] : undefined;
  if (wait.fixed && (!follower || follower.fixed)) return;
  const length = wait.end - wait.start;
  if (!wait.fixed && length < wait.step.minutes)
    say(`${named(wait)} lasts ${length} minutes, less than ${wait.step.minutes}`);
  if (!wait.fixed && length > wait.step.atMost && !isPastAtMost(wait, model))
    say(`${named(wait)} lasts ${length} minutes, more than ${wait.step.atMost}`);
  if (!next && !wait.fixed && length > wait.step.minutes)
    say(`${named(wait)} is the last of its task and has to end after ${wait.step.minutes} minutes`);
  if (follower && follower.start !== wait.end)
    say(`${named(wait)} has to end at ${at(follower.start)}, when the next step starts`);
}

/** A wait after a done step that had outlasted its `atMost` by `now` can't be kept any more. */
function isPastAtMost(wait: Entry, model: Model): boolean {
  const previous = wait.step.task.steps[wait.step.position - 1];
  return (
    previous?.doneAt !== undefined && model.now !== undefined && wait.start + wait.step.atMost < model.now
  );
}

/** Rule 9. */
export function followersFallWithPredecessors({ model, unplaced, byStep }: Subject): Violation[] {
  const isMissing = (step: Step) =>
    step.doneAt === undefined && !step.over && (byStep.get(step) ?? []).length === 0;
  return model.links
    .filter(
      (link) =>
        link.hard && !link.orderOnly && unplaced.has(link.before.task) && !unplaced.has(link.after.task),
    )
    .filter((link) => (link.beforeIsTask || isMissing(link.before)) && !isFinished(link.after))
    .map((link) => ({
      rule: 9,
      message: `task "${link.after.task.id}" is placed, though "${link.before.task.id}", which has to come first, is not: ${link.reason}`,
    }));
}

/** The after-side has started already: what should have come before it can't hold it back. */
function isFinished(step: Step): boolean {
  return step.doneAt !== undefined || step.over;
}
