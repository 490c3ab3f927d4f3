import { randomUUID } from 'node:crypto';
import { fc, test } from '@fast-check/vitest';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import type { DayAct } from '../../core/clean/events';
import { roomsOf } from '../../core/home/room';
import type { HouseholdChange } from '../../core/household/change';
import type { HouseholdFile } from '../../core/household/household';
import { carryOut } from '../commands/carry-out';
import { changeHousehold } from '../commands/change';
import { redo, undo } from '../commands/journal';
import { goBackTo, spreadWork } from '../commands/plan';
import type { HouseholdScope } from '../db/scope';
import { listen, type News } from '../news/hub';
import { fulfil, planned as planFor } from '../planning/planner';
import { loadPlans } from '../repositories/clean';
import { eventsOn } from '../repositories/day';
import { loadEditable } from '../repositories/editable';
import { insertHousehold, loadHousehold } from '../repositories/household';
import { newHousehold, plannedDemo, testDatabase } from '../testing/households';
import { Kept, keep, keptHousehold } from './kept';
import { perform } from './perform';
import { versionsOf } from './versions';

const TODAY = '2027-03-01';
const NOW = `${TODAY}T18:00:00`;
const clock = () => `${TODAY}T18:00`;

let db: Knex;
let scope: HouseholdScope;
let planned: HouseholdFile;
let steps: string[];
beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  process.env.EARLY_THAW_NOW = `${TODAY}T18:00`;
  db = await testDatabase();
  planned = await plannedDemo(db, TODAY);
  steps = planned.plans[0]!.plan.entries.filter(({ people }) => people.length > 0).map(({ step }) => step);
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, planned);
});

const event = (act: DayAct, at = NOW) => ({ id: randomUUID(), at, person: 'bram', act });
const send = (...events: ReturnType<typeof event>[]) =>
  carryOut({ scope }, { sentAt: NOW, events }, () => NOW);
const taskOf = (step: string) => step.slice(0, step.lastIndexOf('/'));
const latest = async () => (await loadPlans(scope, planned.clean!.id))!.latest;
const isStale = async () => (await keptHousehold(scope)).basis !== (await latest()).basis;
/** What another process would see: nothing of what this one has at hand. */
async function withoutMemory(): Promise<void> {
  const known = await keptHousehold(scope);
  keep(scope, new Kept({ revision: -1, daySeq: -1 }, known.household, known.edits, known.plans));
}
const LOFT: HouseholdChange = { do: 'drop-room', id: 'loft' };
const change = (wanted: HouseholdChange, id: string = randomUUID()) =>
  changeHousehold(scope, id, wanted, () => wanted.do);

describe('three faults that were', () => {
  it('a crash between what was said and its plan loses nothing: whoever comes next makes it', async () => {
    for (const act of [
      { do: 'not-today', step: steps[0]! },
      { do: 'part', step: steps[1]!, share: 50 },
      { do: 'again', step: steps[2]!, also: [] },
    ] as const satisfies readonly DayAct[]) {
      const said = event(act);
      const first = await send(said);
      // Here the process would have ended. The phone sends it again, to another one.
      await withoutMemory();
      const again = await send(said);
      expect(again).toMatchObject({ wish: first.wish, said: first.said, told: [] });
      const { version } = await latest();
      await fulfil(scope, clock);
      expect((await latest()).version, act.do).toBe(version + 1);
      expect(await isStale()).toBe(false);
    }
  });

  it('a task that has begun is not put off, in one batch or right after', async () => {
    const vinegar = (await keptHousehold(scope)).tasks.filter(
      ({ products, estimate }) =>
        [...products.doses].some(({ product }) => product === 'citric-acid') && estimate.steps.length > 1,
    );
    const [one, other] = vinegar;
    const firstOf = (task: (typeof vinegar)[number]) => `${task.id}/${task.estimate.steps[0]!.step.key}`;
    const out = () => event({ do: 'run-out', product: 'citric-acid' });
    await send(event({ do: 'done', step: firstOf(one!) }), out());
    const later = async () => (await loadHousehold(scope)).steering.later.map(({ task }) => task);
    expect(await later()).not.toContain(one!.id);
    expect(await later()).toContain(other!.id);
    await undo(scope, randomUUID());
    await send(event({ do: 'done', step: firstOf(other!) }));
    await send(out());
    expect(await later()).not.toContain(other!.id);
  });

  it('what is taken back at the desk is taken back on the day, and done again there too', async () => {
    const step = steps[0]!;
    const before = (await loadHousehold(scope)).steering;
    await send(event({ do: 'not-today', step }));
    expect((await loadHousehold(scope)).steering.later).toMatchObject([{ task: taskOf(step) }]);
    expect((await undo(scope, randomUUID())).answer).toBe('Said on the day');
    expect((await loadHousehold(scope)).steering).toEqual(before);
    const acts = async () => (await eventsOn(scope, TODAY)).map(({ act }) => act);
    expect((await acts()).at(-1)).toMatchObject({ do: 'take-back', putBack: step });
    await redo(scope, randomUUID());
    expect((await acts()).at(-1)).toEqual({ do: 'not-today', step });
    // And back once more, from the day this time: the two never disagree.
    const said = (await eventsOn(scope, TODAY)).at(-1)!;
    await send(event({ do: 'take-back', said: said.id, putBack: step }));
    expect((await loadHousehold(scope)).steering).toEqual(before);
    expect((await undo(scope, randomUUID())).answer).toBeNull();
  });
});

describe('a command', () => {
  it('is carried out once, and answers a repeat as before, also from many at the same moment', async () => {
    const id = randomUUID();
    const all = await Promise.all([change(LOFT, id), change(LOFT, id), change(LOFT, id)]);
    expect(new Set(all.map((one) => JSON.stringify(one))).size).toBe(1);
    const { revision } = await versionsOf(scope);
    expect(await change({ do: 'drop-room', id: 'hall' }, id)).toEqual(all[0]);
    expect((await versionsOf(scope)).revision).toBe(revision);
    expect(roomsOf((await loadHousehold(scope)).home).some((room) => room.id === 'hall')).toBe(true);
  });

  it('leaves nothing behind where it fails, and can be sent again', async () => {
    const id = randomUUID();
    const fails = perform<null>(scope, {
      id,
      decide: async (ledger) => {
        await ledger.change(LOFT, 'Loft');
        throw new Error('the database went away');
      },
    });
    await expect(fails).rejects.toThrow('went away');
    expect(roomsOf((await loadHousehold(scope)).home).some((room) => room.id === 'loft')).toBe(true);
    expect((await change(LOFT, id)).answer.ok).toBe(true);
  });

  it('tells everybody once, after it is kept', async () => {
    const heard: News['kind'][] = [];
    const stop = listen(scope.household, ({ kind }) => heard.push(kind));
    await change(LOFT);
    await send(event({ do: 'done', step: steps[0]! }));
    await send(event({ do: 'rain' }));
    await change(LOFT, 'nothing to change');
    await change({ do: 'units', units: 'us' });
    // What moves the plan is told with the plan, and with none before it.
    expect(heard).toEqual(['event', 'event', 'plan']);
    await fulfil(scope, clock);
    stop();
    expect(heard).toEqual(['event', 'event', 'plan', 'plan']);
  });

  it('asks the database at most eight times for the edit of a bedroom, its reading again included', async () => {
    await keptHousehold(scope);
    const fixture = roomsOf(planned.home).find(({ kind }) => kind === 'bedroom')!.stops[1]!;
    const [first] = fixture.fixtures;
    const asked: string[] = [];
    const count = ({ sql }: { sql: string }) => asked.push(sql);
    db.on('query', count);
    await change({ do: 'put-fixture', stopId: fixture.id, fixture: { ...first!, soil: 'heavy' } });
    const after = await keptHousehold(scope);
    db.off('query', count);
    expect(asked.length, asked.join('\n')).toBeLessThanOrEqual(8);
    expect(after.edits).toEqual({ undo: 'put-fixture' });
    await withoutMemory();
    expect((await keptHousehold(scope)).household).toEqual(after.household);
  });
});

const anyChange: fc.Arbitrary<HouseholdChange> = fc.oneof(
  fc.record({ do: fc.constant('drop-room' as const), id: fc.constantFrom('loft', 'cellar', 'toilet') }),
  fc.record({
    do: fc.constant('switch-method' as const),
    id: fc.constantFrom('door-wash', 'walls-spot'),
    off: fc.boolean(),
  }),
  fc.record({ do: fc.constant('units' as const), units: fc.constantFrom('us' as const, 'metric' as const) }),
  fc.record({ do: fc.constant('drop-member' as const), id: fc.constantFrom('bram', 'ines') }),
  fc.record({
    do: fc.constant('mark' as const),
    marks: fc.array(
      fc.record({
        on: fc.constantFrom('room' as const, 'kind' as const),
        target: fc.constantFrom('hall', 'floors', 'windows', 'attic'),
        in: fc.boolean(),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  }),
  fc.record({ do: fc.constant('free-day' as const), date: fc.constant('2027-03-09'), free: fc.boolean() }),
);

test.prop(
  [fc.array(fc.oneof(anyChange, fc.constantFrom('undo' as const, 'redo' as const)), { maxLength: 8 })],
  {
    numRuns: 12,
    seed: 20270301,
  },
)('what is at hand after any commands is what the database holds', async (commands) => {
  scope = await newHousehold(db);
  await insertHousehold(scope, planned);
  for (const one of commands) {
    if (one === 'undo') await undo(scope, randomUUID());
    else if (one === 'redo') await redo(scope, randomUUID());
    else await change(one);
    const { household, edits } = await keptHousehold(scope);
    const stored = await loadEditable(scope);
    expect({ ...household, ...stored }).toEqual(household);
    await withoutMemory();
    expect((await keptHousehold(scope)).edits).toEqual(edits);
  }
});

describe('a wish for a plan', () => {
  it('comes with a change that a plan rests on, and with no other', async () => {
    expect((await change({ do: 'units', units: 'us' })).wish).toBeUndefined();
    expect((await change(LOFT)).wish).toBe(1);
    const bare = await newHousehold(db);
    await insertHousehold(bare, { ...planned, plans: [] });
    expect((await changeHousehold(bare, 'x', LOFT, () => '')).wish).toBeUndefined();
  });

  it('is fulfilled once for many changes, and the newest holds', async () => {
    const { version } = await latest();
    await change(LOFT);
    await change({ do: 'drop-room', id: 'cellar' });
    const { wish } = await change({ do: 'drop-room', id: 'toilet' });
    await Promise.all([fulfil(scope, clock), fulfil(scope, clock), planFor(scope, wish!, clock)]);
    expect((await latest()).version).toBe(version + 1);
    expect(await isStale()).toBe(false);
  });

  it('comes back to the plan that was, where what it rests on is taken back', async () => {
    const early = () => `${TODAY}T07:00`;
    const before = await latest();
    const first = await change(LOFT);
    const made = (await planFor(scope, first.wish!, early))!;
    expect(made.before).toEqual(before.plan);
    const back = await undo(scope, randomUUID());
    const again = (await planFor(scope, back.wish!, early))!;
    expect(again.after.entries).toEqual(before.plan.entries);
  });

  it('for a new plan, or for an earlier one, is not lost under a smaller one', async () => {
    await spreadWork(scope, randomUUID());
    await change(LOFT);
    const row = await scope.own().first('plan_wish');
    expect(JSON.parse(row.plan_wish)).toEqual({ how: 'plan' });
    await fulfil(scope, clock);
    expect((await goBackTo(scope, randomUUID(), 1)).answer).toBe(true);
    expect((await goBackTo(scope, randomUUID(), 99)).answer).toBe(false);
    await fulfil(scope, clock);
    expect(await isStale()).toBe(false);
  });

  it('says why work can’t be spread', async () => {
    const empty = await newHousehold(db);
    expect((await spreadWork(empty, 'a')).answer).toBe('no-aim');
    for (const { id } of planned.people) await change({ do: 'drop-member', id });
    expect((await spreadWork(scope, randomUUID())).answer).toBe('no-hours');
  });
});
