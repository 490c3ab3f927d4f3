import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { HouseholdId } from '../db/scope';
import type { Wire } from '../news/wire';
import { anySearchOf, shareSearches } from './far-searches';
import { searched } from './searches';

const BEAT_MS = 500;
const id = (text: string) => text as HouseholdId;

/** What is said to other processes, and how to say something as one of them. */
function wireInHand() {
  const said: { channel: string; word: unknown }[] = [];
  const ears = new Map<string, (word: unknown) => void>();
  const wire = {
    say: (channel, word) => void said.push({ channel, word }),
    hear: (channel, schema, heard) => ears.set(channel, (word) => heard(schema.parse(word))),
    whenBack: () => undefined,
    isUp: () => true,
    close: async () => undefined,
  } satisfies Wire;
  return { wire, said, hear: (channel: string, word: unknown) => ears.get(channel)?.(word) };
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date'] });
});
afterEach(() => {
  vi.useRealTimers();
});

describe('searches in several processes', () => {
  it('are told on a beat, with how many come first, seen by all, ended from anywhere, and over when nothing is told', async () => {
    const { wire, said, hear } = wireInHand();
    shareSearches(wire);
    let isStopped = false;
    await searched(id('here'), async (search) => {
      search.found({ cost: 12, leftOut: 3 });
      vi.advanceTimersByTime(BEAT_MS);
      isStopped = search.flags[0] !== 0;
    });
    expect(isStopped).toBe(false);
    expect(anySearchOf(id('here'))).toBeUndefined();
    const [told] = said as [{ channel: string; word: { household: string } }];
    expect(told.word).toMatchObject({ household: 'here', best: { cost: 12, leftOut: 3 } });

    hear(told.channel, { ...told.word, household: 'there', before: 2 });
    const there = anySearchOf(id('there'));
    expect(there?.progress()).toMatchObject({ best: { cost: 12, leftOut: 3 }, before: 2 });
    there?.stop();
    const stopping = said.at(-1) as { channel: string; word: object };
    expect(stopping.word).toEqual({ household: 'there' });

    await searched(id('here'), async (search) => {
      hear(stopping.channel, { household: 'here' });
      isStopped = search.flags[0] !== 0;
    });
    expect(isStopped).toBe(true);

    vi.advanceTimersByTime(5 * BEAT_MS);
    expect(anySearchOf(id('there'))).toBeUndefined();
  });
});
