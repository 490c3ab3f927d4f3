import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { applyChange } from '../household/change';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { checkPlan, plan } from '../spread';
import { changeOf } from './change-of';
import { outcomeOf } from './outcome';
import { fits, type Ladder, laddersFor, rungAt, rungsOf, smallestRung } from './smallest';
import { type WhatIf, whatIfsFor } from './what-if';
import { whatIfSchema } from './what-if-schema';

const HASH = '0'.repeat(64);
const demo = juniperRow('2027-03-01');

function otherwise(whatIf: WhatIf, household: Household = demo): Household {
  const made = applyChange(household, changeOf(whatIf, household));
  if (!made.ok || !made.value.clean) throw new Error('It can be carried out.');
  return { ...household, ...made.value, clean: made.value.clean };
}

const planned = (household: Household) => {
  const problem = expand(household, CATALOGUE);
  const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => false });
  expect(checkPlan(problem, made, HASH)).toEqual([]);
  return { problem, made };
};

describe('a what-if', () => {
  it('is asked only where it is not so already, and each can be sent and carried out', () => {
    const asked = whatIfsFor(demo);
    expect(asked.map((one) => one.do)).toEqual([
      'nothing',
      'group',
      'group',
      'matters',
      'matters',
      'matters',
      'hours',
      'helper',
      'finish',
      'reserve',
      'without-room',
    ]);
    expect(asked.some((one) => one.do === 'group' && one.grouping === demo.clean.grouping)).toBe(false);
    for (const whatIf of asked) {
      expect(whatIfSchema.parse(JSON.parse(JSON.stringify(whatIf)))).toEqual(whatIf);
      planned(otherwise(whatIf));
    }
  });

  it('an hour more goes on the end of the weekday, and a cap in the way of it grows', () => {
    const [ines, bram] = demo.people;
    const saturday = { weekday: 6, from: '09:00', to: '13:00' };
    const household = {
      ...demo,
      people: [
        { ...ines!, hours: [saturday, { weekday: 6, from: '15:00', to: '16:00' }], dailyCap: 300 },
        { ...bram!, hours: [{ weekday: 1, from: '18:00', to: '19:00' }], dailyCap: 60 },
      ],
    };
    const { people } = otherwise({ do: 'hours', weekdays: [6], minutes: 60 }, household);
    expect(people[0]).toMatchObject({
      hours: [saturday, { weekday: 6, from: '15:00', to: '17:00' }],
      dailyCap: 360,
    });
    expect(people[1]).toEqual(household.people[1]);
    const late = otherwise({ do: 'hours', weekdays: [1], minutes: 480 }, household).people[1];
    expect(late?.hours).toEqual([{ weekday: 1, from: '18:00', to: '23:59' }]);
  });

  it('a helper is one more each time', () => {
    const help: WhatIf = { do: 'helper', weekday: 6, minutes: 240 };
    const twice = otherwise(help, otherwise(help)).people.slice(-2);
    expect(twice.map((member) => [member.name, member.hours])).toEqual([
      ['A helper', [{ weekday: 6, from: '09:00', to: '13:00' }]],
      ['Helper 2', [{ weekday: 6, from: '09:00', to: '13:00' }]],
    ]);
  });

  it('without a room, nothing of it is planned', () => {
    const { problem } = planned(otherwise({ do: 'without-room', room: 'loft' }));
    expect(problem.tasks.some((task) => task.room === 'loft')).toBe(false);
  });

  it.each([
    { do: 'hours', weekdays: [], minutes: 60 },
    { do: 'hours', weekdays: [8], minutes: 60 },
    { do: 'helper', weekday: 6, minutes: -5 },
    { do: 'finish', days: 1e9 },
    { do: 'group', grouping: 'moon' },
    { do: 'nothing', more: 1 },
    'nothing',
    null,
  ])('that makes no sense is refused: %j', (sent) => {
    expect(whatIfSchema.safeParse(sent).success).toBe(false);
  });
});

describe('the smallest change that makes it fit', () => {
  /** A week is too short for the house. */
  const short = { ...demo, ticks: [], clean: { ...demo.clean, start: '2027-03-01', finish: '2027-03-07' } };
  const { problem, made } = planned(short);
  const isEnough = async (whatIf: WhatIf) => fits(planned(otherwise(whatIf, short)).made);

  it('is asked of hours, help, the finish line and the scope', () => {
    expect(fits(made)).toBe(false);
    expect(outcomeOf(problem, made, '2027-03-01').fits).toBe(false);
    const ladders = laddersFor(short.people, problem);
    expect(new Set(ladders.map((ladder) => rungAt(ladder, 0).do))).toEqual(
      new Set(['hours', 'helper', 'finish', 'without']),
    );
  });

  it.each(['finish', 'without'])('by %s is enough, and one less is not', async (id) => {
    const ladder = laddersFor(short.people, problem).find((one) => one.id === id) as Ladder;
    const found = await smallestRung(ladder, isEnough);
    const height = Array.from({ length: rungsOf(ladder) }, (_, i) => i).find(
      (i) => JSON.stringify(rungAt(ladder, i)) === JSON.stringify(found),
    );
    expect(height).toBeGreaterThan(0);
    expect(await isEnough(rungAt(ladder, height!))).toBe(true);
    expect(await isEnough(rungAt(ladder, height! - 1))).toBe(false);
  });

  it('leaves out what is least important first, and of that the longest', () => {
    const ladder = laddersFor(short.people, problem).find((one) => one.id === 'without') as Ladder;
    const first = rungAt(ladder, 0);
    const dropped = problem.tasks.find((task) => first.do === 'without' && task.id === first.tasks[0]);
    const least = ['could', 'should', 'must'].find((level) =>
      problem.tasks.some((task) => task.priority === level),
    );
    expect(dropped?.priority).toBe(least);
  });

  it('is none where the highest rung is not enough, and nothing on an empty ladder', async () => {
    const asked: WhatIf[] = [];
    const never = async (whatIf: WhatIf) => {
      asked.push(whatIf);
      return false;
    };
    const ladder: Ladder = { id: 'x', rungs: [1, 2, 3].map((days) => ({ do: 'finish', days })) };
    expect(await smallestRung(ladder, never)).toBeUndefined();
    expect(asked).toEqual([{ do: 'finish', days: 3 }]);
    expect(await smallestRung({ id: 'x', order: [] }, never)).toBeUndefined();
  });
});
