import { partsOfStepId } from '../basics/ids';
import type { RecordLine } from '../clean/record-line';
import type { Tick } from '../clean/tick';
import { productsOf } from '../products/product-choice';
import { jobName } from '../work/place-of-job';
import { type CleanTask, stepIdOf } from '../work/task';

/** A tick as a line of the record: what it was of, in words and by ids, and what had been estimated for it. */
export function lineOf(
  task: CleanTask,
  tick: Tick,
  known: { readonly id: string; readonly clean?: string | undefined; readonly name?: string | undefined },
): RecordLine | undefined {
  const { steps } = task.estimate;
  const step = steps.find((one) => stepIdOf(task, one) === tick.step);
  if (!step) return undefined;
  const hands = steps.filter((one) => one.step.mode === 'hands');
  // Not as it is planned: what is rounded to whole minutes would be learnt from as if it were peculiar.
  const minutes = tenth(step.minutes);
  const learnt = step.parts?.learnt;
  return {
    id: known.id,
    at: tick.at,
    ...(known.clean !== undefined && { clean: known.clean }),
    step: tick.step,
    mode: step.step.mode,
    ends: (hands.at(-1) ?? steps.at(-1)) === step,
    method: task.method.id,
    kind: task.method.kind,
    job: jobName(task),
    ...(steps.length > 1 && { part: step.step.title }),
    fixture: task.fixture.id,
    thing: task.stop.name,
    room: task.room.id,
    place: task.room.name,
    ...(tick.person !== undefined && { person: tick.person }),
    ...(known.name !== undefined && { name: known.name }),
    estimate: {
      minutes,
      low: Math.min(tenth(step.low), minutes),
      high: Math.max(tenth(step.high), minutes),
      ...(learnt !== undefined && { learnt }),
    },
    ...(tick.seconds !== undefined && { seconds: tick.seconds }),
    ...(tick.used && { products: productsOf(tick.used) }),
    cameOut: 'clean',
  };
}

function tenth(minutes: number): number {
  return Math.round(minutes * 10) / 10;
}

/** Lines for ticks that came without them, as those of older files do. */
export function linesOf(
  tasks: readonly CleanTask[],
  ticks: readonly Tick[],
  { clean, names }: { readonly clean: string; readonly names: ReadonlyMap<string, string> },
): RecordLine[] {
  const byId = new Map<string, CleanTask>(tasks.map((task) => [task.id, task]));
  return ticks.flatMap((tick, i) => {
    const task = byId.get(partsOfStepId(tick.step)?.taskId ?? '');
    const name = tick.person === undefined ? undefined : names.get(tick.person);
    const line = task && lineOf(task, tick, { id: `${clean}-${i}`.slice(-200), clean, name });
    return line ? [line] : [];
  });
}
