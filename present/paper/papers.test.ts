import { describe, expect, it } from 'vitest';
import { groupBy } from '@/core/basics/group-by';
import { minutesOf } from '@/core/basics/local-time';
import { roomsOf } from '@/core/home/room';
import { jobName } from '@/core/work/place-of-job';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { SHOP_SECTIONS } from '../supplies/shop-sections';
import { suppliesScreen } from '../supplies/supplies-model';
import { washScreen } from '../supplies/wash-model';
import { roomOrder } from '../walk/room-order';
import { planSheet } from './plan-sheet';
import { roomSheet } from './room-sheet';
import type { Line, Sheet } from './sheet';
import { mixingSheet, shoppingSheet, washSheet } from './supply-sheets';
import { walkSheet } from './walk-sheet';

const NOW = '2027-03-01T08:00';

function linesOf({ parts }: Sheet): Line[] {
  return parts.flatMap(({ blocks }) => blocks.flatMap((block) => (block.is === 'lines' ? block.lines : [])));
}

const minuteAt = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

describe.each(DOZEN_HOMES.map((household) => [household.name, household] as const))(
  'on paper, %s',
  (_name, household) => {
    const state = stateOf(household, NOW, quickPlan(household, NOW));
    const plan = state.campaign?.plans?.latest.plan;
    const tasks = new Set<string>(state.tasks.map(({ id }) => id));

    it('has every step of the plan on its date, once, and every job without a place', () => {
      if (!plan) throw new Error('Each of the homes has a plan.');
      const sheet = planSheet(state);
      const hands = plan.entries.filter(({ people }) => people.length > 0);
      const waits = plan.entries.filter(({ people }) => people.length === 0);
      const lines = linesOf(sheet);
      expect(lines.filter(({ box }) => box === 'none')).toHaveLength(waits.length);
      const timed = lines.filter(({ box, at }) => box !== 'none' && at !== undefined);
      const onPaper = timed.reduce((sum, { at = '' }) => sum + minuteAt(at.slice(9)) - minuteAt(at), 0);
      // Stretches of one line touch, so that no minute is on paper twice or never.
      expect(onPaper).toBe(hands.reduce((sum, entry) => sum + minutesOf(entry), 0));
      for (const [date, entries] of groupBy(hands, ({ start }) => start.slice(0, 10))) {
        const part = sheet.parts.find(
          ({ title = '' }) =>
            title.endsWith(date.slice(0, 4)) &&
            title.includes(` ${Number(date.slice(8))} `) &&
            isMonth(title, date),
        );
        const own = linesOf({ title: '', parts: part ? [part] : [] });
        for (const { step, start } of entries) {
          const task = state.tasks.find(({ id }) => step.startsWith(`${id}/`));
          const fitting = own.filter(({ at = '', what }) => {
            const minute = minuteAt(start.slice(11));
            return (
              what.startsWith(task ? jobName(task) : '') &&
              minuteAt(at) <= minute &&
              minute < minuteAt(at.slice(9))
            );
          });
          expect(fitting.length, `${step} at ${start}`).toBeGreaterThan(0);
        }
      }
      const noPlace = lines.filter(({ at }) => at === undefined);
      expect(noPlace).toHaveLength(plan.unplaced.filter(({ task }) => tasks.has(task)).length);
    });

    it('has a card for each door with every job of the room once, and its number in the drawing', () => {
      for (const room of roomsOf(household.home)) {
        const sheet = roomSheet(room, household.home, roomOrder(state.order, room.id, state.campaign));
        const own = state.tasks.filter((task) => task.room.id === room.id && hasHands(task));
        const lines = linesOf(sheet);
        expect(lines, room.name).toHaveLength(own.length);
        expect(lines.map(({ what }) => what.split(': ')[0]).toSorted(), room.name).toEqual(
          own.map((task) => jobName(task).split(': ')[0]).toSorted(),
        );
        const [strip] = sheet.parts.flatMap(({ blocks }) => blocks.filter((block) => block.is === 'strip'));
        const things = [
          ...(strip?.strip.round ?? []),
          ...(strip?.strip.rows ?? []).flatMap(({ heights }) => heights.flatMap(({ cells }) => cells.flat())),
        ];
        expect(things, room.name).toHaveLength(room.stops.flatMap(({ fixtures }) => fixtures).length);
        // What is gathered from other rooms for the wash stands nowhere in this one.
        const here = new Set(room.stops.flatMap(({ fixtures }) => fixtures.map(({ id }) => id)));
        const numbers = things.flatMap((thing) => thing.numbers);
        expect(new Set(numbers).size, room.name).toBe(numbers.length);
        expect(numbers, room.name).toHaveLength(own.filter(({ fixture }) => here.has(fixture.id)).length);
      }
    });

    it('has everything that is bought, mixed and washed', () => {
      const screen = suppliesScreen(state);
      const shop = shoppingSheet(screen, ['A plug for the sink']);
      expect(
        linesOf(shop)
          .map(({ what }) => what)
          .toSorted(),
      ).toEqual([...screen.shopping.map(({ words }) => words), 'A plug for the sink'].toSorted());
      const headings = shop.parts.flatMap(({ title }) => title ?? []);
      expect(headings).toEqual(
        [...Object.values(SHOP_SECTIONS), 'Written down on the way'].filter((title) =>
          headings.includes(title),
        ),
      );
      const mixtures = mixingSheet(screen).parts.filter(({ line }) => line?.includes(' of water; '));
      expect(mixtures).toHaveLength(screen.cards.length);
      const wash = washScreen(state);
      expect(linesOf(washSheet(wash))).toHaveLength(wash.runs.length + wash.waiting.length);
    });

    it('has a form of the walk with everything that stands there', () => {
      const forms = walkSheet(household.home, household.units).parts.flatMap(({ blocks }) =>
        blocks.flatMap((block) => (block.is === 'form' ? [block] : [])),
      );
      const rooms = roomsOf(household.home);
      expect(forms.flatMap(({ rows }) => rows)).toHaveLength(
        rooms.flatMap(({ stops }) => stops.flatMap(({ fixtures }) => fixtures)).length,
      );
      expect(forms).toHaveLength(rooms.length + 2);
      for (const { blank } of forms) expect(blank).toBeGreaterThan(3);
    });
  },
);

const hasHands = ({ estimate }: { estimate: { steps: readonly { step: { mode: string } }[] } }) =>
  estimate.steps.some(({ step }) => step.mode === 'hands');

function isMonth(title: string, date: string): boolean {
  const month = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' });
  return title.includes(month.format(new Date(`${date}T00:00Z`)));
}

describe('a form for an empty house', () => {
  it('has the usual rooms with what is usually there, counts left open', () => {
    const [household] = DOZEN_HOMES;
    if (!household) throw new Error('There are homes.');
    const { parts } = walkSheet({ ...household.home, floors: [] }, 'metric');
    expect(parts.map(({ title }) => title)).toEqual(
      expect.arrayContaining(['Kitchen', 'Bathroom', 'Bedroom']),
    );
    const kitchen = parts.find(({ title }) => title === 'Kitchen')?.blocks[0];
    if (kitchen?.is !== 'form') throw new Error('A kitchen has a form.');
    expect(kitchen.rows.map(([thing]) => thing)).toContain('Oven');
    expect(kitchen.rows.every(([, count]) => count === '')).toBe(true);
  });
});
