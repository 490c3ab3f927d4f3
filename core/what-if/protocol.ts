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

/** Where the problem that a what-if leads to can be had, as JSON. */
export const PROBLEM_OF_WHAT_IF = '/api/what-if';

/** What the worker says once it listens; what is sent before that would be lost. */
export const READY = 'ready';
