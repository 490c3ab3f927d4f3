'use client';
import {
  createContext,
  type ReactNode,
  useContext,
  useLayoutEffect,
  useState,
  useSyncExternalStore,
} from 'react';

/**
 * What is chosen on the strip, apart from the strip's own state: a press draws the two things whose look changes, and
 * not the whole room again.
 */
class Selection {
  private chosen: string | undefined;
  private readonly listeners = new Set<() => void>();

  choose(id: string | undefined): void {
    if (id === this.chosen) return;
    this.chosen = id;
    for (const listen of this.listeners) listen();
  }

  isChosen(id: string): boolean {
    return this.chosen === id;
  }

  readonly subscribe = (listen: () => void): (() => void) => {
    this.listeners.add(listen);
    return () => this.listeners.delete(listen);
  };
}

const Context = createContext(new Selection());

export function SelectionProvider({ chosen, children }: { chosen: string | undefined; children: ReactNode }) {
  const [selection] = useState(() => new Selection());
  // Before the paint, so that the press is answered with the next picture.
  useLayoutEffect(() => selection.choose(chosen), [selection, chosen]);
  return <Context.Provider value={selection}>{children}</Context.Provider>;
}

/** Whether this one is chosen; draws again only when that changes. */
export function useIsChosen(id: string): boolean {
  const selection = useContext(Context);
  return useSyncExternalStore(
    selection.subscribe,
    () => selection.isChosen(id),
    () => false,
  );
}
