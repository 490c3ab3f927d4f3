import type { Block } from '../clean/clean';
import type { Member } from '../people/member';
import type { ProblemStep } from '../plan/problem';

/** How a stretch of work is cut, as people and steps of a problem show it. */

/** A step that goes on over a rest is left off and taken up again in parts no shorter than this. */
const SHORTEST_PART = 10;

/** When somebody has to rest, and for how long. */
export function breaksOf(member: Member, block: Block): Pick<Member, 'breakAfter' | 'breakLength'> {
  return block.kind === 'sprints'
    ? { breakAfter: Math.min(block.minutes, member.breakAfter), breakLength: block.rest }
    : { breakAfter: member.breakAfter, breakLength: member.breakLength };
}

/** The longest session: where work goes on until it is done, nothing but the day ends it. */
export function sessionCapOf(cap: number, block: Block): number {
  return block.kind === 'until-done' ? 1440 : cap;
}

/** A step longer than a sprint goes on after the rest. */
export function cutForSprints(step: ProblemStep, block: Block): ProblemStep {
  if (block.kind !== 'sprints' || step.mode !== 'hands' || step.minutes <= block.minutes) return step;
  return { ...step, split: Math.min(step.split ?? SHORTEST_PART, SHORTEST_PART, block.minutes) };
}
