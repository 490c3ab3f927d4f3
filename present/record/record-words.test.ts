import { describe, expect, it } from 'vitest';
import { UNCHANGED_CATALOGUE } from '@/core/catalogue/household-catalogue';
import { type LearntFactor, NOTHING_LEARNT } from '@/core/clean/learnt';
import type { PastClean } from '@/core/clean/past-clean';
import type { RecordLine } from '@/core/clean/record-line';
import { endScreen, nextCleanOf } from './end-model';
import { learntScreen } from './learnt-model';
import { roomPictures } from './pictures-model';
import { recordScreen } from './record-model';

const line = (more: Partial<RecordLine> = {}): RecordLine => ({
  id: 'a',
  at: '2027-03-05T19:10',
  clean: 'now',
  step: 'oven:oven-paste/scrub',
  mode: 'hands',
  ends: true,
  method: 'oven-paste',
  kind: 'appliances',
  job: 'Clean the oven with paste',
  part: 'Scrub out',
  fixture: 'oven',
  thing: 'Oven',
  room: 'kitchen',
  place: 'Kitchen',
  name: 'Ines',
  estimate: { minutes: 25, low: 20, high: 33 },
  seconds: 34 * 60,
  cameOut: 'clean',
  ...more,
});
const shown = (...lines: RecordLine[]) =>
  recordScreen(lines, [], { total: lines.length, cleanNow: 'now' }).days.flatMap((day) => day.lines);

describe('a line of the record', () => {
  it('says the job first, then where, who, when and how long', () => {
    expect(shown(line())[0]).toMatchObject({
      job: 'Clean the oven with paste · scrub out',
      where: 'Kitchen, Ines, 19:10',
      took: 'took 34 min, estimated 25 min',
      minutes: 34,
      doubt: undefined,
      canGo: false,
    });
  });

  it('has only the estimate where nobody timed it, and a doubt where a clock ran on', () => {
    const { seconds: _seconds, ...untimed } = line();
    expect(shown(untimed)[0]).toMatchObject({ took: 'estimated 25 min', minutes: undefined });
    expect(shown(line({ seconds: 9 * 3600 }))[0]?.doubt).toContain('not learnt from');
  });

  it('stands under its day, the latest first, and can be struck out once its clean is behind', () => {
    const days = recordScreen([line(), line({ id: 'b', at: '2027-03-06T10:00', clean: 'past' })], [], {
      total: 2,
      cleanNow: 'now',
    }).days;
    expect(days.map(({ title }) => title)).toEqual(['6 Mar 2027', '5 Mar 2027']);
    expect(days[0]?.lines[0]?.canGo).toBe(true);
  });
});

const past = (more: Partial<PastClean> = {}): PastClean => ({
  id: 'spring',
  name: 'Spring 2027',
  reason: '',
  reward: 'Pancakes',
  start: '2027-03-01',
  finish: '2027-03-28',
  closed: '2027-03-27',
  doneMinutes: 1500,
  estimatedMinutes: 1250,
  jobs: 120,
  sessions: 14,
  people: [{ name: 'Ines', minutes: 900, jobs: 70 }],
  rooms: [{ name: 'Kitchen', minutes: 600, jobs: 40 }],
  bags: [{ pile: 'give', count: 3 }],
  loads: 5,
  spentCents: 1234,
  left: [{ job: 'Wash the ceiling', place: 'Loft' }],
  mend: [],
  ...more,
});

describe('a clean looked back at', () => {
  it('says how long it took against the estimate', () => {
    expect(endScreen(past(), undefined).line).toBe(
      '1 Mar 2027 to 27 Mar 2027, 120 jobs done in 14 sessions. It took 20 % longer than estimated.',
    );
    expect(endScreen(past({ doneMinutes: 1000 }), undefined).line).toContain('20 % less than estimated');
    expect(endScreen(past({ doneMinutes: 1260 }), undefined).line).toContain('as long as estimated');
    expect(endScreen(past({ jobs: 0, estimatedMinutes: 0, doneMinutes: 0 }), undefined).line).toMatch(
      /sessions\. $/,
    );
  });

  it('is held against the one before, figure by figure and bar by bar', () => {
    const before = past({
      name: 'Spring 2026',
      loads: 7,
      people: [{ name: 'Ines', minutes: 300, jobs: 20 }],
    });
    const screen = endScreen(past(), before);
    expect(screen.against).toBe('Spring 2026');
    expect(screen.figures).toContainEqual({ name: 'Loads washed', value: '5', before: '7' });
    expect(screen.people[0]).toMatchObject({ name: 'Ines', minutes: 900, before: 300 });
  });

  it('tells nothing of what there was none of', () => {
    const names = endScreen(past({ loads: 0, bags: [], spentCents: 0, left: [] }), undefined).figures.map(
      ({ name }) => name,
    );
    expect(names).toEqual(['Hands-on work']);
  });

  it('is followed by one of the same length, named by its season', () => {
    const last = { start: '2027-03-01', finish: '2027-03-28' };
    expect(nextCleanOf(last, '2027-10-02', false)).toEqual({
      name: 'Autumn 2027',
      start: '2027-10-02',
      finish: '2027-10-29',
    });
    expect(nextCleanOf(last, '2027-10-02', true).name).toBe('Spring 2027');
  });

  it('proposes the same day of the week after one that took a day', () => {
    const saturday = { start: '2027-03-06', finish: '2027-03-06' };
    const next = (today: string) => nextCleanOf(saturday, today, false);
    expect(next('2027-03-06')).toEqual({ name: 'Spring 2027', start: '2027-03-13', finish: '2027-03-13' });
    expect([next('2027-03-10').start, next('2027-08-27').start]).toEqual(['2027-03-13', '2027-08-28']);
  });
});

describe('what was learnt', () => {
  const factor = (more: Partial<LearntFactor>): LearntFactor => ({
    of: 'kind',
    id: 'appliances',
    factor: 1.4,
    ticks: 12,
    ...more,
  });
  const names = {
    catalogue: UNCHANGED_CATALOGUE,
    people: new Map([['ines', 'Ines']]),
    rooms: new Map([['hall', 'Hall']]),
  };
  const say = (more: Partial<LearntFactor>) =>
    learntScreen({ ...NOTHING_LEARNT, factors: [factor(more)] }, names).lessons[0]?.sentence;

  it('is told in a sentence, whatever it is of', () => {
    expect(say({})).toBe(
      'Work of the kind “Appliances” takes you 1.4 times as long as usual; estimates say so now.',
    );
    expect(say({ of: 'person', id: 'ines' })).toBe(
      'What Ines does takes 1.4 times as long as usual; estimates say so now.',
    );
    expect(say({ of: 'room', id: 'gone' })).toContain('What is done in a room that is gone');
    expect(say({ of: 'household', id: '' })).toContain('Everything takes you');
    expect(say({ of: 'method', id: 'oven-paste' })).toContain('“Clean the oven with paste”');
  });

  it('names what was set back, and wider ranges', () => {
    const screen = learntScreen({ ...NOTHING_LEARNT, never: ['kind/windows'], spread: 1.3 }, names);
    expect(screen.never).toEqual([{ of: 'kind', id: 'windows', name: 'Work of the kind “Windows”' }]);
    expect(screen.ranges).toContain('1.3 times as much');
    expect(learntScreen(NOTHING_LEARNT, names).ranges).toBeUndefined();
  });
});

describe('pictures', () => {
  it('stand room by room, before on the left of after', () => {
    const picture = (id: string, moment: 'before' | 'after', at: string) => ({
      id,
      at,
      room: 'kitchen',
      place: 'Kitchen',
      moment,
    });
    const [kitchen] = roomPictures([
      picture('b', 'after', '2027-03-09T10:00'),
      picture('a', 'before', '2027-03-01T10:00'),
    ]);
    expect(kitchen?.pictures.map(({ id, words }) => [id, words])).toEqual([
      ['a', 'Kitchen before, 1 Mar 2027'],
      ['b', 'Kitchen after, 9 Mar 2027'],
    ]);
  });
});
