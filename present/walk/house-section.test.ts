import { describe, expect, it } from 'vitest';
import type { Floor } from '@/core/home/room';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { houseSection } from './house-section';

describe('the house as a section', () => {
  it('has the cellar below the ground, the ground at the foot of the floor above it, and a roof on top', () => {
    const { floors, hasRoof } = houseSection(juniperRow('2027-03-01').home.floors);
    expect(floors.map(({ floor, isBelow, isOnGround }) => [floor.name, isBelow, isOnGround])).toEqual([
      ['Second floor', false, false],
      ['First floor', false, false],
      ['Ground floor', false, true],
      ['Below ground', true, false],
    ]);
    expect(hasRoof).toBe(true);
  });

  it('has no roof over a flat, and no ground where there is one floor', () => {
    const flat = houseSection([{ id: 'a', name: 'Flat', rooms: [] }]);
    expect(flat).toMatchObject({ hasRoof: false, floors: [{ isBelow: false, isOnGround: false }] });
    expect(houseSection([])).toEqual({ floors: [], hasRoof: false });
  });

  it('knows a cellar by its rooms, whatever the floor is called', () => {
    const deep = { id: 'b', name: 'Level one', rooms: [{ kind: 'cellar' }] } as unknown as Floor;
    expect(houseSection([deep]).floors[0]!.isBelow).toBe(true);
  });

  it('shows every floor of every home once', () => {
    for (const { home, name } of DOZEN_HOMES)
      expect(
        houseSection(home.floors).floors.map(({ floor }) => floor),
        name,
      ).toEqual([...home.floors].reverse());
  });
});
