import type { RecordLine } from './record-line';

/** When a job was done last at a thing. */
export type LastDone = { readonly fixture: string; readonly method: string; readonly date: string };

/** The last time of each job in a record, without what was done in one clean; what came out dirty was not done. */
export function lastDoneIn(record: readonly RecordLine[], butIn: string | undefined): LastDone[] {
  const last = new Map<string, LastDone>();
  for (const { ends, cameOut, clean, fixture, method, at } of record) {
    if (!ends || cameOut === 'dirty' || (clean !== undefined && clean === butIn)) continue;
    const key = lastDoneKey(fixture, method);
    const date = at.slice(0, 10);
    const known = last.get(key);
    if (!known || known.date < date) last.set(key, { fixture, method, date });
  }
  return [...last.values()];
}

export function lastDoneKey(fixture: string, method: string): string {
  return `${fixture}:${method}`;
}
