import type { Catalogue } from '../catalogue/catalogue';
import { productName } from '../catalogue/products';
import type { HouseholdFile } from '../household/household';
import { type OrderedWork, orderWork } from '../order/ordered';
import { whyHere } from '../order/why-here';
import { tasksInOrder } from '../order/working-order';
import type { Plan } from '../plan/plan';
import { expand } from '../problem/expand';
import { suggestedCalls } from '../safety/calls';
import { safetyFindings } from '../safety/findings';
import { plan } from '../spread';
import { inSpoons, type Mixture, mergedMixtures, mixingCard, volumeMl } from '../supplies/amounts';
import { MADE_UP_PRICES } from '../supplies/price-list';
import { consumedSince, mixturesOf, sessionsOf, shoppingList } from '../supplies/shopping';
import { clothsFor, wornIn } from '../supplies/things';
import { jobName } from '../work/place-of-job';
import { type CleanTask, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';

/** What the command line prints of order, safety and supplies: plain JSON for other programs. */

function orderedWork(household: HouseholdFile, catalogue: Catalogue): OrderedWork {
  const tasks = tasksOf(workOf({ ...household, clean: household.clean }, catalogue));
  return orderWork(tasks, household.home, household.rules, household.clean?.grouping ?? 'room');
}

/** Tasks in the order of work, each with the rules that hold it there, and the rules that contradict each other. */
export function orderDocument(household: HouseholdFile, catalogue: Catalogue): object {
  const work = orderedWork(household, catalogue);
  return {
    format: 'early-thaw/order',
    version: 1,
    tasks: tasksInOrder(work.steps).map((task, i) => ({
      number: i + 1,
      task: task.id,
      title: jobName(task),
      room: task.room.name,
      stop: task.stop.name,
      layer: task.method.layer,
      why: whyHere(work, task.id).map(({ rule, after }) => ({
        rule: rule.id,
        hard: rule.hard,
        reason: rule.reason,
        after: after.map((before) => before.id),
      })),
    })),
    contradictions: work.contradictions.map(({ circle, setAside }) => ({
      circle: circle.map(({ rule, before, after }) => ({
        rule: rule.id,
        name: rule.name,
        before: before.id,
        after: after.id,
      })),
      setAside: setAside.id,
    })),
  };
}

/** What the safety of the clean rests on, and what is for a licensed trade. */
export function safetyDocument(household: HouseholdFile, catalogue: Catalogue): object {
  const { tasks } = orderedWork(household, catalogue);
  return {
    format: 'early-thaw/safety',
    version: 1,
    findings: safetyFindings(tasks, household),
    calls: household.calls,
    suggestedCalls: suggestedCalls(household.home, household.calls),
  };
}

/** What the open work takes, what of it has to be bought, and by when. */
export function suppliesDocument(household: HouseholdFile, catalogue: Catalogue): object {
  const { tasks } = orderedWork(household, catalogue);
  const done = new Set(household.ticks.map((tick) => tick.step));
  const today = household.now?.slice(0, 10) ?? household.clean?.start ?? '';
  const plan = planOf(household, catalogue);
  const sessions = sessionsOf(plan, tasks, done, today);
  const consumed = consumedSince(household.supplies, tasks, household.ticks);
  const { lines, cents } = shoppingList(
    sessions,
    household.supplies,
    consumed,
    MADE_UP_PRICES,
    today,
    wornIn(household.home),
  );
  const open = sessions.flatMap((session) => session.tasks);
  return {
    format: 'early-thaw/supplies',
    version: 1,
    lines: lines.map(
      ({ name, kind, unit, needed, have, expired, toBuy, packs, pack, session, holdsUp, ...line }) => ({
        name,
        kind,
        unit,
        needed: hundredths(needed),
        have: hundredths(have),
        ...(expired > 0 && { expired: hundredths(expired) }),
        toBuy: hundredths(toBuy),
        packs,
        packOf: pack.amount,
        cents: line.cents,
        ...(session && { neededBy: session.date, session: session.id, person: session.people[0] }),
        holdsUp: holdsUp.map((task) => task.id),
      }),
    ),
    totalCents: cents,
    mixtures: mergedMixtures(sessions.flatMap((session) => mixturesOf(session, household.supplies))).map(
      (mixture) => mixtureEntry(mixture, household),
    ),
    cloths: clothsFor(open),
  };
}

/** The latest plan; where none was kept, the first that the work allows, so that there are dates. */
function planOf(household: HouseholdFile, catalogue: Catalogue): Plan | undefined {
  const { clean, plans } = household;
  const latest = plans.toSorted((a, b) => b.version - a.version)[0]?.plan;
  if (latest || !clean) return latest;
  const problem = expand({ ...household, clean }, catalogue);
  return plan(problem, { problemHash: '0'.repeat(64), seed: 1, stop: () => true });
}

function mixtureEntry(mixture: Mixture, { supplies }: HouseholdFile): object {
  const { product, unit, perFill, fillMl, fills, amount, tasks } = mixture;
  const card = mixingCard(mixture, supplies);
  return {
    product,
    name: productName(product),
    unit,
    amount: hundredths(amount),
    fills,
    ...(fillMl !== undefined && { perFill: hundredths(perFill), fillMl }),
    spoons: inSpoons(volumeMl(product, card?.amount ?? perFill, unit)),
    ...(card && { vessel: card.vessel, waterMl: card.waterMl, perVessel: hundredths(card.amount) }),
    tasks: tasks.map((task: CleanTask) => task.id),
  };
}

function hundredths(value: number): number {
  return Math.round(value * 100) / 100;
}
