import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { UNCHANGED_RULES } from '@/core/clean/rule';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { roomsInOrder } from './rooms-in-order';

const demo = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(demo, CATALOGUE));
const screenOf = (rules: Partial<typeof UNCHANGED_RULES>) =>
  roomsInOrder({ household: { ...demo, rules: { ...UNCHANGED_RULES, ...rules } }, tasks });

describe('the rooms in order', () => {
  it('are as in the house until somebody says otherwise', () => {
    const { rows, isSaid } = screenOf({});
    expect(isSaid).toBe(false);
    expect(rows).toHaveLength(13);
    expect(screenOf({ rooms: ['loft'] }).rows[0]).toMatchObject({ name: 'Loft', floor: 'Second floor' });
    expect(screenOf({ rooms: ['loft'] }).isSaid).toBe(true);
  });

  it('are offered from the top floor down and from the way in, every room once', () => {
    const { presets, rows } = screenOf({});
    for (const { rooms } of presets) expect(rooms.toSorted()).toEqual(rows.map(({ id }) => id).toSorted());
    const floors = (rooms: readonly string[]) => rooms.map((id) => rows.find((row) => row.id === id)!.floor);
    const [down, wayIn] = presets;
    expect([floors(down!.rooms)[0], floors(down!.rooms).at(-1)]).toEqual(['Second floor', 'Below ground']);
    expect(wayIn!.rooms[0]).toBe('hall');
  });

  it('say what a floor costs that is done first', () => {
    const [row] = screenOf({ ways: [{ room: 'kitchen', way: 'floor-first' }], rooms: ['kitchen'] }).rows;
    expect(row).toMatchObject({ way: 'floor-first' });
    expect(row!.cost).toMatch(/plan another \d+ min for it/);
    expect(screenOf({ ways: [{ room: 'kitchen', way: 'sections' }] }).rows[4]!.cost).toBeUndefined();
  });
});
