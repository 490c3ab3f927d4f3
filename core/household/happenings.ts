/** What happens at the door of a household, as it is kept. */
export const HAPPENINGS = [
  'signed-up',
  'signed-in',
  'signed-out',
  'ended-session',
  'ended-others',
  'changed-passphrase',
  'made-codes',
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
