import type { RunningWait } from './day-item';
import type { Stretch } from './run';
import { formatSecond, type Second, secondOf } from './seconds';

/** Something that must not go unheard. */
export type Alarm = {
  /** The same for as long as it is about the same thing, so that it rings once and can be silenced once. */
  readonly id: string;
  readonly about:
    | {
        readonly kind: 'wait';
        readonly step: string;
        readonly latest: string | undefined;
        readonly late: boolean;
      }
    | { readonly kind: 'fault'; readonly step: string }
    | { readonly kind: 'rest' | 'work'; readonly person: string };
};

/** Somebody's stretch of work, and how long one may be. */
export type StretchOf = {
  readonly person: string;
  readonly stretch: Stretch | undefined;
  readonly breakAfter: number;
  readonly breakLength: number;
};

/**
 * Waits that are over and not seen to, machines that stand still, and for each person a rest that is due or over; the
 * loudest first.
 */
export function alarmsAt(
  waits: readonly RunningWait[],
  stretches: readonly StretchOf[],
  now: Second,
): Alarm[] {
  const ofWaits = waits.flatMap((wait): Alarm[] => {
    const step = wait.step.id;
    if (wait.word?.report === 'faulty')
      return [{ id: `fault ${step} ${wait.since}`, about: { kind: 'fault', step } }];
    const isToday = wait.ready.slice(0, 10) === formatSecond(now).slice(0, 10);
    // What was over on an earlier day stands among the waits; it does not ring for days.
    if (wait.next === undefined || !isToday || secondOf(`${wait.ready}:00`) > now) return [];
    const late = wait.latest !== undefined && secondOf(`${wait.latest}:00`) < now;
    // Too late is another thing than over, and rings anew.
    return [
      {
        id: `${late ? 'late' : 'over'} ${step} ${wait.since}`,
        about: { kind: 'wait', step, latest: wait.latest, late },
      },
    ];
  });
  return [...ofWaits, ...stretches.flatMap((one) => ofStretch(one, now))].sort(
    (a, b) => loudness(a) - loudness(b),
  );
}

/** What does harm by waiting comes before what only waits: the lower, the louder. */
function loudness({ about }: Alarm): number {
  if (about.kind === 'fault') return 0;
  if (about.kind === 'wait') return about.late ? 1 : 2;
  return 3;
}

function ofStretch({ person, stretch, breakAfter, breakLength }: StretchOf, now: Second): Alarm[] {
  if (!stretch || stretch.what === 'enough') return [];
  const [length, kind] =
    stretch.what === 'begin' ? [breakAfter, 'rest' as const] : [breakLength, 'work' as const];
  return length > 0 && now - stretch.since >= length * 60
    ? [{ id: `${kind} ${person} ${stretch.since}`, about: { kind, person } }]
    : [];
}
