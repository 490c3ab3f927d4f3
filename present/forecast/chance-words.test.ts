import { describe, expect, it } from 'vitest';
import { chanceWords, finishWords, surerWords } from './chance-words';

const told = (chances: Readonly<Record<string, number>>, p80: string | null) => ({
  dates: Object.entries(chances).map(([date, chance]) => ({ date, chance })),
  p80,
});

describe('a chance in words', () => {
  it.each([
    [1, 'as good as certain'],
    [0.9, 'nine in ten'],
    [0.8, 'four in five'],
    [0.5, 'one in two'],
    [0.2, 'one in five'],
    [0.02, 'hardly any'],
  ])('%d is %s', (chance, words) => expect(chanceWords(chance)).toBe(words));

  it('never gets surer as a chance falls', () => {
    const words = Array.from({ length: 101 }, (_, i) => chanceWords(1 - i / 100));
    const seen = words.filter((one, i) => one !== words[i - 1]);
    expect(new Set(seen).size).toBe(seen.length);
  });

  it('names the date by which it is four in five, and what the finish line has', () => {
    const early = told({ '2027-03-20': 0.82, '2027-03-26': 0.93 }, '2027-03-20');
    expect(finishWords(early, '2027-03-26', 'all')).toBe(
      'Four in five by Saturday 20 March; by the finish line nine in ten.',
    );
    const late = told({ '2027-03-26': 0.3 }, null);
    expect(finishWords(late, '2027-03-26', 'all')).toBe(
      'The chance to be done by the finish line: one in three.',
    );
    expect(finishWords(late, '2027-03-26', 'some')).toBe(
      'The chance for what has a place to be done by the finish line: one in three.',
    );
  });

  it('tells none where nothing has a place: a plan of nothing is done at once', () => {
    const nothing = told({ '2027-03-26': 1 }, '2027-03-26');
    expect(finishWords(nothing, '2027-03-26', 'nothing')).toContain('Nothing has a place');
  });

  it('says what would make it nine in ten, or what comes nearest', () => {
    expect(surerWords(0.95, [])).toBe('To be done in time is nine in ten as it is.');
    const helper = { words: 'A helper for 4 h on Saturdays', chance: 0.93 };
    expect(surerWords(0.4, [helper])).toContain('one of these: a helper for 4 h on Saturdays.');
    expect(surerWords(0.4, [{ ...helper, chance: 0.7 }])).toContain('comes nearest: two in three.');
    expect(surerWords(0.4, [{ ...helper, chance: 0.42 }])).toContain('Two together may.');
  });
});
