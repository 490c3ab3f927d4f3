import type { MadePlan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { modelOf } from '../model/model';
import { sensibleDraft } from '../search/first-plans';
import { documentOf } from '../words/document';

/**
 * The plan of a sensible person, to measure against: room by room in the school's order, machines and soaks first, each
 * stays until a wait or the end, fills waits nearby, and does what matters most first where not everything fits. Dealt out
 * once, from the first hour to the last, and never looked back on.
 */
export function sensiblePlan(problem: Problem): MadePlan {
  return documentOf(sensibleDraft(modelOf(problem)), '0'.repeat(64));
}
