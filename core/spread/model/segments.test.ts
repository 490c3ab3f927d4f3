import { describe, expect, it } from 'vitest';
import type { Problem, ProblemStep } from '../../plan/problem';
import { exampleProblem } from '../examples/problems';
import { clustersOf } from './clusters';
import { modelOf } from './model';
import { segmentsOf } from './segments';
import { indexLinks, stepOrder } from './step-order';

const hands = (id: string): ProblemStep => ({ id, mode: 'hands', minutes: 5 });
const wait = (id: string, atMost?: number): ProblemStep => ({
  id,
  mode: 'wait',
  minutes: 30,
  ...(atMost !== undefined && { atMost }),
});
const task = (id: string, steps: ProblemStep[], more: object = {}): Problem['tasks'][number] => ({
  id,
  title: id,
  room: 'room',
  kind: 'work',
  layer: 0,
  priority: 'should',
  hardness: 1,
  steps,
  ...more,
});
const rule = (before: string, after: string, more: object = {}): Problem['precedence'][number] => ({
  before,
  after,
  hard: true,
  reason: '',
  ...more,
});

function looked(tasks: Problem['tasks'], rules: Problem['precedence'] = [], more: Partial<Problem> = {}) {
  const model = modelOf({
    ...exampleProblem(1, [], 1),
    rooms: [{ id: 'room' }],
    tasks,
    precedence: rules,
    done: [],
    fixed: [],
    ...more,
  });
  const links = indexLinks(model);
  return clustersOf(model).map((cluster) => ({ cluster, links }));
}
const firstOf = (...given: Parameters<typeof looked>) => looked(...given)[0]!;
const cut = (tasks: Problem['tasks'], rules?: Problem['precedence'], isOneDate = false) =>
  looked(tasks, rules).map(({ cluster, links }) =>
    segmentsOf(cluster, links, isOneDate)?.map(({ steps }) => steps.map(({ id }) => id).join(' ')),
  );

describe('the segments of a task', () => {
  it('are cut before every step by hand, and a wait stays with the hands that set it going', () => {
    expect(cut([task('taps', [hands('wrap'), wait('soak'), hands('rinse'), hands('dry')])])).toEqual([
      ['wrap soak', 'rinse', 'dry'],
    ]);
  });

  it('are cut also behind a soak that must not last: what follows it finds its own time', () => {
    expect(cut([task('taps', [hands('wrap'), wait('soak', 45), hands('rinse')])])).toEqual([
      ['wrap soak', 'rinse'],
    ]);
  });

  it('stay whole where a task keeps to one date, but for a plan of one date', () => {
    const sameDay = [task('bed', [hands('strip'), hands('make')], { sameDay: true })];
    expect(cut(sameDay)).toEqual([['strip make']]);
    expect(cut(sameDay, [], true)).toEqual([['strip', 'make']]);
  });

  it('stay whole where it waits for a dry day', () => {
    expect(cut([task('windows', [hands('wash'), hands('wipe')], { needs: ['dry'] })])).toEqual([
      ['wash wipe'],
    ]);
  });

  it('know which comes before them', () => {
    const { cluster, links } = firstOf([task('taps', [hands('wrap'), wait('soak'), hands('rinse')])]);
    const [first, second] = segmentsOf(cluster, links) ?? [];
    expect([first?.after, second?.after]).toEqual([undefined, first]);
  });
});

describe('the order of steps in a cluster', () => {
  const orderOf = (tasks: Problem['tasks'], rules: Problem['precedence']) =>
    looked(tasks, rules).map(({ cluster, links }) =>
      stepOrder(cluster, links)
        ?.map(({ id }) => id)
        .join(' '),
    );

  it('is that of the task where nothing inside it binds', () => {
    expect(orderOf([task('a', [hands('a1'), hands('a2')])], [])).toEqual(['a1 a2']);
  });

  it('lets each step come after what it has to follow, also in another task that hangs on this one', () => {
    const tasks = [task('a', [hands('a1'), hands('a2')]), task('b', [hands('b1'), hands('b2')])];
    expect(orderOf(tasks, [rule('a1', 'b1'), rule('b2', 'a2')])).toEqual(['a1 b1 b2 a2']);
  });

  it('puts a wait right behind the hands that set it going', () => {
    const tasks = [task('a', [hands('a1'), wait('a2'), hands('a3')]), task('b', [hands('b1'), hands('b2')])];
    expect(orderOf(tasks, [rule('a1', 'b1'), rule('b2', 'a3')])).toEqual(['a1 a2 b1 b2 a3']);
  });

  it('is none where hard rules run in a circle, and the task is cut into nothing', () => {
    const tasks = [task('a', [hands('a1')]), task('b', [hands('b1')])];
    const circle = [rule('a1', 'b1'), rule('b1', 'a1')];
    expect(orderOf(tasks, circle)).toEqual([undefined]);
    expect(cut(tasks, circle)).toEqual([undefined]);
  });

  it('is asked for once', () => {
    const { cluster, links } = firstOf([task('a', [hands('a1'), hands('a2')])]);
    expect(stepOrder(cluster, links)).toBe(stepOrder(cluster, links));
  });
});

describe('the links of a model', () => {
  it('are found by the steps they hold, hard ones and wishes apart', () => {
    const tasks = [task('a', [hands('a1')]), task('b', [hands('b1')])];
    const links = indexLinks(
      modelOf({
        ...exampleProblem(1, [], 1),
        rooms: [{ id: 'room' }],
        tasks,
        precedence: [rule('a', 'b'), rule('b1', 'a1', { hard: false })],
        done: [],
        fixed: [],
      }),
    );
    const [{ before, after }] = links.hard as [(typeof links.hard)[number]];
    expect([before.id, after.id]).toEqual(['a1', 'b1']);
    expect([links.into(before).length, links.outOf(before).length, links.wishesInto(before).length]).toEqual([
      0, 1, 1,
    ]);
    expect([links.into(after).length, links.outOf(after).length, links.wishesInto(after).length]).toEqual([
      1, 0, 0,
    ]);
  });
});
