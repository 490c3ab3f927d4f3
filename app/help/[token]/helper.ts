import type { Asker } from '@/app/api/day/asker';
import { database } from '@/server/database';
import { helperOfToken } from '@/server/repositories/helpers';

export type HelperParams = { params: Promise<{ token: string }> };

/** The helper of a link; nobody once it is withdrawn. */
export function helperBy(token: string): Asker {
  return async () => {
    const found = await helperOfToken(database(), token);
    return found && { scope: found.scope, helper: found.person };
  };
}
