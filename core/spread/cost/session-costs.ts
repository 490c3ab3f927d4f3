import type { Policy } from '../../plan/problem';
import type { Person, Room, Step } from '../model/model';
import { idleMinutes, type Placed } from './metrics';

/** What a session costs: standing about, going from room to room, short visits, the session itself. */
export type SessionCosts = {
  idle: number;
  goings: number;
  slivers: number;
  sessions: number;
  /** Consecutive work in one room: how often, and how often for too short a while. */
  visits: number;
  short: number;
};

/** For a change of rooms, and for each floor between them. */
const GOING: Readonly<Record<Policy['grouping'], { readonly room: number; readonly floor: number }>> = {
  room: { room: 4, floor: 2 },
  none: { room: 4, floor: 2 },
  kind: { room: 1, floor: 1 },
  layer: { room: 1, floor: 1 },
};

/** Minutes of a visit that is worth going there. */
const WORTH_GOING = 10;
const SESSION = 12;
/** Minutes of a session that is worth beginning. */
const WORTH_BEGINNING = 25;

export function noSessionCosts(): SessionCosts {
  return { idle: 0, goings: 0, slivers: 0, sessions: 0, visits: 0, short: 0 };
}

/** Adds what a session costs: one person's entries from one index up to another, in the order of their start. */
export function addSession(
  costs: SessionCosts,
  person: Person,
  entries: readonly Placed[],
  grouping: Policy['grouping'],
  from = 0,
  to = entries.length,
): void {
  const going = GOING[grouping];
  const { start } = entries[from] as Placed;
  let [end, hands, visit, tends] = [start, 0, 0, true];
  let room: Room | undefined;
  for (let i = from; i < to; i++) {
    const entry = entries[i] as Placed;
    const next = entry.step.task.room;
    if (room && next !== room) {
      costs.goings += going.room + going.floor * Math.abs(room.floor - next.floor);
      addVisit(costs, visit, tends);
      [visit, tends] = [0, true];
    }
    room = next;
    visit += entry.end - entry.start;
    hands += entry.end - entry.start;
    tends &&= tendsWait(entry.step);
    end = Math.max(end, entry.end);
  }
  addVisit(costs, visit, tends);
  costs.idle += idleMinutes(person, end - start, hands);
  costs.sessions += SESSION + Math.max(0, WORTH_BEGINNING - hands);
}

/** What a short visit lacks, unless it does nothing but tend what waits. */
function addVisit(costs: SessionCosts, minutes: number, tendsOnly: boolean): void {
  costs.visits++;
  if (minutes >= WORTH_GOING || tendsOnly) return;
  costs.short++;
  costs.slivers += WORTH_GOING - minutes;
}

function tendsWait({ task, position }: Step): boolean {
  return task.steps[position - 1]?.mode === 'wait' || task.steps[position + 1]?.mode === 'wait';
}
