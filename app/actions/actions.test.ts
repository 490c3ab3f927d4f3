import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it, vi } from 'vitest';
import { type Doing, MAY } from '@/app/access/may';
import { roomsOf } from '@/core/home/room';
import type { HouseholdFile } from '@/core/household/household';
import { isEnough, ROLES } from '@/core/household/roles';
import { NOT_YOURS } from '@/present/access/role-words';
import type { HouseholdScope } from '@/server/db/scope';
import { fulfil } from '@/server/planning/planner';
import { feedsOf } from '@/server/repositories/feeds';
import { helpersWithLink } from '@/server/repositories/helpers';
import { householdFile, insertHousehold } from '@/server/repositories/household';
import { newHousehold, plannedDemo, testDatabase } from '@/server/testing/households';
import { choosePace, saveClean, spread } from './clean';
import { makeHelper, planTrip, settle, takeOneMoreBlock, withdrawHelper } from './day';
import { change, redoLast, undoLast } from './edit';
import { makeAddress, revokeAddress } from './feed';
import { moveTask } from './order';
import { dropMember, saveExceptions, saveMember } from './people';
import {
  explainPlace,
  goBackTo,
  moveWholeSession,
  moveWork,
  redoSteering,
  steerPlan,
  undoSteering,
} from './steer';
import { takeWhatIf } from './what-if';

/** Who is there, and from which page: what the cookie and the headers would say. */
const visitor = vi.hoisted(() => ({ scope: undefined as unknown, isHere: true, role: 'keeper' }));
vi.mock('@/server/session', () => ({
  currentVisit: async () => visitor.scope && { scope: visitor.scope, role: visitor.role, id: 'here' },
  isSameOrigin: async () => visitor.isHere,
}));
vi.mock('next/cache', () => ({ revalidatePath: () => {} }));

const TODAY = '2027-03-01';

let db: Knex;
let planned: HouseholdFile;
let scope: HouseholdScope;
beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  process.env.EARLY_THAW_NOW = `${TODAY}T07:00`;
  db = await testDatabase();
  planned = await plannedDemo(db, TODAY);
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db, planned.name);
  await insertHousehold(scope, planned);
  Object.assign(visitor, { scope, isHere: true, role: 'keeper' });
});

const sent = (input?: unknown, id: string = randomUUID()) => ({ id, ...(input !== undefined && { input }) });
const file = () => householdFile(scope);
type Action = (sent: unknown) => Promise<{ readonly ok: boolean }>;

const member = () => {
  const { exceptions: _e, busy: _b, ...form } = planned.people[0]!;
  return form;
};
const form = () => {
  const { id: _i, openRooms: _o, reserve: _r, sessionCap: _s, ...clean } = planned.clean!;
  return clean;
};
const entry = () => planned.plans[0]!.plan.entries.find(({ people }) => people.length > 0)!;
const task = () => entry().step.slice(0, entry().step.lastIndexOf('/'));

/** Every action that changes something, with something to send. */
const ACTIONS: Readonly<Record<string, readonly [Action, () => unknown]>> = {
  change: [change, () => ({ do: 'drop-room', id: 'loft' })],
  saveMember: [saveMember, () => ({ ...member(), name: 'Ines M.' })],
  saveExceptions: [saveExceptions, () => ({ id: 'ines', exceptions: [{ date: '2027-03-06', hours: [] }] })],
  dropMember: [dropMember, () => ({ id: 'teodor' })],
  saveClean: [saveClean, () => ({ ...form(), name: 'Another' })],
  choosePace: [choosePace, () => 'week'],
  spread: [spread, () => undefined],
  moveWork: [moveWork, () => ({ task: task(), date: '2027-03-06' })],
  steerPlan: [steerPlan, () => ({ do: 'free-day', date: '2027-03-06', free: true })],
  moveTask: [moveTask, () => ({ task: 'hall-1-door:door-wash', before: 'hall-0-ceiling:ceiling-dust' })],
  takeWhatIf: [takeWhatIf, () => ({ do: 'finish', days: 2 })],
  planTrip: [planTrip, () => ({ bags: 3 })],
  makeHelper: [makeHelper, () => 'bram'],
  makeAddress: [makeAddress, () => ({})],
};

describe('every action', () => {
  it.each(Object.entries(ACTIONS))(
    'is refused where it should be, and changes nothing: %s',
    async (_name, [action, input]) => {
      const before = await file();
      visitor.isHere = false;
      expect(await action(sent(input()))).toMatchObject({ ok: false });
      Object.assign(visitor, { isHere: true, scope: undefined });
      expect(await action(sent(input()))).toMatchObject({ ok: false });
      visitor.scope = scope;
      for (const bad of [
        undefined,
        {},
        { id: 'x' },
        sent({ nonsense: true }),
        { id: 'y'.repeat(65), input: input() },
      ])
        if (!(bad && 'id' in bad && bad.id === 'x' && input() === undefined))
          expect((await action(bad)).ok, JSON.stringify(bad)).toBe(false);
      expect(await file()).toEqual(before);
    },
  );

  it.each(Object.entries(ACTIONS))(
    'is carried out once, however often it is sent: %s',
    async (name, [action, input]) => {
      const id = randomUUID();
      const first = await action(sent(input(), id));
      if (name !== 'moveTask') expect(first, JSON.stringify(first)).toMatchObject({ ok: true });
      const once = await file();
      await action(sent(input(), id));
      expect(await file()).toEqual(once);
    },
  );

  it.each(Object.entries(ACTIONS))(
    'is refused whoever may not, and changes nothing: %s',
    async (name, [action, input]) => {
      const asked = MAY[name as Doing];
      const before = await file();
      for (const role of ROLES.filter((one) => !isEnough(one, asked))) {
        visitor.role = role;
        expect(await action(sent(input()))).toMatchObject({
          ok: false,
          faults: [{ sentence: NOT_YOURS[asked] }],
        });
      }
      expect(await file()).toEqual(before);
    },
  );

  it.each(Object.entries(ACTIONS))('touches no other household: %s', async (_name, [action, input]) => {
    const other = await newHousehold(db, planned.name);
    await insertHousehold(other, planned);
    const before = await householdFile(other);
    await action(sent(input()));
    expect(await householdFile(other)).toEqual(before);
    expect([await feedsOf(other), await helpersWithLink(other)]).toEqual([[], []]);
  });
});

describe('what actions say', () => {
  it('takes back and does again, and says what', async () => {
    expect(await undoLast(sent())).toMatchObject({ ok: false });
    await change(sent({ do: 'drop-room', id: 'loft' }));
    const gone = async () => !roomsOf((await file()).home).some(({ id }) => id === 'loft');
    expect(await gone()).toBe(true);
    expect(await undoLast(sent())).toMatchObject({ ok: true, value: expect.stringContaining('oft') });
    expect(await gone()).toBe(false);
    expect(await redoLast(sent())).toMatchObject({ ok: true });
    expect(await gone()).toBe(true);
    expect(await redoLast(sent())).toMatchObject({ ok: false });
  });

  it('tells what bending the plan has moved, at once and again when asked again', async () => {
    const id = randomUUID();
    const wish = { task: task(), date: '2027-03-06' };
    const first = await moveWork(sent(wish, id));
    expect(first).toMatchObject({ ok: true, value: { words: expect.stringMatching(/moved/) } });
    expect(await moveWork(sent(wish, id))).toEqual(first);
    expect(await undoSteering(sent())).toMatchObject({ ok: true });
    expect(await redoSteering(sent())).toMatchObject({ ok: true });
    const why = await explainPlace(task());
    expect(why).toMatchObject({ ok: true, value: expect.stringMatching(/./) });
  });

  it('moves a session, and goes back to an earlier plan', async () => {
    const session = planned.plans[0]!.plan.sessions[0]!;
    const to = planned.plans[0]!.plan.sessions.find(
      ({ person, date }) => person === session.person && date > session.date,
    )!.date;
    const moved = await moveWholeSession(sent({ person: session.person, date: session.date, to }));
    expect(moved, JSON.stringify(moved)).toMatchObject({ ok: true });
    const { plans } = await file();
    expect(plans.length).toBe(2);
    expect(await goBackTo(sent({ version: 1 }))).toMatchObject({ ok: true });
    expect(await goBackTo(sent({ version: 77 }))).toMatchObject({ ok: false });
  });

  it('says why work can’t be spread, and how much has no place', async () => {
    expect(await spread(sent())).toMatchObject({ ok: true, value: { unplaced: expect.any(Number) } });
    for (const { id } of planned.people) await dropMember(sent({ id }));
    expect(await spread(sent())).toMatchObject({
      ok: false,
      faults: [{ sentence: expect.stringContaining('Nobody has any hours yet') }],
    });
  });

  it('gives links once and takes them back, and settles what was found', async () => {
    expect(await makeHelper(sent('bram'))).toMatchObject({ value: expect.stringMatching(/^\/help\/.{40,}/) });
    expect(await helpersWithLink(scope)).toEqual(['bram']);
    await withdrawHelper(sent('bram'));
    expect(await helpersWithLink(scope)).toEqual([]);
    await makeAddress(sent({}));
    await makeAddress(sent({ person: 'bram' }));
    expect(await feedsOf(scope)).toEqual(['bram', undefined]);
    expect((await makeAddress(sent({ person: 'nobody' }))).ok).toBe(false);
    await revokeAddress(sent({}));
    expect(await feedsOf(scope)).toEqual(['bram']);
    expect(await settle(sent({ found: 'nothing' }))).toMatchObject({ ok: true });
    expect((await makeHelper(sent('nobody'))).ok).toBe(false);
  });

  it('has one more block only where there is work for it', async () => {
    const more = await takeOneMoreBlock(sent({ person: 'nobody', minutes: 60 }));
    expect(more).toMatchObject({ ok: false, faults: [{ sentence: expect.stringContaining('Nothing of') }] });
    await fulfil(scope);
  });
});
