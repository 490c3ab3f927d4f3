import { describe, expect, it } from 'vitest';
import type { Precedence, ProblemTask } from '../plan/problem';
import { roomOrderWishes } from './room-order-wishes';

const task = (id: string, room: string, needs?: ProblemTask['needs']): ProblemTask => ({
  id,
  title: id,
  room,
  kind: 'work',
  layer: 4,
  priority: 'should',
  hardness: 2,
  ...(needs && { needs }),
  steps: [{ id: `${id}/step`, mode: 'hands', minutes: 10 }],
});
const TASKS = [
  task('ceiling', 'bath'),
  task('mirror', 'bath'),
  task('coats', 'hall'),
  task('boxes', 'loft'),
  task('window', 'loft', ['dry']),
];
const RULES: Precedence[] = [{ before: 'ceiling', after: 'mirror', hard: true, reason: 'Top first' }];
const said = (rooms: string[]) =>
  roomOrderWishes(rooms, TASKS, RULES).map(({ before, after }) => `${before} < ${after}`);

describe('the order of the rooms', () => {
  it('is that each begins before all that come behind it, whatever the weather', () => {
    expect(said(['loft', 'bath', 'hall'])).toEqual(['boxes < ceiling', 'boxes < coats', 'ceiling < coats']);
  });

  it('binds nothing where nothing is said, and leaves out what has no work left or is gone', () => {
    expect(said([])).toEqual([]);
    expect(said(['gone', 'hall', 'cellar', 'loft'])).toEqual(['coats < boxes']);
  });

  it('is a wish, and says whose', () => {
    expect(roomOrderWishes(['hall', 'loft'], TASKS, RULES)[0]).toMatchObject({
      hard: false,
      reason: 'The rooms are done in the order that you gave them',
    });
  });
});
