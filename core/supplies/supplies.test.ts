import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow, juniperRowUnderWay } from '../../demo/juniper-row';
import { taskIdOf } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import { factsOf } from '../catalogue/product-facts';
import { isFromTap, PRODUCT_NAMES } from '../catalogue/products';
import { NO_SUPPLIES, type Supplies, stockSchema } from '../clean/supplies';
import { THING_NAMES } from '../home/thing-names';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { type CleanTask, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import {
  fillingsOf,
  inSpoons,
  type Mixture,
  mixingCard,
  mixturesFor,
  mixturesInTurn,
  volumeMl,
} from './amounts';
import { kitFor } from './kit';
import { MADE_UP_PRICES } from './price-list';
import { consumedSince, isExpired, sessionsOf, shoppingList, type WorkSession } from './shopping';
import { clothsFor, zoneOf } from './things';

const demo = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(demo, CATALOGUE));
const find = (id: string) => tasks.find((task) => task.id === id)!;
const times = (task: CleanTask, count: number): CleanTask => ({
  ...task,
  fixture: { ...task.fixture, count },
});
const VESSELS = { bucketMl: 5000, bottleMl: 500 };
const mixture = (rest: Partial<Mixture>): Mixture => ({
  product: 'soft-soap',
  unit: 'ml',
  perFill: 20,
  fillMl: 5000,
  fills: 1,
  amount: 20,
  tasks: [],
  ...rest,
});
const TOILET = tasks.find((task) => task.method.id === 'toilet-deep')!;
const DOOR = find('hall-1-door:door-wash');

describe('amounts', () => {
  it('are dose times quantity: a neat product by the piece, a fill by what its water does', () => {
    // 40 g of citric acid for each bowl.
    expect(mixturesFor([times(TOILET, 3)], VESSELS)).toMatchObject([
      { product: 'citric-acid', amount: 120, unit: 'g' },
    ]);
    // 5 ml in 2 l, one fill for six doors: seven doors take two fills.
    expect(mixturesFor([times(DOOR, 6)], VESSELS)).toMatchObject([{ fills: 1, amount: 5, fillMl: 2000 }]);
    expect(mixturesFor([times(DOOR, 7)], VESSELS)).toMatchObject([{ fills: 2, amount: 10 }]);
  });

  it('share one bucket in rooms that may share it, and take a fresh one elsewhere', () => {
    const doors = tasks.filter((task) => task.method.id === 'door-wash');
    const rest = doors.filter((task) => zoneOf(task) === 'rest').slice(0, 2);
    const kitchen = doors.find((task) => zoneOf(task) === 'kitchen')!;
    expect(mixturesFor(rest, VESSELS)).toMatchObject([{ fills: 1, amount: 5 }]);
    expect(mixturesFor([...rest, kitchen], VESSELS)).toMatchObject([{ fills: 2, amount: 10 }]);
  });

  it('are exact for the bucket one has, and fill the bottle whole', () => {
    // 5 ml in 2 l are 2.5 ml in 1 l, and what one fill of 2 l does takes two of them.
    expect(mixturesFor([times(DOOR, 6)], { bucketMl: 1000, bottleMl: 500 })).toMatchObject([
      { fillMl: 1000, perFill: 2.5, fills: 2, amount: 5 },
    ]);
    expect(mixturesFor([times(DOOR, 6)], { bucketMl: 1000, bottleMl: 4000 })).toMatchObject([
      { fillMl: 4000, perFill: 10, fills: 1, amount: 10 },
    ]);
  });
});

describe('the water of a session', () => {
  const doors = tasks.filter((task) => task.method.id === 'door-wash' && zoneOf(task) === 'rest');
  const [first, second, third] = doors.map((task) => times(task, 4)) as [CleanTask, CleanTask, CleanTask];
  const fillings = (session: readonly CleanTask[]) =>
    [...fillingsOf(session, VESSELS).values()].map(([filling]) => [filling?.before, filling?.changes]);

  it('is mixed once, does for what comes next, and is changed when it has done its part', () => {
    // One fill does six doors: the second four need a fresh one on the way, the third begin with some of it left.
    expect(fillings([first, second, third])).toEqual([
      ['mix', 0],
      ['go-on', 1],
      ['go-on', 0],
    ]);
    expect(fillings([times(first, 6), second])).toEqual([
      ['mix', 0],
      ['change', 0],
    ]);
    expect(fillings([times(first, 13)])).toEqual([['mix', 2]]);
  });

  it('is in one bucket: what goes in next finds it empty, and so does what comes back', () => {
    const other = tasks.find(
      ({ products: { doses } }) => doses[0]?.product === 'soft-soap' && (doses[0].inMl ?? 0) > 500,
    )!;
    const session = [times(first, 2), other, times(second, 2)];
    expect(fillings(session)).toEqual([
      ['mix', 0],
      ['pour', expect.any(Number)],
      ['pour', 0],
    ]);
    const doorsMixed = (some: typeof mixturesFor) =>
      some(session, VESSELS).find(({ product }) => product === first.products.doses[0]?.product)?.fills;
    expect(doorsMixed(mixturesInTurn)).toBe(2);
    // Where no order is known, what is washed with one mixture comes together.
    expect(doorsMixed(mixturesFor)).toBe(1);
  });

  it.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
    'is filled as often as the mixing cards say: %s',
    (_name, home) => {
      const all = tasksOf(workOf(home, CATALOGUE));
      const fills = new Map<string, number>();
      for (const filling of [...fillingsOf(all, home.supplies).values()].flat()) {
        const { product, perFill, fillMl, changes } = filling;
        const key = [product, perFill, fillMl].join();
        fills.set(key, (fills.get(key) ?? 0) + changes + Number(filling.before !== 'go-on'));
      }
      for (const { product, perFill, fillMl, fills: often } of mixturesInTurn(all, home.supplies))
        if (fillMl !== undefined && !isFromTap(product))
          expect(fills.get([product, perFill, fillMl].join()), product).toBe(often);
    },
  );
});

describe('a mixing card', () => {
  const vessels = { bucketMl: 4000, bottleMl: 500 };

  it('says how much in which vessel, in spoons too', () => {
    expect(mixingCard(mixture({ perFill: 16, fillMl: 4000, fills: 3 }), vessels)).toMatchObject({
      vessel: 'bucket',
      waterMl: 4000,
      amount: 16,
      fills: 3,
      spoons: { measure: 'tablespoon', count: 1 },
    });
    expect(
      mixingCard(mixture({ product: 'citric-acid', unit: 'g', perFill: 10, fillMl: 500 }), vessels),
    ).toMatchObject({ vessel: 'bottle', waterMl: 500, amount: 10, gloves: true });
  });

  it('is none for water, and none for what is used as it is', () => {
    expect(mixingCard(mixture({ product: 'water' }), vessels)).toBeUndefined();
    const { fillMl: _none, ...neat } = mixture({});
    expect(mixingCard(neat, vessels)).toBeUndefined();
  });

  it('measures in spoons and cups, powders by their weight in a spoon', () => {
    expect(inSpoons(2.5)).toEqual({ measure: 'teaspoon', count: 0.5 });
    expect(inSpoons(30)).toEqual({ measure: 'tablespoon', count: 2 });
    expect(inSpoons(180)).toEqual({ measure: 'cup', count: 0.75 });
    expect(inSpoons(0.2)).toEqual({ measure: 'teaspoon', count: 0.25 });
    // 18 g of a powder of 0.9 g/ml are 20 ml.
    expect(volumeMl('citric-acid', 18, 'g')).toBe(20);
    expect(volumeMl('vinegar', 18, 'ml')).toBe(18);
  });
});

describe('cloths and things', () => {
  it('are counted by zone, and the zones share none', () => {
    expect(zoneOf(TOILET)).toBe('toilet');
    const zones = clothsFor(tasks);
    expect(zones.map(({ zone }) => zone)).toEqual(['toilet', 'bathroom', 'kitchen', 'rest']);
    const kitchen = tasks.filter(
      (task) => task.room.id === 'kitchen' && task.method.tools.some((tool) => /cloth/.test(tool)),
    );
    expect(clothsFor(kitchen)).toEqual([{ zone: 'kitchen', count: Math.ceil(kitchen.length / 2) }]);
    // The places of one thing are one job together.
    const inFour = (number: number) => ({ ...kitchen[0]!, part: { number, of: 4, name: '' } });
    expect(clothsFor([1, 2, 3, 4].map(inFour))).toEqual([{ zone: 'kitchen', count: 1 }]);
  });

  it('come into the kit of a session with its mixtures, each tool once', () => {
    const kit = kitFor(
      tasks.filter((task) => task.room.id === 'bathroom'),
      NO_SUPPLIES,
    );
    expect(new Set(kit.tools).size).toBe(kit.tools.length);
    expect(kit.tools.some((tool) => /cloth|glove/.test(tool))).toBe(false);
    expect(kit.things.map(({ thing }) => thing)).toContain('gloves');
    expect(kit.cards.map((card) => card.product)).toContain('citric-acid');
  });
});

describe('the shopping list', () => {
  const session = (id: string, date: string, work: readonly CleanTask[]): WorkSession => ({
    id,
    date,
    start: `${date}T09:00`,
    end: `${date}T11:00`,
    people: ['ines'],
    tasks: work,
  });
  const first = session('a', '2027-03-02', [times(TOILET, 2)]);
  const second = session('b', '2027-03-05', [times(TOILET, 12)]);
  const supplies = (amount: number, expires?: string): Supplies => ({
    ...NO_SUPPLIES,
    stock: [
      { product: 'citric-acid', amount, unit: 'g', counted: '2027-03-01T08:00', ...(expires && { expires }) },
    ],
  });
  const acid = (stock: Supplies, used = 0) =>
    shoppingList(
      [first, second],
      stock,
      new Map([['citric-acid', used]]),
      MADE_UP_PRICES,
      '2027-03-01',
    ).lines.find((line) => line.name === 'citric-acid')!;

  it('draws the cupboard down session by session, and buys whole packs for the first that falls short', () => {
    // 14 bowls at 40 g are 560 g; 100 g are there, 460 g missing: two packs of 400 g. The first session needs 80 g.
    expect(acid(supplies(100))).toMatchObject({
      needed: 560,
      have: 100,
      toBuy: 460,
      packs: 2,
      cents: 640,
      session: { id: 'b' },
    });
    expect(acid(supplies(100)).holdsUp).toEqual(second.tasks);
    expect(acid(supplies(560))).toMatchObject({ toBuy: 0, packs: 0, session: undefined, holdsUp: [] });
    expect(acid(supplies(160))).toMatchObject({ toBuy: 400, packs: 1 });
  });

  it('does not count what is past its date or used up since', () => {
    expect(acid(supplies(600, '2027-02-28'))).toMatchObject({
      have: 0,
      expired: 600,
      packs: 2,
      session: { id: 'a' },
    });
    expect(acid(supplies(600), 600)).toMatchObject({ have: 0, packs: 2 });
    expect(isExpired(supplies(1, '2027-03-01').stock[0]!, '2027-03-01')).toBe(false);
  });

  it('says what running out holds up', () => {
    expect(acid(supplies(0)).holdsUp).toEqual([...first.tasks, ...second.tasks]);
  });

  it('needs of what is washed only as many as on the day that takes most', () => {
    const kitchen = tasks.filter((task) => task.room.id === 'kitchen').slice(0, 12);
    const one = clothsFor(kitchen)[0]!.count;
    const lines = (sessions: WorkSession[]) =>
      shoppingList(sessions, NO_SUPPLIES, new Map(), MADE_UP_PRICES, '2027-03-01').lines.find(
        (line) => line.name === 'cloths',
      )?.needed;
    expect(lines([session('a', '2027-03-02', kitchen), session('b', '2027-03-03', kitchen)])).toBe(one);
    expect(lines([session('a', '2027-03-02', kitchen), session('b', '2027-03-02', kitchen)])).toBe(2 * one);
  });

  describe('of things', () => {
    const by = (methods: readonly string[]) => tasks.filter(({ method }) => methods.includes(method.id));
    const of = (person: string, date: string, work: readonly CleanTask[], id = `${person} ${date}`) => ({
      ...session(id, date, work),
      people: [person],
    });
    const needed = (thing: string, ...sessions: WorkSession[]) =>
      shoppingList(sessions, NO_SUPPLIES, new Map(), MADE_UP_PRICES, '2027-03-01').lines.find(
        ({ name }) => name === thing,
      )?.needed ?? 0;
    const dust = by(['ceiling-dust']);
    const wet = tasks.filter(({ room, method }) => room.id === 'bathroom' && method.id === 'taps-descale');
    const [monday, tuesday] = ['2027-03-01', '2027-03-02'];

    it('takes a mask a person and a day, however often they begin', () => {
      expect(needed('masks', of('ines', monday!, dust, 'a'), of('ines', monday!, dust, 'b'))).toBe(1);
      expect(needed('masks', of('ines', monday!, dust), of('bram', monday!, dust))).toBe(2);
      expect(needed('masks', of('ines', monday!, dust), of('ines', tuesday!, dust))).toBe(2);
      expect(needed('masks', of('ines', monday!, by(['door-wash'])))).toBe(0);
    });

    it('takes a pair of gloves a person for the whole clean, and one for the toilet that nobody else wears', () => {
      const sessions = [of('ines', monday!, wet), of('ines', tuesday!, wet), of('bram', tuesday!, wet)];
      expect(needed('gloves', ...sessions)).toBe(2);
      expect(needed('toilet-gloves', ...sessions)).toBe(0);
      const toilets = [of('ines', monday!, [TOILET]), of('bram', tuesday!, [TOILET])];
      expect(needed('toilet-gloves', ...toilets)).toBe(1);
      expect(needed('gloves', ...toilets)).toBe(0);
    });

    it('takes a mop cover a room, washed by the next day', () => {
      const floors = by(['floor-mop']);
      expect(floors.length).toBeGreaterThan(3);
      expect(needed('mop-covers', of('ines', monday!, floors))).toBe(floors.length);
      expect(
        needed('mop-covers', of('ines', monday!, floors.slice(0, 2)), of('ines', tuesday!, floors.slice(2))),
      ).toBe(floors.length - 2);
    });

    it('takes what is changed: a battery an alarm, a liner a bin, salt for the dishwasher', () => {
      const alarms = by(['alarm-test']);
      const count = alarms.reduce((sum, { fixture }) => sum + fixture.count, 0);
      expect(count).toBeGreaterThan(1);
      expect(needed('batteries', of('ines', monday!, alarms))).toBe(count);
      expect(needed('bin-liners', of('ines', monday!, by(['bin-wash'])))).toBe(1);
      expect(needed('dishwasher-salt', of('ines', monday!, by(['dishwasher-clean'])))).toBe(1);
    });

    it('takes a bulb for the lamp that has none, once, on the first day on which it is seen to', () => {
      const lamp = tasks.find(({ fixture }) => fixture.kind === 'ceiling-light');
      const dark = { ...lamp!, fixture: { ...lamp!.fixture, needs: 'bulbs-e14' as const, count: 2 } };
      const other = { ...dark, id: taskIdOf(lamp!.fixture.id, 'other') };
      const { lines } = shoppingList(
        [of('ines', monday!, [dark]), of('ines', tuesday!, [other])],
        NO_SUPPLIES,
        new Map(),
        MADE_UP_PRICES,
        '2027-03-01',
      );
      expect(lines.find(({ name }) => name === 'bulbs-e14')).toMatchObject({
        needed: 2,
        toBuy: 2,
        session: { date: monday },
      });
      const seenTo = { ...dark.fixture, id: 'done-already' };
      const all = shoppingList(
        [of('ines', tuesday!, [dark])],
        NO_SUPPLIES,
        new Map(),
        MADE_UP_PRICES,
        '2027-03-01',
        [dark.fixture, seenTo],
      ).lines.find(({ name }) => name === 'bulbs-e14');
      // Four in all: two by Tuesday, and two for a lamp at which nothing is done any more.
      expect(all).toMatchObject({ needed: 4, session: { date: tuesday } });
      expect(kitFor([dark, other], NO_SUPPLIES).things).toContainEqual(
        expect.objectContaining({ thing: 'bulbs-e14', count: 2 }),
      );
    });

    it('says by which day what is worn out is needed', () => {
      const { lines } = shoppingList(
        [of('ines', tuesday!, dust)],
        { ...NO_SUPPLIES, things: [{ thing: 'dusters', count: 0 }] },
        new Map(),
        MADE_UP_PRICES,
        '2027-03-01',
      );
      expect(lines.find(({ name }) => name === 'dusters')).toMatchObject({
        have: 0,
        packs: Math.ceil(dust.length / 4),
        session: { date: tuesday },
      });
    });
  });

  test.prop([fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 2000 })], { seed: 77 })(
    'always buys enough, and never a pack too many',
    (amount, used) => {
      const { toBuy, packs, pack, needed, have } = acid(supplies(amount), used);
      expect(toBuy).toBeCloseTo(Math.max(0, needed - have));
      expect(packs * pack.amount).toBeGreaterThanOrEqual(toBuy - 1e-5);
      expect((packs - 1) * pack.amount).toBeLessThan(Math.max(toBuy, 1e-5));
    },
  );

  it('goes by the sessions of the plan: every open task is in one, or comes without a date', () => {
    const { household } = juniperRowUnderWay('2027-03-01');
    const problem = expand(household, CATALOGUE, '2027-03-01T17:00');
    const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, stop: () => true });
    const done = new Set(household.ticks.map((tick) => tick.step));
    const sessions = sessionsOf(made, tasks, done, '2027-03-01');
    const open = tasks.filter(
      (task) => !task.estimate.steps.some(({ step }) => done.has(`${task.id}/${step.key}`)),
    );
    expect(
      sessions
        .flatMap((one) => one.tasks)
        .map((task) => task.id)
        .toSorted(),
    ).toEqual(open.map((task) => task.id).toSorted());
    const starts = sessions.filter((one) => one.date !== '').map((one) => one.start);
    expect(starts).toEqual(starts.toSorted());
    const consumed = consumedSince(household.supplies, tasks, household.ticks);
    expect(consumed.get('dish-soap')).toBeGreaterThan(0);
    expect(consumed.get('peroxide')).toBe(0);
  });
});

describe('the cupboard and the shop', () => {
  it('measure liquids in millilitres and powders in grams, and nothing below zero', () => {
    const stock = { product: 'vinegar', amount: 500, unit: 'ml', counted: '2027-03-01T08:00' };
    expect(stockSchema.safeParse(stock).success).toBe(true);
    expect(stockSchema.safeParse({ ...stock, unit: 'g' }).error?.issues[0]).toMatchObject({
      path: ['unit'],
      message: 'ml for a liquid, g for a powder',
    });
    expect(stockSchema.safeParse({ ...stock, amount: -1 }).success).toBe(false);
  });

  it('have a pack and a price for everything', () => {
    for (const product of PRODUCT_NAMES) {
      const { amount, cents } = MADE_UP_PRICES.productPack(product);
      expect(amount, product).toBeGreaterThan(0);
      expect(cents > 0, product).toBe(!isFromTap(product));
      expect(factsOf(product).gPerMl).toBeGreaterThan(0);
    }
    for (const thing of THING_NAMES) expect(MADE_UP_PRICES.thingPack(thing).cents).toBeGreaterThan(0);
  });
});
