import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { FAMILY_HOUSE, householdAround, LARGE_OLD_HOUSE, ONE_ROOM_FLAT } from '../../demo/example-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { FIXTURE_KINDS } from '../catalogue/fixture-kinds';
import { PRODUCT_SCHOOLS, WORK_KINDS } from '../catalogue/work-kinds';
import { type OrderRule, orderRuleSchema, UNCHANGED_RULES } from '../clean/rule';
import { ROOM_KINDS } from '../home/room';
import type { Household } from '../household/household';
import { apartIn } from '../work/apart';
import { SHARED_WASH } from '../work/brought-back-loads';
import { type CleanTask, listTasks, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { moveBefore } from './move';
import { orderWork } from './ordered';
import { precedenceOf } from './precedence';
import { ORDER_RULES } from './rules';
import { whyHere } from './why-here';
import { type OrderedStep, tasksInOrder } from './working-order';

const demo = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(demo, CATALOGUE));
const work = orderWork(tasks, demo.home, UNCHANGED_RULES, 'room');
const links = precedenceOf(work.links);
const task = (id: string) => tasks.find((found) => found.id === id)!;
const keyOf = ({ task: one, position }: OrderedStep) => `${one.id}/${one.estimate.steps[position]!.step.key}`;
const inRoom = (steps: readonly OrderedStep[], room: string) =>
  steps.filter((step) => step.task.room.id === room).map(keyOf);

function own(id: string, before: string, after: string, rest: Partial<OrderRule> = {}): OrderRule {
  return {
    id: `own-${id}`,
    name: id,
    before: { methods: [before] },
    after: { methods: [after] },
    within: 'room',
    hard: true,
    orderOnly: true,
    reason: 'Because we say so.',
    ...rest,
  };
}

const withOwn = (...rules: OrderRule[]) =>
  orderWork(tasks, demo.home, { ...UNCHANGED_RULES, own: rules }, 'room');

describe('the rules of order', () => {
  it('have the form of a rule, each under a name of its own, and a wish says what breaking it costs', () => {
    for (const rule of ORDER_RULES) expect(orderRuleSchema.parse(rule)).toEqual(rule);
    for (const key of ['id', 'name'] as const)
      expect(new Set(ORDER_RULES.map((rule) => rule[key])).size).toBe(ORDER_RULES.length);
    for (const { id, hard, cost } of ORDER_RULES) expect(cost === undefined, id).toBe(hard);
  });

  it('name methods, steps, kinds and rooms that are known', () => {
    const steps = new Map(
      listTasks(workOf({ ...demo, clean: { ...demo.clean, products: 'disinfecting' } }, CATALOGUE)).map(
        ({ method }) => [method.id, method.steps.map((step) => step.key)],
      ),
    );
    for (const { id, before, after } of ORDER_RULES)
      for (const selector of [before, after]) {
        for (const method of [...(selector.methods ?? []), ...(selector.notMethods ?? [])]) {
          // A load is made up of what the catalogue knows.
          if (method !== SHARED_WASH) expect(CATALOGUE.method(method), `${id}: ${method}`).toBeDefined();
          if (selector.step !== undefined && steps.has(method))
            expect(steps.get(method), id).toContain(selector.step);
        }
        for (const kind of selector.kinds ?? []) expect(WORK_KINDS, id).toHaveProperty(kind);
        for (const room of [...(selector.rooms ?? []), ...(selector.notRooms ?? [])])
          expect(ROOM_KINDS, id).toHaveProperty(room);
        for (const fixture of selector.fixtures ?? []) expect(FIXTURE_KINDS, id).toHaveProperty(fixture);
      }
  });

  it('do not contradict each other in any home, with everything done that could be', () => {
    for (const home of [demo.home, ONE_ROOM_FLAT, FAMILY_HOUSE, LARGE_OLD_HOUSE])
      for (const products of ['water', 'pantry', 'shop', 'disinfecting'] as const) {
        const household: Household = { ...householdAround(home, demo), clean: { ...demo.clean, products } };
        const all = listTasks(workOf(household, CATALOGUE));
        expect(orderWork(all, home, UNCHANGED_RULES, 'room').contradictions).toEqual([]);
      }
  });

  it('hold within their room: the floor of the hall waits for the hall alone', () => {
    const before = links
      .filter((link) => link.after === 'hall-0-hard-floor:floor-vacuum' && link.hard)
      .map((link) => link.before);
    expect(before.length).toBeGreaterThan(8);
    expect(before.every((id) => id.startsWith('hall-'))).toBe(true);
  });

  it('hold within their stop: each cupboard is wiped inside before its own front', () => {
    const pairs = links.filter(
      (link) => link.after.endsWith('cupboard-fronts') && /:cupboard-sort(\.\d+)?$/.test(link.before),
    );
    expect(new Set(pairs.map((link) => link.after)).size).toBe(3);
    expect(pairs.every(({ before, after }) => before.split(':')[0] === after.split(':')[0])).toBe(true);
  });

  it('hold between connected rooms: the hall comes after the rooms that open onto it', () => {
    const home = structuredClone(demo.home);
    const hall = home.floors.flatMap((floor) => floor.rooms).find((room) => room.id === 'hall')!;
    hall.opensTo.push('sitting');
    const found = tasksOf(workOf({ ...demo, home }, CATALOGUE));
    const ways = (where: typeof home) =>
      orderWork(found, where, UNCHANGED_RULES, 'room').links.filter(
        (link) => link.rule.id === 'out-by-the-door',
      );
    expect(ways(demo.home)).toEqual([]);
    expect(new Set(ways(home).map((link) => `${link.before.room.id} ${link.after.room.id}`))).toEqual(
      new Set(['sitting hall']),
    );
  });

  it('bind only where both are planned from ceiling to floor, and drag along where one needs the other', () => {
    const from = (before: string, after: string) =>
      links.find((link) => link.before.startsWith(before) && link.after.startsWith(after));
    expect(from('bedroom-0-ceiling', 'bedroom-0-carpet')).toMatchObject({ hard: true, orderOnly: true });
    expect(from('bedroom-5-bed:bed-linen/strip', 'bedroom-5-mattress')).toMatchObject({ hard: true });
    expect(from('bedroom-5-bed:bed-linen/strip', 'bedroom-5-mattress')?.orderOnly).toBeUndefined();
  });
});

describe('the order of work', () => {
  it('takes each hands-on step once, after everything that its links and its own waits ask for', () => {
    for (const grouping of ['room', 'kind', 'layer', 'none'] as const) {
      const ordered = orderWork(tasks, demo.home, UNCHANGED_RULES, grouping);
      const place = new Map(ordered.steps.map((step, i) => [keyOf(step), i]));
      const hands = tasks.flatMap((one) =>
        one.estimate.steps
          .filter(({ step }) => step.mode === 'hands')
          .map(({ step }) => `${one.id}/${step.key}`),
      );
      expect([...place.keys()].toSorted()).toEqual(hands.toSorted());
      const handsUpTo = (one: (typeof tasks)[number], position: number) =>
        one.estimate.steps.slice(0, position + 1).findLast(({ step }) => step.mode === 'hands')!.step.key;
      const handsFrom = (one: (typeof tasks)[number], position: number) =>
        one.estimate.steps.slice(position).find(({ step }) => step.mode === 'hands')!.step.key;
      for (const { before, after, from, to } of ordered.links)
        expect(place.get(`${before.id}/${handsUpTo(before, from)}`)).toBeLessThan(
          place.get(`${after.id}/${handsFrom(after, to)}`)!,
        );
    }
  });

  it('lets nothing begin beside what must be kept apart from it, but where rules run through both ways', () => {
    for (const home of DOZEN_HOMES)
      for (const products of PRODUCT_SCHOOLS) {
        const all = tasksOf(workOf({ ...home, clean: { ...home.clean, products } }, CATALOGUE));
        const { steps, links: ruled } = orderWork(all, home.home, home.rules, home.clean.grouping);
        expect(steps).toHaveLength(
          all.flatMap(({ estimate }) => estimate.steps.filter(({ step }) => step.mode === 'hands')).length,
        );
        const span = (one: CleanTask) => [
          steps.findIndex((step) => step.task === one),
          steps.findLastIndex((step) => step.task === one),
        ];
        const leads = (one: CleanTask, other: CleanTask) => {
          const seen = new Set([one]);
          for (const from of seen)
            for (const { before, after } of ruled) if (before === from) seen.add(after);
          return seen.has(other);
        };
        for (const { first, second } of apartIn(all)) {
          if (leads(first, second) && leads(second, first)) continue;
          const [[a, b], [c, d]] = [span(first), span(second)] as [number[], number[]];
          expect(b! < c! || d! < a!, `${home.name}, ${products}: ${first.id} and ${second.id}`).toBe(true);
        }
      }
  });

  it('starts the long soak first, fills it, and comes back to it', () => {
    const bath = inRoom(work.steps, 'bathroom');
    const at = (key: string) => bath.findIndex((step) => step.endsWith(key));
    expect(at('shower-head-descale/wrap')).toBeLessThan(at('tile-walls-wash/wash'));
    expect(at('shower-head-descale/brush')).toBeGreaterThan(at('blind-wipe/wipe'));
    // What has to wait a day for the acid comes after it.
    expect(at('shower-head-descale/brush')).toBeLessThan(at('tiles-scrub/spray'));
    expect(at('mirror-clean/clean')).toBeLessThan(at('basin-clean/clean'));
    // The mats go back onto the dry floor, and nothing else comes after it.
    expect(bath.slice(-2).map((step) => step.split(':')[1])).toEqual(['floor-mop/mop', 'mats-wash/hang']);
  });

  it('goes room by room, job by job, or layer by layer as the grouping says', () => {
    const order = (grouping: 'room' | 'kind' | 'layer') =>
      tasksInOrder(orderWork(tasks, demo.home, UNCHANGED_RULES, grouping).steps);
    const runs = (keys: readonly unknown[]) => keys.filter((key, i) => key !== keys[i - 1]).length;
    const counted = (grouping: 'room' | 'kind' | 'layer') => ({
      room: runs(order(grouping).map((one) => one.room.id)),
      kind: runs(order(grouping).map((one) => one.method.kind)),
      layer: runs(order(grouping).map((one) => one.method.layer)),
    });
    expect(counted('room').room).toBeLessThan(counted('kind').room);
    expect(counted('kind').kind).toBeLessThan(counted('room').kind);
    expect(counted('layer').layer).toBeLessThan(counted('room').layer);
  });
});

describe('why here', () => {
  it('names the rules that hold a task, nearest first', () => {
    const holds = whyHere(work, 'bedroom-3-sill:sill-wipe');
    expect(holds[0]?.rule.id).toBe('window-before-sill');
    expect(holds[0]?.after[0]?.method.id).toBe('window-inside');
    expect(holds.map((hold) => hold.rule.within)).toEqual(
      holds
        .map((hold) => hold.rule.within)
        .toSorted((a, b) => (a === 'stop' ? -1 : 1) - (b === 'stop' ? -1 : 1)),
    );
    expect(whyHere(work, 'bedroom-0-ceiling:ceiling-dust').map((hold) => hold.rule.id)).toEqual([
      'textiles-off-first',
    ]);
  });
});

describe('moving a task by hand', () => {
  const house = { home: demo.home, rules: UNCHANGED_RULES, grouping: 'room' as const };

  it('goes against a wish, and says what that costs', () => {
    const move = moveBefore(
      work,
      house,
      task('kitchen-2-cupboard:cupboard-fronts'),
      task('kitchen-2-cupboard:cupboard-sort'),
    );
    if (!move.ok) throw new Error('refused');
    expect(move.breaks.map((rule) => rule.cost)).toContain('The fronts are wiped twice.');
    const order = tasksInOrder(move.work.steps).map((one): string => one.id);
    expect(order.indexOf('kitchen-2-cupboard:cupboard-fronts')).toBeLessThan(
      order.indexOf('kitchen-2-cupboard:cupboard-sort'),
    );
  });

  it('is refused against a hard rule, by its name, until that is switched off', () => {
    const [mop, vacuum] = [task('hall-0-hard-floor:floor-mop'), task('hall-0-hard-floor:floor-vacuum')];
    const refused = moveBefore(work, house, mop, vacuum);
    expect(refused.ok === false && refused.held.map((rule) => rule.id)).toEqual(['vacuum-before-mop']);
    const rules = { ...UNCHANGED_RULES, off: ['vacuum-before-mop'] };
    const without = orderWork(tasks, demo.home, rules, 'room');
    expect(moveBefore(without, { ...house, rules }, mop, vacuum).ok).toBe(true);
  });

  it('costs nothing where only the walk decided, and can be turned round again', () => {
    const [wall, door] = [task('bedroom-1-door:door-wash'), task('bedroom-1-switches:switch-wipe')];
    const move = moveBefore(work, house, door, wall);
    if (!move.ok) throw new Error('refused');
    expect(move.breaks).toEqual([]);
    const rules = { ...UNCHANGED_RULES, own: [move.rule] };
    const back = moveBefore(move.work, { ...house, rules }, wall, door);
    expect(back.ok ? back.breaks : 'refused').toEqual(back.ok ? [] : 'refused');
  });
});

describe('rules that contradict each other', () => {
  it('are shown as the circle they are; the wish is set aside and the rest holds', () => {
    const made = withOwn(own('toilet-first', 'toilet-deep', 'basin-clean'));
    const circles = made.contradictions.map(({ circle }) => circle.map((link) => link.rule.id).toSorted());
    expect(circles.length).toBeGreaterThan(0);
    for (const circle of circles) expect(circle).toEqual(['basin-before-toilet', 'own-toilet-first']);
    for (const { setAside } of made.contradictions) expect(setAside.id).toBe('basin-before-toilet');
    expect(made.steps).toHaveLength(work.steps.length);
  });

  it('of the household itself: two that run in a loop are named, and the later gives way', () => {
    const made = withOwn(own('one', 'mirror-clean', 'door-wash'), own('two', 'door-wash', 'mirror-clean'));
    expect(new Set(made.contradictions.map(({ setAside }) => setAside.id))).toEqual(new Set(['own-two']));
    expect(made.steps).toHaveLength(work.steps.length);
  });

  it('never take a hard rule that ships when there is anything weaker', () => {
    const made = withOwn(own('mop-first', 'floor-mop', 'floor-vacuum'));
    expect(new Set(made.contradictions.map(({ setAside }) => setAside.id))).toEqual(
      new Set(['own-mop-first']),
    );
  });

  const METHODS = [...new Set(tasks.map((one) => one.method.id))];
  test.prop(
    [
      fc.array(fc.tuple(fc.nat(METHODS.length - 1), fc.nat(METHODS.length - 1), fc.boolean()), {
        maxLength: 12,
      }),
    ],
    { numRuns: 60, seed: 404 },
  )('always leave an order of all the work', (drawn) => {
    const rules = drawn.map(([a, b, hard], i) =>
      own(`r-${i}`, METHODS[a]!, METHODS[b]!, { hard, within: 'house' }),
    );
    const made = withOwn(...rules);
    expect(made.steps).toHaveLength(work.steps.length);
    for (const { circle, setAside } of made.contradictions) {
      expect(circle.map((link) => link.rule)).toContain(setAside);
      circle.forEach((link, i) => {
        expect(link.after.id).toBe(circle[(i + 1) % circle.length]!.before.id);
      });
    }
  });
});
