/** What happens at the door of a household, as it is kept. */
export const HAPPENINGS = [
  'signed-up',
  'signed-in',
  'signed-in-by-passkey',
  'signed-out',
  'ended-session',
  'ended-others',
  'changed-passphrase',
  'made-codes',
  'added-passkey',
  'dropped-passkey',
  'asked-for-letter',
  'code-from-server',
  'used-code',
  'exported',
  'imported',
  'invited',
  'joined',
  'changed-role',
  'left',
  'asked-to-go',
  'stays',
] as const;

export type Happening = (typeof HAPPENINGS)[number];
