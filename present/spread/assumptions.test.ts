import { describe, expect, it } from 'vitest';
import { NOTHING_LEARNT } from '@/core/clean/learnt';
import { NO_FACTS } from '@/core/home/no-facts';
import { USUAL_HOURS } from '@/core/people/usual-hours';
import { DOZEN_HOMES, homeNamed } from '@/demo/dozen-homes';
import { assumptionsOf } from './assumptions';

const home = homeNamed('children of 6 and 11');
const keys = (household: Parameters<typeof assumptionsOf>[0]) =>
  assumptionsOf(household).map(({ key }) => key);
const withRooms = (change: (room: (typeof home.home.floors)[0]['rooms'][0]) => object) => ({
  ...home,
  home: {
    ...home.home,
    floors: home.home.floors.map((floor) => ({
      ...floor,
      rooms: floor.rooms.map((room) => ({ ...room, ...change(room) })),
    })),
  },
});

describe('what a plan takes for granted', () => {
  it('has words and a place to put it right, in every home', () => {
    for (const house of DOZEN_HOMES)
      for (const { words, links } of assumptionsOf(house)) {
        expect(words, house.name).toMatch(/^[A-Z].*[.:]$/);
        expect(links.length, house.name).toBeGreaterThan(0);
        for (const { href } of links) expect(href).toMatch(/^\/(walk|people)/);
      }
  });

  it('is what nobody has rated or measured, room by room, until somebody has', () => {
    const rated = withRooms(({ stops }) => ({
      lengthM: 7.77,
      stops: stops.map((stop) => ({
        ...stop,
        fixtures: stop.fixtures.map((fixture) => ({ ...fixture, soil: 'heavy' as const })),
      })),
    }));
    expect(keys(rated)).not.toContain('rated');
    expect(keys(rated)).not.toContain('size');
    const bare = withRooms(({ stops }) => ({
      stops: stops.map((stop) => ({
        ...stop,
        fixtures: stop.fixtures
          .filter(({ kind }) => kind === 'door')
          .map((fixture) => ({ ...fixture, soil: 'normal' as const, fullness: 'empty' as const })),
      })),
    }));
    const found = assumptionsOf(bare).find(({ key }) => key === 'rated');
    const withDoors = bare.home.floors.flatMap(({ rooms }) =>
      rooms.filter(({ stops }) => stops.some(({ fixtures }) => fixtures.length > 0)),
    );
    expect(found?.links[0]?.words).toBe(withDoors[0]!.name);
  });

  it('is what somebody new is taken to offer, no machines, and a house of which nothing was said', () => {
    const people = home.people.map((member, i) =>
      i === 0 ? { ...member, hours: [...USUAL_HOURS] } : member,
    );
    const fresh = { ...home, people, machines: [], home: { ...home.home, facts: NO_FACTS } };
    expect(keys(fresh)).toEqual(expect.arrayContaining(['hours', 'machines', 'facts']));
    const said = { ...home, home: { ...home.home, facts: { ...NO_FACTS, hardWater: true } } };
    expect(keys(said)).not.toContain('machines');
    expect(keys(said)).not.toContain('facts');
    expect(keys(said)).not.toContain('hours');
  });

  it('is what ticks have taught, as long as estimates go by it', () => {
    const learntBy = (on: boolean) => ({
      ...home,
      almanac: {
        ...home.almanac,
        learnt: {
          ...NOTHING_LEARNT,
          on,
          factors: [{ of: 'kind' as const, id: 'appliances', factor: 1.4, ticks: 12 }],
        },
      },
    });
    const [learnt] = assumptionsOf(learntBy(true)).filter(({ key }) => key === 'learnt');
    expect(learnt).toMatchObject({
      words: expect.stringContaining('1 lesson.'),
      links: [{ href: '/record' }],
    });
    expect(keys(learntBy(false))).not.toContain('learnt');
    expect(keys(home)).not.toContain('learnt');
  });
});
