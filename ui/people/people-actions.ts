import type { ActionResult } from '../forms/result';

export type PeopleActions = {
  readonly saveMember: (input: unknown) => Promise<ActionResult>;
  readonly saveExceptions: (input: unknown) => Promise<ActionResult>;
  readonly dropMember: (input: unknown) => Promise<ActionResult>;
};
