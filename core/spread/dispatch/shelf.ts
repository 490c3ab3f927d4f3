import type { Room } from '../model/model';
import type { Unit } from './unit';

/** What can be taken up next: by weight, then by room, then each in its place. */
export class Shelf {
  private readonly byWeight = new Map<number, Map<Room, Unit[]>>();
  private readonly weights: number[] = [];
  private readonly lying = new Set<Unit>();

  get size(): number {
    return this.lying.size;
  }

  /** All of it, in no order. */
  get units(): ReadonlySet<Unit> {
    return this.lying;
  }

  add(unit: Unit): void {
    let rooms = this.byWeight.get(unit.weight);
    if (!rooms) {
      rooms = new Map();
      this.byWeight.set(unit.weight, rooms);
      this.weights.splice(firstFrom(this.weights, unit.weight), 0, unit.weight);
    }
    const own = rooms.get(unit.task.room) ?? [];
    own.splice(
      firstFrom(
        own.map(({ place }) => place),
        unit.place,
      ),
      0,
      unit,
    );
    rooms.set(unit.task.room, own);
    this.lying.add(unit);
  }

  /** False where it is not there. */
  remove(unit: Unit): boolean {
    const rooms = this.byWeight.get(unit.weight);
    const own = rooms?.get(unit.task.room);
    const at = own?.indexOf(unit) ?? -1;
    if (!rooms || !own || at < 0) return false;
    own.splice(at, 1);
    this.lying.delete(unit);
    if (own.length === 0) rooms.delete(unit.task.room);
    if (rooms.size === 0) {
      this.byWeight.delete(unit.weight);
      this.weights.splice(this.weights.indexOf(unit.weight), 1);
    }
    return true;
  }

  /** What weighs most first, and of that what is in the rooms as they are listed, as far as it is asked for. */
  *inOrder(rooms: readonly Room[], isAsked: (weight: number, room: Room) => boolean): Generator<Unit> {
    for (const weight of [...this.weights]) {
      const own = this.byWeight.get(weight) as Map<Room, Unit[]>;
      for (const room of own.size === 1 ? own.keys() : rooms)
        if (own.has(room) && isAsked(weight, room)) yield* own.get(room) as Unit[];
    }
  }

  /** What is to be taken up in a room. */
  *in(room: Room): Generator<Unit> {
    for (const rooms of this.byWeight.values()) yield* rooms.get(room) ?? [];
  }

  /** What is to be taken up of a kind or height. */
  *of(group: number): Generator<Unit> {
    for (const unit of this.all()) if (unit.group === group) yield unit;
  }

  *all(): Generator<Unit> {
    for (const rooms of this.byWeight.values()) for (const own of rooms.values()) yield* own;
  }
}

/** Index of the first number that is not below another, in a rising list. */
function firstFrom(rising: readonly number[], number: number): number {
  let low = 0;
  let high = rising.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] as number) < number) low = middle + 1;
    else high = middle;
  }
  return low;
}
