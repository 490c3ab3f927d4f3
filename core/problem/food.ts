import type { Precedence } from '../plan/problem';
import { type CleanTask, stepIdOf } from '../work/tasks';

/** Food that stands about while the place it came from is cleaned: so long at most, from out to the next step. */
type FoodOut = {
  readonly method: string;
  readonly out: string;
  readonly next: string;
  readonly minutes: number;
};

const FOOD_OUT: readonly FoodOut[] = [{ method: 'fridge-clean', out: 'empty', next: 'wash', minutes: 20 }];

export function foodPrecedence(tasks: readonly CleanTask[]): Precedence[] {
  return tasks.flatMap((task) => {
    const food = FOOD_OUT.find(({ method }) => method === task.method.id);
    const [out, next] = [food?.out, food?.next].map((key) =>
      task.estimate.steps.find(({ step }) => step.key === key),
    );
    if (!food || !out || !next) return [];
    return [
      {
        before: stepIdOf(task, out),
        after: stepIdOf(task, next),
        maxGap: food.minutes,
        hard: true,
        reason: 'What was in the cold goes back into it before it is warm.',
      },
    ];
  });
}
