import { describe, expect, it } from 'vitest';
import { dayActSchema } from '@/core/clean/events';
import { cameUp } from './came-up';
import type { DayFile, DayPerson } from './day-file';
import type { StepFace } from './step-face';

const person = (id: string): DayPerson => ({
  id,
  name: id[0]!.toUpperCase() + id.slice(1),
  cannot: [],
  breakAfter: 60,
  breakLength: 10,
});
const ADA = person('ada');
const BEN = person('ben');
const fileOf = (people: DayPerson[], rest: Partial<DayFile> = {}) =>
  ({
    helper: false,
    people,
    rooms: [
      { id: 'hall', name: 'Hall' },
      { id: 'bath', name: 'Bathroom' },
    ],
    products: [{ id: 'citric-acid', name: 'Citric acid' }],
    machines: [{ id: 'washer', name: 'Washing machine' }],
    ...rest,
  }) as unknown as DayFile;
const step = { job: 'Wash the basin', room: 'bath' } as StepFace;
/** Twelve minutes past six in the evening. */
const minute = 18 * 60 + 12;

const at = (people: DayPerson[], rest: Partial<DayFile> = {}) =>
  cameUp({ file: fileOf(people, rest), workers: people, step, minute });
const wordsUnder = (groups: ReturnType<typeof at>, title: string | RegExp) =>
  groups.filter((group) => group.title.match(title)).flatMap(({ presses }) => presses);

describe('what can come up', () => {
  it('is each a whole thing to say, with no question after it', () => {
    const groups = at([ADA, BEN]);
    for (const { act } of groups.flatMap(({ presses }) => presses))
      expect(dayActSchema.safeParse(act).success, JSON.stringify(act)).toBe(true);
    const labels = groups.flatMap(({ presses }) => presses.map(({ words, label }) => label ?? words));
    expect(new Set(labels).size).toBe(labels.length);
  });

  it('writes down what is found by where it was', () => {
    const [mend] = wordsUnder(at([ADA]), 'Found');
    expect(mend).toMatchObject({
      words: 'To mend',
      act: { do: 'found', find: 'mend', room: 'bath', text: 'At: Wash the basin' },
    });
    const [nowhere] = wordsUnder(
      cameUp({ file: fileOf([ADA], { rooms: [] }), workers: [ADA], step: undefined, minute }),
      'Found',
    );
    expect(nowhere!.act).toEqual({ do: 'found', find: 'mend', text: 'Something' });
  });

  it('ends the day by the clock: 18:12 and twenty minutes are out by 18:35, with 23 minutes left', () => {
    const ends = wordsUnder(at([ADA]), /^Out by/);
    expect(ends.map(({ words }) => words)).toEqual(['18:35', '18:45', '19:00', '19:15', '19:45', '20:15']);
    expect(ends[0]!.act).toEqual({ do: 'short', who: 'ada', minutes: 23 });
    const late = cameUp({ file: fileOf([ADA]), workers: [ADA], step, minute: 23 * 60 + 20 });
    expect(wordsUnder(late, /^Out by/).map(({ words }) => words)).toEqual(['23:40', '23:50']);
  });

  it('names whose break and whose end it is where several people are at it', () => {
    const groups = at([ADA, BEN]);
    expect(groups.map(({ title }) => title)).toContain('Ben has to be out by');
    expect(wordsUnder(groups, 'Comes between').map(({ words }) => words)).toContain('Ada: I need a break');
  });

  it('lets a helper speak of their own day alone', () => {
    const acts = at([ADA], { helper: true }).flatMap(({ presses }) => presses.map(({ act }) => act.do));
    expect(new Set(acts)).toEqual(new Set(['found', 'block', 'short']));
  });
});
