/** Members by a key, in the order in which the keys come up; members keep theirs. */
export function groupBy<Item, Key>(items: Iterable<Item>, keyOf: (item: Item) => Key): Map<Key, Item[]> {
  const groups = new Map<Key, Item[]>();
  for (const item of items) {
    const key = keyOf(item);
    const known = groups.get(key);
    if (known) known.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}
