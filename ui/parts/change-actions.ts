import type { CommandAction } from '../state/command';

/** What a screen needs to change things by hand and take it back. */
export type ChangeActions = {
  readonly change: CommandAction;
  readonly undo: CommandAction<string>;
  readonly redo: CommandAction<string>;
};

/** What would be undone next, and what would be done again. */
export type EditWords = { readonly undo?: string; readonly redo?: string };
