/**
 * Sets of nodes that can all be reached from each other (Tarjan's method, without recursion), each set in the order in
 * which its members were come upon, the last first. `followers` gives for each node, by number, those that it leads to.
 */
export function stronglyConnected(followers: readonly (readonly number[])[]): number[][] {
  const order = new Int32Array(followers.length).fill(-1);
  const low = new Int32Array(followers.length);
  const next = new Int32Array(followers.length);
  const onStack = new Uint8Array(followers.length);
  const stack: number[] = [];
  const found: number[][] = [];
  let count = 0;
  for (let root = 0; root < followers.length; root++) {
    if (order[root] !== -1) continue;
    const path = [root];
    enter(root);
    while (path.length > 0) {
      const node = path[path.length - 1] as number;
      const follower = (followers[node] as readonly number[])[next[node] as number];
      if (follower === undefined) {
        path.pop();
        const parent = path[path.length - 1];
        if (parent !== undefined) low[parent] = Math.min(low[parent] as number, low[node] as number);
        if (low[node] === order[node]) found.push(popUntil(node));
        continue;
      }
      next[node] = (next[node] as number) + 1;
      if (order[follower] === -1) {
        path.push(follower);
        enter(follower);
      } else if (onStack[follower]) low[node] = Math.min(low[node] as number, order[follower] as number);
    }
  }
  return found;

  function enter(node: number): void {
    order[node] = count;
    low[node] = count++;
    stack.push(node);
    onStack[node] = 1;
  }

  function popUntil(last: number): number[] {
    const members: number[] = [];
    for (let node = stack.pop(); node !== undefined; node = stack.pop()) {
      onStack[node] = 0;
      members.push(node);
      if (node === last) break;
    }
    return members;
  }
}
