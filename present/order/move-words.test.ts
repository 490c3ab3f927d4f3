import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { moveBefore } from '@/core/order/move';
import { orderWork } from '@/core/order/ordered';
import { tasksInOrder } from '@/core/order/working-order';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { DOZEN_HOMES, homeNamed } from '@/demo/dozen-homes';
import { costWords, heldWords } from './move-words';

const household = homeNamed('one person in one day');
const tasks = tasksOf(workOf(household, CATALOGUE));
const work = orderWork(tasks, household.home, household.rules, 'room');
const house = { home: household.home, rules: household.rules, grouping: 'room' as const };
const taskOf = (method: string) => tasks.find((task) => task.method.id === method)!;

describe('moving a task by hand', () => {
  it('is refused by the name of the rule that stands against it', () => {
    const [mop, vacuum] = [taskOf('floor-mop'), taskOf('floor-vacuum')];
    const moved = moveBefore(work, house, mop, vacuum);
    expect(moved.ok).toBe(false);
    const words = moved.ok ? '' : heldWords(mop.method.title, vacuum.method.title, moved.held);
    expect(words).toContain(`“${mop.method.title}” can’t come before “${vacuum.method.title}”: “`);
    expect(words).toMatch(/ stands? against it\. [A-Z].* under What comes first\.$/);
  });

  it('costs nothing where no rule minds', () => {
    expect(costWords([])).toBe('Moved. It costs nothing.');
  });

  it('says what a wish costs that is set aside, each cost once', () => {
    const wish = household.rules.own;
    expect(wish).toEqual([]);
    const named = { name: 'Door first', cost: undefined } as never;
    const priced = { name: 'Window first', cost: 'Streaks are wiped twice.' } as never;
    expect(costWords([named, priced, priced])).toBe(
      'Moved. It costs something: “Door first” is set aside. Streaks are wiped twice.',
    );
  });

  it.each(DOZEN_HOMES.slice(0, 5).map((home) => [home.name, home] as const))(
    'puts the one before the other wherever it is let, in %s',
    (_name, home) => {
      const all = tasksOf(workOf(home, CATALOGUE));
      const ordered = orderWork(all, home.home, home.rules, 'room');
      const list = tasksInOrder(ordered.steps);
      const [first, last] = [list[2]!, list.at(-3)!];
      const moved = moveBefore(
        ordered,
        { home: home.home, rules: home.rules, grouping: 'room' },
        last,
        first,
      );
      if (!moved.ok) {
        expect(moved.held.every((rule) => rule.hard)).toBe(true);
        return;
      }
      const ids = tasksInOrder(moved.work.steps).map(({ id }) => id);
      expect(ids.indexOf(last.id)).toBeLessThan(ids.indexOf(first.id));
      expect(ids.toSorted()).toEqual(list.map(({ id }) => id).toSorted());
    },
  );
});
