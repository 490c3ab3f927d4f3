import type { ActionResult } from '@/present/forms/result';
import type { FormValues } from '@/present/forms/schemas';
import type { CommandAction } from '../state/command';

type CreationOptions = Parameters<
  typeof import('@simplewebauthn/browser').startRegistration
>[0]['optionsJSON'];

export type AccountActions = {
  readonly changePassphrase: (values: FormValues<'changePassphrase'>) => Promise<ActionResult>;
  readonly deleteHousehold: (values: FormValues<'deleteHousehold'>) => Promise<ActionResult>;
  readonly invite: CommandAction<string>;
  readonly takeBackInvitation: CommandAction;
  readonly changeRole: CommandAction;
  readonly dropAccount: CommandAction;
  readonly leaveHousehold: CommandAction;
  readonly endSession: CommandAction;
  readonly endOtherSessions: CommandAction<number>;
  readonly makeCodes: CommandAction<string[]>;
  readonly passkeyToAdd: () => Promise<ActionResult<CreationOptions>>;
  readonly addPasskey: CommandAction;
  readonly dropPasskey: CommandAction;
};
