import { describe, expect, it } from 'vitest';
import type { Verdict } from '@/core/clean/events';
import { readClock, setClock } from '@/ui/day/run/wall-clock';
import { answerWords } from './answer-words';
import type { DayFile } from './day-file';

const FILE = {
  words: { 'sink/scrub': { title: 'Scrub' } },
  people: [{ id: 'ada', name: 'Ada' }],
} as unknown as DayFile;

const words = (verdict: Verdict, step = 'sink/scrub') =>
  answerWords({ id: 'one', verdict }, { do: 'done', step }, FILE);

describe('how something was taken', () => {
  it('needs no words where it was taken as it was meant', () => {
    expect(words({ as: 'kept' })).toBeUndefined();
  });

  it('says who was first, and that it counts once', () => {
    expect(words({ as: 'already', by: 'ada', at: '2027-03-01T18:05' })).toBe(
      '“Scrub” was done already: Ada was first, at 18:05. It counts once.',
    );
    expect(words({ as: 'already', by: undefined, at: '2027-03-01T18:05' })).toContain(
      'Somebody else was first',
    );
  });

  it('says who is at it, what is gone and what is kept from whom', () => {
    expect(words({ as: 'taken', by: 'ada' })).toContain('Ada is at “Scrub” by now.');
    expect(words({ as: 'gone' }, 'bath/mop')).toBe(
      '“That step” is no longer part of your work. Nothing was changed by it; the rest is kept.',
    );
    expect(words({ as: 'not-for' })).toContain('a hazard is kept from them');
  });
});

describe('the wall clock of the home', () => {
  it('goes by the server’s time, whatever the phone’s clock shows', () => {
    const aDayOff = Date.UTC(2027, 1, 28, 12);
    const clock = setClock('2027-03-01T18:00:00', aDayOff);
    const start = readClock(clock, aDayOff);
    expect(readClock(clock, aDayOff + 90_500) - start).toBe(90);
  });

  it('never goes back where the phone’s clock is set back', () => {
    const clock = setClock('2027-03-01T18:00:00', 10_000);
    expect(readClock(clock, 0)).toBe(readClock(clock, 10_000));
  });
});
