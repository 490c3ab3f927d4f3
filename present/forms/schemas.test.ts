import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { homeFactsSchema } from '@/core/home/facts';
import { fixtureSchema, surfaceSchema } from '@/core/home/room-schema';
import {
  cleanFormSchema,
  memberFormSchema,
  methodNumbersSchema,
  ownMethodSchema,
  roomFactsFormSchema,
  roomFormSchema,
  signInSchema,
  signUpSchema,
} from './schemas';
import { IN_SENTENCES } from './sentences';

/** What a person is told of each field that can't be taken; nothing where all of it can. */
function told(schema: z.ZodType, value: unknown): Record<string, string> {
  const parsed = schema.safeParse(value, IN_SENTENCES);
  return parsed.success
    ? {}
    : Object.fromEntries(parsed.error.issues.map((issue) => [issue.path.join('.'), issue.message]));
}

const LONG = 'x'.repeat(600);

describe('signing in and up', () => {
  const good = {
    householdName: 'Elm Yard',
    email: ' a@example.org ',
    passphrase: 'three dry towels',
    timezone: 'UTC',
  };

  it('takes what is meant, without the spaces around it', () => {
    expect(signUpSchema.parse(good)).toMatchObject({ email: 'a@example.org' });
  });

  it('says in a sentence what is missing, too long or not an address', () => {
    expect(told(signUpSchema, { ...good, householdName: '  ' })).toEqual({
      householdName: 'Please give your household a name, such as “14 Juniper Row”.',
    });
    expect(told(signUpSchema, { ...good, email: 'a at b' }).email).toMatch(/does not look like an email/);
    expect(told(signUpSchema, { ...good, email: `${LONG}@example.org` }).email).toBeDefined();
    expect(told(signUpSchema, { ...good, passphrase: 'short' }).passphrase).toMatch(/at least/);
    expect(told(signUpSchema, { ...good, passphrase: LONG }).passphrase).toMatch(/under 200/);
    expect(told(signInSchema, { email: 'a@example.org', passphrase: '' })).toEqual({
      passphrase: 'Please type your passphrase.',
    });
  });
});

describe('the walk', () => {
  const room = { name: 'Bath', kind: 'bathroom', lengthM: 2.4, widthM: 1.8, heightM: 2.5 };

  it('takes a room with measures that a room can have', () => {
    expect(told(roomFormSchema, room)).toEqual({});
    for (const lengthM of [0, -3, Number.NaN, 1e9, Number.POSITIVE_INFINITY, '3', undefined])
      expect(told(roomFormSchema, { ...room, lengthM }), String(lengthM)).toHaveProperty('lengthM');
    expect(told(roomFormSchema, { ...room, kind: 'dungeon' })).toEqual({
      kind: 'Please choose one that is on the list.',
    });
    expect(told(roomFormSchema, { ...room, name: LONG })).toEqual({
      name: 'Please keep it under 80 characters.',
    });
  });

  it('takes only surfaces and airs that the catalogue knows', () => {
    const { kind: _kind, ...facts } = room;
    const known = { ...facts, ventilation: 'window', opensTo: [], floor: 'tile' };
    expect(told(roomFactsFormSchema, known)).toEqual({});
    expect(told(roomFactsFormSchema, { ...known, floor: 'lava' })).toHaveProperty('floor');
    expect(told(roomFactsFormSchema, { ...known, ventilation: 'wishes' })).toHaveProperty('ventilation');
    expect(told(roomFactsFormSchema, { ...known, opensTo: Array(21).fill('hall') })).toHaveProperty(
      'opensTo',
    );
  });

  it('counts in whole things from one up', () => {
    const counted = (count: unknown) => told(fixtureSchema.pick({ count: true }), { count });
    expect(counted(3)).toEqual({});
    expect(counted(0).count).toMatch(/at least 1/);
    expect(counted(-3).count).toMatch(/at least 1/);
    expect(counted(1.5).count).toBe('A count is a whole number.');
    expect(counted(1e9).count).toMatch(/digit too many/);
    expect(counted('three').count).toBe('Please give the count as a number.');
  });

  it('takes nothing of a fixture that it does not know', () => {
    const fixture = {
      id: 'sink-1',
      kind: 'sink',
      height: 'middle',
      count: 1,
      size: {},
      soil: 'normal',
      fullness: 'half',
      leave: false,
    };
    expect(told(fixtureSchema, fixture)).toEqual({});
    expect(told(fixtureSchema, { ...fixture, evil: true })).toHaveProperty('');
    expect(told(fixtureSchema, { ...fixture, size: { drawers: -1 } })).toHaveProperty('size.drawers');
    expect(told(fixtureSchema, { ...fixture, lastDone: '2027-02-30' })).toHaveProperty('lastDone');
    expect(told(fixtureSchema, { ...fixture, id: LONG })).toHaveProperty('id');
    expect(told(fixtureSchema.extend({ surface: surfaceSchema }), { ...fixture, surface: 'lava' })).toEqual({
      surface: 'The catalogue does not know this surface.',
    });
    expect(told(fixtureSchema, { ...fixture, mend: ' ' }).mend).toBe('Please say what is to mend.');
  });

  it('knows the year of a house in four digits, or not at all', () => {
    const facts = { hardWater: true, pets: false, birds: false, smokers: false, well: false, tank: false };
    expect(told(homeFactsSchema, facts)).toEqual({});
    expect(told(homeFactsSchema, { ...facts, builtYear: 1931 })).toEqual({});
    for (const builtYear of [31, 19_310, 1931.5, 'old'])
      expect(told(homeFactsSchema, { ...facts, builtYear }), String(builtYear)).toHaveProperty('builtYear');
  });
});

describe('a person', () => {
  const person = {
    id: 'ada',
    name: 'Ada',
    hours: [{ weekday: 6, from: '09:00', to: '12:00' }],
    dailyCap: 120,
    breakAfter: 60,
    breakLength: 10,
    cannot: [],
    dislikes: {},
    pace: 'usual',
  };

  it('has hours that end after they begin', () => {
    expect(told(memberFormSchema, person)).toEqual({});
    const turned = { ...person, hours: [{ weekday: 6, from: '12:00', to: '09:00' }] };
    expect(told(memberFormSchema, turned)['hours.0.to']).toBe('This time ends before it begins.');
    const odd = { ...person, hours: [{ weekday: 8, from: '9', to: '25:00' }] };
    expect(Object.keys(told(memberFormSchema, odd)).sort()).toEqual(
      expect.arrayContaining(['hours.0.from', 'hours.0.to', 'hours.0.weekday']),
    );
  });

  it('has an age in whole years, or none where the field is empty', () => {
    expect(memberFormSchema.safeParse({ ...person, age: Number.NaN }).data?.age).toBeUndefined();
    expect(told(memberFormSchema, { ...person, age: -1 })).toHaveProperty('age');
    expect(told(memberFormSchema, { ...person, age: 8.5 })).toHaveProperty('age');
  });

  it('rests and works for minutes that a day has', () => {
    expect(told(memberFormSchema, { ...person, dailyCap: 5 }).dailyCap).toBe('At least 10 minutes, please.');
    expect(told(memberFormSchema, { ...person, breakLength: 600 }).breakLength).toBe(
      'At most 120 minutes, please.',
    );
    expect(told(memberFormSchema, { ...person, breakAfter: 12.5 }).breakAfter).toBe('Whole minutes, please.');
  });
});

describe('the aim', () => {
  const clean = {
    name: 'Spring',
    reason: '',
    reward: '',
    start: '2027-03-01',
    finish: '2027-03-28',
    spread: 'even',
    grouping: 'room',
    firstJob: 'any',
    block: { kind: 'fixed' },
    belongings: 'stop',
    sweep: { minutes: 15, bags: 2 },
    matters: 'usual',
    estimates: 'rates',
    products: 'pantry',
  };

  it('ends when it starts or later, on dates that there are', () => {
    expect(told(cleanFormSchema, { ...clean, finish: '2027-02-30' })).toHaveProperty('finish');
    expect(told(cleanFormSchema, { ...clean, start: '' }).start).toBe('Please choose a date.');
    expect(told(cleanFormSchema, clean)).toEqual({});
    const endless = { ...clean, belongings: 'sweep', sweep: { minutes: 500, bags: 0 } };
    expect(told(cleanFormSchema, endless)).toEqual({
      'sweep.minutes': 'At most 120, please.',
      'sweep.bags': 'At least 1, please.',
    });
    expect(told(cleanFormSchema, { ...clean, finish: '2027-02-01' })).toEqual({
      finish: 'The finish is before the start. Choose a later finish or an earlier start.',
    });
  });

  it('is cut in blocks of a length that somebody can stand', () => {
    const sprints = { kind: 'sprints', minutes: 500, rest: 0 };
    expect(told(cleanFormSchema, { ...clean, block: sprints })).toMatchObject({
      'block.minutes': 'At most 120 minutes, please.',
      'block.rest': 'At least 1 minutes, please.',
    });
  });
});

describe('methods', () => {
  const own = {
    title: 'Wax the piano',
    fixture: 'sink',
    kind: 'furniture',
    layer: 5,
    doing: 'Wax on',
    setUpMinutes: 2,
    minutesEach: 10,
    waitMinutes: 30,
    after: 'Buff',
    afterMinutes: 5,
    intervalMonths: 12,
    priority: 'should',
    tools: 'cloth',
    product: '',
    dose: 0,
    water: 0,
    machine: '',
    tags: [],
    leastAge: 0,
    how: 'Thinly.',
    doneWhen: 'It shines.',
  };

  it('say what is done after a wait where anything is', () => {
    expect(told(ownMethodSchema, own)).toEqual({});
    expect(told(ownMethodSchema, { ...own, after: ' ' })).toEqual({
      after: 'Please say what is done after the wait.',
    });
    expect(told(ownMethodSchema, { ...own, fixture: 'dragon' }).fixture).toBe(
      'Please choose what it is for.',
    );
    expect(told(ownMethodSchema, { ...own, minutesEach: 0 }).minutesEach).toBe('At least 0.5, please.');
    expect(told(ownMethodSchema, { ...own, layer: 3.5 }).layer).toBe('A whole number, please.');
    expect(told(ownMethodSchema, { ...own, product: 'vinegar' })).toEqual({
      dose: 'A product needs an amount: how much of it for one?',
    });
    expect(told(ownMethodSchema, { ...own, product: 'dragon' })).toHaveProperty('product');
    expect(told(ownMethodSchema, { ...own, machine: 'oven', waitMinutes: 0 }).waitMinutes).toBe(
      'A machine needs its time: how long does it run?',
    );
  });

  it('have numbers of one’s own within reason, step by step', () => {
    const numbers = {
      steps: { work: { setUpMinutes: 1, perHour: 12 } },
      intervalMonths: 6,
      hardness: 2,
      leastAge: 0,
      priority: 'must',
    };
    expect(told(methodNumbersSchema, numbers)).toEqual({});
    expect(told(methodNumbersSchema, { ...numbers, steps: { work: { perHour: Number.NaN } } })).toEqual({
      'steps.work.perHour': 'Please give the rate as a number.',
    });
    const odd = { ...numbers, steps: { work: { perHour: 0, secondsEach: -1, minutes: 99_999 } } };
    expect(Object.keys(told(methodNumbersSchema, odd))).toEqual(
      expect.arrayContaining(['steps.work.perHour', 'steps.work.secondsEach', 'steps.work.minutes']),
    );
    expect(told(methodNumbersSchema, { ...numbers, steps: { work: { cheat: 1 } } })).toHaveProperty(
      'steps.work',
    );
  });
});
