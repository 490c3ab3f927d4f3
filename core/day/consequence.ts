import { isSecondGo, taskOfStep } from '../basics/ids';
import type { DayEvent } from '../clean/events';
import { type Room, roomsOf } from '../home/room';
import type { HouseholdChange } from '../household/change';
import type { Editable } from '../household/editable';
import { findStop } from '../household/home-parts';
import type { Member } from '../people/member';
import { secondGoMark } from '../work/second-go';
import type { CleanTask } from '../work/task';
import { hoursFrom, withHoursOn } from './hours-today';
import { putOff } from './put-off';
import { runOut } from './run-out';

/** The household as far as it matters for what follows from something that happens on the day. */
export type Circumstances = Pick<Editable, 'home' | 'people'> & {
  readonly tasks: readonly CleanTask[];
  /** Tasks of which something is ticked off. */
  readonly begun: ReadonlySet<string>;
};

/** What something that happens on the day changes in the household beyond the day itself; undefined for most of it. */
export function consequenceOf(event: DayEvent, where: Circumstances): HouseholdChange | undefined {
  const { id, at, act } = event;
  const today = at.slice(0, 10);
  switch (act.do) {
    case 'not-today':
      return putOff([...new Set([act.step, ...(act.also ?? [])].map(taskOfStep))], today);
    case 'cannot':
      // What is broken or not safe is no work of this clean; everything else can be had by tomorrow.
      return act.why === 'broken' || act.why === 'unsafe'
        ? {
            do: 'mark',
            marks: [{ on: 'task', target: taskOfStep(act.step), in: false, reason: 'not-worth-it' }],
          }
        : putOff([taskOfStep(act.step)], today);
    case 'found': {
      const rooms = roomsOf(where.home);
      const room = rooms.find((known) => known.id === act.room) ?? rooms[0];
      return act.find === 'later' && room ? workFound(id, act.text, room) : undefined;
    }
    case 'reword':
      return reworded(act.found, act.text, where);
    case 'rain':
      return { do: 'weather', date: today, dry: false };
    case 'run-out':
      return runOut(id, act.product, at.slice(0, 16), where);
    case 'second-go':
      return secondGo(act.step, where);
    case 'broke':
      // Done another way from now on; it is back once it is named again.
      return { do: 'drop-machine', id: act.machine };
    case 'short':
      return short(where.people, act.who, at.slice(0, 16), act.minutes);
    case 'block':
      return act.what === 'enough' ? short(where.people, event.person, at.slice(0, 16), 0) : undefined;
    default:
      return undefined;
  }
}

function secondGo(step: string, { tasks }: Circumstances): HouseholdChange | undefined {
  const task = tasks.find(({ id }) => id === taskOfStep(step));
  return task && !isSecondGo(task.id) ? { do: 'mark', marks: [secondGoMark(task)] } : undefined;
}

/** Somebody works so many minutes more today, and no longer. */
function short(
  people: readonly Member[],
  who: string | undefined,
  at: string,
  minutes: number,
): HouseholdChange | undefined {
  const member = people.find((known) => known.id === who);
  if (!member) return undefined;
  return { do: 'put-member', member: withHoursOn(member, at.slice(0, 10), hoursFrom(at, minutes)) };
}

const MOST_NAME = 80;

/** Work that was found bears the name that it has got since. */
function reworded(found: string, text: string, { home }: Circumstances): HouseholdChange | undefined {
  const id = stopOfFound(found);
  return findStop(home, id) && { do: 'rename-stop', id, name: text.slice(0, MOST_NAME) };
}

function stopOfFound(found: string): string {
  return `found-${found}`;
}

/** A stop of its own in the room, with the work that was found there. */
function workFound(id: string, text: string, room: Room): HouseholdChange {
  const stop = stopOfFound(id);
  return {
    do: 'several',
    changes: [
      { do: 'add-stop', roomId: room.id, id: stop, name: text.slice(0, MOST_NAME) },
      {
        do: 'put-fixture',
        stopId: stop,
        fixture: {
          id: `${stop}-work`,
          kind: 'found-work',
          height: 'middle',
          count: 1,
          size: {},
          soil: 'normal',
          fullness: 'empty',
          leave: false,
        },
      },
    ],
  };
}
