import type { Plan } from '../formats/plan';
import type { Problem } from '../formats/problem';
import { dayOf, dayOfMinute, formatMinute, type Minute, midnightOf, minuteOf } from '../time/local-time';
import { isLinkBroken, metricsOf, type Placed, SESSION_GAP, type Session, stepTimes } from './metrics';
import { lastDayOf, type Model, modelOf, type Person, type Span, type Step, type Task } from './model';

/** Which rule a plan breaks: 1 to 9 as numbered in docs/formats/plan.md, or the form of the document itself. */
export type RuleName = 'form' | 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9 | 'metrics';

export type Violation = { readonly rule: RuleName; readonly message: string };

/** One line for a person: `rule 5: machine "washer" runs …`. */
export function describeViolation(violation: Violation): string {
  return `${typeof violation.rule === 'number' ? `rule ${violation.rule}` : violation.rule}: ${violation.message}`;
}

/**
 * Every rule that a plan breaks, in the order of the rules; empty for a valid plan.
 *
 * Fixed entries stand even where they alone break a rule, so a breach that only fixed entries and done steps share
 * in is none. `problemHash` is the SHA-256 of the problem's bytes.
 */
export function checkPlan(problem: Problem, plan: Plan, problemHash: string): Violation[] {
  const model = modelOf(problem);
  const resolved = resolve(model, plan, problemHash);
  if (!resolved.ok) return resolved.violations;
  const subject = resolved.subject;
  return [...resolved.violations, ...RULES.flatMap((rule) => rule(subject))];
}

type Entry = Placed & { readonly fixed: boolean };

type Subject = {
  readonly model: Model;
  readonly plan: Plan;
  readonly entries: readonly Entry[];
  readonly byStep: ReadonlyMap<Step, readonly Entry[]>;
  readonly unplaced: ReadonlySet<Task>;
  readonly sessions: readonly (Omit<Session, 'entries'> & {
    readonly id: string;
    readonly date: string;
    readonly entries: Entry[];
  })[];
};

type Rule = (subject: Subject) => Violation[];

const RULES: readonly Rule[] = [
  wholeOrLeftOut,
  stepsInOrder,
  peopleAreFree,
  breaksAreTaken,
  machinesAreFree,
  roomsHaveSpace,
  linksHold,
  datesHold,
  sessionsHold,
  fixedStand,
  followersFallWithPredecessors,
  metricsAreTrue,
];

type Resolved =
  | { ok: true; subject: Subject; violations: Violation[] }
  | { ok: false; violations: Violation[] };

function resolve(model: Model, plan: Plan, problemHash: string): Resolved {
  const violations: Violation[] = [];
  const form = (message: string) => violations.push({ rule: 'form', message });
  const people = new Map(model.people.map((person) => [person.id, person]));
  const tasks = new Map(model.tasks.map((task) => [task.id, task]));
  if (plan.problem !== problemHash) form('the plan was made for another problem: its hash does not match');
  const sessionIds = new Set<string>();
  for (const session of plan.sessions) {
    if (!people.has(session.person))
      form(`session "${session.id}" names a person who is not there: "${session.person}"`);
    if (sessionIds.has(session.id)) form(`two sessions have the id "${session.id}"`);
    sessionIds.add(session.id);
  }
  const left = new Set<string>();
  for (const item of plan.unplaced) {
    if (!tasks.has(item.task)) form(`unplaced names a task that is not there: "${item.task}"`);
    if (left.has(item.task)) form(`task "${item.task}" is listed twice in unplaced`);
    left.add(item.task);
  }
  for (const entry of plan.entries) {
    const step = model.steps.get(entry.step);
    if (!step) form(`an entry names a step that is not there: "${entry.step}"`);
    for (const id of entry.people)
      if (!people.has(id)) form(`step "${entry.step}" names a person who is not there: "${id}"`);
    if (new Set(entry.people).size < entry.people.length) form(`step "${entry.step}" names a person twice`);
    const backwards = entry.end < entry.start || (entry.end === entry.start && step?.mode === 'hands');
    if (backwards) form(`step "${entry.step}" ends at ${entry.end}, not after its start at ${entry.start}`);
  }
  if (
    violations.some((v) => v.message !== 'the plan was made for another problem: its hash does not match')
  ) {
    return { ok: false, violations };
  }
  const entries = plan.entries.map((item): Entry => {
    const step = model.steps.get(item.step) as Step;
    const placed = {
      step,
      people: item.people.map((id) => people.get(id) as Person),
      start: minuteOf(item.start),
      end: minuteOf(item.end),
    };
    return { ...placed, fixed: step.fixed.some((fixed) => sameEntry(fixed, placed)) };
  });
  const byStep = new Map<Step, Entry[]>();
  for (const entry of entries) byStep.set(entry.step, [...(byStep.get(entry.step) ?? []), entry]);
  for (const list of byStep.values()) list.sort((a, b) => a.start - b.start);
  const sessions = plan.sessions.map((session) => {
    const person = people.get(session.person) as Person;
    const span = { start: minuteOf(session.start), end: minuteOf(session.end) };
    const inside = entries.filter(
      (entry) =>
        isHands(entry) && entry.people.includes(person) && span.start <= entry.start && entry.end <= span.end,
    );
    return { ...span, id: session.id, date: session.date, person, entries: inside };
  });
  const unplaced = new Set(plan.unplaced.map((item) => tasks.get(item.task) as Task));
  return { ok: true, violations, subject: { model, plan, entries, byStep, unplaced, sessions } };
}

function sameEntry(
  a: Span & { people: readonly Person[] },
  b: Span & { people: readonly Person[] },
): boolean {
  return (
    a.start === b.start &&
    a.end === b.end &&
    a.people.length === b.people.length &&
    a.people.every((person) => b.people.includes(person))
  );
}

const isHands = (entry: Placed) => entry.step.mode === 'hands';
const at = (minute: Minute) => formatMinute(minute);
const named = (entry: Placed) => `step "${entry.step.id}" (${at(entry.start)} to ${at(entry.end)})`;

/** Rule 1. */
function wholeOrLeftOut({ model, byStep, unplaced }: Subject): Violation[] {
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
function stepsInOrder({ model, byStep, unplaced }: Subject): Violation[] {
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

/** Rule 3. */
function peopleAreFree({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 3, message });
  for (const entry of entries) {
    if (!entry.fixed) rightPeople(entry, say);
  }
  for (const person of model.people) {
    const own = handsOfPerson(entries, person);
    for (const entry of own) {
      const inside = person.windows.some((window) => window.start <= entry.start && entry.end <= window.end);
      if (!entry.fixed && !inside) say(`${named(entry)} lies outside the free time of "${person.id}"`);
    }
    for (const [a, b] of overlaps(own)) {
      if (!(a.fixed && b.fixed))
        say(`"${person.id}" has two things to do at once: ${named(a)} and ${named(b)}`);
    }
    for (const [day, list] of byDay(own)) {
      const sum = list.reduce((total, entry) => total + entry.end - entry.start, 0);
      if (sum > person.dailyCap && list.some((entry) => !entry.fixed)) {
        say(
          `"${person.id}" has ${sum} hands-on minutes on ${at(midnightOf(day)).slice(0, 10)}, more than the cap of ${person.dailyCap}`,
        );
      }
    }
  }
  return found;
}

function rightPeople(entry: Entry, say: (message: string) => void): void {
  const { step } = entry;
  if (entry.people.length !== step.crew)
    say(`${named(entry)} has ${entry.people.length} people, not ${step.crew}`);
  for (const person of entry.people) {
    const barred = step.tags.find((tag) => person.cannot.has(tag));
    if (barred !== undefined) say(`${named(entry)} is tagged "${barred}", which "${person.id}" must not do`);
    if (step.task.person !== undefined && step.task.person !== person) {
      say(`${named(entry)} is given to "${person.id}"; only "${step.task.person.id}" may do it`);
    }
  }
}

/** Rule 4. */
function breaksAreTaken({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  for (const person of model.people) {
    let run: Entry[] = [];
    const close = () => {
      const sum = run.reduce((total, entry) => total + entry.end - entry.start, 0);
      if (sum > person.breakAfter && run.some((entry) => !entry.fixed)) {
        found.push({
          rule: 4,
          message: `"${person.id}" works ${sum} minutes from ${at((run[0] as Entry).start)} without a break of ${person.breakLength}; the most in a row is ${person.breakAfter}`,
        });
      }
    };
    let end = Number.NEGATIVE_INFINITY;
    for (const entry of handsOfPerson(entries, person)) {
      if (entry.start - end >= person.breakLength) {
        close();
        run = [];
      }
      run.push(entry);
      end = Math.max(end, entry.end);
    }
    close();
  }
  return found;
}

/** Rule 5. */
function machinesAreFree({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 5, message });
  for (const machine of model.machines) {
    const runs = entries
      .filter((entry) => entry.step.machine === machine)
      .map((entry) => ({
        entry,
        fixed: entry.fixed,
        start: entry.start,
        end: isHands(entry) ? entry.end : entry.start + entry.step.minutes,
      }))
      .filter((run) => run.end > run.start)
      .sort((a, b) => a.start - b.start);
    for (const run of runs) {
      const inside =
        machine.windows?.some((window) => window.start <= run.start && run.end <= window.end) ?? true;
      if (!run.fixed && !inside) say(`${named(run.entry)} runs outside the times of machine "${machine.id}"`);
    }
    for (const [a, b] of overlaps(runs)) {
      if (!(a.fixed && b.fixed))
        say(`machine "${machine.id}" serves two at once: ${named(a.entry)} and ${named(b.entry)}`);
    }
  }
  return found;
}

/** Rule 6. */
function roomsHaveSpace({ model, entries }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 6, message });
  for (const room of model.rooms) {
    const here = entries.filter((entry) => entry.step.task.room === room);
    const work = here.filter(isHands).sort((a, b) => a.start - b.start);
    for (const entry of work) {
      const together = work.filter((other) => other.start <= entry.start && entry.start < other.end);
      const count = together.reduce((sum, other) => sum + other.people.length, 0);
      if (count > room.maxPeople && together.some((other) => !other.fixed)) {
        say(`${count} people are in room "${room.id}" at ${at(entry.start)}; the most is ${room.maxPeople}`);
      }
    }
    for (const wait of here.filter((entry) => entry.step.closesRoom && entry.step.minutes > 0)) {
      const closedUntil = wait.start + wait.step.minutes;
      const inside = work.find(
        (entry) => entry.start < closedUntil && wait.start < entry.end && !(entry.fixed && wait.fixed),
      );
      if (inside) say(`${named(inside)} is in room "${room.id}" while ${named(wait)} closes it`);
    }
  }
  return found;
}

/** Rule 7, precedence. */
function linksHold({ model, entries, unplaced, byStep }: Subject): Violation[] {
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
function datesHold({ model, entries, byStep }: Subject): Violation[] {
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

/** Rule 7, sessions. */
function sessionsHold({ model, entries, sessions }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 7, message });
  for (const entry of entries.filter(isHands)) {
    for (const person of entry.people) {
      const holding = sessions.filter(
        (session) => session.person === person && session.entries.includes(entry),
      );
      if (holding.length !== 1)
        say(`${named(entry)} of "${person.id}" lies in ${holding.length} sessions and belongs in one`);
    }
  }
  for (const session of sessions) sessionHolds(session, model, say);
  for (const person of model.people) {
    const own = sessions.filter((session) => session.person === person).sort((a, b) => a.start - b.start);
    own.forEach((session, i) => {
      const previous = own[i - 1];
      if (previous?.date === session.date && session.start - previous.end < SESSION_GAP) {
        say(
          `sessions "${previous.id}" and "${session.id}" of "${person.id}" lie less than ${SESSION_GAP} minutes apart`,
        );
      }
    });
  }
  return found;
}

function sessionHolds(
  session: Subject['sessions'][number],
  model: Model,
  say: (message: string) => void,
): void {
  const { id, entries, start, end } = session;
  if (entries.length === 0) {
    say(`session "${id}" holds no work`);
    return;
  }
  const first = Math.min(...entries.map((entry) => entry.start));
  const last = Math.max(...entries.map((entry) => entry.end));
  if (first !== start || last !== end)
    say(`session "${id}" runs ${at(start)} to ${at(end)}, and its work ${at(first)} to ${at(last)}`);
  if (dayOf(session.date) !== dayOfMinute(start))
    say(`session "${id}" starts on another date than ${session.date}`);
  if (lastDayOf(session) !== dayOfMinute(start) && entries.some((entry) => !entry.fixed))
    say(`session "${id}" crosses midnight`);
  if (end - start > model.policy.sessionCap && entries.some((entry) => !entry.fixed)) {
    say(`session "${id}" lasts ${end - start} minutes, more than ${model.policy.sessionCap}`);
  }
}

/** Rule 8. */
function fixedStand({ model, entries }: Subject): Violation[] {
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

/** Rule 9. */
function followersFallWithPredecessors({ model, unplaced, byStep }: Subject): Violation[] {
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

/** The figures that the plan gives of itself. */
function metricsAreTrue({ model, plan, entries, sessions, unplaced }: Subject): Violation[] {
  const true_ = metricsOf(model, entries, sessions, [...unplaced]);
  const rows: [string, unknown, unknown][] = [
    ['finish', plan.metrics.finish, true_.finish],
    ['hands', plan.metrics.hands, true_.hands],
    ['session', plan.metrics.session, true_.session],
    ['idle', plan.metrics.idle, true_.idle],
    ['unplaced.must', plan.metrics.unplaced.must, true_.unplaced.must],
    ['unplaced.should', plan.metrics.unplaced.should, true_.unplaced.should],
    ['unplaced.could', plan.metrics.unplaced.could, true_.unplaced.could],
    ['openRoomNights', plan.metrics.openRoomNights, true_.openRoomNights],
    ['wishesBroken', plan.metrics.wishesBroken, true_.wishesBroken],
  ];
  return rows
    .filter(([, said, real]) => said !== real)
    .map(([name, said, real]) => ({
      rule: 'metrics',
      message: `${name} is given as ${said} and is ${real}`,
    }));
}

function handsOfPerson(entries: readonly Entry[], person: Person): Entry[] {
  return entries
    .filter((entry) => isHands(entry) && entry.people.includes(person))
    .sort((a, b) => a.start - b.start);
}

function byDay(entries: readonly Entry[]): Map<number, Entry[]> {
  const days = new Map<number, Entry[]>();
  for (const entry of entries) {
    const day = dayOfMinute(entry.start);
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return days;
}

/** Pairs of spans that overlap, from a list sorted by start. */
function* overlaps<T extends Span>(sorted: readonly T[]): Generator<[T, T]> {
  for (let i = 0; i < sorted.length; i++) {
    const a = sorted[i] as T;
    for (let j = i + 1; j < sorted.length; j++) {
      const b = sorted[j] as T;
      if (b.start >= a.end) break;
      yield [a, b];
    }
  }
}
