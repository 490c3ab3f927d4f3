import type { ActionResult } from '../forms/result';
import type { ChangeActions } from '../parts/change-actions';

export type PeopleActions = ChangeActions & {
  readonly saveMember: (input: unknown) => Promise<ActionResult>;
  readonly saveExceptions: (input: unknown) => Promise<ActionResult>;
  readonly dropMember: (input: unknown) => Promise<ActionResult>;
  readonly makeHelper: (input: unknown) => Promise<ActionResult<string>>;
  readonly withdrawHelper: (input: unknown) => Promise<ActionResult>;
};
