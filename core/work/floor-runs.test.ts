import { describe, expect, it } from 'vitest';
import type { Home } from '../home/room';
import { joinedRooms } from './floor-runs';

const homeOf = (rooms: Readonly<Record<string, readonly string[]>>) =>
  ({
    floors: [{ id: 'f', name: 'f', rooms: Object.entries(rooms).map(([id, opensTo]) => ({ id, opensTo })) }],
  }) as unknown as Home;
const joined = (rooms: Readonly<Record<string, readonly string[]>>) => [...joinedRooms(homeOf(rooms))].sort();

describe('rooms whose floor runs on', () => {
  it('are those that come after the one it runs from, whichever of the two says so', () => {
    expect(joined({ hall: ['sitting'], sitting: [], bath: [] })).toEqual(['sitting']);
    expect(joined({ hall: [], sitting: ['hall'], bath: [] })).toEqual(['sitting']);
  });

  it('are all but the first of a run', () => {
    expect(joined({ hall: ['sitting'], sitting: ['study'], study: ['hall'] })).toEqual(['sitting', 'study']);
  });

  it('are none where a floor runs into itself or into nothing', () => {
    expect(joined({ hall: ['hall', 'gone'], sitting: [] })).toEqual([]);
  });
});
