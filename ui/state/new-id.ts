/** A new id, made in the browser, so that a request that is sent twice makes one thing. */
export function newId(): string {
  return crypto.randomUUID();
}
