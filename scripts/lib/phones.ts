import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { ToldEvent } from '../../core/clean/events';
import type { HouseholdFile } from '../../core/household/household';
import { expand, orderedWork } from '../../core/problem/expand';
import { plan } from '../../core/spread';
import { juniperRow } from '../../demo/juniper-row';
import type { DayFile } from '../../present/day/day-file';
import { type HouseholdId, HouseholdScope } from '../../server/db/scope';
import { basisOf } from '../../server/household/basis';
import { insertHousehold } from '../../server/repositories/household';
import { Sessions } from '../../server/repositories/sessions';
import type { Cupboard } from '../../ui/day/run/cupboard';
import { DayStore } from '../../ui/day/run/day-store';
import type { Wire } from '../../ui/day/run/wire';

/** Phones without a screen: the same that carries a day in a browser, with a wire and a cupboard of Node's own. */

export const TODAY = '2027-03-01';

/** The demo household at the beginning of its clean, with a plan that puts as much as it can on the first days. */
export function plannedHousehold(today = TODAY): HouseholdFile {
  const household = juniperRow(today);
  const made = plan(expand(household, CATALOGUE, `${today}T07:00`), {
    problemHash: '0'.repeat(64),
    seed: 1,
    rounds: 0,
    stop: () => false,
  });
  // Else every page says that the plan is older than the house, and asks for itself again.
  const basis = basisOf(household, orderedWork(household, CATALOGUE));
  return { ...household, plans: [{ version: 1, basis, madeAt: `${today}T07:00`, plan: made }] };
}

/** Puts a household into the database; returns it with the cookie of somebody who is signed in there. */
export async function moveIn(
  db: Knex,
  file: HouseholdFile,
  secret: string,
): Promise<{ readonly scope: HouseholdScope; readonly cookie: string }> {
  const household = randomUUID() as HouseholdId;
  await db('households').insert({ id: household, name: file.name, timezone: file.timezone });
  const scope = new HouseholdScope(db, household);
  await insertHousehold(scope, file);
  const token = await new Sessions(db, secret).open({ household, account: undefined, device: 'A phone' });
  return { scope, cookie: `early-thaw=${token}` };
}

/** Every hands-on step of a household's plan. */
export function stepsOf(file: HouseholdFile): string[] {
  const entries = file.plans[0]?.plan.entries ?? [];
  return [...new Set(entries.filter(({ people }) => people.length > 0).map(({ step }) => step))];
}

const TRY_AGAIN_MS = 300;
const ANSWER_MS = 5_000;

/** What a promise comes to; undefined where it fails, or says nothing for too long: a killed server may do either. */
function answered<T>(promise: Promise<T>): Promise<T | undefined> {
  return new Promise((resolve) => {
    const timer = setTimeout(() => resolve(undefined), ANSWER_MS);
    promise.then(resolve, () => resolve(undefined)).finally(() => clearTimeout(timer));
  });
}

/** The way to a server, with the cookie of a household. */
export function wireWith(base: () => string, cookie: string): Wire {
  const ask = (path: string, init: RequestInit = {}) =>
    fetch(`${base()}/api/day/${path}`, {
      ...init,
      headers: { cookie, origin: base(), 'content-type': 'application/json' },
    }).catch(() => undefined);
  return {
    send: async (batch) => {
      const answer = await answered(ask('events', { method: 'POST', body: JSON.stringify(batch) }));
      if (answer?.status === 422) return { as: 'unfit' };
      if (!answer?.ok) return { as: 'later' };
      const taken = await answered(answer.json());
      return taken ? { as: 'taken', taken } : { as: 'later' };
    },
    moved: async (wish) => {
      const answer = await answered(ask(`moved/${wish}`));
      return answer?.ok ? (await answered(answer.json()))?.words : undefined;
    },
    fetchFile: async (date) => {
      const answer = await answered(ask(`file/${date}`));
      return answer?.ok ? answered(answer.json()) : undefined;
    },
    listen: ({ after, revision }, ears) => {
      const end = new AbortController();
      void (async () => {
        while (!end.signal.aborted) {
          const answer = await ask(`stream?after=${after}&revision=${revision}`, { signal: end.signal });
          if (answer?.ok && answer.body) {
            ears.up();
            await read(answer.body, ears.happened).catch(() => undefined);
          }
          ears.down();
          await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS));
        }
      })();
      return () => end.abort();
    },
  };
}

async function read(body: ReadableStream<Uint8Array>, hear: (event: ToldEvent) => void): Promise<void> {
  let text = '';
  const decoder = new TextDecoder();
  for await (const part of body as unknown as AsyncIterable<Uint8Array>) {
    text += decoder.decode(part, { stream: true });
    const messages = text.split('\n\n');
    text = messages.pop() ?? '';
    for (const message of messages) {
      const [, data] = /^event: happened\ndata: (.*)$/.exec(message) ?? [];
      if (data) hear(JSON.parse(data));
    }
  }
}

/** A phone of a household that has opened the day. */
export async function openPhone(wire: Wire, cupboard: Cupboard): Promise<DayStore> {
  let file: DayFile | undefined = (await cupboard.file(TODAY, undefined))?.file;
  for (let tries = 0; !file && tries < 50; tries++) {
    file = await wire.fetchFile(TODAY, undefined);
    if (!file) await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS));
  }
  if (!file) throw new Error('The server gave no day.');
  const store = new DayStore(file, { cupboard, wire, device: Date.now, newId: randomUUID });
  await store.open();
  return store;
}
