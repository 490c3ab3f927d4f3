import { dayOf, dayOfMinute } from '../../basics/local-time';
import { SESSION_GAP } from '../cost/metrics';
import { lastDayOf, type Model } from '../model/model';
import { at, isHands, named, type Subject, type Violation } from './subject';

/** Rule 7, sessions. */

/** Rule 7, sessions. */
export function sessionsHold({ model, entries, sessions }: Subject): Violation[] {
  const found: Violation[] = [];
  const say = (message: string) => found.push({ rule: 7, message });
  for (const entry of entries.filter(isHands)) {
    for (const person of entry.people) {
      const holding = sessions.filter(
        (session) => session.person === person && session.entries.includes(entry),
      );
      if (holding.length !== 1)
        say(`${named(entry)} of "${person.id}" lies in ${holding.length} sessions and belongs in one`);
    }
  }
  for (const session of sessions) sessionHolds(session, model, say);
  for (const person of model.people) {
    const own = sessions.filter((session) => session.person === person).sort((a, b) => a.start - b.start);
    own.forEach((session, i) => {
      const previous = own[i - 1];
      if (previous?.date === session.date && session.start - previous.end < SESSION_GAP) {
        say(
          `sessions "${previous.id}" and "${session.id}" of "${person.id}" lie less than ${SESSION_GAP} minutes apart`,
        );
      }
    });
  }
  return found;
}

function sessionHolds(
  session: Subject['sessions'][number],
  model: Model,
  say: (message: string) => void,
): void {
  const { id, entries, start, end } = session;
  if (entries.length === 0) {
    say(`session "${id}" holds no work`);
    return;
  }
  const first = Math.min(...entries.map((entry) => entry.start));
  const last = Math.max(...entries.map((entry) => entry.end));
  if (first !== start || last !== end)
    say(`session "${id}" runs ${at(start)} to ${at(end)}, and its work ${at(first)} to ${at(last)}`);
  if (dayOf(session.date) !== dayOfMinute(start))
    say(`session "${id}" starts on another date than ${session.date}`);
  if (lastDayOf(session) !== dayOfMinute(start) && entries.some((entry) => !entry.fixed))
    say(`session "${id}" crosses midnight`);
  if (end - start > model.policy.sessionCap && entries.some((entry) => !entry.fixed)) {
    say(`session "${id}" lasts ${end - start} minutes, more than ${model.policy.sessionCap}`);
  }
}
