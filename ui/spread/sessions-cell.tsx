import { scaleLinear } from 'd3-scale';
import { minuteOf } from '@/core/basics/local-time';
import type { PlanSession } from '@/core/plan/plan';
import { clock } from '@/present/words/words';

/** A session as long as this fills the width of its cell. */
const LONGEST_MINUTES = 180;

const width = scaleLinear([0, LONGEST_MINUTES], [4, 100]).clamp(true);

/** One person's sessions of a date: when each begins, and how long it is as a bar. */
export function SessionsCell({ sessions, today }: { sessions: readonly PlanSession[]; today: boolean }) {
  return (
    <td className={today ? 'today' : undefined}>
      {sessions.map((session) => (
        <div key={session.id} title={`${clock(session.start)} to ${clock(session.end)}`}>
          <span aria-hidden>{shortClock(session.start)}</span>
          <span className="visually-hidden">
            {clock(session.start)} to {clock(session.end)}
          </span>
          <b aria-hidden style={{ width: `${width(minutesOf(session))}%` }} />
        </div>
      ))}
    </td>
  );
}

/** Half of the day is told by where it stands beside the others, and by the tip. */
function shortClock(dateTime: string): string {
  return clock(dateTime).split(' ')[0] ?? '';
}

function minutesOf(session: PlanSession): number {
  return minuteOf(session.end) - minuteOf(session.start);
}
