import type { Sender } from '@/server/commands/carry-out';
import { currentScope } from '@/server/session';

/** Who asks: whoever is signed in here, or the helper of a link; undefined for nobody that is known. */
export type Asker = () => Promise<Sender | undefined>;

export const signedIn: Asker = async () => {
  const scope = await currentScope();
  return scope && { scope };
};

/** Nobody that is known: what the phone has kept stays there. */
export const NOBODY = 401;

export function refused(status: number): Response {
  return new Response(null, { status });
}
