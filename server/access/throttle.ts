import type { Knex } from 'knex';
import { RateLimiterMemory, RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';

/** How often somebody may try what costs the server much, or what gives a stranger a chance: a row for each. */

type Row = { readonly times: number; readonly seconds: number };

const MINUTE = 60;
const HOUR = 60 * MINUTE;

export const THROTTLES = {
  /** Wrong passphrases and codes for one email. */
  'sign-in': { times: 10, seconds: 15 * MINUTE },
  /** The same from one address, whichever the email. */
  'sign-in-from': { times: 100, seconds: 15 * MINUTE },
  /** Letters to one email, and those that one address asks for. */
  letter: { times: 3, seconds: HOUR },
  'letter-from': { times: 20, seconds: HOUR },
  'sign-up-from': { times: 10, seconds: HOUR },
  'demo-from': { times: 30, seconds: HOUR },
  /** By household. */
  import: { times: 60, seconds: HOUR },
  spread: { times: 120, seconds: HOUR },
  'what-if': { times: 300, seconds: HOUR },
} as const satisfies Record<string, Row>;

export type ThrottleName = keyof typeof THROTTLES;

export type Turn = { readonly isFree: true } | { readonly isFree: false; readonly waitSeconds: number };

/** Counts tries in the database, for all servers alike; in memory where the database does not answer. */
export class Throttle {
  private readonly limiters: Readonly<Record<ThrottleName, RateLimiterMySQL>>;

  /** `patience` multiplies what is allowed. */
  constructor(db: Knex, patience = 1) {
    const dbName: string = db.client.config.connection.database;
    const limiterOf = (name: ThrottleName) => {
      const { times, seconds } = THROTTLES[name];
      const allowed = { keyPrefix: name, points: times * patience, duration: seconds };
      return new RateLimiterMySQL({
        ...allowed,
        storeClient: db,
        storeType: 'knex',
        dbName,
        tableName: 'throttles',
        tableCreated: true,
        clearExpiredByTimeout: true,
        insuranceLimiter: new RateLimiterMemory(allowed),
      });
    };
    this.limiters = Object.fromEntries(
      (Object.keys(THROTTLES) as ThrottleName[]).map((name) => [name, limiterOf(name)]),
    ) as Record<ThrottleName, RateLimiterMySQL>;
  }

  /** Takes a turn; where none is left, says how long until there is. */
  async take(name: ThrottleName, whose: string): Promise<Turn> {
    try {
      await this.limiters[name].consume(whose);
      return { isFree: true };
    } catch (refused) {
      if (!(refused instanceof RateLimiterRes)) throw refused;
      return { isFree: false, waitSeconds: Math.ceil(refused.msBeforeNext / 1000) };
    }
  }

  /** Gives a turn back: it was no try of a stranger. */
  async giveBack(name: ThrottleName, whose: string): Promise<void> {
    await this.limiters[name].reward(whose);
  }
}

/** How long to wait, in words. */
export function waitWords(waitSeconds: number): string {
  const minutes = Math.ceil(waitSeconds / MINUTE);
  const time = minutes <= 1 ? 'a minute' : `${minutes} minutes`;
  return `That was tried very often just now. Please wait ${time}, then try again.`;
}
