import type { ChangeActions } from '../parts/change-actions';
import type { CommandAction } from '../state/command';

export type PeopleActions = ChangeActions & {
  readonly saveMember: CommandAction;
  readonly saveExceptions: CommandAction;
  readonly dropMember: CommandAction;
  readonly makeHelper: CommandAction<string>;
  readonly withdrawHelper: CommandAction;
};
