import { describe, expect, it } from 'vitest';
import { formatMinute } from '../../basics/local-time';
import type { Policy, Problem, ProblemPerson, ProblemStep, ProblemTask } from '../../plan/problem';
import { Draft } from '../draft/draft';
import { type Model, modelOf } from '../model/model';
import { dispatch, type Manner, SOME_PATIENCE } from './dispatch';
import { steadyPace } from './pace';

const POLICY: Policy = {
  spread: 'early',
  grouping: 'room',
  hardestFirst: false,
  openRooms: 2,
  reserve: [],
  sessionCap: 240,
};

const DATES = ['2027-03-01', '2027-03-02', '2027-03-03', '2027-03-04'];

/** Free from nine on these dates. */
function somebody(id: string, until = '11:00', more: Partial<ProblemPerson> = {}): ProblemPerson {
  return {
    id,
    windows: DATES.map((date) => ({ start: `${date}T09:00`, end: `${date}T${until}` })),
    dailyCap: 240,
    cannot: [],
    dislikes: {},
    breakAfter: 120,
    breakLength: 10,
    ...more,
  };
}

function hands(id: string, minutes: number, more: Partial<ProblemStep> = {}): ProblemStep {
  return { id, mode: 'hands', minutes, ...more } as ProblemStep;
}

function task(id: string, room: string, layer: number, steps: ProblemStep[]): ProblemTask {
  return { id, title: id, room, kind: 'work', layer, priority: 'should', hardness: 2, steps };
}

function problemOf(tasks: ProblemTask[], more: Partial<Problem> = {}): Problem {
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: DATES[0] as string,
    finish: DATES.at(-1) as string,
    people: [somebody('mira')],
    machines: [],
    rooms: [...new Set(tasks.map(({ room }) => room))].map((id) => ({ id })),
    tasks,
    precedence: [],
    policy: POLICY,
    ...more,
  };
}

/** What is done, in the order of its start: `MM-DDTHH:mm who step`. */
function dealt(problem: Problem, more: (model: Model) => Partial<Manner> = () => ({})): string[] {
  const model = modelOf(problem);
  const draft = new Draft(model);
  const manner = { priorityFirst: false, byWishes: true, roomOrder: model.rooms, ...more(model) };
  dispatch(draft.board, draft.wanted, draft.links, manner);
  return draft.board
    .entries()
    .filter(({ step }) => step.mode === 'hands')
    .toSorted((a, b) => a.start - b.start || a.step.index - b.step.index)
    .map(({ start, step, people }) => `${formatMinute(start).slice(5)} ${people[0]?.id} ${step.id}`);
}

describe('work that is dealt out', () => {
  it('goes from high to low in a room before it goes on to the next', () => {
    const tasks = [
      task('bath-floor', 'bath', 8, [hands('bath-floor/do', 20)]),
      task('bath-lamp', 'bath', 0, [hands('bath-lamp/do', 10)]),
      task('hall-floor', 'hall', 8, [hands('hall-floor/do', 15)]),
      task('hall-lamp', 'hall', 0, [hands('hall-lamp/do', 15)]),
    ];
    expect(dealt(problemOf(tasks))).toEqual([
      '03-01T09:00 mira bath-lamp/do',
      '03-01T09:10 mira bath-floor/do',
      '03-01T09:30 mira hall-lamp/do',
      '03-01T09:45 mira hall-floor/do',
    ]);
  });

  it('sets a soak going first, fills the wait, and sees to it when it is over', () => {
    const soak: ProblemStep = { id: 'tap/soak', mode: 'wait', minutes: 30, atMost: 60 };
    const tasks = [
      task('shelf', 'bath', 3, [hands('shelf/do', 30)]),
      task('tap', 'bath', 5, [hands('tap/wrap', 5), soak, hands('tap/polish', 5)]),
      task('floor', 'bath', 8, [hands('floor/do', 20)]),
    ];
    expect(dealt(problemOf(tasks))).toEqual([
      '03-01T09:00 mira tap/wrap',
      '03-01T09:05 mira shelf/do',
      '03-01T09:35 mira tap/polish',
      '03-01T09:40 mira floor/do',
    ]);
  });

  it('does not begin a soak that nobody could see to in time', () => {
    const soak: ProblemStep = { id: 'hood/soak', mode: 'wait', minutes: 100, atMost: 110 };
    const tasks = [
      task('shelf', 'kitchen', 0, [hands('shelf/do', 40)]),
      task('hood', 'kitchen', 1, [hands('hood/soak-it', 5), soak, hands('hood/wipe', 15)]),
    ];
    const [first, ...rest] = dealt(problemOf(tasks, { people: [somebody('mira', '10:30')] }));
    expect(first).toBe('03-01T09:00 mira shelf/do');
    expect(rest).toEqual([]);
    const longer = dealt(problemOf(tasks, { people: [somebody('mira', '12:00')] }));
    expect(longer).toContain('03-01T10:45 mira hood/wipe');
  });

  it('begins a soak anew that nobody could see to, and with it what came after', () => {
    const soak: ProblemStep = { id: 'tap/soak', mode: 'wait', minutes: 30, atMost: 60 };
    const tasks = [
      task('tap', 'bath', 0, [hands('tap/wrap', 5), soak, hands('tap/lift', 5, { crew: 2 })]),
      task('shelf', 'bath', 3, [hands('shelf/do', 30)]),
    ];
    const precedence = [
      { before: 'tap/wrap', after: 'shelf/do', hard: true, orderOnly: true, reason: 'It drips' },
    ];
    const ida = { ...somebody('ida'), windows: somebody('ida').windows.slice(1) };
    expect(dealt(problemOf(tasks, { precedence, people: [somebody('mira'), ida] }))).toEqual([
      '03-02T09:00 mira tap/wrap',
      '03-02T09:05 ida shelf/do',
      '03-02T09:35 ida tap/lift',
    ]);
  });

  it('opens no room more than is wished for while there is work in the others, if it is patient', () => {
    const onlyFrom = (date: string) => ({
      ...task(`hall-${date}`, 'hall', 3, [hands(`hall-${date}/do`, 30)]),
      earliest: `${date}T09:00`,
    });
    const tasks = [...DATES.map(onlyFrom), task('bath', 'bath', 3, [hands('bath/do', 60)])];
    const problem = problemOf(tasks, { policy: { ...POLICY, openRooms: 1 } });
    expect(dealt(problem, () => ({ patience: SOME_PATIENCE })).at(-1)).toBe('03-04T09:30 mira bath/do');
    expect(dealt(problem)).toContain('03-03T09:30 mira bath/do');
  });

  it('opens one after two dates on which there was nothing to do, if it is patient', () => {
    const later = {
      ...task('hall-late', 'hall', 3, [hands('hall-late/do', 30)]),
      earliest: '2027-03-04T10:30',
    };
    const tasks = [
      task('hall', 'hall', 0, [hands('hall/do', 30)]),
      later,
      task('bath', 'bath', 3, [hands('bath/do', 60)]),
    ];
    const problem = problemOf(tasks, { policy: { ...POLICY, openRooms: 1 } });
    expect(dealt(problem, () => ({ patience: SOME_PATIENCE }))).toEqual([
      '03-01T09:00 mira hall/do',
      '03-03T09:00 mira bath/do',
      '03-04T10:30 mira hall-late/do',
    ]);
  });

  it('does the jobs that fill a date room by room, where it goes by jobs and rooms first', () => {
    const of = (room: string, kind: string, layer: number, minutes: number) => ({
      ...task(`${room}-${kind}`, room, layer, [hands(`${room}-${kind}/do`, minutes)]),
      kind,
    });
    const tasks = ['bath', 'hall'].flatMap((room) => [
      of(room, 'dust', 0, 25),
      of(room, 'lamp', 1, 20),
      of(room, 'wash', 3, 60),
    ]);
    const problem = problemOf(tasks, { policy: { ...POLICY, grouping: 'kind' } });
    const manner = { worthADate: 30, roomFirst: true, patience: SOME_PATIENCE };
    expect(dealt(problem, () => manner)).toEqual([
      '03-01T09:00 mira bath-dust/do',
      '03-01T09:25 mira bath-lamp/do',
      '03-01T09:45 mira hall-dust/do',
      '03-01T10:10 mira hall-lamp/do',
      '03-02T09:00 mira hall-wash/do',
      '03-02T10:00 mira bath-wash/do',
    ]);
  });

  it('lets what nobody can do hold nothing up', () => {
    const tasks = [
      task('lamp', 'hall', 0, [hands('lamp/do', 10, { tags: ['ladder'] } as Partial<ProblemStep>)]),
      task('floor', 'hall', 8, [hands('floor/do', 25)]),
    ];
    const precedence = [
      { before: 'lamp', after: 'floor', hard: true, orderOnly: true, reason: 'Dust falls' },
    ];
    const people = [somebody('mira', '11:00', { cannot: ['ladder'] })];
    expect(dealt(problemOf(tasks, { precedence, people }))).toEqual(['03-01T09:00 mira floor/do']);
  });

  it('does first what would better come first, where it can', () => {
    const tasks = [
      task('window', 'hall', 2, [hands('window/do', 15)]),
      task('shelf', 'hall', 5, [hands('shelf/do', 15)]),
    ];
    const precedence = [{ before: 'shelf', after: 'window', hard: false, cost: 20, reason: 'Taste' }];
    expect(dealt(problemOf(tasks, { precedence })).map((line) => line.split(' ')[2])).toEqual([
      'shelf/do',
      'window/do',
    ]);
  });

  it('opens no more rooms than are wished for while there is something to do in those', () => {
    const rooms = ['one', 'two', 'three'];
    const tasks = rooms.flatMap((room) =>
      [1, 2, 3].map((i) => task(`${room}-${i}`, room, i, [hands(`${room}-${i}/do`, 30)])),
    );
    const people = ['ida', 'mira', 'noor'].map((id) => somebody(id, '10:00'));
    const first = dealt(problemOf(tasks, { people, policy: { ...POLICY, openRooms: 1 } })).slice(0, 2);
    expect(first.map((line) => line.split(' ')[2]?.split('-')[0])).toEqual(['one', 'one']);
  });

  it('keeps a steady pace: no more on a date than twice a share, no more in a week than its share', () => {
    const tasks = Array.from({ length: 8 }, (_, i) =>
      task(`job-${i}`, 'attic', i, [hands(`job-${i}/do`, 30)]),
    );
    const lines = dealt(problemOf(tasks, { people: [somebody('mira', '13:00')] }), (model) => ({
      pace: steadyPace(model, 1),
    }));
    const days = lines.map((line) => line.slice(0, 5));
    for (const date of DATES) expect(days.filter((day) => date.endsWith(day))).toHaveLength(2);
  });

  it('by kinds, begins with another on a date only where there is enough to do of it, or all that is left', () => {
    const jobs = (kind: string, layer: number, minutes: number) =>
      ['one', 'two', 'three'].map((room) => {
        const id = `${kind}-${room}`;
        return { ...task(id, room, layer, [hands(`${id}/do`, minutes)]), kind };
      });
    const tasks = [...jobs('lamps', 0, 30), ...jobs('sills', 3, 30), ...jobs('floors', 8, 20)];
    const kinds = (more: Partial<Manner>) => {
      const lines = dealt(problemOf(tasks, { policy: { ...POLICY, grouping: 'kind' } }), () => more);
      return new Set(lines.map((line) => `${line.slice(0, 5)} ${line.split(' ')[2]?.split('-')[0]}`));
    };
    expect(kinds({})).toEqual(new Set(['03-01 lamps', '03-01 sills', '03-02 sills', '03-02 floors']));
    expect(kinds({ worthADate: 30 })).toEqual(new Set(['03-01 lamps', '03-02 sills', '03-03 floors']));
  });
});
