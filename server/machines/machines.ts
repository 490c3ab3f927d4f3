import { createHash } from 'node:crypto';
import { dayOf, formatDate } from '../../core/basics/local-time';
import type { DayEvent } from '../../core/clean/events';
import { dayView } from '../../core/day/day-view';
import { packFor, runAtStart } from '../../core/day/pack';
import { runAfter } from '../../core/day/run';
import { secondOf } from '../../core/day/seconds';
import type { MachineDriver, MachineReport } from '../../core/machines/machine';
import { SimulatedMachines } from '../../core/machines/simulated';
import { stepIdOf } from '../../core/work/task';
import type { HouseholdId, HouseholdScope } from '../db/scope';
import { campaignAt } from '../household/campaign';
import { type Kept, keptHousehold } from '../household/kept';
import { perform } from '../household/perform';
import { secondIn } from '../process/clock';
import { config } from '../process/config';
import { log } from '../process/log';
import { eventsOn } from '../repositories/day';

/** Machines are asked no more often than this, however many phones are listening. */
const ASK_SECONDS = 10;

const asked = new Map<HouseholdId, number>();

/** Asks every machine that runs how it goes, and tells the household what it has not heard yet. */
export async function askMachines(scope: HouseholdScope, machines: MachineDriver, at: string): Promise<void> {
  const kept = await keptHousehold(scope);
  const plan = kept.plans?.latest.plan;
  if (!plan || !mayRun(kept, at.slice(0, 10))) return;
  const campaign = campaignAt(kept, at.slice(0, 16));
  if (!campaign) return;
  const pack = packFor(campaign.problem, plan, at.slice(0, 10));
  const run = runAfter(runAtStart(pack), await eventsOn(scope, pack.date));
  const kinds = new Map(kept.household.machines.map((machine) => [machine.id, machine.kind]));
  for (const { step, since, word } of dayView(pack, run, secondOf(at)).waits) {
    const kind = step.machine === undefined ? undefined : kinds.get(step.machine);
    if (step.machine === undefined || kind === undefined) continue;
    const cycle = { machine: step.machine, kind, step: step.id, since, minutes: step.minutes };
    // A machine that can't be reached says nothing: the planned minutes hold.
    const report = await machines.ask(cycle, at.slice(0, 16)).catch((): MachineReport => RUNNING);
    if (report.report !== 'running' && report.report !== word?.report) await hear(scope, report, cycle, at);
  }
}

/** Whether something was done since the day before that a machine goes on with. */
function mayRun({ household, tasks }: Kept, date: string): boolean {
  if (household.machines.length === 0) return false;
  const from = formatDate(dayOf(date) - 1);
  const lately = new Set(household.ticks.filter(({ at }) => at >= from).map(({ step }) => step));
  return (
    lately.size > 0 &&
    tasks.some((task) =>
      task.estimate.steps.some((step, i, all) => {
        const next = all[i + 1];
        return next?.step.machine !== undefined && lately.has(stepIdOf(task, step));
      }),
    )
  );
}

const RUNNING: MachineReport = { report: 'running' };

async function hear(
  scope: HouseholdScope,
  report: Exclude<MachineReport, { report: 'running' }>,
  cycle: { readonly step: string; readonly since: string },
  at: string,
): Promise<void> {
  const event: DayEvent = {
    id: idOf(`${scope.household} ${cycle.step} ${cycle.since} ${report.report}`),
    at,
    act: { do: 'machine', step: cycle.step, ...report },
  };
  await perform<null>(scope, {
    id: event.id,
    decide: async (ledger) => {
      ledger.happened(event, { id: event.id, verdict: { as: 'kept' } });
      return null;
    },
  });
}

/** The same for the same words, so that what a machine says is kept once however often it is asked. */
function idOf(words: string): string {
  const hex = createHash('sha256').update(words).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** Asks now and then for as long as somebody listens; what is returned ends it. */
export function keepAsking(scope: HouseholdScope): () => void {
  const ask = async () => {
    const tick = Date.now();
    if (tick - (asked.get(scope.household) ?? 0) < ASK_SECONDS * 1000) return;
    asked.set(scope.household, tick);
    const { timezone } = (await keptHousehold(scope)).household;
    // Stand-ins; a `MachineDriver` for real machines takes their place here.
    await askMachines(scope, new SimulatedMachines(config().seed), secondIn(timezone));
  };
  const tried = () =>
    ask().catch((error: unknown) =>
      log.error(
        { err: { type: error instanceof Error ? error.name : 'unknown' } },
        'machines were not asked',
      ),
    );
  const timer = setInterval(tried, ASK_SECONDS * 1000);
  void tried();
  return () => clearInterval(timer);
}
