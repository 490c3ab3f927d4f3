import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, inject, it, vi } from 'vitest';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { MadePlan } from '../../core/plan/plan';
import { type ExpandedHousehold, expand, orderedWork } from '../../core/problem/expand';
import { checkPlan, plan } from '../../core/spread';
import { juniperRow } from '../../demo/juniper-row';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { copyDemo, insertDemo } from '../demo';
import { basisOf, sha256 } from '../household/basis';
import { findDemoHousehold } from '../repositories/accounts';
import { addPlan, loadPlans } from '../repositories/clean';
import { householdFile, insertHousehold, loadHousehold } from '../repositories/household';
import { newHousehold, spreadAt, testDatabase } from '../testing/households';
import { PlanSearch, searched, searchOf } from './searches';
import { searchInWorker, turnsBefore } from './workers';

const NOW = '2027-03-01T17:00';

let db: Knex;
beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
});
afterAll(() => db.destroy());

const basisIn = (household: ExpandedHousehold) => basisOf(household, orderedWork(household, CATALOGUE));

describe('spreadWork', () => {
  it('plans in a worker and keeps a valid plan as a new version', async () => {
    const scope = await newHousehold(db);
    const household = juniperRow('2027-03-01');
    await insertHousehold(scope, household);
    await spreadAt(scope, NOW);
    const { clean, ...stored } = await loadHousehold(scope);
    const problem = expand({ ...stored, clean: clean! }, CATALOGUE, NOW);
    const kept = await loadPlans(scope, household.clean.id);
    expect(checkPlan(problem, kept!.latest.plan, sha256(JSON.stringify(problem)))).toEqual([]);
    expect(kept?.latest).toMatchObject({
      version: 1,
      madeAt: NOW,
      basis: basisIn({ ...stored, clean: clean! }),
    });
  });
});

describe('spreading again', () => {
  it('never makes the plan in force worse', async () => {
    const scope = await newHousehold(db);
    const household = juniperRow('2027-03-01');
    await insertHousehold(scope, household);
    const { clean, ...stored } = await loadHousehold(scope);
    const problem = expand({ ...stored, clean: clean! }, CATALOGUE, NOW);
    const long = { problemHash: sha256(JSON.stringify(problem)), seed: 7, rounds: 150, stop: () => false };
    const better = plan(problem, long);
    const kept = {
      id: randomUUID(),
      basis: basisIn({ ...stored, clean: clean! }),
      madeAt: NOW,
      plan: better,
    };
    await addPlan(scope, household.clean.id, kept);
    await spreadAt(scope, NOW);
    const { latest } = (await loadPlans(scope, household.clean.id))!;
    expect((latest.plan as MadePlan).metrics.cost).toBeLessThanOrEqual(better.metrics.cost);
  });
});

describe('a search that takes a while', () => {
  const household = juniperRow('2027-03-01');
  const problem = expand(household, CATALOGUE, NOW);
  const problemHash = sha256(JSON.stringify(problem));
  const job = { do: 'plan', seed: 1, seconds: 300, problem, problemHash } as const;
  const home = 'a household' as HouseholdId;

  it('can be looked at, and ended: what was found by then is a valid plan', async () => {
    const made = await searched(home, async (search) => {
      expect(searchOf(home)).toBe(search);
      const plan = searchInWorker(home, job, search);
      await vi.waitUntil(() => searchOf(home)?.progress().best, { timeout: 60_000 });
      searchOf(home)?.stop();
      return plan;
    });
    expect(checkPlan(problem, made, problemHash)).toEqual([]);
    expect(searchOf(home)).toBeUndefined();
  });

  it('has both threads to itself, makes room for whoever comes, and whoever waits is told how long the line is', async () => {
    const [a, b, c, d] = ['a', 'b', 'c', 'd'] as HouseholdId[];
    let second: Promise<MadePlan> | undefined;
    const first = searched(a!, (search, isAlone) => {
      expect(isAlone).toBe(true);
      second = searchInWorker(a!, job, search, 1);
      return searchInWorker(a!, job, search, 0);
    });
    const others = [b, c, d].map((one) =>
      searched(one!, (search, isAlone) => {
        expect(isAlone).toBe(false);
        return searchInWorker(one!, job, search);
      }),
    );
    expect(checkPlan(problem, await (second as Promise<MadePlan>), problemHash)).toEqual([]);
    await vi.waitUntil(() => searchOf(b!)?.progress().best, { timeout: 60_000 });
    expect([a, b, c, d].map((one) => turnsBefore(one!))).toEqual([undefined, undefined, 0, 1]);
    for (const one of [a, b, c, d]) searchOf(one!)?.stop();
    for (const made of await Promise.all([first, ...others]))
      expect(checkPlan(problem, made, problemHash)).toEqual([]);
  });

  it('counts the best of those that search side by side', () => {
    const search = new PlanSearch();
    search.found({ cost: 90, leftOut: 10 });
    search.found({ cost: 200, leftOut: 0 });
    search.found({ cost: 300, leftOut: 0 });
    expect(search.progress().best).toEqual({ cost: 200, leftOut: 0 });
  });
});

describe('what a plan rests on', () => {
  it('stays the same while time passes and work gets done, and changes with the home', () => {
    const household = juniperRow('2027-03-01');
    const later = { ...household, ticks: [{ step: 'hall-1-door:door-wash/wash', at: '2027-03-02T10:00' }] };
    const basis = basisIn(household);
    expect(basisIn(later)).toBe(basis);
    const fewer = { ...household, people: household.people.slice(1) };
    expect(basisIn(fewer)).not.toBe(basis);
  });

  it.each(['easy', 'way-in', 'dreaded'] as const)('stays the same once “%s” is begun with', (firstJob) => {
    const household = juniperRow('2027-03-01');
    const clean = { ...household.clean, firstJob };
    const begun = {
      ...household,
      clean,
      ticks: [{ step: 'hall-1-door:door-wash/wash', at: '2027-03-02T10:00' }],
    };
    const fresh = basisIn({ ...begun, ticks: [] });
    expect(basisIn(begun)).toBe(fresh);
    const other = { ...clean, firstJob: 'any' as const };
    expect(basisIn({ ...begun, clean: other })).not.toBe(fresh);
  });
});

describe('insertDemo', () => {
  it('loads the household with its first plan and the one of today, both still fitting', async () => {
    const id = await insertDemo(db, NOW);
    expect(await findDemoHousehold(db)).toBe(id);
    const scope = new HouseholdScope(db, id);
    const { clean, ...household } = await loadHousehold(scope);
    const plans = await loadPlans(scope, clean!.id);
    const problem = expand({ ...household, clean: clean! }, CATALOGUE, NOW);
    expect(plans?.latest.basis).toBe(basisIn({ ...household, clean: clean! }));
    expect(checkPlan(problem, plans!.latest.plan, plans!.latest.plan.problem)).toEqual([]);
    await db('households').where({ id }).del();
    expect(await loadPlans(scope, clean!.id)).toBeUndefined();
  });
});

describe('copyDemo', () => {
  it('gives each visitor a household of their own as it stands that day, and lets old ones go', async () => {
    expect(await copyDemo(db, NOW)).toBeUndefined();
    const original = await insertDemo(db, NOW);
    const [one, other] = [(await copyDemo(db, NOW))!, (await copyDemo(db, NOW))!];
    const file = async (id: HouseholdId) => {
      const { plans, ...rest } = await householdFile(new HouseholdScope(db, id));
      return { ...rest, plans: plans.map(({ plan: { entries } }) => entries) };
    };
    expect(await file(one)).toEqual(await file(original));
    await new HouseholdScope(db, one).rows('marks').del();
    await new HouseholdScope(db, one).rows('fixtures').del();
    expect(await file(other)).toEqual(await file(original));
    await db('households')
      .where({ id: one })
      .update({ created_at: db.raw('now() - interval 4 day') });
    await db('households')
      .where({ id: original })
      .update({ created_at: db.raw('now() - interval 9 day') });
    // A week later the house is as it stands then.
    const later = '2027-03-08T18:40';
    const last = (await copyDemo(db, later))!;
    const { clean, ticks } = await householdFile(new HouseholdScope(db, last));
    expect(clean!.start < '2027-03-08' && clean!.finish > '2027-03-08').toBe(true);
    expect(ticks.some(({ at }) => at > '2027-03-05')).toBe(true);
    const left = (await db('households').where({ is_demo: true }).select('id')).map(({ id }) => id);
    expect(left.toSorted()).toEqual([original, other, last].toSorted());
    await db('households').whereIn('id', left).del();
  });
});
