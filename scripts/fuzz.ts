// Sends what no page would send, to every route and command, and files of each kind that are nearly what they should be.
// Prints what came of it; exits with 1 where something broke, was told that is nobody's business, was half written, or kept others waiting.
//
//   npx tsx scripts/fuzz.ts [--requests 10000] [--files 2000] [--seed 1]

import { parseArgs } from 'node:util';
import { oneOf, randomFrom } from '../core/basics/random';
import type { HouseholdScope } from '../server/db/scope';
import { fileKinds } from './fuzz/files';
import { checksumOf, householdTables } from './fuzz/half-written';
import { knownIn, requestsOf, type Sent } from './fuzz/requests';
import { moveIn, plannedHousehold, stepsOf, TODAY } from './lib/phones';
import { throwAwayApplication } from './lib/throw-away';

const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '10000' },
    files: { type: 'string', default: '2000' },
    seed: { type: 'string', default: '1' },
  },
});
const [REQUESTS, FILES, SEED] = [Number(values.requests), Number(values.files), Number(values.seed)];

/** Nothing takes longer, and nobody else waits longer; but for what looks for a plan, as long as it is told to. */
const MOST_MS = 2_000;
const PLANNING_MS = 10_000;
const PLANS = new Set(['spread', 'takeWhatIf', 'POST /api/what-if']);
const NEIGHBOUR_MS = 1_000;
/** So many are sent at a time, each to a household of its own, which is made anew after so many. */
const LANES = 1;
const A_HOUSEHOLD = 250;
/** So often the neighbour opens a page. */
const NEIGHBOUR_EVERY_MS = 500;
const STACK = /\n\s+at .+:\d+:\d+|node_modules|\bat async |SQLSTATE|ER_[A-Z_]{4,}/;

const say = (line: string) => process.stdout.write(`${line}\n`);

const { base, db, secret, stop } = await throwAwayApplication(`${TODAY}T17:00`, {
  EARLY_THAW_PATIENCE: '10000',
  EARLY_THAW_PLAN_ROUNDS: '1',
  EARLY_THAW_SMTP: 'simulated',
});
const file = plannedHousehold();
const requests = requestsOf(knownIn(file, stepsOf(file)));
const kinds = fileKinds(file);
const tables = await householdTables(db);

type Household = { readonly scope: HouseholdScope; readonly cookie: string; sum: string; sent: number };

async function newHousehold(): Promise<Household> {
  const { scope, cookie } = await moveIn(db, file, secret);
  return { scope, cookie, sum: await checksumOf(db, tables, scope.household), sent: 0 };
}

const findings = new Map<string, number>();
function find(what: string, example: unknown): void {
  const seen = findings.get(what) ?? 0;
  findings.set(what, seen + 1);
  if (seen === 0) say(`FOUND ${what}: ${JSON.stringify(example)?.slice(0, 600)}`);
}

/** What is asked for at the moment. */
const underWay = new Set<string>();
const counts = { sent: 0, refused: 0, carriedOut: 0, slowestMs: 0 };

type Body = string | Uint8Array | undefined;
type Asked = Omit<Sent, 'body'> & { readonly body?: Body };

async function send(household: Household, asked: Asked): Promise<void> {
  const { to, path, method, headers, body } = asked;
  const example = {
    path: path.slice(0, 200),
    body: typeof body === 'string' ? body.slice(0, 300) : undefined,
  };
  const began = performance.now();
  underWay.add(to);
  try {
    const answer = await fetch(`${base}${path}`, {
      method,
      redirect: 'manual',
      headers: { cookie: household.cookie, origin: base, ...headers },
      ...(body !== undefined && { body: body as BodyInit }),
      signal: AbortSignal.timeout(10 * MOST_MS),
    });
    const text = await answer.text();
    const ms = performance.now() - began;
    counts.sent++;
    counts.slowestMs = Math.max(counts.slowestMs, ms);
    if (answer.status >= 500) find(`${answer.status} at ${to}`, example);
    if (STACK.test(text)) find(`inner workings told at ${to}`, { ...example, told: STACK.exec(text)?.[0] });
    const most = PLANS.has(to) ? PLANNING_MS : MOST_MS;
    if (ms > most) find(`over ${most} ms at ${to}`, { ...example, ms: Math.round(ms) });
    await compare(household, asked, answer.status, text);
  } catch (error) {
    find(`no answer at ${to}`, { ...example, error: String(error) });
  } finally {
    underWay.delete(to);
  }
}

/** What was refused has changed nothing. */
async function compare(
  household: Household,
  { to, method }: Asked,
  status: number,
  text: string,
): Promise<void> {
  const isRefused = status >= 400 || /"ok":false|"taken":false|"kept":false/.test(text);
  const sum = await checksumOf(db, tables, household.scope.household);
  if (isRefused) counts.refused++;
  else if (method === 'POST') counts.carriedOut++;
  if ((isRefused || method === 'GET') && sum !== household.sum)
    find(`half written at ${to}`, {
      status,
      said: text.slice(0, 200),
      changed: changedIn(household.sum, sum),
    });
  household.sum = sum;
}

function changedIn(before: string, after: string): string[] {
  const known = new Set(before.split('\n'));
  return after.split('\n').filter((line) => !known.has(line));
}

async function lane(at: number, most: number, draw: (random: () => number) => Asked): Promise<void> {
  const random = randomFrom(SEED * 1000 + at);
  let household = await newHousehold();
  for (let i = at; i < most; i += LANES) {
    if (household.sent++ >= A_HOUSEHOLD) household = await newHousehold();
    await send(household, draw(random));
  }
}

const all = (most: number, draw: (random: () => number) => Asked) =>
  Promise.all(Array.from({ length: LANES }, (_, at) => lane(at, most, draw)));

/** Somebody else who opens a page now and then. */
const neighbour = await newHousehold();
let isOver = false;
let longestWaitMs = 0;
const waiting = (async () => {
  while (!isOver) {
    const began = performance.now();
    const meanwhile = [...underWay];
    const answer = await fetch(`${base}/walk`, { headers: { cookie: neighbour.cookie } }).catch(
      () => undefined,
    );
    await answer?.text();
    const ms = performance.now() - began;
    longestWaitMs = Math.max(longestWaitMs, ms);
    if (!answer?.ok) find('a neighbour got no page', { status: answer?.status });
    if (ms > NEIGHBOUR_MS)
      find(`a neighbour waited over ${NEIGHBOUR_MS} ms`, { ms: Math.round(ms), meanwhile });
    await new Promise((resolve) => setTimeout(resolve, NEIGHBOUR_EVERY_MS));
  }
})();

try {
  await all(REQUESTS, (random) => oneOf(requests, random)(random));
  say(
    `${counts.sent} requests to ${requests.length} ways in: ${counts.refused} refused, ${counts.carriedOut} carried out`,
  );
  for (const kind of kinds) {
    const before = { ...counts };
    await all(FILES, (random) => ({
      to: kind.name,
      path: kind.path(random),
      method: 'POST',
      body: kind.bent(random),
    }));
    say(
      `${counts.sent - before.sent} of a ${kind.name}: ${counts.refused - before.refused} refused, ${counts.carriedOut - before.carriedOut} taken`,
    );
  }
  say(
    `the slowest answer took ${Math.round(counts.slowestMs)} ms; a neighbour waited ${Math.round(longestWaitMs)} ms at most`,
  );
} finally {
  isOver = true;
  await waiting;
  await stop();
}

for (const [what, times] of [...findings].sort(([, a], [, b]) => b - a))
  say(`${String(times).padStart(6)} × ${what}`);
say(findings.size === 0 ? 'nothing broke' : `${findings.size} things to look at`);
process.exitCode = findings.size === 0 ? 0 : 1;
