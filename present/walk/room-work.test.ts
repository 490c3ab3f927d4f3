import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { NOTHING_LEARNT } from '@/core/clean/learnt';
import { newFixture } from '@/core/furnish/fixture';
import { fixturesOf, roomsOf } from '@/core/home/room';
import type { Household } from '@/core/household/household';
import { listTasks } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { fixtureName } from './fixture-name';
import { FULLNESS_WORDS, fixtureSummary, HEIGHT_WORDS, SOIL_WORDS } from './fixture-words';
import { tasksOfFixture } from './room-work';

/** What surrounds the room, as the page of a room is given it. */
function around(household: Household, joined: boolean) {
  const work = workOf(household, CATALOGUE);
  return {
    learnt: NOTHING_LEARNT,
    doneBefore: [],
    pace: work.pace,
    atHand: work.atHand,
    belongings: work.belongings,
    sweep: work.sweep,
    estimates: work.estimates,
    school: work.school,
    uses: work.uses,
    lastsOneDay: work.lastsOneDay,
    finish: work.finish,
    way: household.home.wayRound,
    facts: household.home.facts,
    marks: household.marks,
    catalogue: household.catalogue,
    joined,
  };
}

describe('what a room page reckons by itself', () => {
  it.each(
    DOZEN_HOMES.filter(({ name }) => name !== 'twenty-two rooms').map((home) => [home.name, home] as const),
  )('is what the whole household comes to, in %s', (_name, household) => {
    const all = listTasks({ ...workOf(household, CATALOGUE), asOne: 'all' });
    for (const room of roomsOf(household.home))
      for (const fixture of fixturesOf(room)) {
        const here = tasksOfFixture(room, around(household, false), fixture.id);
        const there = all.filter((task) => task.fixture.id === fixture.id);
        expect(here.map(({ id }) => id)).toEqual(there.map(({ id }) => id));
        expect(here.map(({ estimate }) => estimate.hands.minutes)).toEqual(
          there.map(({ estimate }) => estimate.hands.minutes),
        );
      }
  });

  it('takes less to set up where the floor runs on from the room before', () => {
    const household = DOZEN_HOMES.find(({ name }) => name === 'three who share a flat')!;
    const room = roomsOf(household.home).find(({ id }) => id === 'kitchen')!;
    const floor = fixturesOf(room).find(({ kind }) => kind === 'hard-floor')!;
    const minutes = (joined: boolean) =>
      tasksOfFixture(room, around(household, joined), floor.id).reduce(
        (sum, task) => sum + task.estimate.hands.minutes,
        0,
      );
    expect(minutes(true)).toBeLessThan(minutes(false));
  });
});

describe('a thing in words', () => {
  it('is its name alone where nothing is unusual at it', () => {
    expect(fixtureSummary('Window', newFixture('a', 'window'), false)).toBe('Window');
    expect(fixtureName({ kind: 'dragon' })).toBe('dragon');
  });

  it('says everything that is unusual', () => {
    const window = {
      ...newFixture('a', 'window'),
      count: 2,
      soil: 'years' as const,
      leave: true,
      mend: 'Handle',
    };
    expect(fixtureSummary('Window', window, true)).toBe(
      'Window, 2 of them, soil of years, left this time, to mend, clear',
    );
  });

  it('has a word for every height, soil and fullness, no two alike', () => {
    for (const words of [HEIGHT_WORDS, SOIL_WORDS, FULLNESS_WORDS].map(Object.values))
      expect(new Set(words).size).toBe(words.length);
    const names = Object.values(FIXTURE_KINDS).map(({ name }) => name.toLowerCase());
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  });
});
