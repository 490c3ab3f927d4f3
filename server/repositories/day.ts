import type { Knex } from 'knex';
import { idSchema } from '../../core/basics/scalars';
import {
  type Answer,
  type DayAct,
  type DayEvent,
  dayActSchema,
  type ToldEvent,
} from '../../core/clean/events';
import type { HouseholdScope, Row } from '../db/scope';

/** What has happened on the days of a household, in one order, each with the answer that it got. */

type EventRow = {
  id: string;
  seq: number;
  at: string;
  person: string | null;
  act: string;
  answer: string;
};

/** How those of some events were answered that were said before, by id. */
export async function loadAnswers(
  scope: HouseholdScope,
  events: readonly DayEvent[],
): Promise<Map<string, Answer>> {
  const rows: EventRow[] = await scope
    .rows('day_events')
    .whereIn(
      'id',
      events.map(({ id }) => id),
    )
    .select('id', 'answer');
  return answersIn(rows);
}

function answersIn(rows: readonly EventRow[]): Map<string, Answer> {
  return new Map(rows.map(({ id, answer }) => [id, JSON.parse(answer)]));
}

/** What was heard before of what is said now. */
export type Heard = {
  /** How what is said once more was answered, by its id. */
  readonly answers: Map<string, Answer>;
  /** What counts of a step, in its order. */
  readonly of: (step: string) => ToldEvent[];
};

export async function loadHeard(scope: HouseholdScope, events: readonly DayEvent[]): Promise<Heard> {
  const ids = new Set(events.map(({ id }) => id));
  const steps = [...new Set(events.flatMap(({ act }) => ('step' in act ? act.step : [])))];
  const rows: (EventRow & { verdict: string })[] = await scope
    .rows('day_events')
    .where((either) =>
      either
        .whereIn('id', [...ids])
        .orWhere((before) => before.where({ verdict: 'kept' }).whereIn('step', steps)),
    )
    .orderBy('seq');
  const answers = answersIn(rows.filter(({ id }) => ids.has(id)));
  const byStep = new Map(steps.map((step): [string, ToldEvent[]] => [step, []]));
  for (const event of told(rows.filter(({ verdict }) => verdict === 'kept')))
    if ('step' in event.act) byStep.get(event.act.step)?.push(event);
  const of = (step: string) => {
    const known = byStep.get(step) ?? [];
    byStep.set(step, known);
    return known;
  };
  return { answers, of };
}

/** What keeps events with their numbers, each with the answer that it got. */
export function insertingAnswered(
  scope: HouseholdScope,
  events: readonly { readonly event: ToldEvent; readonly answer: Answer }[],
): Knex.QueryBuilder[] {
  return scope.inserting(
    'day_events',
    events.map(({ event, answer }) => eventRow(event, answer)),
  );
}

function eventRow(event: ToldEvent, answer: Answer): Row {
  const { act } = event;
  return {
    id: event.id,
    seq: event.seq,
    date: event.at.slice(0, 10),
    at: event.at,
    person: event.person ?? null,
    kind: act.do,
    step: 'step' in act ? act.step : null,
    act: JSON.stringify(act),
    verdict: answer.verdict.as,
    answer: JSON.stringify(answer),
  };
}

/** Everything that ever happened and counts, without its numbers: those are the household's own. */
export async function allEvents(scope: HouseholdScope): Promise<DayEvent[]> {
  return told(await counted(scope)).map(({ seq: _seq, ...event }) => event);
}

/** What happened according to a file, numbered on from what has happened here. */
export async function insertEvents(
  scope: HouseholdScope,
  events: readonly DayEvent[],
  last: number,
): Promise<void> {
  const kept = (id: string): Answer => ({ id, verdict: { as: 'kept' } });
  await scope.insert(
    'day_events',
    events.map((event, i) => eventRow({ ...event, seq: last + i + 1 }, kept(event.id))),
  );
}

/** Everything that counts, in its order: what was refused does not. */
function counted(scope: HouseholdScope) {
  return scope.rows('day_events').where({ verdict: 'kept' }).orderBy('seq');
}

export async function eventsAfter(scope: HouseholdScope, seq: number): Promise<ToldEvent[]> {
  return told(await counted(scope).where('seq', '>', seq));
}

export async function eventsOn(scope: HouseholdScope, date: string): Promise<ToldEvent[]> {
  return told(await counted(scope).where({ date }));
}

/** One that counts, by its id. */
export async function loadEvent(scope: HouseholdScope, id: string): Promise<ToldEvent | undefined> {
  return told(await counted(scope).where({ id }))[0];
}

/** What lasts beyond its day: things found, and what is in the piles. */
const LASTING: readonly DayAct['do'][] = ['found', 'reword', 'settle', 'pile', 'bag'];

export async function lastingBefore(scope: HouseholdScope, date: string): Promise<ToldEvent[]> {
  return told(await counted(scope).whereIn('kind', LASTING).where('date', '<', date));
}

/** What happened from a date on. */
export async function eventsSince(scope: HouseholdScope, date: string): Promise<ToldEvent[]> {
  return told(await counted(scope).where('date', '>=', date));
}

/** What was found stays when a clean is over; how its days went does not matter to the next. */
export async function forgetDays(scope: HouseholdScope): Promise<void> {
  await scope.rows('day_events').whereNotIn('kind', FINDING).del();
  await scope.rows('parts').del();
}

const FINDING: readonly DayAct['do'][] = ['found', 'reword', 'settle'];

/** All that was found on whatever day, and what has become of it. */
export async function findsOf(scope: HouseholdScope): Promise<ToldEvent[]> {
  return told(await counted(scope).whereIn('kind', FINDING));
}

function told(rows: readonly EventRow[]): ToldEvent[] {
  return rows.map((row) => ({
    id: row.id,
    seq: row.seq,
    at: row.at,
    ...(row.person !== null && { person: idSchema.parse(row.person) }),
    act: dayActSchema.parse(JSON.parse(row.act)),
  }));
}
