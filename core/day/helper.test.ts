import { describe, expect, it } from 'vitest';
import type { DayAct, ToldEvent } from '../clean/events';
import type { Problem } from '../plan/problem';
import { helperHears, helperMaySay, isHelpersStep, packOfHelper } from './helper';
import type { DayPack } from './pack';

const task = (id: string, ...steps: string[]) =>
  ({
    id,
    steps: steps.map((key) => ({ id: `${id}/${key}`, mode: 'hands', minutes: 5 })),
  }) as Problem['tasks'][number];
const entry = (step: string, ...people: string[]) => ({
  step,
  people,
  start: '2027-03-01T18:00',
  end: '2027-03-01T18:05',
});
const rule = (before: string, after: string) => ({ before, after, hard: true, reason: 'So it is' });

const PACK: DayPack = {
  date: '2027-03-01',
  tasks: [task('taps', 'wrap', 'rinse'), task('mirror', 'wipe'), task('floor', 'mop')],
  rules: [rule('taps', 'floor'), rule('taps/wrap', 'taps/rinse'), rule('mirror', 'floor')],
  entries: [entry('taps/wrap', 'ida'), entry('taps/rinse', 'ada'), entry('mirror/wipe', 'ada')],
  planned: ['taps/wrap', 'taps/rinse', 'mirror/wipe', 'floor/mop'],
  done: [
    { step: 'taps/wrap', end: '2027-03-01T18:05' },
    { step: 'mirror/wipe', end: '2027-03-01T18:20' },
  ],
  parts: [
    { step: 'taps/rinse', share: 50 },
    { step: 'mirror/wipe', share: 30 },
  ],
};

let seq = 0;
const told = (act: DayAct, person?: string): ToldEvent => ({
  id: `7c9b0c4e-0000-4000-8000-${String(++seq).padStart(12, '0')}`,
  at: '2027-03-01T18:00:00',
  seq,
  ...(person && { person }),
  act,
});

describe('the day of who helps by a link', () => {
  it('holds their own tasks, with what binds, is done and is begun in them, and nothing else', () => {
    const day = packOfHelper(PACK, 'ida', []);
    expect(day.tasks.map(({ id }) => id)).toEqual(['taps']);
    expect(day.entries.map(({ step }) => step)).toEqual(['taps/wrap']);
    expect(day.rules).toEqual([rule('taps/wrap', 'taps/rinse')]);
    expect(day.planned).toEqual(['taps/wrap', 'taps/rinse']);
    expect(day.done.map(({ step }) => step)).toEqual(['taps/wrap']);
    expect(day.parts.map(({ step }) => step)).toEqual(['taps/rinse']);
    expect(JSON.stringify(day)).not.toMatch(/mirror|floor/);
  });

  it('follows what is handed to them, and from them; the last word counts', () => {
    const mine = (...events: ToldEvent[]) =>
      packOfHelper(PACK, 'ida', events).entries.map(({ step }) => step);
    const gets = told({ do: 'hand', step: 'mirror/wipe', to: 'ida' });
    const gives = told({ do: 'hand', step: 'taps/wrap', to: 'ada' });
    expect(mine(gets)).toEqual(['taps/wrap', 'mirror/wipe']);
    expect(mine(gives)).toEqual([]);
    expect(mine(gives, told({ do: 'hand', step: 'taps/wrap', to: 'ida' }))).toEqual(['taps/wrap']);
  });

  it('is empty for who has nothing to do', () => {
    expect(packOfHelper(PACK, 'leo', [])).toMatchObject({ tasks: [], entries: [], rules: [], done: [] });
  });

  it('goes by who was named last', () => {
    expect(isHelpersStep('ida', 'taps/wrap', PACK.entries, undefined)).toBe(true);
    expect(isHelpersStep('ida', 'taps/wrap', PACK.entries, 'ada')).toBe(false);
    expect(isHelpersStep('ada', 'taps/wrap', PACK.entries, 'ada')).toBe(true);
    expect(isHelpersStep('ada', 'nothing/known', PACK.entries, undefined)).toBe(false);
  });
});

describe('what a helper hears', () => {
  const day = packOfHelper(PACK, 'ida', []);

  it('is what happens to the tasks of their day, whoever says so', () => {
    expect(helperHears(told({ do: 'done', step: 'taps/rinse' }, 'ada'), 'ida', day)).toBe(true);
    expect(helperHears(told({ do: 'done', step: 'mirror/wipe' }, 'ada'), 'ida', day)).toBe(false);
  });

  it('is of everything else what they have said themselves', () => {
    const note: DayAct = { do: 'found', find: 'mend', text: 'Loose hinge' };
    expect(helperHears(told(note, 'ida'), 'ida', day)).toBe(true);
    expect(helperHears(told(note, 'ada'), 'ida', day)).toBe(false);
    expect(helperHears(told({ do: 'rain' }), 'ida', day)).toBe(false);
  });
});

describe('what a helper may say', () => {
  const step = 'taps/wrap';
  const mayOn = (isTheirs: boolean) => (act: DayAct) =>
    helperMaySay(act, { helper: 'ida', isTheirs, saidBy: undefined });
  const ABOUT_STEPS: readonly DayAct[] = [
    { do: 'start', step },
    { do: 'pause', step },
    { do: 'done', step },
    { do: 'undo', step, also: [] },
    { do: 'part', step, share: 50 },
    { do: 'took', step, minutes: 5 },
    { do: 'not-today', step },
    { do: 'cannot', step, why: 'tool' },
    { do: 'again', step, also: [] },
    { do: 'machine', step, report: 'finished' },
  ];
  const NEVER: readonly DayAct[] = [
    { do: 'hand', step, to: 'ada' },
    { do: 'pile', pile: 'give', count: 1 },
    { do: 'bag', kind: 'bag', pile: 'give', count: 1 },
    { do: 'rain' },
    { do: 'run-out', product: 'vinegar' },
    { do: 'broke', machine: 'washer' },
  ];

  it('is anything of a step of theirs and nothing of another’s', () => {
    for (const act of ABOUT_STEPS) {
      expect(mayOn(true)(act), act.do).toBe(true);
      expect(mayOn(false)(act), act.do).toBe(false);
    }
  });

  it('puts off no others along with a step of theirs', () => {
    expect(mayOn(true)({ do: 'not-today', step: 'a:b/c', also: ['d:e/f'] })).toBe(false);
  });

  it('is never what the whole household’s day hangs on', () => {
    for (const act of NEVER) expect(mayOn(true)(act), act.do).toBe(false);
  });

  it('is what they found, when they rest, and how much longer they themselves have', () => {
    const may = mayOn(false);
    expect(may({ do: 'found', find: 'buy', text: 'Sponges' })).toBe(true);
    expect(may({ do: 'block', what: 'rest' })).toBe(true);
    expect(may({ do: 'short', who: 'ida', minutes: 20 })).toBe(true);
    expect(may({ do: 'short', who: 'ada', minutes: 20 })).toBe(false);
  });

  it('takes back and settles their own words alone', () => {
    const acts: readonly DayAct[] = [
      { do: 'settle', found: 'x' },
      { do: 'reword', found: 'x', text: 'A bulb' },
      { do: 'take-back', said: '7c9b0c4e-0000-4000-8000-000000000001' },
    ];
    for (const act of acts) {
      expect(helperMaySay(act, { helper: 'ida', isTheirs: false, saidBy: 'ida' }), act.do).toBe(true);
      expect(helperMaySay(act, { helper: 'ida', isTheirs: true, saidBy: 'ada' }), act.do).toBe(false);
      expect(helperMaySay(act, { helper: 'ida', isTheirs: true, saidBy: undefined }), act.do).toBe(false);
    }
  });
});
