import { partsOfStepId, type StepId } from '@/core/basics/ids';
import type { Room } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { isAtPlace, jobName } from '@/core/work/place-of-job';
import { stepIdOf } from '@/core/work/task';

/** One step of a job at a thing in a room, to be ticked off where one stands. */
export type RoomTick = {
  readonly fixture: string;
  readonly step: StepId;
  readonly words: string;
  readonly isDone: boolean;
  /** Steps that are not done any more where this one is not: those that come after it, but for other places. */
  readonly after: readonly StepId[];
};

/** All that is done by hand in a room in this clean; nothing without one. */
export function ticksIn({ household: { clean, ticks }, tasks }: Current, room: Room): RoomTick[] {
  if (!clean || clean.closed) return [];
  const done = new Set(ticks.map(({ step }) => step));
  return tasks
    .filter((task) => task.room.id === room.id)
    .flatMap((task) => {
      const hands = task.estimate.steps.filter(({ step }) => step.mode === 'hands');
      const ids = hands.map((step) => stepIdOf(task, step));
      return hands.map(({ step }, i) => ({
        fixture: task.fixture.id,
        step: ids[i] as StepId,
        words: hands.length > 1 ? `${jobName(task)}: ${step.title.toLowerCase()}` : jobName(task),
        isDone: done.has(ids[i] as StepId),
        after: hasPlaces(ids) ? [] : ids.slice(i + 1),
      }));
    });
}

/** Each place is done by itself. */
function hasPlaces(ids: readonly StepId[]): boolean {
  return ids.length > 1 && ids.every((id) => isAtPlace(partsOfStepId(id)?.key ?? ''));
}
