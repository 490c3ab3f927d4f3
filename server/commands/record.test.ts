import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import type { DayAct } from '../../core/clean/events';
import { changeWords, type HouseholdChange } from '../../core/household/change';
import { jobName } from '../../core/work/place-of-job';
import { homeNamed } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import { householdFile, insertHousehold } from '../repositories/household';
import { loadLastDone, loadPastCleans, loadRecord } from '../repositories/record';
import { newHousehold, testDatabase } from '../testing/households';
import { carryOut } from './carry-out';
import { changeHousehold } from './change';
import { cleanSoFar, doneOnTheWay, sayOfLine, setOutAgain, takeLessons } from './record';

const TODAY = '2027-03-01';

let db: Knex;
let scope: HouseholdScope;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, homeNamed('no machines'));
});

const say = (act: DayAct, at: string, person?: string, id: string = randomUUID()) =>
  carryOut(
    { scope },
    { sentAt: `${at}:00`, events: [{ id, at: `${at}:00`, act, ...(person && { person }) }] },
    () => `${at}:00`,
  );
const change = (wanted: HouseholdChange) =>
  changeHousehold(scope, randomUUID(), wanted, (before) => changeWords(wanted, before));
const kept = () => keptHousehold(scope);
const oneStep = async () => {
  const task = (await kept()).tasks.find(({ estimate }) => estimate.steps.length === 1);
  if (!task) throw new Error('There is no job of one step.');
  return { task, step: `${task.id}/${task.estimate.steps[0]?.step.key}` };
};

describe('a tick in the record', () => {
  it('says when, who, of what and how long, from start to done, with breaks out', async () => {
    const { task, step } = await oneStep();
    const [person] = (await kept()).household.people;
    await say({ do: 'start', step }, `${TODAY}T18:00`, person?.id);
    await say({ do: 'pause', step }, `${TODAY}T18:05`, person?.id);
    await say({ do: 'start', step }, `${TODAY}T18:30`, person?.id);
    await say({ do: 'done', step }, `${TODAY}T18:34`, person?.id);
    expect(await loadRecord(scope)).toMatchObject([
      {
        at: `${TODAY}T18:34`,
        step,
        ends: true,
        job: task.method.title,
        place: task.room.name,
        name: person?.name,
        seconds: 9 * 60,
        cameOut: 'clean',
      },
    ]);
  });

  it('goes with the tick, and counts once however often it is sent', async () => {
    const { step } = await oneStep();
    const id = randomUUID();
    await say({ do: 'done', step }, `${TODAY}T18:34`, undefined, id);
    await say({ do: 'done', step }, `${TODAY}T18:34`, undefined, id);
    await say({ do: 'done', step }, `${TODAY}T18:36`);
    expect(await loadRecord(scope)).toHaveLength(1);
    await say({ do: 'undo', step, also: [] }, `${TODAY}T18:40`);
    expect(await loadRecord(scope)).toEqual([]);
  });

  it('follows what somebody says afterwards', async () => {
    const { step, task } = await oneStep();
    await say({ do: 'done', step }, `${TODAY}T18:34`);
    await say({ do: 'took', step, minutes: 25 }, `${TODAY}T18:40`);
    const [line] = await loadRecord(scope);
    expect(line).toMatchObject({ seconds: 1500, said: true });
    const done = { fixture: task.fixture.id, method: task.method.id, date: TODAY };
    expect(await loadLastDone(scope, undefined)).toEqual([done]);
    await sayOfLine(scope, randomUUID(), { line: line?.id ?? '', minutes: 30, cameOut: 'dirty' });
    expect(await loadRecord(scope)).toMatchObject([{ seconds: 1800, cameOut: 'dirty' }]);
    expect(await loadLastDone(scope, undefined)).toEqual([]);
  });

  it('keeps from the day itself how it came out, and what is still dirty does not count', async () => {
    const { step, task } = await oneStep();
    await say({ do: 'done', step }, `${TODAY}T18:34`);
    await say({ do: 'came-out', step, how: 'dirty' }, `${TODAY}T18:35`);
    expect(await loadRecord(scope)).toMatchObject([{ cameOut: 'dirty' }]);
    expect(await loadLastDone(scope, undefined)).toEqual([]);
    await say({ do: 'came-out', step, how: 'clean' }, `${TODAY}T18:36`);
    expect(await loadLastDone(scope, undefined)).toMatchObject([{ fixture: task.fixture.id }]);
  });

  it('has a second go in the plan, and what was done and used the first time stays', async () => {
    const { step, task } = await oneStep();
    await say({ do: 'done', step }, `${TODAY}T18:34`);
    await say({ do: 'came-out', step, how: 'dirty' }, `${TODAY}T18:35`);
    await say({ do: 'second-go', step }, `${TODAY}T18:36`);
    const { household, tasks } = await kept();
    expect(household.ticks.map((ticked) => ticked.step)).toEqual([step]);
    const second = tasks.find(({ id }) => id === `${task.id}.51`);
    expect(second && jobName(second)).toBe(`${task.method.title}: second go`);
    await say({ do: 'done', step: `${task.id}.51/${task.method.steps[0]?.key}` }, `${TODAY}T19:10`);
    expect(await loadRecord(scope)).toMatchObject([{ cameOut: 'dirty' }, { cameOut: 'clean' }]);
    const done = { fixture: task.fixture.id, method: task.method.id, date: TODAY };
    expect(await loadLastDone(scope, undefined)).toEqual([done]);
  });

  it('stays readable when its room, its thing and its person are gone', async () => {
    const { step, task } = await oneStep();
    const [person] = (await kept()).household.people;
    await say({ do: 'done', step }, `${TODAY}T18:34`, person?.id);
    await change({ do: 'drop-room', id: task.room.id });
    expect(await loadRecord(scope)).toMatchObject([
      { job: task.method.title, place: task.room.name, name: person?.name },
    ]);
  });

  it('is no one else’s', async () => {
    const { step } = await oneStep();
    await say({ do: 'done', step }, `${TODAY}T18:34`);
    const other = await newHousehold(db);
    expect(await loadRecord(other)).toEqual([]);
    const [line] = await loadRecord(scope);
    const { answer } = await sayOfLine(other, randomUUID(), { line: line?.id ?? '', gone: true });
    expect(answer).toEqual({ ok: false, why: 'gone' });
    expect(await loadRecord(scope)).toHaveLength(1);
  });
});

describe('what is done on the way', () => {
  it('is ticked in the clean that it is part of, and only recorded where there is none', async () => {
    const { task, step } = await oneStep();
    await doneOnTheWay(scope, randomUUID(), { task: task.id, at: `${TODAY}T08:00`, minutes: 10 });
    expect((await kept()).household.ticks).toMatchObject([{ step, seconds: 600 }]);
    await change({ do: 'close-clean', closed: TODAY });
    await doneOnTheWay(scope, randomUUID(), { task: task.id, at: '2027-06-01T08:00' });
    const record = await loadRecord(scope);
    expect(record.map(({ clean, at }) => [clean, at])).toEqual([
      ['clean', `${TODAY}T08:00`],
      [undefined, '2027-06-01T08:00'],
    ]);
    await sayOfLine(scope, randomUUID(), { line: record[1]?.id ?? '', gone: true });
    expect(await loadRecord(scope)).toHaveLength(1);
    expect(
      (await doneOnTheWay(scope, randomUUID(), { task: 'nothing', at: `${TODAY}T08:00` })).answer.ok,
    ).toBe(false);
  });
});

describe('the end of a clean', () => {
  it('can be taken back until the next has begun', async () => {
    await change({ do: 'close-clean', closed: TODAY });
    expect((await kept()).household.clean?.closed).toBe(TODAY);
    await change({ do: 'close-clean' });
    expect((await kept()).household.clean?.closed).toBeUndefined();
    const next = { name: 'Autumn 2027', start: '2027-09-01', finish: '2027-09-28' };
    expect((await setOutAgain(scope, randomUUID(), next, TODAY)).answer).toEqual({
      ok: false,
      why: 'not-closed',
    });
  });

  it('leaves figures, and a house in which what was done is not due', async () => {
    const { task, step } = await oneStep();
    const before = (await kept()).tasks.length;
    await say({ do: 'start', step }, `${TODAY}T18:00`);
    await say({ do: 'done', step }, `${TODAY}T18:20`);
    await say({ do: 'bag', kind: 'bag', pile: 'give', count: 3 }, `${TODAY}T18:30`);
    await say({ do: 'found', find: 'mend', text: 'Loose hinge' }, `${TODAY}T18:31`);
    await change({ do: 'close-clean', closed: TODAY });
    expect(await cleanSoFar(scope, await kept(), TODAY)).toMatchObject({ doneMinutes: 20, jobs: 1 });
    // Soon after, what was done once in three months or more is not due.
    const next = { name: 'Soon after', start: '2027-03-02', finish: '2027-03-20' };
    expect((await setOutAgain(scope, randomUUID(), next, '2027-03-02')).answer.ok).toBe(true);
    expect(await loadPastCleans(scope)).toMatchObject([
      { name: 'Spring 2027', doneMinutes: 20, jobs: 1, bags: [{ count: 3 }], mend: ['Loose hinge'] },
    ]);
    const { household, tasks } = await kept();
    expect(household).toMatchObject({ ticks: [], clean: next });
    expect(household.clean?.closed).toBeUndefined();
    expect(tasks.map(({ id }) => id)).not.toContain(task.id);
    expect(tasks).toHaveLength(before - 1);
    expect(await loadRecord(scope)).toHaveLength(1);
  });

  it('goes along in the file of the household, and comes back from it', async () => {
    const { step } = await oneStep();
    await say({ do: 'done', step }, `${TODAY}T18:20`);
    await change({ do: 'close-clean', closed: TODAY });
    await setOutAgain(
      scope,
      randomUUID(),
      { name: 'Next', start: '2027-09-02', finish: '2027-09-20' },
      '2027-09-02',
    );
    const file = await householdFile(scope);
    const other = await newHousehold(db);
    await insertHousehold(other, file);
    const again = await householdFile(other);
    expect([again.record, again.past]).toEqual([file.record, file.past]);
    expect(file.past).toHaveLength(1);
  });

  it('of a file of before there was a record is written down from its ticks', async () => {
    const old = juniperRow(TODAY);
    const other = await newHousehold(db);
    const ticks = [
      { step: 'hall-1-door:door-wash/wash', at: `${TODAY}T10:00`, person: 'bram', seconds: 400 },
    ];
    await insertHousehold(other, { ...old, record: [], past: [], ticks });
    const [line] = await loadRecord(other);
    expect(line).toMatchObject({ fixture: 'hall-1-door', method: 'door-wash', name: 'Bram', seconds: 400 });
  });
});

describe('lessons', () => {
  it('are taken once a date from what is recorded, and set back by a press', async () => {
    const { tasks } = await kept();
    const kind = 'windows';
    const work = tasks.filter(({ method }) => method.kind === kind);
    expect(work.length).toBeGreaterThan(3);
    const minutesOf = async () =>
      Math.round(
        (await kept()).listed
          .filter(({ method }) => method.kind === kind)
          .reduce((sum, task) => sum + task.byRates.hands.minutes, 0),
      );
    const usual = await minutesOf();
    const record = work.flatMap((task, i) =>
      Array.from({ length: 6 }, (_, turn) => ({
        task,
        minutes: Math.round(task.estimate.hands.minutes * (1.8 + 0.02 * ((i + turn) % 5))),
        turn,
      })),
    );
    await change({ do: 'close-clean', closed: TODAY });
    for (const { task, minutes, turn } of record)
      await doneOnTheWay(scope, randomUUID(), { task: task.id, at: `2027-0${turn + 1}-03T08:00`, minutes });
    await takeLessons(scope, '2027-07-01');
    const { learnt } = (await kept()).household.almanac;
    expect(learnt.factors.length).toBeGreaterThan(0);
    expect((await minutesOf()) / usual).toBeCloseTo(1.85, 1);
    for (const { of, id } of learnt.factors) await change({ do: 'unlearn', of, id, never: true });
    expect(await minutesOf()).toBe(usual);
    await takeLessons(scope, '2027-07-02');
    expect((await minutesOf()) / usual).toBeLessThan(1.1);
  });
});
