import { describe, expect, it } from 'vitest';
import { type Focus, focusSchema } from '@/core/clean/focus';
import { type Steering, UNSTEERED } from '@/core/clean/steering';
import { applyChange } from '@/core/household/change';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { aboutOf, askedScreen } from './asked-model';
import { askedOn } from './asked-rows';
import { focusWords } from './asked-words';

const NOW = '2027-03-01T08:00';
const demo = juniperRow('2027-03-01');
const sills: Focus = {
  id: 'sills',
  fixtures: ['sill'],
  days: { date: '2027-03-09' },
  hours: { from: '16:00', to: '17:00' },
  people: ['ines'],
  binds: 'work',
};
const screenOf = (steering: Partial<Steering> = {}) => {
  const household = { ...demo, steering: { ...UNSTEERED, ...steering } };
  const state = stateOf(household, NOW, quickPlan(household, NOW));
  return { household, screen: askedScreen(state, state.campaign!) };
};

describe('what can be asked for', () => {
  it('is about every room, floor, kind of work and sort of thing that has work, and reads back as a focus', () => {
    const { screen } = screenOf();
    expect(screen.abouts.map(({ group }) => group)).toEqual([
      'A room',
      'A floor',
      'A kind of work',
      'All things of one sort',
    ]);
    for (const { value } of screen.abouts.flatMap(({ of }) => of)) {
      const read = focusSchema.safeParse({ id: 'a', ...aboutOf(value), days: { weekday: 1 }, binds: 'time' });
      expect(read.success, value).toBe(true);
    }
  });

  it('lies on the days from today to the finish', () => {
    const { screen } = screenOf();
    expect(screen.dates[0]).toBe('2027-03-01');
    expect(screen.dates).toHaveLength(14);
    expect(screen.free).toHaveLength(14);
    expect(screen.free[8]!.words).toMatch(/^Tuesday 9 March: .*Bram 18:30 to 20:30/);
    expect(screen.free[8]!.isAny).toBe(true);
    expect(screen.last).toBe(demo.clean.finish);
  });
});

describe('what was asked for', () => {
  it('is said in words: about what, when, who, how strictly', () => {
    const [row] = screenOf({ focus: [sills] }).screen.rows;
    expect(row!.words).toBe('Each windowsill · Tuesday 9 March, 16:00 to 17:00 · Ines');
    expect(row!.notes[0]).toBe('It is done then, and at no other time');
    const weekly: Focus = { id: 'w', kinds: ['windows'], days: { weekday: 2 }, binds: 'time' };
    expect(focusWords(weekly, demo)).toBe('Windows · every Tuesday');
    const gone: Focus = { id: 'g', rooms: ['gone'], days: { date: '2027-03-09' }, binds: 'work' };
    expect(focusWords(gone, demo)).toMatch(/^a place that is gone/);
  });

  it('tells what does not fit then, and what binds nothing any more', () => {
    // Nobody is there at that hour.
    const night: Focus = { ...sills, hours: { from: '03:00', to: '04:00' } };
    const [row] = screenOf({ focus: [night] }).screen.rows;
    expect(row!.notes[1]).toMatch(/jobs? (does|do) not fit then/);
    expect(row!.loosen).toEqual({ do: 'put-focus', focus: { ...night, binds: 'time' } });
    const over: Focus = { ...sills, days: { date: '2026-03-09' } };
    expect(screenOf({ focus: [over] }).screen.rows[0]!.notes[1]).toMatch(/binds nothing any more/);
  });

  it('is told on the day on which it binds, and on no other', () => {
    const household = { ...demo, steering: { ...UNSTEERED, focus: [sills] } };
    const { campaign } = stateOf(household, NOW, quickPlan(household, NOW));
    const on = (date: string) => askedOn(date, household as never, campaign!);
    expect(on('2027-03-09')).toEqual(['Each windowsill · Tuesday 9 March, 16:00 to 17:00 · Ines']);
    expect(on('2027-03-10')).toEqual([]);
  });

  it('tells what each day of the week is for', () => {
    const monday: Focus = { id: 'week-1', rooms: ['kitchen'], days: { weekday: 1 }, binds: 'time' };
    expect(screenOf({ focus: [sills, monday] }).screen.week).toEqual([
      'rooms:kitchen',
      '',
      '',
      '',
      '',
      '',
      '',
    ]);
  });

  it('names days in reserve, the order of the rooms and the ways through them, each with its way back', () => {
    const household = {
      ...demo,
      clean: { ...demo.clean, reserve: ['2027-02-20', '2027-03-20'] },
      rules: {
        ...demo.rules,
        rooms: ['loft', 'cellar'],
        ways: [{ room: 'kitchen', way: 'sections' as const }],
      },
    };
    const state = stateOf(household, NOW, quickPlan(household, NOW));
    const { rows } = askedScreen(state, state.campaign!);
    expect(rows.map(({ words, press }) => `${words} ${press ?? ''}`.trim())).toEqual([
      'One after the other: Loft and Cellar',
      'Kitchen',
      'In reserve: Saturday 20 March Open it for work',
    ]);
    const after = rows.reduce(
      (before, { takeBack }) => {
        const made = applyChange(before, takeBack);
        return made.ok ? made.value : before;
      },
      household as Parameters<typeof applyChange>[0],
    );
    expect(after.rules).toMatchObject({ rooms: [], ways: [] });
    expect(after.clean!.reserve).toEqual(['2027-02-20']);
  });

  it('stands with everything else said by hand, and each can be taken back', () => {
    const steering: Partial<Steering> = {
      focus: [sills],
      free: ['2027-03-10'],
      later: [
        { task: 'a:b' as never, from: '2027-03-12' },
        { task: 'c:d' as never, from: '2027-03-12' },
      ],
      doers: [{ task: 'e:f' as never, person: 'bram' }],
      pins: [
        {
          step: 'g:h/i' as never,
          people: ['bram'],
          start: '2027-03-09T16:00',
          end: '2027-03-09T16:10',
        },
      ],
    };
    const { screen, household } = screenOf(steering);
    expect(screen.rows.map(({ key }) => key.split(' ')[0]).filter((key) => key !== 'reserve')).toEqual([
      'focus',
      'free',
      'pin',
      'later',
      'doer',
    ]);
    const after = screen.rows.reduce(
      (state, { takeBack }) => {
        const made = applyChange(state, takeBack);
        return made.ok ? made.value : state;
      },
      household as Parameters<typeof applyChange>[0],
    );
    expect(after.steering).toEqual(UNSTEERED);
  });
});
