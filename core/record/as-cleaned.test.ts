import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { consequenceOf } from '../day/consequence';
import { roomsOf } from '../home/room';
import { applyChange } from '../household/change';
import type { Editable } from '../household/editable';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { asCleaned } from './as-cleaned';

const household = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(household, CATALOGUE));
const [room] = roomsOf(household.home);
const stopsIn = (home: typeof household.home) =>
  roomsOf(home).flatMap(({ stops }) => stops.map(({ id }) => id));

/** The demo home in which something was found, something ran out, and something did not come clean. */
const eventful = () => {
  const where = { home: household.home, people: household.people, tasks, begun: new Set<string>() };
  const at = '2027-03-01T18:10:40';
  const acts = [
    { do: 'found', find: 'later', text: 'A loose tile', room: room!.id },
    { do: 'run-out', product: 'citric-acid' },
    { do: 'second-go', step: `${tasks[0]!.id}/x` },
  ] as const;
  let known: Editable = household;
  for (const [i, act] of acts.entries()) {
    const made = applyChange(known, consequenceOf({ id: `e${i}`, at, act }, where)!);
    if (!made.ok) throw new Error(made.why);
    known = made.value;
  }
  return known;
};

describe('the house as the next clean finds it', () => {
  const after = eventful();

  it('has nothing left of what came up once and was seen to', () => {
    const ticks = [{ step: 'found-e0-work:found-work/see-to' }, { step: 'shop-e1-list:shop-trip/go' }];
    const next = asCleaned(after, ticks);
    expect(stopsIn(after.home)).toEqual(expect.arrayContaining(['found-e0', 'shop-e1']));
    expect(stopsIn(next.home)).toEqual(stopsIn(household.home));
    expect(next.rules).toEqual(household.rules);
    expect(next.marks).toEqual(household.marks.filter(({ reason }) => reason !== 'not-due'));
  });

  it('keeps what came up and was not seen to, and every thing of the house itself', () => {
    const next = asCleaned(after, [{ step: `${tasks[0]!.id}/x` }]);
    expect(stopsIn(next.home)).toEqual(stopsIn(after.home));
  });

  it('is as dirty as usual where it was cleaned, and as neglected as before where not', () => {
    const fixtures = (home: typeof household.home) =>
      roomsOf(home).flatMap(({ stops }) => stops.flatMap((stop) => stop.fixtures));
    const [one, other] = fixtures(household.home);
    const soiled = {
      ...household,
      home: {
        ...household.home,
        floors: household.home.floors.map((floor) => ({
          ...floor,
          rooms: floor.rooms.map((known) => ({
            ...known,
            stops: known.stops.map((stop) => ({
              ...stop,
              fixtures: stop.fixtures.map((fixture) => ({ ...fixture, soil: 'years' as const })),
            })),
          })),
        })),
      },
    };
    const next = fixtures(asCleaned(soiled, [{ step: `${one!.id}:door-wash/wash` }]).home);
    expect(next.find(({ id }) => id === one!.id)?.soil).toBe('normal');
    expect(next.find(({ id }) => id === other!.id)?.soil).toBe('years');
  });
});
