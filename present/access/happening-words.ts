import type { Happening } from '@/core/household/happenings';

/** What happened at the door, as the household reads it. */
export const HAPPENING_WORDS: Readonly<Record<Happening, string>> = {
  'signed-up': 'Signed up',
  'signed-in': 'Signed in',
  'signed-in-by-passkey': 'Signed in with a passkey',
  'signed-out': 'Signed out',
  'ended-session': 'Ended a session on another device',
  'ended-others': 'Signed out everywhere else',
  'changed-passphrase': 'Changed the passphrase',
  'made-codes': 'Made new codes for a forgotten passphrase',
  'added-passkey': 'Added a passkey',
  'dropped-passkey': 'Took a passkey away',
  'asked-for-letter': 'A letter with a way back in was asked for',
  'code-from-server': 'A way back in was given out by whoever runs the server',
  'used-code': 'Came back in with a code and chose a new passphrase',
  exported: 'Exported the household',
  imported: 'Imported a household',
  invited: 'Invited somebody',
  joined: 'Came in by an invitation',
  'changed-role': 'Changed what somebody may, or took an account away',
  left: 'Left the household',
  'asked-to-go': 'Asked for the household to be deleted',
  stays: 'Kept the household after all',
};
