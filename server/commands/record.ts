import type { Clean } from '../../core/clean/clean';
import type { HowItCameOut } from '../../core/clean/names';
import type { RecordLine } from '../../core/clean/record-line';
import { UNSTEERED } from '../../core/clean/steering';
import type { Tick } from '../../core/clean/tick';
import { RESTED, runAfter } from '../../core/day/run';
import type { Editable } from '../../core/household/editable';
import { learn } from '../../core/learning/learn';
import { asCleaned } from '../../core/record/as-cleaned';
import { lineOf } from '../../core/record/line-of';
import { pastOf } from '../../core/record/past-of';
import { type CleanTask, stepIdOf } from '../../core/work/task';
import type { HouseholdScope } from '../db/scope';
import { type Kept, keptHousehold } from '../household/kept';
import type { Ledger } from '../household/ledger';
import { type Performed, perform } from '../household/perform';
import { eventsSince, forgetDays } from '../repositories/day';
import {
  dropLine,
  loadLine,
  loadRecord,
  loadRecordOfClean,
  putLine,
  putPastCleans,
} from '../repositories/record';
import { changeIn, type Outcome } from './change';

/** What is left of a clean when it is over, and what goes into the record beside its ticks. */

/** What the clean of a household comes to so far. */
export async function cleanSoFar(
  scope: HouseholdScope,
  { household, tasks }: Kept,
  today: string,
): Promise<ReturnType<typeof pastOf> | undefined> {
  const { clean, ticks, supplies } = household;
  if (!clean) return undefined;
  const { found, bags } = runAfter(RESTED, await eventsSince(scope, clean.start));
  return pastOf({
    clean,
    tasks,
    supplies,
    lines: await loadRecordOfClean(scope, clean.id),
    ticked: new Set(ticks.map(({ step }) => step)),
    bags: [...bags].map(([pile, count]) => ({ pile, count })),
    mend: found.filter(({ find }) => find === 'mend').map(({ text }) => text),
    closed: clean.closed ?? today,
  });
}

type NextClean = Pick<Clean, 'name' | 'start' | 'finish'>;

/** The next clean from the one that is closed: the same house and the same ways, other dates. */
export function setOutAgain(
  scope: HouseholdScope,
  id: string,
  next: NextClean,
  today: string,
): Promise<Performed<Outcome<undefined, 'not-closed' | 'dates'>>> {
  return perform<Outcome<undefined, 'not-closed' | 'dates'>>(scope, {
    id,
    decide: async (ledger) => {
      const { clean } = ledger.editable;
      if (!clean?.closed) return { ok: false, why: 'not-closed' };
      if (next.finish < next.start) return { ok: false, why: 'dates' };
      const { closed: _closed, ...asBefore } = clean;
      await nextClean(
        ledger,
        { ...asBefore, ...next, id: `clean ${id}`, reason: '', reward: '', reserve: [] },
        today,
      );
      return { ok: true, value: undefined };
    },
  });
}

/** Sets out on the next clean: the one that is closed stays in the record, the house as it was cleaned. */
async function nextClean(ledger: Ledger, next: Clean, today: string): Promise<void> {
  const past = await cleanSoFar(ledger.scope, ledger.kept, today);
  if (past) await putPastCleans(ledger.scope, [past]);
  await forgetDays(ledger.scope);
  await ledger.begin(next, {
    ...asCleaned(ledger.editable, ledger.kept.household.ticks),
    steering: UNSTEERED,
  });
}

/** What one did on the way, outside every clean. */
export type OnTheWay = {
  readonly task: string;
  readonly at: string;
  readonly person?: string | undefined;
  readonly minutes?: number | undefined;
};

/** Writes down that a job was done on the way. */
export function doneOnTheWay(
  scope: HouseholdScope,
  id: string,
  { task: taskId, at, person, minutes }: OnTheWay,
): Promise<Performed<Outcome<undefined, 'gone'>>> {
  return perform<Outcome<undefined, 'gone'>>(scope, {
    id,
    decide: async (ledger) => {
      const task = ledger.kept.listed.find((known) => known.id === taskId);
      if (!task) return { ok: false, why: 'gone' };
      const { people, ticks } = ledger.kept.household;
      const name = people.find((member) => member.id === person)?.name;
      const clean = cleanOf(ledger.kept, task);
      const ticked = new Set(ticks.map(({ step }) => step));
      for (const line of linesOnTheWay(task, { id, at, person, name, minutes, clean })) {
        if (clean !== undefined && ticked.has(line.step)) continue;
        ledger.toWrite.line(line);
        if (clean !== undefined) await ledger.progress.tick(clean, tickOf(line));
      }
      ledger.rewritten();
      if (clean !== undefined && ledger.kept.plans) ledger.want({ how: 'again' });
      return { ok: true, value: undefined };
    },
  });
}

/** The clean that a job is part of, where one is under way: then it is ticked in it, too. */
function cleanOf({ household: { clean }, tasks }: Kept, { id }: CleanTask): string | undefined {
  return clean && !clean.closed && tasks.some((task) => task.id === id) ? clean.id : undefined;
}

function tickOf({ step, at, seconds, person }: RecordLine): Tick {
  return { step, at, ...(seconds !== undefined && { seconds }), ...(person !== undefined && { person }) };
}

/** A line for each hands-on step; the minutes of all, shared out as they were estimated. */
function linesOnTheWay(
  task: CleanTask,
  said: Omit<OnTheWay, 'task'> & {
    readonly id: string;
    readonly name: string | undefined;
    readonly clean: string | undefined;
  },
): RecordLine[] {
  const hands = task.estimate.steps.filter(({ step }) => step.mode === 'hands');
  const all = task.estimate.hands.minutes;
  return hands.flatMap((step, i) => {
    const seconds =
      said.minutes === undefined || all === 0
        ? undefined
        : Math.round((said.minutes * 60 * step.minutes) / all);
    const ticked = {
      step: stepIdOf(task, step),
      at: said.at,
      ...(seconds !== undefined && { seconds }),
      ...(said.person !== undefined && { person: said.person }),
    };
    const line = lineOf(task, ticked, { id: `${said.id}-${i}`, name: said.name, clean: said.clean });
    return line ? [{ ...line, ...(seconds !== undefined && { said: true }) }] : [];
  });
}

/** What is said of a line afterwards: how long it took, how it came out; or that it was not done at all. */
export type SaidOfLine = {
  readonly line: string;
  readonly minutes?: number | undefined;
  readonly cameOut?: HowItCameOut | undefined;
  readonly gone?: boolean | undefined;
};

export function sayOfLine(
  scope: HouseholdScope,
  id: string,
  { line: lineId, minutes, cameOut, gone }: SaidOfLine,
): Promise<Performed<Outcome<undefined, 'gone'>>> {
  return perform<Outcome<undefined, 'gone'>>(scope, {
    id,
    decide: async (ledger) => {
      const line = await loadLine(ledger.scope, lineId);
      if (!line) return { ok: false, why: 'gone' };
      // What is ticked in the clean that is under way is taken back on its day, with all that hangs on it.
      if (gone && line.clean !== undefined && line.clean === ledger.editable.clean?.id)
        return { ok: false, why: 'gone' };
      if (gone) await dropLine(ledger.scope, lineId);
      else
        await putLine(ledger.scope, {
          ...line,
          ...(minutes !== undefined && { seconds: minutes * 60, said: true }),
          ...(cameOut !== undefined && { cameOut }),
        });
      ledger.rewritten();
      return { ok: true, value: undefined };
    },
  });
}

/** Less than this is no news. */
const WORTH_MOVING = 0.05;

/** Lets estimates go by what the record says, where it says something else than they go by; once a date. */
export async function takeLessons(scope: HouseholdScope, today: string): Promise<void> {
  const { household } = await keptHousehold(scope);
  const { learnt } = household.almanac;
  if (!learnt.on || (await isTaken(scope, today))) return;
  const { factors, spread } = learn(await loadRecord(scope), learnt.never);
  await perform<null>(scope, {
    id: lessonsOf(today),
    decide: async (ledger) => {
      const now = ledger.editable.almanac.learnt;
      if (now.on && isNews(now.factors, factors))
        await changeIn(ledger, { do: 'take-lessons', factors, spread }, 'Estimates learnt from your times');
      return null;
    },
  });
}

function lessonsOf(today: string): string {
  return `lessons ${today}`;
}

async function isTaken(scope: HouseholdScope, today: string): Promise<boolean> {
  return (
    (await scope
      .rows('commands')
      .where({ id: lessonsOf(today) })
      .first('id')) !== undefined
  );
}

type Factors = Editable['almanac']['learnt']['factors'];

function isNews(before: Factors, after: Factors): boolean {
  const known = new Map(before.map(({ of, id, factor }) => [`${of}/${id}`, factor]));
  const now = new Map(after.map(({ of, id, factor }) => [`${of}/${id}`, factor]));
  return [...new Set([...known.keys(), ...now.keys()])].some(
    (key) => Math.abs(Math.log((now.get(key) ?? 1) / (known.get(key) ?? 1))) > WORTH_MOVING,
  );
}
