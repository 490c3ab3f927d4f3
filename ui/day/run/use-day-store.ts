import { useEffect, useState, useSyncExternalStore } from 'react';
import type { DayFile } from '@/present/day/day-file';
import { keepPage } from '../../state/keep-pages';
import { newId } from '../../state/new-id';
import { cupboardOf } from './cupboard';
import { type DayState, DayStore } from './day-store';
import { whenQuiet } from './when-quiet';
import { wireTo } from './wire';

/** The day on this phone, kept up with the server for as long as the page is open. */
export function useDayStore(file: DayFile, base: string): readonly [DayState, DayStore] {
  const [store] = useState(
    () =>
      new DayStore(file, {
        cupboard: cupboardOf(file.keeper),
        wire: wireTo(base),
        device: () => Date.now(),
        newId,
      }),
  );
  useEffect(() => {
    void store.open();
    const callOff = whenQuiet(store.subscribe, () => void keepPage());
    const back = () => {
      if (document.visibilityState === 'visible') void store.flush();
    };
    window.addEventListener('online', back);
    document.addEventListener('visibilitychange', back);
    return () => {
      callOff();
      window.removeEventListener('online', back);
      document.removeEventListener('visibilitychange', back);
      store.close();
    };
  }, [store]);
  return [useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot), store];
}

/** The wall clock of the home, in whole seconds or in steps of more. */
export function useSecond(store: DayStore, step = 1): number {
  const [second, setSecond] = useState(() => store.now());
  useEffect(() => {
    const read = () => setSecond(Math.floor(store.now() / step) * step);
    read();
    const timer = setInterval(read, 1000);
    return () => clearInterval(timer);
  }, [store, step]);
  return second;
}
