import { describe, expect, it } from 'vitest';
import { dayOf, formatDate } from '@/core/basics/local-time';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Campaign } from '@/core/problem/campaign';
import { expand } from '@/core/problem/expand';
import { plan } from '@/core/spread';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { lanesOf } from './lanes-model';

const household = juniperRow('2027-03-01');
const problem = expand(household, CATALOGUE);
const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 0, stop: () => true });
const kept = { version: 1, basis: '', madeAt: '2027-03-01T08:00', plan: made };
const campaign: Campaign = {
  clean: household.clean,
  problem,
  plans: { first: kept, latest: kept },
  stale: false,
};
const tasks = tasksOf(workOf(household, CATALOGUE));
const lanes = (date: string, pinned = new Set<string>()) =>
  lanesOf(campaign, tasks, household.people, pinned, date);

describe('a day in lanes', () => {
  const date = made.sessions[0]!.date;

  it('has all work of the date, each piece with who does it, within the hours in sight', () => {
    const day = lanes(date);
    const entries = made.entries.filter((entry) => entry.people.length > 0 && entry.start.startsWith(date));
    const blocks = day.people.flatMap((lane) =>
      lane.blocks.map((block) => `${lane.id} ${block.step} ${block.start}`),
    );
    expect(blocks.sort()).toEqual(
      entries
        .flatMap((entry) => entry.people.map((person) => `${person} ${entry.step} ${entry.start}`))
        .sort(),
    );
    for (const block of day.people.flatMap((lane) => lane.blocks)) {
      expect(block.room.length).toBeGreaterThan(0);
      // The thing first, and never how it is done alone.
      expect(block.title.startsWith(tasks.find(({ id }) => id === block.task)!.method.title)).toBe(true);
      expect(block.from >= day.from && block.to <= day.to).toBe(true);
    }
  });

  it('shows what runs and rests meanwhile, also from the day before', () => {
    const wait = made.entries.find((entry) => entry.people.length === 0)!;
    const [on, next] = [0, 1].map((days) => formatDate(dayOf(wait.start.slice(0, 10)) + days)) as [
      string,
      string,
    ];
    const entries = made.entries.map((entry) =>
      entry === wait ? { ...entry, end: `${next}T12:00` } : entry,
    );
    const latest = { ...kept, plan: { ...made, entries } };
    const overnight = { ...campaign, plans: { first: kept, latest } };
    const steps = (date: string) =>
      lanesOf(overnight, tasks, household.people, new Set(), date).waits.flatMap((lane) =>
        lane.blocks.map((block) => block.step),
      );
    expect(steps(on)).toContain(wait.step);
    expect(steps(next)).toContain(wait.step);
  });

  it('leaves out what has run before the hours in sight, or only runs after them', () => {
    const dates = [
      ...new Set(made.entries.flatMap(({ start, end }) => [start.slice(0, 10), end.slice(0, 10)])),
    ];
    for (const day of dates.map((on) => lanes(on)))
      for (const block of day.waits.flatMap((lane) => lane.blocks))
        expect(block.to > day.from && block.from < day.to).toBe(true);
  });

  it('lays waits that overlap into lanes below each other', () => {
    const dates = [...new Set(made.entries.map((entry) => entry.start.slice(0, 10)))];
    const days = dates.map((on) => lanes(on).waits);
    expect(days.some((waits) => waits.some(({ id }) => id === 'waits-2'))).toBe(true);
    for (const { blocks } of days.flat())
      blocks.forEach((block, i) => {
        expect(block.from).toBeGreaterThanOrEqual(blocks[i - 1]?.to ?? 0);
      });
  });

  it('marks what was placed by hand, and has hours to show where nothing is planned', () => {
    const { step } = made.entries.find((entry) => entry.people.length > 0 && entry.start.startsWith(date))!;
    const marked = lanes(date, new Set([step]))
      .people.flatMap((lane) => lane.blocks)
      .filter((block) => block.byHand);
    expect(new Set(marked.map((block) => block.step))).toEqual(new Set([step]));
    const empty = lanes('2030-01-01');
    expect(empty.people.every((lane) => lane.blocks.length === 0)).toBe(true);
    expect(empty.to - empty.from).toBeGreaterThanOrEqual(180);
  });
});
