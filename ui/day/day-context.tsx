'use client';
import { useRouter } from 'next/navigation';
import { createContext, type ReactNode, useContext, useEffect, useMemo } from 'react';
import type { DayItem } from '@/core/day/day-item';
import { type DayView, dayView } from '@/core/day/day-view';
import type { Second } from '@/core/day/seconds';
import type { DayFile, DayPerson } from '@/present/day/day-file';
import { type Faces, facesOf } from '@/present/day/step-face';
import type { DayAsks } from './ask-button';
import type { DayState, DayStore } from './run/day-store';
import { useDayStore, useSecond } from './run/use-day-store';

/** What every section of the day's page is drawn from. */
export type Day = {
  readonly file: DayFile;
  readonly run: DayState['run'];
  readonly state: DayState;
  readonly store: DayStore;
  readonly view: DayView;
  /** The moment for which it is drawn. */
  readonly second: Second;
  readonly face: Faces;
  readonly isToday: boolean;
  /** Whose work is on the page: one person's, or that of everybody who has any. */
  readonly workers: readonly DayPerson[];
  /** In whose name something is said of a step: the page's person, else whoever has the step. */
  readonly signer: (item: DayItem) => string | undefined;
  /** Not for helpers. */
  readonly asks: DayAsks | undefined;
};

const Context = createContext<Day | undefined>(undefined);

export function useDay(): Day {
  const day = useContext(Context);
  if (!day) throw new Error('A section of the day stands outside the day.');
  return day;
}

/** What the day is looked at anew for: what the clock alone has changed. */
const LOOK_SECONDS = 5;

type DayProviderProps = {
  readonly file: DayFile;
  readonly base: string;
  readonly asks: DayAsks | undefined;
  readonly children: ReactNode;
};

export function DayProvider({ file: first, base, asks, children }: DayProviderProps) {
  const [state, store] = useDayStore(first, base);
  const { file, run } = state;
  useFreshPage(file.revision > first.revision);
  const second = useSecond(store, LOOK_SECONDS);
  const { person } = file;
  const view = useMemo(() => dayView(file.pack, run, second, person), [file, run, second, person]);
  const face = useMemo(() => facesOf(file), [file]);
  const day: Day = {
    file,
    run,
    state,
    store,
    view,
    second,
    face,
    asks,
    isToday: file.date === file.today,
    workers: workersOf(file, view, run),
    signer: ({ people }) => person ?? people[0],
  };
  return <Context.Provider value={day}>{children}</Context.Provider>;
}

function workersOf({ people, person }: DayFile, view: DayView, run: DayState['run']): readonly DayPerson[] {
  if (person !== undefined) return people.filter(({ id }) => id === person);
  const items = [...(view.now ? [view.now] : []), ...view.next, ...view.done];
  const busy = new Set(items.flatMap((item) => item.people));
  return people.filter(({ id }) => busy.has(id) || run.stretches.has(id));
}

/** What stands around the board comes from the server: asked for anew once the phone's day is of another plan. */
function useFreshPage(isOld: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (isOld) router.refresh();
  }, [isOld, router]);
}
