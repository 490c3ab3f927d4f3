import type { Habits } from '../forecast/fortune';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import type { Outcome } from './outcome';
import type { Ladder } from './smallest';
import type { WhatIf } from './what-if';

/** What a screen and the worker that plans for it say to each other. */

export type Question =
  | { readonly ask: 'what-if'; readonly key: string; readonly whatIf: WhatIf; readonly today: string }
  /** The lowest rung of a ladder that makes everything fit. */
  | { readonly ask: 'smallest'; readonly key: string; readonly ladder: Ladder; readonly today: string };

export type Answer =
  /** The best so far; more may come. */
  | { readonly key: string; readonly state: 'working'; readonly outcome: Outcome }
  | { readonly key: string; readonly state: 'done'; readonly outcome: Outcome; readonly whatIf: WhatIf }
  /** No rung is enough. */
  | { readonly key: string; readonly state: 'none' }
  /** The server did not answer, or refused. */
  | { readonly key: string; readonly state: 'failed' };

/** What a what-if is planned from: the problem that it leads to, and the plan in force where there is one. */
export type WhatIfSubject = {
  readonly problem: Problem;
  readonly before?: Plan;
  /** How the household keeps to its plans. */
  readonly habits: Habits;
};

/** Where that can be had, as JSON. */
export const SUBJECT_OF_WHAT_IF = '/api/what-if';

/** What the worker says once it listens; what is sent before that would be lost. */
export const READY = 'ready';
