import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { handsRange, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { expand } from './expand';
import { clearFixtures, offeredMinutes, progressByRoom, sumProgress } from './progress';

const home = juniperRow('2027-03-01');
const done = ['vacuum', 'soda', 'off'].map((key) => ({
  step: `bedroom-5-mattress:mattress-freshen/${key}`,
  at: '2027-03-01T10:00',
}));
const problem = expand({ ...home, ticks: done }, CATALOGUE);

describe('progressByRoom', () => {
  it('adds up to the whole home, and counts a crew by its heads', () => {
    const all = sumProgress(progressByRoom(problem).values());
    const hands = problem.tasks
      .flatMap((task) => task.steps)
      .reduce((sum, step) => sum + (step.mode === 'hands' ? step.minutes * (step.crew ?? 1) : 0), 0);
    expect(all.total).toBe(hands);
    expect(all.done).toBe(progressByRoom(problem).get('bedroom')?.done);
    // 3 + 3.2 m² ÷ 45 × 60 × 1.1 = 8, and 2 + 3.2 ÷ 55 × 60 × 1.1 = 6.
    expect(all.done).toBe(8 + 6);
  });
});

describe('the hours of a house', () => {
  it('are the same by its jobs and by its plan, for each room of every home', () => {
    for (const household of [home, ...DOZEN_HOMES]) {
      const tasks = tasksOf(workOf(household, CATALOGUE));
      const rooms = progressByRoom(expand({ ...household, ticks: [], parts: [] }, CATALOGUE));
      for (const [room, { total }] of rooms)
        expect(handsRange(tasks.filter((task) => task.room.id === room)).minutes, household.name).toBe(total);
      expect(handsRange(tasks).minutes).toBe(sumProgress(rooms.values()).total);
    }
  });
});

describe('clearFixtures', () => {
  it('counts a fixture as clear only once all its jobs are done', () => {
    expect([...clearFixtures(problem)]).toEqual([]);
    const turned = { step: 'bedroom-5-mattress:mattress-turn/turn', at: '2027-03-01T10:10' };
    expect([...clearFixtures(expand({ ...home, ticks: [...done, turned] }, CATALOGUE))]).toEqual([
      'bedroom-5-mattress',
    ]);
  });
});

describe('offeredMinutes', () => {
  const alone = {
    ...home,
    people: [{ ...home.people[0]!, hours: [{ weekday: 1, from: '09:00', to: '12:00' }], dailyCap: 120 }],
  };

  it('counts free time by the caps, from now to the finish', () => {
    // Mondays from 24 February to 26 March: 1, 8, 15 and 22 March, two hours each.
    expect(offeredMinutes(expand(alone, CATALOGUE))).toBe(480);
    expect(offeredMinutes(expand(alone, CATALOGUE, '2027-03-08T11:00'))).toBe(60 + 240);
    expect(offeredMinutes(expand(alone, CATALOGUE, '2027-03-23T00:00'))).toBe(0);
  });

  it('leaves out days that are kept free', () => {
    const kept = { ...alone, clean: { ...alone.clean, reserve: ['2027-03-15'] } };
    expect(offeredMinutes(expand(kept, CATALOGUE))).toBe(360);
  });
});
