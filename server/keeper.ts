import { createHash } from 'node:crypto';

/**
 * Names a household, or a helper of it, to a device, which keeps things apart by it. The same for every link that is given to one
 * helper, and no key to anything.
 */
export function keeperOf(household: string, helper?: string): string {
  return createHash('sha256')
    .update(`${household} ${helper ?? ''}`)
    .digest('hex')
    .slice(0, 24);
}
