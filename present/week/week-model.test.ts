import { describe, expect, it } from 'vitest';
import { minutesOf } from '@/core/basics/local-time';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { mondayOf, weekOf } from './week-model';

const NOW = '2027-03-01T08:00';
const household = juniperRow('2027-03-01');
const made = quickPlan(household, NOW);
const state = stateOf(household, NOW, made);
const jobs = state.tasks.map(({ method }) => method.title);
const week = (person: string, monday: string) => weekOf(state.campaign!, state.tasks, person, monday);

describe('mondayOf', () => {
  it('is the Monday on or before a date', () => {
    expect(mondayOf('2027-03-01')).toBe('2027-03-01');
    expect(mondayOf('2027-03-07')).toBe('2027-03-01');
    expect(mondayOf('2027-01-01')).toBe('2026-12-28');
  });
});

describe('a week as one person sees it', () => {
  it('has seven dates from Monday on', () => {
    expect(week('ines', '2027-03-01').map(({ date }) => date)).toEqual(
      ['01', '02', '03', '04', '05', '06', '07'].map((day) => `2027-03-${day}`),
    );
  });

  it('has all of a person’s work of the plan and nothing else, in its order', () => {
    const mondays = [...new Set(made.entries.map(({ start }) => mondayOf(start.slice(0, 10))))];
    for (const { id } of household.people) {
      const dates = mondays.flatMap((monday) => week(id, monday));
      const own = made.entries.filter(({ people }) => people.includes(id));
      expect(dates.flatMap(({ pieces }) => pieces)).toHaveLength(own.length);
      expect(dates.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(
        own.reduce((sum, entry) => sum + minutesOf(entry), 0),
      );
      for (const { date, pieces } of dates) {
        const starts = pieces.map(({ start }) => start);
        expect(starts).toEqual(starts.toSorted());
        for (const piece of pieces) {
          expect(piece.start.startsWith(date)).toBe(true);
          expect(piece.with).not.toContain(id);
          expect(piece.room.length).toBeGreaterThan(0);
          // The thing first, and never how it is done alone.
          expect(
            jobs.some((job) => piece.job.startsWith(job)),
            piece.job,
          ).toBe(true);
        }
      }
    }
  });

  it('lies within the time that the person offers', () => {
    for (const { id } of household.people)
      for (const { free, pieces } of week(id, '2027-03-01'))
        for (const { start, end } of pieces)
          expect(
            free.some((window) => window.start <= start && end <= window.end),
            `${id} ${start}`,
          ).toBe(true);
  });

  it('is empty for somebody who is not there, and before there is a plan', () => {
    expect(week('nobody', '2027-03-01').every(({ pieces, free }) => pieces.length + free.length === 0)).toBe(
      true,
    );
    const { plans: _plans, ...unplanned } = state.campaign!;
    const empty = weekOf({ ...unplanned, plans: undefined }, state.tasks, 'ines', '2027-03-01');
    expect(empty.every(({ pieces }) => pieces.length === 0)).toBe(true);
  });
});
