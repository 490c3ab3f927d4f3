import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { type HouseholdRules, MOST_TOGETHER, orderRuleSchema, UNCHANGED_RULES } from '../clean/rule';
import { roomsOf } from '../home/room';
import type { Household } from '../household/household';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { rulesWith } from './household-rules';
import { orderWork } from './ordered';
import { FLOORS } from './rules';
import { wayRules } from './way-rules';

const demo = juniperRow('2027-03-01');
const homes = [demo, ...DOZEN_HOMES];

/** The first steps of the tasks in the order of work, with the household's ways. */
function ordered(household: Household, ways: HouseholdRules['ways'], rooms: string[] = []) {
  const rules = { ...UNCHANGED_RULES, ways, rooms };
  const { steps } = orderWork(tasksOf(workOf(household, CATALOGUE)), household.home, rules, 'room');
  return [...new Set(steps.map(({ task }) => task))];
}
const isAtTheWalls = (layer: number) => layer >= 2 && layer <= 7;
const goingsBack = (places: readonly number[]) => places.filter((at, i) => at < (places[i - 1] ?? 0)).length;

describe('the ways through a room', () => {
  it('are rules like all others, and none where nothing is said or the room is gone', () => {
    const ways = roomsOf(demo.home).map(({ id }, i) => ({
      room: id,
      way: (['sections', 'floor-first', 'together'] as const)[i % 3]!,
    }));
    for (const rule of rulesWith({ ...UNCHANGED_RULES, ways }, demo.home))
      expect(orderRuleSchema.safeParse(rule).success, rule.id).toBe(true);
    expect(wayRules([], demo.home)).toEqual([]);
    expect(wayRules([{ room: 'gone', way: 'sections' }], demo.home)).toEqual([]);
    expect(wayRules([{ room: 'kitchen', way: 'together' }], demo.home)).toEqual([]);
  });

  it('take a kitchen section by section: one goes back far less often', () => {
    for (const household of homes) {
      const kitchen = roomsOf(household.home).find(({ kind }) => kind === 'kitchen')!;
      const stops = kitchen.stops.filter(({ shell }) => !shell).map(({ id }) => id);
      const places = (ways: HouseholdRules['ways']) =>
        ordered(household, ways)
          .filter(
            ({ room, stop, method }) => room.id === kitchen.id && !stop.shell && isAtTheWalls(method.layer),
          )
          .map(({ stop }) => stops.indexOf(stop.id));
      const [before, after] = [places([]), places([{ room: kitchen.id, way: 'sections' }])].map(goingsBack);
      expect(after!, household.name).toBeLessThan(before! / 2);
    }
  });

  it('begin with the floor where it is wished for, and only there', () => {
    const [kitchen, bath] = ['kitchen', 'bathroom'];
    const tasks = ordered(demo, [{ room: kitchen!, way: 'floor-first' }]);
    const place = (room: string) => {
      const own = tasks.filter((task) => task.room.id === room && task.method.layer >= 2);
      return own.findIndex(({ method }) => FLOORS.includes(method.id)) / own.length;
    };
    expect(place(kitchen!)).toBeLessThan(0.3);
    expect(place(bath!)).toBeGreaterThan(0.7);
  });

  it('take rooms together, all that is high before what is at the walls, and that before the floors', () => {
    const rooms = ['bedroom', 'study', 'hall'];
    const bands = (ways: HouseholdRules['ways']) =>
      ordered(demo, ways)
        .filter(({ room, method }) => rooms.includes(room.id) && method.kind !== 'textiles')
        .map(({ method: { layer } }) => (layer < 2 ? 0 : layer < 8 ? 1 : 2));
    const together = rooms.map((room) => ({ room, way: 'together' as const }));
    expect(goingsBack(bands(together))).toBeLessThan(goingsBack(bands([])));
    expect(bands(together).indexOf(2)).toBeGreaterThan(bands(together).lastIndexOf(0));
    expect(rooms.length).toBeLessThanOrEqual(MOST_TOGETHER);
  });

  it('take the rooms in the order that was given, those that are not named behind', () => {
    const rooms = ordered(demo, [], ['loft', 'cellar']).map(({ room }) => room.id);
    const begun = [...new Set(rooms)];
    expect(begun.slice(0, 2)).toEqual(['loft', 'cellar']);
    expect(new Set(begun)).toEqual(new Set(ordered(demo, []).map(({ room }) => room.id)));
  });
});
