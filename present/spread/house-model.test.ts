import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Campaign } from '@/core/problem/campaign';
import { expand } from '@/core/problem/expand';
import { progressByRoom, sumProgress } from '@/core/problem/progress';
import { plan } from '@/core/spread';
import { juniperRowUnderWay } from '@/demo/juniper-row';
import { houseByDay } from './house-model';

const { household, first } = juniperRowUnderWay('2027-03-01');
const problem = expand(household, CATALOGUE, '2027-03-01T17:00');
const latest = plan(problem, { problemHash: '0'.repeat(64), seed: 1, stop: () => true });
const keep = (version: number, kept: typeof first) => ({ version, basis: '', madeAt: '', plan: kept });
const campaign: Campaign = {
  clean: household.clean,
  problem,
  plans: { first: keep(1, first), latest: keep(2, latest) },
  stale: false,
};
const house = houseByDay(campaign);
const cells = house.rooms.flatMap((room) => room.cells);

describe('the house by day', () => {
  it('has a row a room and a column a date', () => {
    expect(house.dates[0]).toBe(household.clean.start);
    expect(house.dates.at(-1)).toBe(household.clean.finish);
    expect(house.rooms).toHaveLength(13);
    expect(house.rooms.every((room) => room.cells.length === house.dates.length)).toBe(true);
  });

  it('shows all the work, done and planned, each minute once', () => {
    const { total, done } = sumProgress(progressByRoom(problem).values());
    expect(cells.reduce((sum, cell) => sum + cell.done, 0)).toBe(done);
    const { must, should, could } = latest.metrics.unplaced;
    expect(cells.reduce((sum, cell) => sum + cell.planned, 0)).toBe(total - done - must - should - could);
  });

  it('opens a room with its first work and closes it with its last', () => {
    for (const room of house.rooms) {
      const busy = room.cells.map((cell) => cell.done + cell.planned > 0);
      expect(room.cells.findIndex((cell) => cell.open)).toBe(busy.indexOf(true));
      expect(room.cells.findLastIndex((cell) => cell.open)).toBe(busy.lastIndexOf(true));
    }
  });

  it('lists every session under its date', () => {
    expect([...house.sessions.values()].flat()).toHaveLength(latest.sessions.length);
    for (const [date, sessions] of house.sessions)
      expect(sessions.every((session) => session.date === date)).toBe(true);
  });
});
