import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { taskOfStep } from '../basics/ids';
import { dayOf, weekdayOf } from '../basics/local-time';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Household } from '../household/household';
import type { Plan } from '../plan/plan';
import { checkPlan, plan } from '../spread';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { expand } from './expand';
import { areasInTurn, atPace, CLEAN_PACES, type CleanPace } from './paces';

const HASH = '0'.repeat(64);
const demo = juniperRow('2027-03-01');

function planAt(pace: CleanPace): { household: Household; made: Plan; dates: string[] } {
  const household = { ...demo, clean: { ...demo.clean, ...atPace(pace, '2027-03-01') } };
  const problem = expand(household, CATALOGUE);
  const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => false });
  expect(checkPlan(problem, made, HASH)).toEqual([]);
  const dates = [...new Set(made.sessions.map((session) => session.date))].sort();
  return { household, made, dates };
}

const minutes = ({ start, end }: Plan['sessions'][number]) =>
  (Date.parse(`${end}Z`) - Date.parse(`${start}Z`)) / 60_000;

describe('the pace of a clean', () => {
  it('begins on a weekday where its name says so', () => {
    expect(atPace('weekend', '2027-03-01')).toMatchObject({ start: '2027-03-06', finish: '2027-03-07' });
    expect(atPace('four-weeks', '2027-03-03').start).toBe('2027-03-08');
    expect(atPace('month', '2027-03-03')).toMatchObject({ start: '2027-03-03', finish: '2027-04-01' });
  });

  it('of a weekend is done on Saturday and Sunday, and says what does not fit', () => {
    const { dates, made } = planAt('weekend');
    expect(dates.every((date) => ['2027-03-06', '2027-03-07'].includes(date))).toBe(true);
    expect(made.unplaced.length).toBeGreaterThan(0);
  });

  it('of a week rests on the fourth day', () => {
    const { dates } = planAt('week');
    expect(dates).not.toContain('2027-03-04');
    expect(dates.length).toBeGreaterThan(3);
  });

  it('of four weeks has short sessions on weekdays, and weekends for catching up', () => {
    const { dates, made } = planAt('four-weeks');
    expect(dates.some((date) => weekdayOf(dayOf(date)) > 5)).toBe(false);
    expect(Math.max(...made.sessions.map(minutes))).toBeLessThanOrEqual(60);
  });

  it('of twelve weeks has work in more weeks than one of a month, and less in each', () => {
    const weeks = ({ dates }: ReturnType<typeof planAt>) =>
      new Set(dates.map((date) => Math.floor(dayOf(date) / 7))).size;
    const perWeek = (at: ReturnType<typeof planAt>) => at.made.metrics.hands / weeks(at);
    const [long, short] = [planAt('twelve-weeks'), planAt('month')];
    expect(weeks(long)).toBeGreaterThan(weeks(short));
    expect(perWeek(long)).toBeLessThan(perWeek(short));
  });

  it('of a year takes an area a month', () => {
    const clean = { ...demo.clean, ...atPace('year', '2027-03-31') };
    const tasks = tasksOf(workOf(demo, CATALOGUE));
    const later = areasInTurn('year', tasks, clean.start);
    expect(new Set(later.map(({ from }) => from))).toContain('2028-02-29');
    const problem = expand({ ...demo, clean, steering: { ...demo.steering, later } }, CATALOGUE);
    const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => true });
    expect(checkPlan(problem, made, HASH)).toEqual([]);
    const months = new Set(made.sessions.map((session) => session.date.slice(0, 7)));
    expect(months.size).toBeGreaterThanOrEqual(11);
    expect(made.unplaced).toEqual([]);
  });

  it('of an area a week takes the rooms in turn, a week each', () => {
    const clean = { ...demo.clean, ...atPace('area-weeks', '2027-03-01') };
    const later = areasInTurn('area-weeks', tasksOf(workOf(demo, CATALOGUE)), clean.start);
    expect(new Set(later.map(({ from }) => (dayOf(from) - dayOf(clean.start)) % 7))).toEqual(new Set([0]));
    expect(new Set(later.map(({ from }) => from)).size).toBe(12);
    const problem = expand({ ...demo, ticks: [], clean, steering: { ...demo.steering, later } }, CATALOGUE);
    const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => true });
    const turnOf = new Map(later.map(({ task, from }) => [task, from]));
    for (const entry of made.entries) expect(entry.start >= turnOf.get(taskOfStep(entry.step))!).toBe(true);
    expect(made.unplaced).toEqual([]);
    expect(areasInTurn('month', tasksOf(workOf(demo, CATALOGUE)), clean.start)).toEqual([]);
  });

  it.each(CLEAN_PACES)('%s is a clean that can be kept', (pace) => {
    const { start, finish, reserve } = atPace(pace, '2027-03-01');
    expect(start <= finish).toBe(true);
    expect(reserve.every((date) => date >= start && date <= finish)).toBe(true);
  });
});
