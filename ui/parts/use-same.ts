'use client';
import { useMemo, useState } from 'react';

/** The same list as long as its members are the same, so that what is drawn by it is not drawn again. */
export function useSameList<Item extends string>(list: readonly Item[]): readonly Item[] {
  const [kept, setKept] = useState(list);
  if (kept === list || kept.join('\n') === list.join('\n')) return kept;
  setKept(list);
  return list;
}

/** The same for a set. */
export function useSameSet(members: readonly string[]): ReadonlySet<string> {
  const list = useSameList(members);
  return useMemo(() => new Set(list), [list]);
}
