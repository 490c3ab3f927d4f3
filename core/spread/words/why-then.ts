import { formatMinute, type Minute } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { type Board, isFixedEntry, type Obstacle } from '../draft/board';
import { Draft } from '../draft/draft';
import { earlierPlaces } from '../draft/earlier';
import { placeCluster } from '../draft/place';
import { isSettled, type Model, modelOf, type Step, type Task } from '../model/model';
import { indexLinks, type LinkIndex } from '../model/step-order';

/** Why a task begins when it does, and not earlier. */
export type WhyThen =
  /** Somebody put it there. */
  | { readonly kind: 'by-hand' }
  /** It was given this time. */
  | { readonly kind: 'asked' }
  /** A rule puts something before it, which ends just then. */
  | { readonly kind: 'rule'; readonly before: string; readonly reason: string }
  /** It is not to begin before a date. */
  | { readonly kind: 'not-before'; readonly at: string }
  /** Nobody works before: it is the first moment there is. */
  | { readonly kind: 'first' }
  /** What is in the way a moment earlier. */
  | { readonly kind: 'obstacle'; readonly obstacle: Obstacle }
  /** It could begin earlier; it lies later to even the load out, close rooms or save idle minutes. */
  | { readonly kind: 'choice'; readonly earliest: string };

/** The reason for a task's place in a plan; undefined where nothing of it is planned. */
export function whyThen(problem: Problem, plan: Plan, taskId: string): WhyThen | undefined {
  const model = modelOf(problem);
  const task = model.tasks.find(({ id }) => id === taskId);
  const places = earlierPlaces(model, plan);
  const step = task?.steps.find(
    (known) => !isSettled(known) && (places.has(known) || known.fixed.length > 0),
  );
  if (task?.steps.some((known) => known.fixed.length > 0 && known.doneAt === undefined))
    return { kind: 'by-hand' };
  if (
    task &&
    model.focuses.some(({ bindsWork, matches }) => bindsWork && matches(task)) &&
    isPlaced(task, places)
  )
    return { kind: 'asked' };
  const start = step && places.get(step)?.[0]?.start;
  if (!task || !step || start === undefined) return undefined;
  const board = new Draft(model).board;
  for (const [other, entries] of places)
    if (other.task !== task && board.startOf(other) === undefined)
      for (const entry of entries) if (!isFixedEntry(entry)) board.put(entry);
  const links = indexLinks(model);
  return (
    ruleFor(step, start, board, links) ??
    boundFor(task, start, model) ??
    choiceFor(task, step, start, board, links) ??
    obstacleFor(step, start, board, model)
  );
}

function isPlaced({ steps }: Task, places: ReadonlyMap<Step, unknown>): boolean {
  return steps.some((step) => places.has(step));
}

function ruleFor(step: Step, start: Minute, board: Board, links: LinkIndex): WhyThen | undefined {
  const binding = [...links.into(step), ...links.wishesInto(step)].find((link) => {
    const end = board.endOf(link.before);
    return end !== undefined && end + link.minGap === start;
  });
  return binding && { kind: 'rule', before: binding.before.task.id, reason: binding.reason };
}

function boundFor(task: Task, start: Minute, model: Model): WhyThen | undefined {
  if (task.earliest === start) return { kind: 'not-before', at: formatMinute(start) };
  return start === Math.max(model.start, model.now ?? model.start) ? { kind: 'first' } : undefined;
}

/** Where it could go with everything else as it is, if that is earlier. The board is as it was afterwards. */
function choiceFor(
  task: Task,
  step: Step,
  start: Minute,
  board: Board,
  links: LinkIndex,
): WhyThen | undefined {
  const before = new Set(board.entries());
  const placed = placeCluster(board, { tasks: [task] }, links, { wishes: true });
  const earliest = placed ? board.startOf(step) : undefined;
  board.restore(before);
  return earliest !== undefined && earliest < start
    ? { kind: 'choice', earliest: formatMinute(earliest) }
    : undefined;
}

function obstacleFor(step: Step, start: Minute, board: Board, model: Model): WhyThen {
  const obstacle = board.obstacleBefore(step, start);
  return obstacle === undefined || start <= model.start ? { kind: 'first' } : { kind: 'obstacle', obstacle };
}
