import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { almanacOf } from '../../core/almanac/due';
import { dayOf, formatDate } from '../../core/basics/local-time';
import { randomFrom } from '../../core/basics/random';
import type { DayEvent } from '../../core/clean/events';
import { learntFor } from '../../core/clean/learnt';
import { changeWords, type HouseholdChange } from '../../core/household/change';
import { marksOf } from '../../core/scope/scope';
import { type CleanTask, stepIdOf } from '../../core/work/task';
import { homeNamed } from '../../demo/dozen-homes';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import { loadPlans } from '../repositories/clean';
import { insertHousehold } from '../repositories/household';
import { countRecord, loadLastDone, loadPastCleans } from '../repositories/record';
import { newHousehold, spreadAt, testDatabase } from '../testing/households';
import { carryOut } from './carry-out';
import { changeHousehold } from './change';
import { doneOnTheWay, setOutAgain, takeLessons } from './record';

/**
 * Three years of a made-up household by the commands of its interface, with a clock that is moved: four cleans, things done
 * in between, and five months of nothing. What comes of it is held against figures that are worked out here.
 */

/** How much longer appliances really take here; everything else takes what it should, within its range. */
const TRUTH = { kind: 'appliances', factor: 1.5 } as const;
const A_DAY = 480;

let db: Knex;
let scope: HouseholdScope;
const random = randomFrom(7);
/** When each job was done last, kept here beside the database. */
const doneOn = new Map<string, string>();
let ticks = 0;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
  scope = await newHousehold(db);
  const home = homeNamed('children of 6 and 11');
  await insertHousehold(scope, {
    ...home,
    clean: { ...home.clean, name: 'Spring 2025', start: '2025-03-01', finish: '2025-03-28' },
  });
});
afterAll(() => db.destroy());

const kept = () => keptHousehold(scope);
const change = (wanted: HouseholdChange) =>
  changeHousehold(scope, randomUUID(), wanted, (before) => changeWords(wanted, before));

/** What a step really takes: near its estimate by the rates, and longer where this household is peculiar. */
function realMinutes(task: CleanTask, minutes: number, learnt: number): number {
  const byRates = minutes / learnt;
  const chance = 0.85 + 0.3 * random();
  return Math.max(1, byRates * chance * (task.method.kind === TRUTH.kind ? TRUTH.factor : 1));
}

/** Carries out some of a clean, so many minutes a day from a date on. */
async function carry(from: string, share: (task: CleanTask, i: number) => boolean): Promise<string> {
  const { tasks, household } = await kept();
  const [person] = household.people;
  let day = dayOf(from);
  let minute = 0;
  let events: DayEvent[] = [];
  const send = async () => {
    const at = `${formatDate(day)}T20:00:00`;
    for (let i = 0; i < events.length; i += 200)
      await carryOut({ scope }, { sentAt: at, events: events.slice(i, i + 200) }, () => at);
    events = [];
    day += 1;
    minute = 0;
  };
  const at = (since: number) => {
    const seconds = Math.round(since * 60);
    const two = (value: number) => String(value).padStart(2, '0');
    return `${formatDate(day)}T${two(9 + Math.floor(seconds / 3600))}:${two(Math.floor((seconds % 3600) / 60))}:${two(seconds % 60)}`;
  };
  for (const [i, task] of tasks.entries()) {
    if (!share(task, i)) continue;
    for (const step of task.estimate.steps) {
      if (step.step.mode !== 'hands') continue;
      const learnt = step.parts?.learnt ?? 1;
      const real = realMinutes(task, step.minutes, learnt);
      if (minute + real > A_DAY) await send();
      const said = { step: stepIdOf(task, step) };
      const by = person ? { person: person.id } : {};
      events.push({ id: randomUUID(), at: at(minute), ...by, act: { do: 'start', ...said } });
      minute += real;
      events.push({ id: randomUUID(), at: at(minute), ...by, act: { do: 'done', ...said } });
      ticks += 1;
    }
    doneOn.set(`${task.fixture.id}:${task.method.id}`, formatDate(day));
  }
  const last = formatDate(day);
  await send();
  return last;
}

async function close(closed: string): Promise<void> {
  await takeLessons(scope, closed);
  await change({ do: 'close-clean', closed });
}

async function setOut(name: string, start: string, finish: string): Promise<void> {
  const { answer } = await setOutAgain(scope, randomUUID(), { name, start, finish }, start);
  expect(answer).toEqual({ ok: true, value: undefined });
}

/** A little on the way: the job that has waited longest, of those done before. */
async function littleOn(date: string, many: number): Promise<void> {
  const { listed } = await kept();
  const known = listed.filter(({ fixture, method }) => doneOn.has(`${fixture.id}:${method.id}`));
  const key = ({ fixture, method }: CleanTask) => `${fixture.id}:${method.id}`;
  const oldest = known.toSorted((a, b) => ((doneOn.get(key(a)) ?? '') < (doneOn.get(key(b)) ?? '') ? -1 : 1));
  for (const task of oldest.slice(0, many)) {
    const minutes = Math.round(
      task.estimate.steps
        .filter(({ step }) => step.mode === 'hands')
        .reduce((sum, step) => sum + realMinutes(task, step.minutes, step.parts?.learnt ?? 1), 0),
    );
    await doneOnTheWay(scope, randomUUID(), {
      task: task.id,
      at: `${date}T18:00`,
      minutes: Math.max(1, minutes),
    });
    ticks += task.estimate.steps.filter(({ step }) => step.mode === 'hands').length;
    doneOn.set(key(task), date);
  }
}

/** So many months later, by the calendar. */
function monthsLater(date: string, months: number): string {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const target = year * 12 + month - 1 + months;
  const last = new Date(Date.UTC(Math.floor(target / 12), (target % 12) + 1, 0)).getUTCDate();
  const two = (value: number) => String(value).padStart(2, '0');
  return `${Math.floor(target / 12)}-${two((target % 12) + 1)}-${two(Math.min(day, last))}`;
}

describe('three years of a household', () => {
  it('come to the almanac, the lessons and the fourth plan that they should', async () => {
    await close(await carry('2025-03-01', () => true));
    for (const month of ['04', '05', '06', '07', '08']) await littleOn(`2025-${month}-10`, 30);
    await setOut('Autumn 2025', '2025-09-20', '2025-10-20');
    await close(await carry('2025-09-20', () => true));
    await littleOn('2025-11-10', 30);
    // Five months of nothing, then the third clean, of which a part is left.
    await setOut('Spring 2026', '2026-04-10', '2026-04-30');
    await close(await carry('2026-04-10', (_task, i) => i % 7 !== 0));
    for (const month of ['06', '08', '10', '12']) await littleOn(`2026-${month}-05`, 70);
    for (const month of ['01', '02']) await littleOn(`2027-${month}-05`, 60);
    await takeLessons(scope, '2027-03-19');
    await setOut('Spring 2027', '2027-03-20', '2027-04-20');

    // Every tick is there, and the cleans that are behind with their figures.
    expect(ticks).toBeGreaterThan(1500);
    expect(await countRecord(scope)).toBe(ticks);
    const past = await loadPastCleans(scope);
    expect(past.map(({ name }) => name)).toEqual(['Spring 2025', 'Autumn 2025', 'Spring 2026']);
    for (const { doneMinutes, estimatedMinutes } of past)
      expect(doneMinutes).toBeGreaterThan(estimatedMinutes * 0.85);

    // What was learnt is what is true.
    const { household, listed, tasks } = await kept();
    const { learnt } = household.almanac;
    for (const { method, room } of listed) {
      const factor = learntFor(learnt, { kind: method.kind, method: method.id, room: room.id });
      const truth = method.kind === TRUTH.kind ? TRUTH.factor : 1;
      expect(Math.abs(factor / truth - 1), `${method.id}: ${factor}`).toBeLessThan(0.1);
    }

    // The almanac has the dates that were kept beside it.
    const entries = almanacOf({
      listed,
      lastDone: await loadLastDone(scope, undefined),
      marks: marksOf(household.marks),
      facts: household.home.facts,
      today: '2027-03-20',
    });
    for (const { task, last, due, months } of entries) {
      const known = doneOn.get(`${task.fixture.id}:${task.method.id}`);
      expect(last, task.id).toBe(known);
      expect(due, task.id).toBe(known && monthsLater(known, months));
    }

    // The fourth clean holds what is due by its end, and nothing that was done lately.
    const isIn = new Set(tasks.map(({ id }) => id));
    for (const { task, due } of entries) {
      if (due !== undefined && due > '2027-04-20')
        expect(isIn.has(task.id), `${task.id}, due ${due}`).toBe(false);
      else if (task.scope.reason === 'not-due') expect.fail(`${task.id} is due ${due} and out`);
    }

    // Its plan counts with the times as they are.
    await spreadAt(scope, '2027-03-20T08:00');
    const plans = await loadPlans(scope, household.clean?.id ?? '');
    const oven = tasks.find(({ method }) => method.id === 'oven-paste' || method.id === 'fridge-clean');
    if (!oven) throw new Error('No appliance is due.');
    const placed = new Map<string, number>();
    for (const { step, start, end, people } of plans?.latest.plan.entries ?? [])
      if (people.length > 0)
        placed.set(
          step,
          (placed.get(step) ?? 0) + (Date.parse(`${end}Z`) - Date.parse(`${start}Z`)) / 60_000,
        );
    for (const step of oven.estimate.steps) {
      const minutes = placed.get(stepIdOf(oven, step));
      if (step.step.mode !== 'hands' || minutes === undefined) continue;
      const { parts } = step;
      const byHand =
        ((parts?.setUpMinutes ?? 0) + (parts?.rate?.minutes ?? 0) + (parts?.belongings?.minutes ?? 0)) *
        (parts?.pace ?? 1);
      expect(Math.abs(minutes / byHand - TRUTH.factor)).toBeLessThan(0.2);
    }
  }, 300_000);
});
