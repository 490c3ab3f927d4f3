import { unstable_rethrow } from 'next/navigation';
import { log } from '@/server/process/log';

/** What a route says where something that it needs is out of reach, such as the database. */
const LATER = 'That did not work just now, and nothing was changed. Please try again in a moment.\n';
const LATER_SECONDS = '5';

type Handler<Asked extends readonly unknown[]> = (...asked: Asked) => Promise<Response>;

/** A route that says so where it fails, in place of a bare failure; what it throws to lead elsewhere, it throws. */
export function answered<Asked extends readonly unknown[]>(handler: Handler<Asked>): Handler<Asked> {
  return async (...asked) => {
    try {
      return await handler(...asked);
    } catch (error) {
      unstable_rethrow(error);
      log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'a route had no answer');
      return new Response(LATER, { status: 503, headers: { 'retry-after': LATER_SECONDS } });
    }
  };
}
