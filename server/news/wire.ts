import { randomUUID } from 'node:crypto';
import { Redis } from 'ioredis';
import { z } from 'zod';
import { log } from '../process/log';

/** Words between the processes that stand before one database, by publish and subscribe: each hears all but its own. */
export type Wire = {
  /** Nothing is said while the other end does not answer: whoever missed it catches up by the database. */
  readonly say: (channel: string, word: unknown) => void;
  /** What is no word of that shape is not heard. */
  readonly hear: <Word>(channel: string, schema: z.ZodType<Word>, heard: (word: Word) => void) => void;
  /** Calls back when words come again after they did not. */
  readonly whenBack: (caughtUp: () => void) => void;
  readonly isUp: () => boolean;
  readonly close: () => Promise<void>;
};

const saidSchema = z.strictObject({ from: z.uuid(), word: z.unknown() });

/** Tries again for as long as the process lives, a little later each time. */
const RETRY = { maxRetriesPerRequest: null, retryStrategy: (tries: number) => Math.min(50 * tries, 2_000) };

export function connection(url: string): Redis {
  const redis = new Redis(url, RETRY);
  // It says so again with each try; once is enough.
  let isTold = false;
  redis.on('error', () => {
    if (!isTold) log.warn('Redis does not answer; each server goes on by itself until it does');
    isTold = true;
  });
  redis.on('ready', () => {
    isTold = false;
  });
  return redis;
}

export function wireBy(url: string): Wire {
  const self = randomUUID();
  const [mouth, ear] = [connection(url), connection(url)];
  const hearing = new Map<string, (text: string) => void>();
  ear.on('message', (channel: string, text: string) => hearing.get(channel)?.(text));
  const isUp = () => mouth.status === 'ready' && ear.status === 'ready';
  return {
    isUp,
    say: (channel, word) => {
      if (isUp()) void mouth.publish(channel, JSON.stringify({ from: self, word })).catch(() => undefined);
    },
    hear: (channel, schema, heard) => {
      hearing.set(channel, (text) => {
        const said = saidSchema.safeParse(jsonIn(text));
        if (!said.success || said.data.from === self) return;
        const word = schema.safeParse(said.data.word);
        if (word.success) heard(word.data);
      });
      void ear.subscribe(channel).catch(() => undefined);
    },
    whenBack: (caughtUp) => {
      let wasUp = false;
      ear.on('ready', () => {
        if (wasUp) caughtUp();
        wasUp = true;
      });
    },
    close: async () => {
      mouth.disconnect();
      ear.disconnect();
    },
  };
}

function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
