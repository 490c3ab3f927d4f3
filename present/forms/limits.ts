/** Limits and sentences that a form shows before anything is checked. */
export const LEAST_PASSPHRASE = 10;
export const MOST_PASSPHRASE = 200;
export const STOP_NEEDS_NAME = 'Please give the stop a name, such as “Window”.';
