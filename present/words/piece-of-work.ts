import { partsOfStepId } from '@/core/basics/ids';
import { jobName } from '@/core/work/place-of-job';
import type { CleanTask } from '@/core/work/tasks';

/** A step as one would say it: the job and its thing first, then the manner. */
export type PieceOfWork = {
  /** `Wash the tiled walls`. */
  readonly job: string;
  /** `From the bottom up, rinse from the top`; nothing where the job says all of it. */
  readonly manner: string;
};

type Task = Pick<CleanTask, 'method' | 'part'>;

/** The step of a task by its key; the job alone where the task has no such step. */
export function pieceOfWork(task: Task, key: string | undefined): PieceOfWork {
  const job = jobName(task);
  const step = task.method.steps.find((one) => one.key === key);
  return { job, manner: step && step.title !== job ? step.title : '' };
}

/** In one sentence: `Wash the tiled walls · from the bottom up, rinse from the top`. */
export function workSentence({ job, manner }: PieceOfWork): string {
  return manner === '' ? job : `${job} · ${inSentence(manner)}`;
}

/** The same for a step by its id, of whichever task of these it is. */
export function workOfStep(task: Task, stepId: string): string {
  return workSentence(pieceOfWork(task, partsOfStepId(stepId)?.key));
}

/** As it goes on after other words: a name in capitals stays as it is. */
export function inSentence(words: string): string {
  const [first = ''] = words.split(' ');
  return first === first.toUpperCase() && first.length > 1
    ? words
    : words.charAt(0).toLowerCase() + words.slice(1);
}
