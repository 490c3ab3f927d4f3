import { randomUUID } from 'node:crypto';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { taskOfStep } from '@/core/basics/ids';
import type { DayAct } from '@/core/clean/events';
import type { HouseholdFile } from '@/core/household/household';
import { carryOut, type Sender } from '@/server/commands/carry-out';
import { changeHousehold } from '@/server/commands/change';
import type { HouseholdScope } from '@/server/db/scope';
import { versionsOf } from '@/server/household/versions';
import { tell } from '@/server/news/hub';
import { insertHousehold } from '@/server/repositories/household';
import { newHousehold, plannedDemo, testDatabase } from '@/server/testing/households';
import { streamNews } from './stream-news';

const TODAY = '2027-03-01';
const NOW = `${TODAY}T18:00:00`;

let db: Awaited<ReturnType<typeof testDatabase>>;
let planned: HouseholdFile;
let scope: HouseholdScope;
let ends: AbortController[] = [];

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  process.env.EARLY_THAW_NOW = `${TODAY}T17:00`;
  db = await testDatabase();
  planned = await plannedDemo(db, TODAY);
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, planned);
});
afterEach(() => {
  for (const end of ends) end.abort();
  ends = [];
});

/** Listens as a phone does; answers with the next message that is not a heartbeat. */
async function listening(asker: () => Promise<Sender | undefined>, query: string) {
  const end = new AbortController();
  ends.push(end);
  const answer = await streamNews(
    new Request(`http://home.example/api/day/stream${query}`, { signal: end.signal }),
    asker,
  );
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  const next = async (): Promise<{ event: string; data: unknown }> => {
    for (;;) {
      const [message, rest] = text.split(/\n\n([\s\S]*)/);
      if (rest !== undefined) {
        text = rest;
        const [, event, data] = /^event: (.*)\ndata: (.*)$/.exec(message as string) ?? [];
        if (event !== undefined) return { event, data: JSON.parse(data as string) };
      } else {
        const part = await reader?.read();
        if (!part || part.done) return { event: 'over', data: undefined };
        text += part.value;
      }
    }
  };
  return { answer, next };
}

const said = async (sender: Sender, act: DayAct): Promise<string> => {
  const id = randomUUID();
  await carryOut(sender, { sentAt: NOW, events: [{ id, at: NOW, act }] }, () => NOW);
  return id;
};
const revision = async () => (await versionsOf(scope)).revision;
const asHousehold = async () => ({ scope });

describe('streamNews', () => {
  it('is for nobody that is not known', async () => {
    const { answer } = await listening(async () => undefined, '?after=0&revision=0');
    expect(answer.status).toBe(401);
    expect(answer.body).toBeNull();
  });

  it('catches up with all that the phone has not heard, and then goes on, each once and in order', async () => {
    await said({ scope }, { do: 'found', find: 'mend', text: 'One' });
    const missed = await said({ scope }, { do: 'found', find: 'mend', text: 'Two' });
    const { next, answer } = await listening(asHousehold, `?after=1&revision=${await revision()}`);
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    expect(answer.headers.get('cache-control')).toContain('no-store');
    expect(await next()).toMatchObject({ event: 'happened', data: { id: missed } });
    const fresh = await said({ scope }, { do: 'pile', pile: 'give', count: 1 });
    expect(await next()).toMatchObject({ event: 'happened', data: { id: fresh, seq: 3 } });
  });

  it('says that the plan is another one where the phone’s day was made from another household', async () => {
    const known = await revision();
    await changeHousehold(scope, 'units', { do: 'units', units: 'us' }, () => 'Units');
    const late = await listening(asHousehold, `?after=0&revision=${known}`);
    expect(await late.next()).toEqual({ event: 'plan', data: {} });
    const upToDate = await listening(asHousehold, `?after=0&revision=${await revision()}`);
    tell(scope.household, { kind: 'plan' });
    expect(await upToDate.next()).toEqual({ event: 'plan', data: {} });
  });

  it('tells who can’t say what they know all there is', async () => {
    const id = await said({ scope }, { do: 'pile', pile: 'give', count: 1 });
    for (const query of ['', '?after=-3&revision=x', '?after=1.5', '?after=%00']) {
      const { next } = await listening(asHousehold, query);
      expect(await next(), query).toEqual({ event: 'plan', data: {} });
      expect(await next(), query).toMatchObject({ event: 'happened', data: { id } });
    }
  });

  it('tells nothing of another household', async () => {
    const other = await newHousehold(db);
    await insertHousehold(other, planned);
    const { next } = await listening(asHousehold, `?after=0&revision=${await revision()}`);
    await said({ scope: other }, { do: 'pile', pile: 'bin', count: 1 });
    tell(other.household, { kind: 'plan' });
    const own = await said({ scope }, { do: 'pile', pile: 'give', count: 1 });
    expect(await next()).toMatchObject({ event: 'happened', data: { id: own } });
  });

  it('tells a helper of their own steps only, and of what is handed on', async () => {
    const entries = planned.plans.at(-1)?.plan.entries ?? [];
    const ofToday = (person: string) =>
      entries.find(({ people, start }) => people[0] === person && start.startsWith(TODAY))?.step as string;
    const mine = ofToday('bram');
    const isBrams = (task: string) =>
      entries.some(({ step, people }) => taskOfStep(step) === task && people.includes('bram'));
    const theirs = entries.find(({ people, step }) => people[0] === 'ines' && !isBrams(taskOfStep(step)))
      ?.step as string;
    const helper = async () => ({ scope, helper: 'bram' });
    const { next } = await listening(helper, `?after=0&revision=${await revision()}`);
    await said({ scope }, { do: 'pile', pile: 'give', count: 1 });
    await said({ scope }, { do: 'start', step: theirs });
    const own = await said({ scope }, { do: 'start', step: mine });
    expect(await next()).toMatchObject({ event: 'happened', data: { id: own } });
  });
});
