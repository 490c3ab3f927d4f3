/** The list with the item in the place of the one of the same key, or at the end. */
export function put<Item>(list: readonly Item[], item: Item, key: (item: Item) => string): Item[] {
  const at = list.findIndex((known) => key(known) === key(item));
  return at < 0 ? [...list, item] : list.with(at, item);
}
