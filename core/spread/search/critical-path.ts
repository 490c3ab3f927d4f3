/**
 * Work that is bound to resources of which each serves one operation at a time, seen as a graph: what must come before
 * what, and in which order each resource takes its operations. The longest way through it is how long all of it takes;
 * only by turning round two neighbours on that way can it become shorter (a tabu search over critical blocks).
 */
export type Operation = {
  readonly minutes: number;
  /** It starts no sooner. */
  readonly release: number;
  /** Operations, by position, that it follows, each with the gap that lies between. */
  readonly after: readonly { readonly operation: number; readonly gap: number }[];
  readonly resources: readonly number[];
  /** When it starts in the schedule that the search begins with. */
  readonly start: number;
};

/** Swaps that were made are not taken back for so many turns, and a few more by chance. */
const TABU_TURNS = 8;
const TABU_MORE = 8;
/** So many turns without anything better lead back to the best, shaken a little. */
const PATIENCE = 1500;
const SHAKES = 12;

const ABSENT = -1;

type Swap = { readonly first: number; readonly second: number };

export class CriticalPath {
  /** The least length that was reached, and the starts that go with it. */
  best = Number.POSITIVE_INFINITY;
  bestStarts: Float64Array;
  private readonly orders: number[][];
  private bestOrders: number[][];
  /** Where each operation stands in the order of a resource; `ABSENT` where it needs another. */
  private readonly place: Int32Array[];
  private readonly open: Int32Array;
  private readonly followers: { operation: number; gap: number }[][];
  private readonly heads: Float64Array;
  private readonly tails: Float64Array;
  private readonly sorted: Int32Array;
  private readonly tabu = new Map<number, number>();
  private turn = 0;
  private sinceBest = 0;

  constructor(
    private readonly operations: readonly Operation[],
    resources: number,
    private readonly random: () => number,
  ) {
    const count = operations.length;
    this.orders = Array.from({ length: resources }, () => []);
    const byStart = operations.map((_, i) => i).sort((a, b) => startOf(a) - startOf(b) || a - b);
    for (const i of byStart)
      for (const resource of (operations[i] as Operation).resources) this.orders[resource]?.push(i);
    this.place = this.orders.map(() => new Int32Array(count).fill(ABSENT));
    this.open = new Int32Array(count);
    this.orders.forEach((_, resource) => {
      this.number(resource);
    });
    this.followers = operations.map(() => []);
    operations.forEach(({ after }, i) => {
      for (const { operation, gap } of after) this.followers[operation]?.push({ operation: i, gap });
    });
    this.heads = new Float64Array(count);
    this.tails = new Float64Array(count);
    this.sorted = new Int32Array(count);
    this.bestStarts = new Float64Array(count);
    this.bestOrders = this.orders.map((order) => [...order]);
    this.keepIfBest(this.measure());

    function startOf(i: number): number {
      return (operations[i] as Operation).start;
    }
  }

  /** Takes so many turns; true where something better than before was found. */
  search(turns: number): boolean {
    const before = this.best;
    for (let i = 0; i < turns; i++) if (!this.takeTurn()) break;
    return this.best < before;
  }

  private takeTurn(): boolean {
    this.turn++;
    const swap = this.bestSwap();
    if (!swap) return false;
    this.swap(swap);
    const length = this.measure();
    if (length === undefined) {
      // Something else holds them in this order.
      this.swap({ first: swap.second, second: swap.first });
      this.measure();
      this.forbid(swap.second, swap.first);
      this.forbid(swap.first, swap.second);
      return true;
    }
    this.forbid(swap.first, swap.second);
    this.keepIfBest(length);
    if (this.sinceBest > PATIENCE) this.shake();
    return true;
  }

  private keepIfBest(length: number | undefined): void {
    this.sinceBest++;
    if (length === undefined || length >= this.best) return;
    this.best = length;
    this.bestStarts.set(this.heads);
    this.bestOrders = this.orders.map((order) => [...order]);
    this.sinceBest = 0;
  }

  private shake(): void {
    this.bestOrders.forEach((order, resource) => {
      this.orders[resource]?.splice(0, order.length, ...order);
      this.number(resource);
    });
    this.sinceBest = 0;
    this.measure();
    for (let i = 0; i < SHAKES; i++) {
      const swaps = this.swaps();
      const swap = swaps[Math.floor(this.random() * swaps.length)];
      if (!swap) return;
      this.swap(swap);
      if (this.measure() !== undefined) continue;
      this.swap({ first: swap.second, second: swap.first });
      this.measure();
    }
  }

  private number(resource: number): void {
    const place = this.place[resource] as Int32Array;
    this.orders[resource]?.forEach((operation, at) => {
      place[operation] = at;
    });
  }

  private forbid(first: number, second: number): void {
    const turns = TABU_TURNS + Math.floor(this.random() * TABU_MORE);
    this.tabu.set(first * this.operations.length + second, this.turn + turns);
  }

  /** The swap after which the longest way through the two is shortest; a forbidden one only where it leads to the best. */
  private bestSwap(): Swap | undefined {
    let chosen: Swap | undefined;
    let least = Number.POSITIVE_INFINITY;
    const swaps = this.swaps();
    for (const swap of swaps) {
      const length = this.lengthAfter(swap);
      const until = this.tabu.get(swap.second * this.operations.length + swap.first) ?? 0;
      if ((until >= this.turn && length >= this.best) || length > least) continue;
      if (length === least && this.random() < 0.5) continue;
      least = length;
      chosen = swap;
    }
    return chosen ?? swaps[Math.floor(this.random() * swaps.length)];
  }

  /** Neighbours on one resource at the ends of the blocks of one longest way. */
  private swaps(): Swap[] {
    const path = this.longestPath();
    const swaps: Swap[] = [];
    let from = 0;
    while (from < path.length - 1) {
      const resource = this.sharedBy(path[from] as number, path[from + 1] as number);
      if (resource === undefined) {
        from++;
        continue;
      }
      let to = from + 1;
      while (to < path.length - 1 && this.follows(resource, path[to] as number, path[to + 1] as number)) to++;
      const isFirst = from === 0;
      const isLast = to === path.length - 1;
      if (!isFirst || to === from + 1)
        swaps.push({ first: path[from] as number, second: path[from + 1] as number });
      if (to > from + 1 && !isLast) swaps.push({ first: path[to - 1] as number, second: path[to] as number });
      if (isFirst && to > from + 1 && isLast)
        swaps.push({ first: path[to - 1] as number, second: path[to] as number });
      from = to;
    }
    return swaps;
  }

  private sharedBy(first: number, second: number): number | undefined {
    const { after } = this.operations[second] as Operation;
    if (after.some(({ operation }) => operation === first)) return undefined;
    return (this.operations[first] as Operation).resources.find((resource) =>
      this.follows(resource, first, second),
    );
  }

  private follows(resource: number, first: number, second: number): boolean {
    const at = (this.place[resource] as Int32Array)[first] as number;
    return at !== ABSENT && (this.orders[resource] as number[])[at + 1] === second;
  }

  private longestPath(): number[] {
    const length = this.longest();
    const starts: number[] = [];
    for (let i = 0; i < this.operations.length; i++)
      if (this.isOn(i, length) && this.heads[i] === (this.operations[i] as Operation).release) starts.push(i);
    let at = starts[Math.floor(this.random() * starts.length)];
    const path: number[] = [];
    while (at !== undefined) {
      path.push(at);
      const here: number = at;
      const end = (this.heads[here] as number) + (this.operations[here] as Operation).minutes;
      const next: number[] = [];
      for (const { operation, gap } of this.followers[here] ?? [])
        if (this.heads[operation] === end + gap && this.isOn(operation, length)) next.push(operation);
      for (const resource of (this.operations[here] as Operation).resources) {
        const follower = this.next(resource, here);
        if (follower !== undefined && this.heads[follower] === end && this.isOn(follower, length))
          next.push(follower);
      }
      at = next[Math.floor(this.random() * next.length)];
    }
    return path;
  }

  private isOn(i: number, length: number): boolean {
    return (
      (this.heads[i] as number) + (this.operations[i] as Operation).minutes + (this.tails[i] as number) ===
      length
    );
  }

  private longest(): number {
    let length = 0;
    for (let i = 0; i < this.operations.length; i++)
      length = Math.max(length, (this.heads[i] as number) + (this.operations[i] as Operation).minutes);
    return length;
  }

  private lengthAfter({ first, second }: Swap): number {
    const a = this.operations[first] as Operation;
    const b = this.operations[second] as Operation;
    const headOfB = this.headWithout(second, first);
    const headOfA = Math.max(this.headWithout(first, second), headOfB + b.minutes);
    const tailOfA = this.tailWithout(first, second);
    const tailOfB = Math.max(this.tailWithout(second, first), tailOfA + a.minutes);
    return Math.max(headOfB + b.minutes + tailOfB, headOfA + a.minutes + tailOfA);
  }

  /** When an operation could start if `other` were not before it on their resources. */
  private headWithout(i: number, other: number): number {
    const { release, after, resources } = this.operations[i] as Operation;
    let head = release;
    for (const { operation, gap } of after) head = Math.max(head, this.end(operation) + gap);
    for (const resource of resources) {
      let before = this.previous(resource, i);
      if (before === other) before = this.previous(resource, other);
      if (before !== undefined) head = Math.max(head, this.end(before));
    }
    return head;
  }

  private tailWithout(i: number, other: number): number {
    let tail = 0;
    for (const { operation, gap } of this.followers[i] ?? [])
      tail = Math.max(tail, gap + this.rest(operation));
    for (const resource of (this.operations[i] as Operation).resources) {
      let after = this.next(resource, i);
      if (after === other) after = this.next(resource, other);
      if (after !== undefined) tail = Math.max(tail, this.rest(after));
    }
    return tail;
  }

  private end(i: number): number {
    return (this.heads[i] as number) + (this.operations[i] as Operation).minutes;
  }

  private rest(i: number): number {
    return (this.tails[i] as number) + (this.operations[i] as Operation).minutes;
  }

  private previous(resource: number, i: number): number | undefined {
    const at = (this.place[resource] as Int32Array)[i] as number;
    return at <= 0 ? undefined : (this.orders[resource] as number[])[at - 1];
  }

  private next(resource: number, i: number): number | undefined {
    const at = (this.place[resource] as Int32Array)[i] as number;
    return at === ABSENT ? undefined : (this.orders[resource] as number[])[at + 1];
  }

  private swap({ first, second }: Swap): void {
    for (const resource of (this.operations[first] as Operation).resources) {
      if (!this.follows(resource, first, second)) continue;
      const place = this.place[resource] as Int32Array;
      const at = place[first] as number;
      const order = this.orders[resource] as number[];
      order[at] = second;
      order[at + 1] = first;
      place[second] = at;
      place[first] = at + 1;
    }
  }

  /** Starts and tails of all operations, and the length; undefined where the orders contradict each other. */
  private measure(): number | undefined {
    const { operations, sorted, open } = this;
    let count = 0;
    for (let i = 0; i < operations.length; i++) {
      const { after, resources } = operations[i] as Operation;
      let before = after.length;
      for (const resource of resources) if (this.previous(resource, i) !== undefined) before++;
      open[i] = before;
      if (before === 0) sorted[count++] = i;
    }
    for (let at = 0; at < count; at++) {
      const i = sorted[at] as number;
      for (const { operation } of this.followers[i] ?? [])
        if (--(open[operation] as number) === 0) sorted[count++] = operation;
      for (const resource of (operations[i] as Operation).resources) {
        const follower = this.next(resource, i);
        if (follower !== undefined && --(open[follower] as number) === 0) sorted[count++] = follower;
      }
    }
    if (count < operations.length) return undefined;
    for (let at = 0; at < count; at++) {
      const i = sorted[at] as number;
      this.heads[i] = this.headWithout(i, -1);
    }
    for (let at = count - 1; at >= 0; at--) {
      const i = sorted[at] as number;
      this.tails[i] = this.tailWithout(i, -1);
    }
    return this.longest();
  }
}
