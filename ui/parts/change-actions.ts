import type { ActionResult } from '../forms/result';

/** What a screen needs to change things by hand and take it back. */
export type ChangeActions = {
  readonly change: (input: unknown) => Promise<ActionResult>;
  readonly undo: (input?: undefined) => Promise<ActionResult<string>>;
  readonly redo: (input?: undefined) => Promise<ActionResult<string>>;
};

/** What would be undone next, and what would be done again. */
export type EditWords = { readonly undo?: string; readonly redo?: string };
