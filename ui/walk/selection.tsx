'use client';
import { createContext, useContext, useSyncExternalStore } from 'react';

/**
 * What is chosen on the strip, apart from the strip's own state: a press draws the two things whose look changes, and
 * not the whole room again.
 */
export class Selection {
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

export const SelectionProvider = Context.Provider;

/** Whether this one is chosen; draws again only when that changes. */
export function useIsChosen(id: string): boolean {
  const selection = useContext(Context);
  return useSyncExternalStore(
    selection.subscribe,
    () => selection.isChosen(id),
    () => false,
  );
}
