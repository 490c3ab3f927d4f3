import { isSecondGo, partsOfStepId } from '../basics/ids';
import { OWN_RULE_PREFIX } from '../clean/rule';
import type { Tick } from '../clean/tick';
import type { Fixture, Stop } from '../home/room';
import type { Editable } from '../household/editable';

type Part = Pick<Editable, 'home' | 'marks' | 'rules'>;

/** What came up once: done, it does not come round. */
const ONCE: readonly Fixture['kind'][] = ['found-work', 'shop-trip'];
/** What leaves goes each time; a trip of its own was planned for one time. */
const TRIP = /^trip-/;
const NEGLECTED: readonly Fixture['soil'][] = ['heavy', 'years'];

/**
 * The house as the next clean finds it: what was cleaned is as dirty as usual by then, and not as it had been for years;
 * what came up on the way and was seen to is gone; what was said of one clean alone does not hold for the next.
 */
export function asCleaned({ home, marks, rules }: Part, ticks: readonly Pick<Tick, 'step'>[]): Part {
  const done = new Set(ticks.map(({ step }) => partsOfStepId(step)?.fixtureId));
  const isOver = ({ id: stop, fixtures }: Stop) =>
    fixtures.length > 0 &&
    fixtures.every(({ id, kind }) => (ONCE.includes(kind) || TRIP.test(stop)) && done.has(id));
  const cleaned = (fixture: Fixture): Fixture =>
    done.has(fixture.id) && NEGLECTED.includes(fixture.soil) ? { ...fixture, soil: 'normal' } : fixture;
  const stopsAfter = (stops: readonly Stop[]) =>
    stops.filter((stop) => !isOver(stop)).map((stop) => ({ ...stop, fixtures: stop.fixtures.map(cleaned) }));
  return {
    home: {
      ...home,
      floors: home.floors.map((floor) => ({
        ...floor,
        rooms: floor.rooms.map((room) => ({ ...room, stops: stopsAfter(room.stops) })),
      })),
    },
    marks: marks.filter(
      ({ reason, target }) => reason !== 'not-due' && reason !== 'redone' && !isSecondGo(target),
    ),
    rules: { ...rules, own: rules.own.filter(({ id }) => !id.startsWith(`${OWN_RULE_PREFIX}shop-`)) },
  };
}
