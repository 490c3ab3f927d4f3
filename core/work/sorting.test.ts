import { describe, expect, it } from 'vitest';
import { furnish } from '../../demo/furnish';
import { juniperRow } from '../../demo/juniper-row';
import { wholeTaskOf } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import type { BelongingsSchool, Room } from '../home/room';
import { type CleanTask, listTasks } from './tasks';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');

/** A room with one shelf of ten metres: nine things a metre, ten seconds each to decide about. */
function room(id: string, fullness: 'full' | 'half' | 'empty'): Room {
  return furnish({
    id,
    name: id,
    kind: 'study',
    sizeM: [3, 3, 2.5],
    shell: [],
    stops: [['Shelf', { kind: 'shelf', fullness, size: { shelfM: 10 } }]],
  });
}

function tasksIn(rooms: Room[], belongings: BelongingsSchool): CleanTask[] {
  const home = { ...demo.home, floors: [{ id: 'ground', name: 'Ground floor', level: 0, rooms }] };
  const people = demo.people.map((person) => ({ ...person, pace: 'usual' as const }));
  return listTasks(
    workOf({ ...demo, home, people, marks: [], clean: { ...demo.clean, belongings } }, CATALOGUE),
  );
}
/** Of all shelves at a stop. */
const minutesOf = (tasks: CleanTask[], id: string, step: string) =>
  tasks
    .filter((task) => wholeTaskOf(task.id) === id)
    .flatMap(({ estimate }) => estimate.steps.flatMap((one) => one.of ?? [one]))
    .filter((one) => one.step.key === step)
    .reduce((sum, { minutes }) => sum + minutes, 0);

describe('belongings sorted through first', () => {
  const tasks = tasksIn([room('study', 'full')], 'first');

  it('take a pass of their own, ahead of everything in the room', () => {
    expect(tasks[0]?.id).toBe('study-sorting:sorting-pass');
    expect(tasks[0]).toMatchObject({ room: { id: 'study' }, stop: { shell: true }, scope: { in: true } });
  });

  it('take the deciding out of the cupboard’s own work, and no minute more or less in all', () => {
    // 90 things at 13 s are 19.5 min; 5.2 s of handling stay at the shelf, 7.8 s of deciding are the pass's.
    const pass = tasks[0]?.estimate.steps[0];
    expect(pass?.parts).toMatchObject({
      setUpMinutes: 5,
      belongings: { things: 90, secondsEach: 7.8, minutes: 11.7 },
    });
    const atTheStop = tasksIn([room('study', 'full')], 'stop');
    const before = minutesOf(atTheStop, 'study-1-shelf:shelf-clear', 'clear');
    const after = minutesOf(tasks, 'study-1-shelf:shelf-clear', 'clear');
    expect(before - after).toBeCloseTo(11.7, 9);
  });

  it('may take much longer or shorter than one thinks: deciding does', () => {
    const pass = tasks[0]?.estimate.steps[0];
    expect(pass?.low).toBeCloseTo(5 + 11.7 * 0.6, 9);
    expect(pass?.high).toBeCloseTo(5 + 11.7 * 1.7, 9);
  });

  it('take a pass in each room that holds any, and none in one that is empty', () => {
    const passes = tasksIn([room('one', 'half'), room('two', 'empty'), room('three', 'full')], 'first')
      .filter((task) => task.method.id === 'sorting-pass')
      .map((task) => task.room.id);
    expect(passes).toEqual(['one', 'three']);
  });

  it('take no pass where they are done at the stop or left alone', () => {
    for (const school of ['stop', 'leave'] as const)
      expect(
        tasksIn([room('study', 'full')], school).some(({ method }) => method.id === 'sorting-pass'),
      ).toBe(false);
  });
});
