/** Ids of own methods start with this, so that they never meet one that ships. */
export const OWN_PREFIX = 'own-';

export function isOwn(methodId: string): boolean {
  return methodId.startsWith(OWN_PREFIX);
}
