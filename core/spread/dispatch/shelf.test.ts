import { describe, expect, it } from 'vitest';
import type { Room } from '../model/model';
import { Shelf } from './shelf';
import type { Unit } from './unit';

const [bath, hall] = [{ id: 'bath' }, { id: 'hall' }] as unknown as [Room, Room];
const unit = (name: string, room: Room, weight: number, place: number, group = 0) =>
  ({ name, task: { room }, weight, place, group }) as unknown as Unit;
const names = (units: Iterable<Unit>) => [...units].map((one) => (one as unknown as { name: string }).name);
const anywhere = () => true;

describe('what can be taken up next', () => {
  it('comes by weight, then by room as the rooms are listed, then each in its place', () => {
    const shelf = new Shelf();
    for (const one of [
      unit('floor', bath, 2, 9),
      unit('tiles', bath, 1, 4),
      unit('coats', hall, 1, 3),
      unit('lamp', bath, 1, 2),
      unit('tap, waiting', hall, 0, 8),
    ])
      shelf.add(one);
    expect(names(shelf.inOrder([bath, hall], anywhere))).toEqual([
      'tap, waiting',
      'lamp',
      'tiles',
      'coats',
      'floor',
    ]);
    expect(names(shelf.inOrder([hall, bath], anywhere))).toEqual([
      'tap, waiting',
      'coats',
      'lamp',
      'tiles',
      'floor',
    ]);
  });

  it('comes only from rooms that are asked for', () => {
    const shelf = new Shelf();
    shelf.add(unit('lamp', bath, 1, 1));
    shelf.add(unit('coats', hall, 1, 2));
    expect(names(shelf.inOrder([bath, hall], (_weight, room) => room === hall))).toEqual(['coats']);
  });

  it('is gone once it is taken, and what was never there is not missed', () => {
    const shelf = new Shelf();
    const lamp = unit('lamp', bath, 1, 1);
    shelf.add(lamp);
    expect([shelf.size, shelf.remove(lamp), shelf.remove(lamp), shelf.size]).toEqual([1, true, false, 0]);
    expect(names(shelf.all())).toEqual([]);
  });

  it('is known by room and by kind or height', () => {
    const shelf = new Shelf();
    shelf.add(unit('lamp', bath, 1, 1, 0));
    shelf.add(unit('sill', hall, 2, 2, 1));
    shelf.add(unit('sill there', bath, 2, 3, 1));
    expect(names(shelf.in(bath))).toEqual(['lamp', 'sill there']);
    expect(names(shelf.of(1)).sort()).toEqual(['sill', 'sill there']);
  });
});
