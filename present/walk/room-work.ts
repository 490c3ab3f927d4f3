import { CATALOGUE } from '@/core/catalogue/catalogue';
import { catalogueWith, type HouseholdCatalogue } from '@/core/catalogue/household-catalogue';
import { type LastDone, lastDoneKey } from '@/core/clean/last-done';
import type { Mark } from '@/core/clean/marks';
import type { HomeFacts } from '@/core/home/facts';
import type { Fixture, Room, WayRound } from '@/core/home/room';
import { marksOf } from '@/core/scope/scope';
import { countPlaces } from '@/core/work/single-places';
import { type CleanTask, listTasks, type Work } from '@/core/work/tasks';

/** What the estimates of one room depend on outside it, as plain data for the browser. */
export type RoomSurroundings = Pick<
  Work,
  'pace' | 'learnt' | 'atHand' | 'belongings' | 'sweep' | 'estimates' | 'school' | 'uses' | 'lastsOneDay'
> & {
  readonly finish: string | undefined;
  readonly way: WayRound;
  readonly facts: HomeFacts;
  readonly marks: readonly Mark[];
  readonly catalogue: HouseholdCatalogue;
  /** When each job in it was done last. */
  readonly doneBefore: readonly LastDone[];
  /** Whether the floor runs on from a room that comes before it. */
  readonly joined: boolean;
};

/** The tasks of one fixture, by the room as it stands on the screen. */
export function tasksOfFixture(room: Room, around: RoomSurroundings, fixtureId: string): CleanTask[] {
  return listTasks(workAround(room, around)).filter((task) => task.fixture.id === fixtureId);
}

/** How many single places of a fixture are gone through one by one; one where it is done as a whole. */
export function placesOfFixture(room: Room, around: RoomSurroundings, fixture: Fixture): number {
  const methods = catalogueWith(CATALOGUE, around.catalogue).for(fixture);
  return Math.max(1, ...methods.map((method) => countPlaces(method, { fixture, room })));
}

function workAround(room: Room, around: RoomSurroundings): Work {
  // The room before matters only by being there.
  const before: Room = { ...room, id: 'the room before', stops: [], opensTo: [] };
  const rooms = around.joined ? [before, { ...room, opensTo: [before.id] }] : [room];
  return {
    home: { floors: [{ id: 'here', name: 'here', rooms }], wayRound: around.way, facts: around.facts },
    catalogue: catalogueWith(CATALOGUE, around.catalogue),
    marks: marksOf(around.marks),
    pace: around.pace,
    learnt: around.learnt,
    lastDone: new Map(
      around.doneBefore.map(({ fixture, method, date }) => [lastDoneKey(fixture, method), date]),
    ),
    atHand: around.atHand,
    belongings: around.belongings,
    sweep: around.sweep,
    estimates: around.estimates,
    school: around.school,
    uses: around.uses,
    asOne: 'all',
    finish: around.finish,
    lastsOneDay: around.lastsOneDay,
    // What is gathered into loads is gathered in the whole house.
    roomByRoom: true,
    ticked: new Set(),
  };
}
