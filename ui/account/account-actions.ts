import type { ActionResult } from '@/present/forms/result';
import type { FormValues } from '@/present/forms/schemas';
import type { CommandAction } from '../state/command';

export type AccountActions = {
  readonly changePassphrase: (values: FormValues<'changePassphrase'>) => Promise<ActionResult>;
  readonly deleteHousehold: (values: FormValues<'deleteHousehold'>) => Promise<ActionResult>;
  readonly endSession: CommandAction;
  readonly endOtherSessions: CommandAction<number>;
  readonly makeCodes: CommandAction<string[]>;
};
