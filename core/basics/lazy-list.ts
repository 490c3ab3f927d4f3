/** What an iterator gives, taken from it as far as somebody has looked, and kept: it can be gone through again. */
export function lazyList<T>(source: Iterator<T>): Iterable<T> {
  const known: T[] = [];
  return {
    *[Symbol.iterator]() {
      for (let i = 0; ; i++) {
        if (i === known.length) {
          const next = source.next();
          if (next.done) return;
          known.push(next.value);
        }
        yield known[i] as T;
      }
    },
  };
}
