import { pino } from 'pino';

/** Logs say what happened, never to whom: no email, no name, no address, no cookie. */
export const log = pino({
  level: process.env.LOG_LEVEL ?? 'info',
  base: null,
  redact: {
    paths: ['email', 'passphrase', 'name', '*.email', '*.passphrase', '*.name', 'req.headers'],
    remove: true,
  },
});
