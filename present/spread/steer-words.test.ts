import { describe, expect, it } from 'vitest';
import type { Plan } from '@/core/plan/plan';
import type { TaskChange } from '@/core/plan/plan-changes';
import { changedWords, MOVE_REFUSALS, withStayed } from './steer-words';
import { whyThenWords } from './why-words';

const NAMES = {
  task: new Map([['sink', 'Clean the sink']]),
  person: new Map([
    ['ada', 'Ada'],
    ['ben', 'Ben'],
  ]),
};
const AFTER = {
  metrics: { finish: '2027-03-20T18:00' },
  sessions: [{ date: '2027-03-20' }],
  unplaced: [],
} as unknown as Plan;
const at = (start: string, ...people: string[]) => ({ start, end: start, people });
const change = (part: object) => ({ task: 'sink', ...part }) as unknown as TaskChange;

describe('what a change by hand has done', () => {
  it('is said in a sentence', () => {
    expect(changedWords([], AFTER, NAMES)).toEqual({
      words: 'Nothing had to move. All is done on Saturday 20 March.',
      moved: [],
    });
    const left = { ...AFTER, unplaced: [{}, {}] } as unknown as Plan;
    expect(changedWords([change({ to: at('2027-03-02T09:00') })], left, NAMES).words).toBe(
      '1 job moved. What fits is done on Saturday 20 March. 2 jobs have no place.',
    );
  });

  it('is told job by job: from where to where and by whom, or that it has no place', () => {
    const moves = [
      change({ from: at('2027-03-01T18:30', 'ada'), to: at('2027-03-02T09:00', 'ada', 'ben') }),
      change({ to: at('2027-03-02T09:00') }),
      change({ from: at('2027-03-01T18:30') }),
    ];
    expect(changedWords(moves, AFTER, NAMES).moved).toEqual([
      'Clean the sink: Mon 1 Mar, 18:30 → Tue 2 Mar, 09:00, Ada and Ben',
      'Clean the sink: Tue 2 Mar, 09:00',
      'Clean the sink: no place any more',
    ]);
  });

  it('tells no more than anybody reads', () => {
    const many = Array.from({ length: 200 }, () => change({ to: at('2027-03-02T09:00') }));
    const { words, moved } = changedWords(many, AFTER, NAMES);
    expect(words).toContain('200 jobs moved.');
    expect(moved).toHaveLength(40);
  });

  it('names what did not come along', () => {
    const steered = { words: '3 jobs moved.', moved: [] };
    expect(withStayed(steered, [])).toBe(steered);
    expect(withStayed(steered, ['Sink']).words).toBe(
      '3 jobs moved. “Sink” could not come along and stays where the plan has room.',
    );
    expect(withStayed(steered, ['Sink', 'Bath']).words).toMatch(/“Sink”, “Bath” .* and stay where/);
  });

  it('says why something stays where it was, by its name', () => {
    for (const [why, words] of Object.entries(MOVE_REFUSALS))
      if (why !== 'gone') expect(words('Clean the sink'), why).toContain('“Clean the sink”');
  });
});

describe('why a job is there', () => {
  const titles = new Map([['dust', 'Dust the shelves']]);

  it('is said by what holds it', () => {
    expect(whyThenWords(undefined, titles)).toBe('Nothing of it is left to plan.');
    expect(whyThenWords({ kind: 'by-hand' }, titles)).toMatch(/by hand/);
    expect(whyThenWords({ kind: 'rule', before: 'dust', reason: 'Dust falls.' }, titles)).toBe(
      'It comes right after “Dust the shelves”: Dust falls.',
    );
    expect(whyThenWords({ kind: 'obstacle', obstacle: 'weather' }, titles)).toBe('It waits for a dry day.');
    expect(whyThenWords({ kind: 'not-before', at: '2027-03-05T00:00' }, titles)).toContain('Friday 5 March');
    expect(whyThenWords({ kind: 'choice', earliest: '2027-03-02T09:00' }, titles)).toContain(
      'Tuesday 2 March at 09:00',
    );
  });
});
