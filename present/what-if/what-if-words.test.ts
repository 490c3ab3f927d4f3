import { describe, expect, it } from 'vitest';
import type { Outcome } from '@/core/what-if/outcome';
import { outcomeWords, whatIfWords } from './what-if-words';

const ROOMS = new Map([['attic', 'Attic']]);

const NOW = {
  metrics: { finish: '2027-03-20T18:00', openRoomNights: 30, idle: 200 },
  leftOut: 2,
  sessions: 20,
} as unknown as Outcome;

function outcome(
  part: Partial<{ finish: string | null; nights: number; idle: number; left: number; sessions: number }>,
) {
  return {
    metrics: {
      finish: part.finish === null ? undefined : (part.finish ?? '2027-03-20T18:00'),
      openRoomNights: part.nights ?? 30,
      idle: part.idle ?? 200,
    },
    leftOut: part.left ?? 2,
    sessions: part.sessions ?? 20,
  } as unknown as Outcome;
}

describe('a what-if', () => {
  it('is called by what it would change', () => {
    expect(whatIfWords({ do: 'nothing' }, ROOMS)).toBe('As it is, spread anew');
    expect(whatIfWords({ do: 'hours', minutes: 60, weekdays: [7, 6] }, ROOMS)).toBe(
      '1 h more on Saturdays and Sundays',
    );
    expect(whatIfWords({ do: 'hours', minutes: 30, weekdays: [1, 2, 3, 4, 5, 6, 7] }, ROOMS)).toBe(
      '30 min more on every day',
    );
    expect(whatIfWords({ do: 'helper', minutes: 120, weekday: 3 }, ROOMS)).toBe(
      'A helper for 2 h on Wednesdays',
    );
    expect(whatIfWords({ do: 'finish', days: 1 }, ROOMS)).toBe('The finish line 1 day later');
    expect(whatIfWords({ do: 'without-room', room: 'attic' }, ROOMS)).toBe('Without Attic');
    expect(whatIfWords({ do: 'without-room', room: 'gone' }, ROOMS)).toBe('Without one room');
    expect(whatIfWords({ do: 'without', tasks: ['a', 'b'] }, ROOMS)).toBe('Leave out 2 jobs');
  });
});

describe('what would come of it', () => {
  it('says only what is another', () => {
    expect(outcomeWords(outcome({ left: 0 }), outcome({ left: 0 }))).toBe('Done on Saturday 20 March');
  });

  it('says by how much, and in which direction', () => {
    expect(
      outcomeWords(
        outcome({ finish: '2027-03-17T12:00', nights: 29, idle: 230, left: 0, sessions: 22 }),
        NOW,
      ),
    ).toBe(
      'Done on Wednesday 17 March, 3 days earlier · Everything has a place · 1 fewer night with a room open · 30 min more waiting with nothing to do · 2 more sessions',
    );
    expect(outcomeWords(outcome({ finish: '2027-03-21T08:00', left: 1 }), NOW)).toBe(
      'Done on Sunday 21 March, 1 day later · 1 job has no place',
    );
  });

  it('says where nothing could be planned', () => {
    expect(outcomeWords(outcome({ finish: null, left: 140 }), NOW)).toBe(
      'Nothing planned · 140 jobs have no place',
    );
  });
});
