/** Things by their rooms, those first of which it is said; what is of no room that is named stays as it is, behind. */
export function inRoomOrder<Item>(
  items: readonly Item[],
  rooms: readonly string[],
  roomOf: (item: Item) => string,
): Item[] {
  if (rooms.length === 0) return [...items];
  const places = new Map(rooms.map((room, place) => [room, place]));
  const place = (item: Item) => places.get(roomOf(item)) ?? rooms.length;
  return items.toSorted((a, b) => place(a) - place(b));
}
