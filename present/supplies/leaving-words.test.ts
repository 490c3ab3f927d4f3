import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { dropOffSchema, type NewHome } from '@/core/clean/leaving';
import { NOTHING_LEAVING, takesAny } from '@/core/clean/piles';
import { parseHousehold } from '@/core/formats/read-household';
import { fixturesOf, roomsOf } from '@/core/home/room';
import { applyChange } from '@/core/household/change';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { BEFORE, dropOff, pile } from '@/demo/changes';
import { DOZEN_HOMES, homeNamed } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { movesAtStep } from '../day/move-words';
import { cautionOf, opensWords, spotOf, spotsIn, spotValue, takesWords } from './leaving-words';
import { pilesOf } from './pile-words';

const demo = juniperRow('2027-03-01');

describe('piles', () => {
  it('of one’s own stand behind those that ship, and leave the house or stay', () => {
    const names = pilesOf({ piles: [pile, { ...pile, id: 'b', name: 'Winter store', leaves: false }] });
    expect(names.slice(-2)).toEqual([
      { id: pile.id, name: 'For the neighbours', leaves: true },
      { id: 'b', name: 'Winter store', leaves: false },
    ]);
    expect(names.filter(({ leaves }) => leaves).map(({ name }) => name)).toEqual([
      'Give',
      'Sell',
      'Recycle',
      'Bin',
      'For the neighbours',
    ]);
  });
});

describe('places that take things', () => {
  it('say what they take and when they are open, days with the same hours together', () => {
    const opens = [
      { weekday: 6, from: '09:00', to: '14:00' },
      { weekday: 2, from: '16:00', to: '19:00' },
      { weekday: 4, from: '16:00', to: '19:00' },
    ];
    expect(opensWords({ opens })).toBe('Tuesday, Thursday 16:00 to 19:00; Saturday 09:00 to 14:00');
    const week = [1, 2, 3, 4, 5].map((weekday) => ({ weekday, from: '08:30', to: '18:30' }));
    expect(opensWords({ opens: week })).toBe('Monday to Friday 08:30 to 18:30');
    expect(takesWords({ ...dropOff, takes: ['sell', pile.id] }, { piles: [pile] })).toBe(
      'sell, For the neighbours',
    );
    expect(takesWords(dropOff, NOTHING_LEAVING)).toBe('all that leaves');
  });

  it('that took only a pile that is gone take nothing, rather than all', () => {
    const before = {
      ...BEFORE,
      leaving: { piles: [pile], places: [{ ...dropOff, takes: [pile.id] }], homes: [] },
    };
    const after = applyChange(before, { do: 'drop-pile', id: pile.id });
    const [place] = after.ok ? after.value.leaving.places : [];
    expect(takesAny(place!, ['give', 'bin'])).toBe(false);
    expect(takesWords(place!, NOTHING_LEAVING)).toBe('only a pile that is gone');
  });

  it('take what they name, and all where they name nothing', () => {
    expect(takesAny({ takes: ['give'] }, ['bin', 'give'])).toBe(true);
    expect(takesAny({ takes: ['give'] }, ['bin'])).toBe(false);
    expect(takesAny({ takes: [] }, ['bin'])).toBe(true);
  });

  it('without hours are refused with a sentence, in a form and in a file', () => {
    const told = dropOffSchema.safeParse({ ...dropOff, opens: [] });
    expect(told.error?.issues[0]?.message).toBe('Please say when it is open: a trip is planned by that.');
    const file = { ...demo, leaving: { ...NOTHING_LEAVING, places: [{ ...dropOff, opens: [] }] } };
    const read = parseHousehold(JSON.stringify(file));
    expect(read.ok).toBe(false);
    expect(!read.ok && read.faults).toMatchObject([{ path: 'leaving.places[0].opens' }]);
    const twice = { ...demo, leaving: { ...NOTHING_LEAVING, places: [dropOff, dropOff] } };
    expect(parseHousehold(JSON.stringify(twice)).ok).toBe(false);
  });
});

describe('new homes of things', () => {
  it('can be anywhere that holds things, down to a place with a name', () => {
    const spots = spotsIn(demo.home);
    expect(spots.map(([, words]) => words)).toContain('Kitchen: Wall cupboards, by the window');
    expect(new Set(spots.map(([, words]) => words)).size).toBe(spots.length);
    for (const [value] of spots) expect(spotValue(spotOf(value))).toBe(value);
    for (const home of DOZEN_HOMES) expect(spotsIn(home.home).length, home.name).toBeGreaterThan(2);
  });

  it('are said at the place that is emptied, and at the one they come to', () => {
    const tasks = tasksOf(workOf(demo, CATALOGUE));
    const said = tasks.flatMap((task) =>
      task.estimate.steps.flatMap(({ step }) =>
        movesAtStep(task, `${task.id}/${step.key}`, demo).map((words) => [task.id, step.key, words]),
      ),
    );
    expect(said).toEqual([
      [
        'kitchen-5-cupboard:cupboard-sort',
        'at-3',
        'Comes here from Kitchen: Wall cupboards, corner: Muesli bowls.',
      ],
      [
        'kitchen-5-cupboard:cupboard-sort',
        'at-4',
        'To Kitchen: Wall cupboards, by the window: Muesli bowls (nearer to where it is used).',
      ],
    ]);
  });

  it('out of reach of children are high up, where there are children', () => {
    const { home, people } = homeNamed('children of 6 and 11');
    const at = (heights: readonly string[]): NewHome => {
      const to = roomsOf(home)
        .flatMap(fixturesOf)
        .find(({ height }) => heights.includes(height))!;
      return { id: 'a', what: 'Tablets', from: { fixture: 'x' }, to: { fixture: to.id }, why: 'reach' };
    };
    expect(cautionOf(at(['low', 'floor']), home, people)).toMatch(/A child reaches that place/);
    expect(cautionOf(at(['high', 'ceiling']), home, people)).toBeUndefined();
    expect(cautionOf(at(['low', 'floor']), home, [{}])).toBeUndefined();
    expect(cautionOf({ ...at(['low']), why: 'use' }, home, people)).toBeUndefined();
  });
});
