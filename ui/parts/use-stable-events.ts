'use client';
import { useLayoutEffect, useMemo, useRef } from 'react';

type Handlers = Readonly<Record<string, (...args: never[]) => void>>;

/** The same handlers with an identity that never changes, so that what is drawn with them is not drawn again. */
export function useStableEvents<Events extends Handlers>(handlers: Events): Events {
  const latest = useRef(handlers);
  // Only ever called from events, which come after the layout.
  useLayoutEffect(() => {
    latest.current = handlers;
  });
  return useMemo(
    () =>
      Object.fromEntries(
        Object.keys(latest.current).map((name) => [
          name,
          (...args: never[]) => latest.current[name]?.(...args),
        ]),
      ) as unknown as Events,
    [],
  );
}
