import { describe, expect, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { usualRoom } from '../../demo/example-homes';
import { partsOfStepId } from '../basics/ids';
import { dayOf, formatDate, minuteOf } from '../basics/local-time';
import { randomFrom } from '../basics/random';
import { CATALOGUE, surfaceOf } from '../catalogue/catalogue';
import { clashesBetween, clashesOn } from '../catalogue/clashes';
import { FIXTURE_KINDS, isFixtureKind } from '../catalogue/fixture-kinds';
import { TAGS } from '../catalogue/tags';
import { PRODUCT_SCHOOLS } from '../catalogue/work-kinds';
import { newFixture } from '../furnish/fixture';
import { oftenMissing } from '../furnish/templates';
import { FULLNESSES, ROOM_KINDS, type Room, type RoomKind, SOILS } from '../home/room';
import type { Household } from '../household/household';
import type { Plan, PlanEntry } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { daylightOn } from '../problem/daylight';
import { expand } from '../problem/expand';
import { productsOf } from '../products/product-choice';
import { checkPlan, plan } from '../spread';
import { cannotDo, tagsOf } from '../work/step-tags';
import { type CleanTask, listTasks, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';

/** A thousand homes, drawn from seeds; in no plan of any is there what a card forbids. */

const HOMES = 1000;

type Random = () => number;

const HASH = '0'.repeat(64);

type Done = { readonly entry: PlanEntry; readonly task: CleanTask; readonly key: string };
type Planned = {
  readonly household: Household;
  readonly problem: Problem;
  readonly made: Plan;
  readonly done: readonly Done[];
};

function oneOf<T>(random: Random, items: readonly T[]): T {
  return items[Math.floor(random() * items.length)] as T;
}

/** A room with what is usual and some of what is often there, each thing made of anything, as dirty and full as may be. */
function drawnRoom(random: Random, id: string): Room {
  const room = usualRoom(id, id, oneOf(random, Object.keys(ROOM_KINDS) as RoomKind[]));
  const more = oftenMissing(room).filter(() => random() < 0.3);
  const [shell, ...stops] = room.stops;
  const last = stops.at(-1) ?? shell!;
  const also = more.map((kind) => newFixture(`${id}-${kind}`, kind));
  return {
    ...room,
    ventilation: oneOf(random, ['window', 'fan', 'none'] as const),
    stops: room.stops.map((stop) => ({
      ...stop,
      fixtures: [...stop.fixtures, ...(stop.id === last.id ? also : [])].map((fixture) => ({
        ...fixture,
        soil: oneOf(random, SOILS),
        fullness: fixture.fullness === 'empty' ? fixture.fullness : oneOf(random, FULLNESSES),
        ...(isFixtureKind(fixture.kind) &&
          random() < 0.5 && { surface: oneOf(random, FIXTURE_KINDS[fixture.kind].surfaces) }),
      })),
    })),
  };
}

function drawnHome(seed: number): Household {
  const random = randomFrom(seed);
  const base = homeNamed('children of 6 and 11');
  const [grown] = base.people;
  const hours = [1, 3, 6].map((weekday) => {
    const from = oneOf(random, ['07:00', '09:00', '16:00', '18:30']);
    return { weekday, from, to: oneOf(random, ['20:30', '21:30', '23:00']) };
  });
  const tags = Object.keys(TAGS);
  const people = Array.from({ length: 1 + Math.floor(random() * 3) }, (_, i) => ({
    ...grown!,
    id: `p${i}`,
    name: `Person ${i}`,
    hours,
    dailyCap: 240,
    cannot: tags.filter(() => random() < 0.12),
    ...(i > 0 && random() < 0.5 && { age: 5 + Math.floor(random() * 14) }),
  }));
  const rooms = Array.from({ length: 1 + Math.floor(random() * 2) }, (_, i) => drawnRoom(random, `r${i}`));
  const drawn = {
    ...base,
    home: {
      ...base.home,
      facts: {
        ...base.home.facts,
        birds: random() < 0.3,
        singleBedding: random() < 0.5,
        latitude: Math.round(random() * 140 - 70),
      },
      floors: [{ id: 'f', name: 'Floor', rooms }],
    },
    people,
    machines: base.machines.filter(() => random() < 0.6),
    clean: {
      ...base.clean,
      products: oneOf(random, PRODUCT_SCHOOLS),
      finish: formatDate(dayOf(base.clean.start) + Math.floor(random() * 14)),
    },
    marks: [],
  } as Household;
  // Some of what is usually left is taken in, so that nothing is safe for being out.
  const marks = listTasks(workOf(drawn, CATALOGUE))
    .filter(({ scope }) => !scope.in && random() < 0.5)
    .map(({ id }) => ({ on: 'task' as const, target: id, in: true }));
  return { ...drawn, marks };
}

function planned(household: Household): Planned {
  const tasks = new Map(tasksOf(workOf(household, CATALOGUE)).map((task) => [task.id as string, task]));
  const problem = expand(household, CATALOGUE, `${household.clean.start}T06:00`);
  const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => true });
  const done = made.entries.flatMap((entry) => {
    const parts = partsOfStepId(entry.step);
    const task = tasks.get(parts?.taskId ?? '');
    return task && parts ? [{ entry, task, key: parts.key }] : [];
  });
  return { household, problem, made, done };
}

const stepOf = ({ task, key }: Done) => task.method.steps.find((step) => step.key === key)!;
const dateOf = ({ entry }: Done) => entry.start.slice(0, 10);

/** One row a promise: what breaks it, worked out from the catalogue and the household alone. */
const PROMISES: Readonly<Record<string, (it: Planned) => string[]>> = {
  'the plan breaks no rule of the problem': ({ problem, made }) =>
    checkPlan(problem, made, HASH).map((violation) => JSON.stringify(violation)),
  'nobody does what they must not, or what is for somebody older': ({ household, done }) => {
    const never = new Map(household.people.map((member) => [member.id, cannotDo(member)]));
    return done.flatMap((one) => {
      const step = stepOf(one);
      if (step.mode === 'wait') return [];
      const tags = tagsOf(one.task, step);
      return one.entry.people.some((who) => tags.some((tag) => never.get(who)!.includes(tag)))
        ? [one.entry.step]
        : [];
    });
  },
  'no product is used on what it harms': ({ done }) =>
    done.flatMap(({ task, entry }) =>
      productsOf(task.products)
        .flatMap((product) => clashesOn(product, surfaceOf(task.fixture), task.fixture.kind))
        .filter(({ forbidden }) => forbidden)
        .map(({ id }) => `${entry.step}: ${id}`),
    ),
  'what must not meet in a room lies on different days': ({ done }) => {
    const used = done.filter(({ entry }) => entry.people.length > 0);
    return used.flatMap((one, i) =>
      used
        .slice(i + 1)
        .filter((other) => other.task !== one.task && other.task.room.id === one.task.room.id)
        .filter((other) => dateOf(other) === dateOf(one))
        .flatMap((other) =>
          productsOf(one.task.products).flatMap((a) =>
            productsOf(other.task.products)
              .flatMap((b) => clashesBetween(a, b, 'room'))
              .filter(({ forbidden }) => forbidden)
              .map(({ id }) => `${one.entry.step} and ${other.entry.step}: ${id}`),
          ),
        ),
    );
  },
  'work outside and on ladders outdoors is done by daylight': ({ household, done }) =>
    done.flatMap((one) => {
      if (!one.task.method.needs.includes('daylight') || one.entry.people.length === 0) return [];
      const light = daylightOn(dateOf(one), household.timezone, household.home.facts.latitude);
      const [from, to] = [one.entry.start.slice(11), one.entry.end.slice(11)];
      return from >= light.from && to <= light.to ? [] : [`${one.entry.step} ${from}–${to}`];
    }),
  'a bed is made by nine in the evening of the day on which it was stripped': ({ done }) => {
    const stripped = done.filter(({ task, key }) => task.method.id === 'bed-linen' && key === 'strip');
    return stripped.flatMap((strip) => {
      const make = done.find(({ task, key }) => task === strip.task && key === 'make');
      return make && dateOf(make) === dateOf(strip) && make.entry.end.slice(11) <= '21:00'
        ? []
        : [strip.entry.step];
    });
  },
  'food is out of the cold for half an hour at most, frozen for an hour': ({ done }) =>
    done.flatMap(({ entry, task, key }) => {
      if (task.method.id === 'fridge-clean' && key !== 'outside')
        return minuteOf(entry.end) - minuteOf(entry.start) <= 30 ? [] : [entry.step];
      if (task.method.id !== 'freezer-defrost' || key !== 'wipe') return [];
      const out = done.find((one) => one.task === task && one.key === 'empty');
      return out && minuteOf(entry.end) - minuteOf(out.entry.start) <= 60 ? [] : [entry.step];
    }),
};

describe('a thousand homes', () => {
  const seen = { tasks: 0, done: 0 };

  it.each(Array.from({ length: HOMES / 50 }, (_, i) => 50 * i))(
    'keep every promise: from the %i. on',
    (from) => {
      for (let seed = from; seed < from + 50; seed++) {
        const one = planned(drawnHome(seed));
        seen.tasks += one.problem.tasks.length;
        seen.done += one.done.length;
        for (const [name, broken] of Object.entries(PROMISES))
          expect(broken(one), `${seed}: ${name}`).toEqual([]);
      }
    },
  );

  it('have work enough in their plans for that to mean something', () => {
    expect(seen.tasks).toBeGreaterThan(20 * HOMES);
    expect(seen.done).toBeGreaterThan(20 * HOMES);
  });
});
