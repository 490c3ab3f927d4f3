import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { NO_FACTS } from '../home/no-facts';
import { type Room, roomsOf } from '../home/room';
import { homeCautions } from '../safety/cautions';
import { joinedRooms } from '../work/floor-runs';
import { tasksOf } from '../work/tasks';
import { paceOf, workOf } from '../work/work';

const household = juniperRow('2027-03-01');

describe('the pace of a household', () => {
  it('is that of its people by the hours that each offers', () => {
    const hours = [{ weekday: 1, from: '18:00', to: '20:00' }];
    const long = [{ weekday: 1, from: '10:00', to: '16:00' }];
    // (2 h × 1.25 + 6 h × 0.85) ÷ 8 h = 0.95.
    expect(
      paceOf([
        { id: 'a', hours, pace: 'unhurried' },
        { id: 'b', hours: long, pace: 'brisk' },
      ]),
    ).toBe(0.95);
    expect(paceOf([])).toBe(1);
  });
});

describe('rooms whose floors run on into each other', () => {
  it('share the set-up of the floor: the later one on the walk has none', () => {
    const joined = structuredClone(household);
    const hall = roomsOf(joined.home).find((room) => room.id === 'hall') as Room;
    hall.opensTo.push('sitting');
    expect([...joinedRooms(joined.home)]).toEqual(['sitting']);
    const setUp = (from: typeof household, id: string) =>
      tasksOf(workOf(from, CATALOGUE)).find((task) => task.id === id)?.estimate.steps[0]?.parts?.setUpMinutes;
    expect(setUp(household, 'sitting-0-hard-floor:floor-vacuum')).toBe(2);
    expect(setUp(joined, 'sitting-0-hard-floor:floor-vacuum')).toBe(0);
    expect(setUp(joined, 'hall-0-hard-floor:floor-vacuum')).toBe(2);
  });
});

describe('cautions of the home', () => {
  const room = roomsOf(household.home)[0] as Room;
  const asDone = (id: string) => {
    const method = CATALOGUE.method(id)!;
    return { method, products: (method.products.shop ?? []).map((dose) => dose.product) };
  };
  const cautions = (
    id: string,
    facts: Partial<typeof NO_FACTS> & { builtYear?: number },
    where: Partial<Room> = {},
  ) => homeCautions(asDone(id), { ...NO_FACTS, ...facts }, { ...room, ...where }).map((row) => row.id);

  it('come from birds, age, tank, well and air, each where it concerns the work', () => {
    expect(cautions('mould-wipe', { birds: true })).toEqual(['birds-and-fumes']);
    expect(cautions('door-wash', { birds: true, tank: true, well: true, builtYear: 1850 })).toEqual([]);
    expect(cautions('mould-wipe', { pets: true })).toEqual(['pets-and-wet']);
    expect(cautions('door-wash', { pets: true })).toEqual([]);
    expect(cautions('walls-wash', { builtYear: 1908 })).toEqual(['old-materials']);
    expect(cautions('walls-wash', { builtYear: 2005 })).toEqual([]);
    expect(cautions('tiles-scrub', { tank: true, well: true })).toEqual([
      'tank-and-bleach',
      'well-and-bleach',
    ]);
    expect(cautions('oven-paste', {}, { ventilation: 'none' })).toEqual(['no-air']);
  });
});
