import { fc, test } from '@fast-check/vitest';
import { queueOptionsSymbol } from 'piscina';
import { describe, expect, it } from 'vitest';
import { FairQueue, of } from './fair-queue';

type Task = Parameters<FairQueue['push']>[0];
const task = (who: string, name: string) => of(who, { name }) as unknown as Task & { name: string };
const allOf = (queue: FairQueue) => {
  const names: string[] = [];
  for (let next = queue.shift(); next; next = queue.shift())
    names.push((next as Task & { name: string }).name);
  return names;
};

describe('work that waits', () => {
  it('is taken by turns, each one’s own in its order', () => {
    const queue = new FairQueue();
    for (const name of ['a1', 'a2', 'a3', 'b1', 'c1', 'b2']) queue.push(task(name.slice(0, 1), name));
    expect([queue.turnsBefore('a'), queue.turnsBefore('b'), queue.turnsBefore('c')]).toEqual([0, 1, 2]);
    expect([queue.waitingOf('a'), queue.waitingOf('d'), queue.turnsBefore('d')]).toEqual([3, 0, undefined]);
    expect(allOf(queue)).toEqual(['a1', 'b1', 'c1', 'a2', 'b2', 'a3']);
    expect(queue.size).toBe(0);
  });

  it('is next again where no thread could take it', () => {
    const queue = new FairQueue();
    for (const name of ['a1', 'a2', 'b1']) queue.push(task(name.slice(0, 1), name));
    const first = queue.shift();
    queue.unshift(first as Task);
    expect(queue.size).toBe(3);
    expect(allOf(queue)).toEqual(['a1', 'b1', 'a2']);
  });

  it('is forgotten when nobody wants it any more', () => {
    const queue = new FairQueue();
    const [first, second] = [task('a', 'a1'), task('a', 'a2')];
    queue.push(first);
    queue.push(second);
    queue.remove(first);
    queue.remove(first);
    expect(queue.size).toBe(1);
    expect(allOf(queue)).toEqual(['a2']);
  });

  it('carries its mark beside what it is', () => {
    expect(of('a', { seconds: 8 })).toEqual({ seconds: 8, [queueOptionsSymbol]: { who: 'a' } });
  });

  test.prop([fc.array(fc.integer({ min: 0, max: 4 }), { maxLength: 60 })], { seed: 19 })(
    'lets nobody wait for more than one of each other’s before their own next',
    (whose) => {
      const queue = new FairQueue();
      for (const [i, who] of whose.entries()) queue.push(task(String(who), `${who} ${i}`));
      const taken = allOf(queue);
      expect(taken.toSorted()).toEqual(whose.map((who, i) => `${who} ${i}`).toSorted());
      const turns = new Map<string, number>();
      for (const name of taken) {
        const [who = ''] = name.split(' ');
        const turn = (turns.get(who) ?? 0) + 1;
        turns.set(who, turn);
        for (const other of new Set(whose.map(String)))
          if (queueHas(whose, other) > turn) expect(turns.get(other) ?? 0).toBeGreaterThanOrEqual(turn - 1);
      }
    },
  );
});

const queueHas = (whose: readonly number[], who: string) => whose.filter((one) => String(one) === who).length;
