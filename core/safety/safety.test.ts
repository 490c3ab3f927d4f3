import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { householdAround, LARGE_OLD_HOUSE } from '../../demo/example-homes';
import { juniperRow } from '../../demo/juniper-row';
import { partsOfStepId } from '../basics/ids';
import { CATALOGUE, surfaceOf } from '../catalogue/catalogue';
import { clashesBetween, clashesOn, mixes } from '../catalogue/clashes';
import { type Dose, type MethodEntry, methodSchema } from '../catalogue/method';
import { isOf } from '../catalogue/product-facts';
import { PRODUCT_NAMES, type ProductName } from '../catalogue/products';
import { PRODUCT_SCHOOLS, type ProductSchool } from '../catalogue/work-kinds';
import { newFixture } from '../furnish/fixture';
import { roomsOf } from '../home/room';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { chooseProducts, type Products, productsOf } from '../products/product-choice';
import { plan } from '../spread';
import { apartIn, clashOf, keepApart } from '../work/apart';
import { cannotDo, leastAgeFor, mayDo, tagsOf } from '../work/step-tags';
import { type CleanTask, stepIdOf, tasksOf } from '../work/tasks';
import { usedAt, usesOf } from '../work/uses';
import { workOf } from '../work/work';
import { suggestedCalls } from './calls';
import { safetyFindings } from './findings';
import { cautionsAt } from './step-cautions';

const demo = juniperRow('2027-03-01');
const method = (id: string) => CATALOGUE.method(id)!;
const names = (id: string, school: ProductSchool, surface?: string) =>
  productsOf(chooseProducts(method(id), { kind: method(id).fixture, ...(surface && { surface }) }, school));

const dose = (product: ProductName, inMl?: number): Dose => ({
  product,
  amount: 20,
  unit: ['citric-acid', 'washing-soda', 'baking-soda', 'oxygen-bleach'].includes(product) ? 'g' : 'ml',
  ...(inMl !== undefined && { inMl }),
});

/** A method of a household's own that knows one product and no other. */
function ownMethod(id: string, fixture: string, product: ProductName, layer = 4) {
  return methodSchema.parse({
    id: `own-${id}`,
    fixture,
    title: `Own ${id}`,
    kind: 'sanitary',
    layer,
    steps: [{ key: 'do', mode: 'hands', title: 'Do it', setUpMinutes: 5 }],
    products: { shop: [dose(product)] },
    intervalMonths: 6,
    hardness: 2,
    how: 'So.',
    doneWhen: 'Done.',
  } satisfies MethodEntry);
}

const withSchool = (
  products: ProductSchool,
  change: (household: Household) => void = () => {},
): Household => {
  const household = structuredClone(demo);
  household.clean.products = products;
  change(household);
  return household;
};
const tasksIn = (household: Household) => tasksOf(workOf(household, CATALOGUE));

describe('the choice of products', () => {
  it('is that of the school, else of the nearest that has something', () => {
    expect(names('taps-descale', 'shop')).toEqual(['limescale-remover']);
    expect(names('taps-descale', 'pantry')).toEqual(['citric-acid']);
    expect(chooseProducts(method('taps-descale'), { kind: 'taps' }, 'water')).toMatchObject({
      school: 'pantry',
      swap: { why: 'none' },
    });
    expect(names('ceiling-dust', 'shop')).toEqual([]);
  });

  it('with water alone leaves the drop of soap out', () => {
    expect(chooseProducts(method('door-wash'), { kind: 'door' }, 'water')).toMatchObject({
      school: 'water',
      doses: [{ product: 'water', amount: 2000 }],
    });
  });

  it('never takes what the surface forbids, and says what it would have been', () => {
    const onMarble = chooseProducts(method('tiles-scrub'), { kind: 'wall-tiles', surface: 'marble' }, 'shop');
    expect(onMarble).toMatchObject({
      school: 'pantry',
      doses: [{ product: 'oxygen-bleach' }],
      swap: { why: 'surface', clash: 'chlorine-on-stone', product: 'chlorine-bleach' },
    });
    const rack = chooseProducts(
      method('drying-rack-clean'),
      { kind: 'drying-rack', surface: 'aluminium' },
      'shop',
    );
    expect(rack.doses).toEqual([]);
    expect(rack.swap).toMatchObject({ clash: 'acid-on-soft-metal' });
  });

  it('disinfects after cleaning, with contact time, and only where it matters', () => {
    const toilet = tasksIn(withSchool('disinfecting')).find((task) => task.method.id === 'toilet-deep')!;
    expect(toilet.products).toMatchObject({
      doses: [{ product: 'citric-acid' }],
      disinfectant: { product: 'disinfectant' },
    });
    expect(toilet.method.steps.slice(-3).map((step) => [step.key, step.mode])).toEqual([
      ['disinfect', 'hands'],
      ['contact', 'wait'],
      ['rinse-off', 'hands'],
    ]);
    expect(toilet.method.steps.at(-2)).toMatchObject({ minutes: 5, atMostMinutes: 30 });
    const door = tasksIn(withSchool('disinfecting')).find((task) => task.method.id === 'door-wash')!;
    expect(door.method).toEqual(method('door-wash'));
  });

  it('follows what was said of the task, then of its room, then of the whole clean', () => {
    const taps = tasksIn(demo).find(
      (task) => task.room.id === 'bathroom' && task.method.id === 'taps-descale',
    )!;
    const household = withSchool('shop', ({ marks }) => {
      marks.push({ on: 'room', target: 'bathroom', products: 'pantry' });
      marks.push({ on: 'task', target: taps.id, products: 'water' });
    });
    const wanted = (match: (task: CleanTask) => boolean) => tasksIn(household).find(match)?.products.wanted;
    expect(wanted((task) => task.id === taps.id)).toBe('water');
    expect(wanted((task) => task.room.id === 'bathroom' && task.id !== taps.id)).toBe('pantry');
    expect(wanted((task) => task.room.id === 'kitchen')).toBe('shop');
  });
});

describe('products that must not meet', () => {
  it('are swapped for the room: no chlorine beside the descaler', () => {
    const tasks = tasksIn(withSchool('shop'));
    const tiles = tasks.find((task) => task.method.id === 'tiles-scrub')!;
    expect(productsOf(tiles.products)).toEqual(['oxygen-bleach']);
    expect(tiles.products.swap).toMatchObject({ why: 'near', product: 'chlorine-bleach' });
    // Oxygen bleach and acid wait for each other instead.
    expect(new Set(apartIn(tasks).map(({ clash }) => clash.id))).toEqual(new Set(['peroxide-and-acid']));
  });

  it('are kept a day apart where there is nothing else, whichever comes first', () => {
    const household = withSchool('shop', ({ catalogue }) => {
      catalogue.own.push(
        ownMethod('bleach', 'basin', 'chlorine-bleach'),
        ownMethod('acid', 'bath', 'toilet-cleaner'),
      );
      catalogue.off.push('tiles-scrub');
    });
    // Water and a cloth would do too, so the bleach is left out.
    expect(tasksIn(household).find((task) => task.method.id === 'own-bleach')?.products.doses).toEqual([
      dose('chlorine-bleach'),
    ]);
    const links = expand(household, CATALOGUE).precedence.filter((link) => link.minGap === 1440);
    expect(links.length).toBeGreaterThan(0);
    expect(links.every((link) => link.hard && link.orderOnly)).toBe(true);
    expect(
      safetyFindings(tasksIn(household), household).filter((found) => found.remedy === 'another-day').length,
    ).toBe(links.length);
  });

  it('never in one go: such a method is known at once', () => {
    expect(mixes(['chlorine-bleach', 'vinegar'])).toBe(true);
    expect(mixes(['peroxide', 'vinegar'])).toBe(true);
    expect(mixes(['laundry-detergent', 'oxygen-bleach'])).toBe(false);
    for (const one of CATALOGUE.all())
      for (const doses of Object.values(one.products))
        expect(mixes((doses ?? []).map(({ product }) => product)), one.id).toBe(false);
  });

  describe('and were used already', () => {
    const acid = (task: CleanTask) =>
      task.room.id === 'bathroom' && productsOf(task.products).some((product) => isOf(product, ['acid']));

    /** The tiles washed with chlorine at four, while every other job there was left out; what is wanted changes after. */
    const tilesBleached = (after: (household: Household) => void) =>
      withSchool('shop', (household) => {
        household.marks = tasksIn(household)
          .filter((task) => task.room.id === 'bathroom' && task.method.id !== 'tiles-scrub')
          .map((task) => ({ on: 'task', target: task.id, in: false }));
        const tiles = tasksIn(household).find((task) => task.method.id === 'tiles-scrub')!;
        expect(productsOf(tiles.products)).toEqual(['chlorine-bleach']);
        for (const step of tiles.method.steps) {
          const used = usedAt(tiles, step.key);
          if (step.mode === 'hands')
            household.ticks.push({
              step: `${tiles.id}/${step.key}`,
              at: '2027-03-01T16:00',
              ...(used && { used }),
            });
        }
        household.marks = [];
        after(household);
      });
    /** When the first of the acid jobs begins, as soon as may be, with nothing else to do. */
    const firstAcid = (household: Household) => {
      const acids = new Set<string>(
        tasksIn(household)
          .filter(acid)
          .map((task) => task.id),
      );
      expect(acids.size).toBeGreaterThan(0);
      household.marks = tasksIn(household)
        .filter((task) => !acids.has(task.id) && task.method.id !== 'tiles-scrub')
        .map((task) => ({ on: 'task', target: task.id, in: false }));
      household.clean.spread = 'early';
      const made = plan(expand(household, CATALOGUE, '2027-03-01T17:00'), {
        problemHash: '0'.repeat(64),
        seed: 1,
        rounds: 0,
        stop: () => true,
      });
      const starts = made.entries
        .filter(({ step, people }) => people.length > 0 && acids.has(partsOfStepId(step)?.taskId ?? ''))
        .map((entry) => entry.start);
      return starts.sort()[0]!;
    };

    it('would begin at once where nothing was used', () => {
      expect(firstAcid(withSchool('shop'))).toMatch(/^2027-03-01/);
    });

    it('stay what they were when the scope changes, and hold what must not meet them for a day', () => {
      const household = tilesBleached(() => {});
      const tiles = tasksIn(household).find((task) => task.method.id === 'tiles-scrub')!;
      expect(productsOf(tiles.products)).toEqual(['chlorine-bleach']);
      expect(firstAcid(household) >= '2027-03-02T16:00').toBe(true);
    });

    it('stay what they were when the school changes', () => {
      const household = tilesBleached(({ clean }) => {
        clean.products = 'pantry';
      });
      const tiles = tasksIn(household).find((task) => task.method.id === 'tiles-scrub')!;
      expect(tiles.products).toMatchObject({ wanted: 'pantry', school: 'shop' });
    });

    it('hold the room even when their own job is no longer part of the clean', () => {
      const household = tilesBleached(({ catalogue }) => {
        catalogue.off.push('tiles-scrub');
      });
      expect(firstAcid(household) >= '2027-03-02T16:00').toBe(true);
      expect(safetyFindings(tasksIn(household), household)).toContainEqual(
        expect.objectContaining({
          remedy: 'another-day',
          what: expect.stringMatching(/after chlorine bleach was used$/),
        }),
      );
    });

    it('are forgotten on a surface that turned out to forbid them, not in the room', () => {
      const household = tilesBleached(({ home }) => {
        for (const room of roomsOf(home))
          for (const stop of room.stops)
            for (const fixture of stop.fixtures)
              if (fixture.kind === 'wall-tiles') fixture.surface = 'marble';
      });
      const tiles = tasksIn(household).find((task) => task.method.id === 'tiles-scrub')!;
      expect(productsOf(tiles.products)).not.toContain('chlorine-bleach');
      expect(firstAcid(household) >= '2027-03-02T16:00').toBe(true);
    });
  });

  const productArb = fc.constantFrom(...PRODUCT_NAMES);
  const FIXTURES = [
    'basin',
    'bath',
    'taps',
    'toilet',
    'wall-tiles',
    'window',
    'sill',
    'hob',
    'worktop',
    'oven',
  ];
  const houseArb = fc.record({
    school: fc.constantFrom(...PRODUCT_SCHOOLS),
    own: fc.array(fc.tuple(fc.constantFrom(...FIXTURES), productArb, fc.integer({ min: 1, max: 7 })), {
      minLength: 1,
      maxLength: 6,
    }),
    ticked: fc.nat(400),
    /** What was wanted, and left out, when the step was ticked off. */
    before: fc.constantFrom(...PRODUCT_SCHOOLS),
    left: fc.array(fc.nat(400), { maxLength: 150 }),
    /** Whether the job that was begun is in scope now. */
    stays: fc.boolean(),
    spread: fc.constantFrom('early' as const, 'even' as const),
  });

  test.prop([houseArb], { numRuns: 40, seed: 2027 })(
    'are never in a plan that comes out',
    ({ school, own, ticked, before, left, stays, spread }) => {
      const household = withSchool(before, (known) => {
        known.clean.spread = spread;
        own.forEach(([fixture, product, layer], i) => {
          known.catalogue.own.push(ownMethod(`m-${i}`, fixture, product, layer));
        });
        const all = tasksIn(known);
        known.marks = left.map((i) => ({ on: 'task', target: all[i % all.length]!.id, in: false }));
        const steps = tasksIn(known).flatMap((task) =>
          task.estimate.steps.flatMap((step) => (step.step.mode === 'hands' ? [{ task, step }] : [])),
        );
        const { task, step } = steps[ticked % steps.length]!;
        const used = usedAt(task, step.step.key);
        known.ticks.push({
          step: stepIdOf(task, step),
          at: '2027-03-01T16:00',
          ...(used && { used }),
        });
        known.marks = stays ? [] : [{ on: 'task', target: task.id, in: false }];
        known.clean.products = school;
      });
      const tasks = new Map<string, CleanTask>(tasksIn(household).map((task) => [task.id, task]));
      const problem = expand(household, CATALOGUE, '2027-03-01T17:00');
      const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, stop: () => true });
      const days = new Map<string, Map<string, Products>>();
      const use = (taskId: string, room: string, products: Products, at: string) => {
        const key = `${room} ${at.slice(0, 10)}`;
        days.set(key, (days.get(key) ?? new Map()).set(taskId, products));
      };
      for (const entry of made.entries) {
        const task = tasks.get(partsOfStepId(entry.step)?.taskId ?? '')!;
        if (entry.people.length > 0) use(task.id, task.room.id, task.products, entry.start);
      }
      for (const [taskId, used] of usesOf(household.ticks)) use(taskId, used.room, used, used.at);
      for (const day of days.values()) {
        const together = [...day];
        together.forEach(([a, ofA], i) => {
          for (const [b, ofB] of together.slice(i + 1))
            expect(clashOf(ofA, ofB), `${a} ${b}`).toBeUndefined();
        });
      }
      for (const task of tasks.values()) {
        for (const product of productsOf(task.products))
          expect(
            clashesOn(product, surfaceOf(task.fixture), task.fixture.kind).filter((row) => row.forbidden),
            `${task.id} ${product}`,
          ).toEqual([]);
        for (const a of task.products.doses)
          for (const b of task.products.doses)
            if (a !== b)
              expect(clashesBetween(a.product, b.product, 'task').filter((row) => row.forbidden)).toEqual([]);
      }
    },
  );

  it('swap nothing where nothing clashes', () => {
    expect(keepApart(tasksIn(demo), () => false, true).size).toBe(0);
  });
});

describe('people and hazards', () => {
  const child = { ...demo.people[0]!, id: 'child', cannot: [], age: 13 };

  it('keep what is for older people from a younger one', () => {
    expect(cannotDo(child)).toEqual(['from-14', 'from-15', 'from-16', 'from-17', 'from-18']);
    expect(cannotDo({ cannot: ['ladder'], age: 40 })).toEqual(['ladder']);
    const task = tasksIn(demo).find(
      ({ method: { leastAge, steps } }) =>
        leastAge === 14 && steps.every((step) => step.mode === 'wait' || leastAgeFor(step.tags) < 14),
    )!;
    expect([mayDo(child, task), mayDo({ ...child, age: 14 }, task)]).toEqual([false, true]);
  });

  it('a product brings its hazards to the steps that touch it', () => {
    const shop = tasksIn(
      withSchool('shop', ({ catalogue }) => catalogue.own.push(ownMethod('b', 'basin', 'chlorine-bleach'))),
    );
    const bleach = shop.find((task) => task.method.id === 'own-b');
    if (bleach?.method.steps[0]?.mode !== 'hands') throw new Error('no such step');
    expect(tagsOf(bleach, bleach.method.steps[0])).toEqual(
      productsOf(bleach.products).includes('chlorine-bleach')
        ? ['chemical', 'bleach', 'fumes', 'standing', 'from-18']
        : ['standing'],
    );
  });

  it('say so when nobody in the house may do a job', () => {
    const household = { ...demo, people: [{ ...child, age: 5 }] };
    const nobody = safetyFindings(tasksIn(household), household).find((found) => found.id === 'nobody');
    expect(nobody).toMatchObject({ forbidden: true, remedy: 'none' });
    expect(nobody?.what).toMatch(/^Nobody in the house may do \d+ jobs$/);
  });
});

describe('findings', () => {
  const old = householdAround(LARGE_OLD_HOUSE, demo);

  it('say what, where, why and what to do instead, each once', () => {
    for (const household of [demo, old, withSchool('shop')]) {
      const findings = safetyFindings(tasksIn(household), household);
      expect(new Set(findings.map((found) => found.id)).size).toBe(findings.length);
      for (const found of findings) {
        expect(found.what.length * found.where.length, found.id).toBeGreaterThan(0);
        expect(found.why.length * found.instead.length, found.id).toBeGreaterThan(0);
        expect(found.forbidden, found.id).toBe(found.remedy !== undefined);
        expect(found.tasks.length, found.id).toBeGreaterThan(0);
      }
    }
  });

  it('never let an oven clean itself in an empty house', () => {
    const household = withSchool('pantry', ({ marks, machines, people }) => {
      // Nobody says that they are at home besides.
      for (const member of people) delete member.atHome;
      marks.push({ on: 'task', target: 'kitchen-4-oven:oven-self-clean', in: true });
      machines.splice(0, machines.length, { id: 'oven', kind: 'oven' });
    });
    expect(safetyFindings(tasksIn(household), household)).toContainEqual(
      expect.objectContaining({ id: 'empty-house', remedy: 'somebody-home' }),
    );
    const problem = expand(household, CATALOGUE);
    const runs = problem.tasks.flatMap(({ steps }) => steps).filter(({ machine }) => machine === 'oven');
    expect(runs).toEqual([expect.objectContaining({ mode: 'wait', attended: true })]);
    // Somebody is at home when a grown-up works there, and not when only the fourteen-year-old does.
    const grownUps = problem.people.filter(({ id }) => id !== 'odalys').flatMap(({ windows }) => windows);
    expect(problem.attendance).toHaveLength(grownUps.length);
    expect(problem.attendance).toEqual(expect.arrayContaining(grownUps));
  });

  it('warn of acid beside stone, once for the task, and of what the house is', () => {
    const household = withSchool('pantry', ({ home }) => {
      const bath = roomsOf(home).find((room) => room.id === 'bathroom')!;
      const stop = bath.stops.find((found) => found.fixtures.some((fixture) => fixture.kind === 'taps'))!;
      stop.fixtures.push({ ...newFixture('marble-sill', 'sill'), surface: 'marble' });
    });
    const taps = tasksIn(household).find(
      (task) => task.room.id === 'bathroom' && task.method.id === 'taps-descale',
    )!;
    const step = taps.method.steps[0]!;
    if (step.mode !== 'hands') throw new Error('no such step');
    const ids = cautionsAt(taps, step, household.home.facts).map((caution) => caution.id);
    expect(ids).toContain('clash:acid-near-stone');
    expect(ids).toContain('home:birds-and-fumes');
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('work for a licensed trade', () => {
  it('is suggested where the house has it, once, and not again when it is on the list', () => {
    const ids = (household: Household, known: { id: string }[] = []) =>
      suggestedCalls(household.home, known).map((call) => call.id);
    expect(ids(demo)).toEqual(['old-paint']);
    expect(ids(demo, [{ id: 'old-paint' }])).toEqual([]);
    const withFire = withSchool('pantry', ({ home }) => {
      home.facts.builtYear = 2010;
      roomsOf(home)[0]!.stops[0]!.fixtures.push(
        newFixture('fire', 'fireplace'),
        newFixture('gutter', 'gutters'),
      );
    });
    expect(ids(withFire)).toEqual(['chimney:fire', 'gutters:gutter']);
  });

  it('is none of anybody’s minutes: it is in no problem', () => {
    const household = withSchool('pantry', ({ calls }) => {
      calls.push({
        id: 'sweep',
        what: 'Have the flue swept',
        why: '',
        note: '',
        done: false,
        date: '2027-03-04',
      });
    });
    expect(expand(household, CATALOGUE)).toEqual(expand(withSchool('pantry'), CATALOGUE));
  });
});
