import { describe, expect, it } from 'vitest';
import type { RoomKind } from '../home/room';
import type { Precedence, ProblemTask } from '../plan/problem';
import { firstJobWishes, isFirstJobWish, listedFor } from './first-job';

const task = (id: string, room: string, more: Partial<ProblemTask> = {}, minutes = 10): ProblemTask => ({
  id,
  title: id,
  room,
  kind: 'work',
  layer: 4,
  priority: 'should',
  hardness: 2,
  steps: [{ id: `${id}/step`, mode: 'hands', minutes }],
  ...more,
});
const KINDS: Readonly<Record<string, RoomKind>> = { hall: 'hall', bath: 'bathroom', loft: 'loft' };
const kindOf = (one: ProblemTask) => KINDS[one.room];
const said = (wishes: readonly Precedence[]) => wishes.map(({ before, after }) => `${before} < ${after}`);

const TASKS = [
  task('ceiling', 'bath', { layer: 0 }, 30),
  task('mirror', 'bath', { hardness: 1 }, 5),
  task('grout', 'bath', { hardness: 5, layer: 5 }),
  task('coats', 'hall'),
  task('step', 'hall', { needs: ['dry'] }),
  task('boxes', 'loft', { hardness: 3 }),
];
const RULES: Precedence[] = [
  { before: 'ceiling', after: 'grout', hard: true, reason: 'Top first' },
  { before: 'ceiling', after: 'mirror', hard: false, reason: 'A wish' },
  { before: 'coats', after: 'boxes/step', hard: true, reason: 'Another room binds nothing here' },
];

describe('what comes first in a clean', () => {
  it('is nothing in particular where nobody wishes so', () => {
    expect(firstJobWishes('any', TASKS, RULES, kindOf)).toEqual([]);
  });

  it('is something short that nobody minds, before all else', () => {
    const wishes = firstJobWishes('easy', TASKS, RULES, kindOf);
    expect(said(wishes)).toEqual(
      ['ceiling', 'grout', 'coats', 'step', 'boxes'].map((id) => `mirror < ${id}`),
    );
    expect(firstJobWishes('easy', [task('long', 'bath', {}, 21)], [], kindOf)).toEqual([]);
  });

  it('is the way in, before whatever may come first elsewhere; not what hangs on the weather', () => {
    expect(said(firstJobWishes('way-in', TASKS, RULES, kindOf))).toEqual([
      'coats < ceiling',
      'coats < mirror',
      'coats < boxes',
    ]);
  });

  it('is the room of what is dreaded, by what may come first in it', () => {
    expect(said(firstJobWishes('dreaded', TASKS, RULES, kindOf))).toEqual([
      'ceiling < coats',
      'ceiling < step',
      'ceiling < boxes',
    ]);
  });

  it('is only ever wished, and known again as such', () => {
    for (const first of ['easy', 'way-in', 'dreaded'] as const)
      for (const wish of firstJobWishes(first, TASKS, RULES, kindOf)) {
        expect(wish).toMatchObject({ hard: false, cost: 40 });
        expect(isFirstJobWish(wish)).toBe(true);
      }
    expect(RULES.some(isFirstJobWish)).toBe(false);
  });

  it('lists rooms with the way in at the front, and else as they are', () => {
    const rooms = ['bath', 'hall', 'loft'];
    expect(listedFor('way-in', rooms, (room) => KINDS[room])).toEqual(['hall', 'bath', 'loft']);
    expect(listedFor('easy', rooms, (room) => KINDS[room])).toEqual(rooms);
  });
});
