import { groupBy } from '../basics/group-by';
import { dayOf } from '../basics/local-time';
import type { AlmanacSettings } from '../clean/almanac-settings';
import { type AlmanacEntry, urgencyOf } from './due';
import { seasonJobs, seasonsOf } from './seasons';

/** What a month holds for a household that goes round the house all year: its season's jobs, one area, and what is late. */
export type MonthByTurns = {
  /** The room whose turn it is; undefined where nothing is due. */
  readonly area: { readonly id: string; readonly name: string } | undefined;
  readonly jobs: readonly AlmanacEntry[];
  /** Hands-on minutes of them, and what a month of this home usually takes. */
  readonly minutes: number;
  readonly usualMinutes: number;
  /** The jobs of this week: as much as is left by the weeks that are left. */
  readonly week: readonly AlmanacEntry[];
  /** What is due and waits for a later month, so that nothing is piled up. */
  readonly later: number;
};

/** A month may hold so much more than its share of the year, to catch up. */
const CATCHING_UP = 1.25;
const LEAST_IN_A_ROOM = 4;

/**
 * The month of `today` for a household that does some each month. What was missed, for however long, is spread over the
 * months to come: no month holds more than a quarter above its share of the year, no week more than its share of the month.
 */
export function monthByTurns(
  entries: readonly AlmanacEntry[],
  settings: AlmanacSettings,
  today: string,
  isSouth: boolean,
): MonthByTurns {
  const deep = entries.filter(({ routine }) => !routine);
  const usualMinutes = deep.reduce((sum, { minutes, months }) => sum + minutes / months, 0);
  const budget = usualMinutes * CATCHING_UP;
  const due = deep.filter((entry) => entry.due === undefined || entry.due.slice(0, 7) <= today.slice(0, 7));
  const month = Number(today.slice(5, 7));
  const inSeason = new Set(seasonsOf(month, isSouth).flatMap((season) => [...seasonJobs(season, settings)]));
  const area = areaOf(due);
  const byUrgency = due.toSorted((a, b) => urgencyOf(b) - urgencyOf(a));
  // One job of the season after the other through the house; the area with all that it has; then what is most late.
  const ofSeason = upTo(byMethod(byUrgency.filter(({ task }) => inSeason.has(task.method.id))), budget / 2);
  const others = byUrgency.filter((entry) => !ofSeason.includes(entry));
  const ofArea = upTo(
    others.filter(({ task }) => task.room.id === area?.id),
    budget - sumOf(ofSeason),
  );
  const late = upTo(
    others.filter((entry) => !ofArea.includes(entry)),
    budget - sumOf(ofSeason) - sumOf(ofArea),
    0,
  );
  const chosen = new Set([...ofSeason, ...ofArea, ...late]);
  const jobs = entries.filter((entry) => chosen.has(entry));
  const minutes = sumOf(jobs);
  const weeks = weeksLeft(today);
  const ofWeek = new Set(
    worthTheWay([
      ...upTo(ofSeason, sumOf(ofSeason) / weeks),
      ...upTo([...ofArea, ...late], (sumOf(ofArea) + sumOf(late)) / weeks),
    ]),
  );
  return {
    area,
    jobs,
    minutes,
    usualMinutes,
    week: entries.filter((entry) => ofWeek.has(entry)),
    later: due.length - jobs.length,
  };
}

/** All of one job beside each other, the most pressing job first. */
function byMethod(ranked: readonly AlmanacEntry[]): AlmanacEntry[] {
  return [...groupBy(ranked, ({ task }) => task.method.id).values()].flat();
}

/** Nobody crosses the house for a minute: what is so small waits for a week in which there is more in its room. */
function worthTheWay(week: readonly AlmanacEntry[]): AlmanacEntry[] {
  const rooms = [...groupBy(week, ({ task }) => task.room.id).values()];
  const worth = rooms.filter((own) => sumOf(own) >= LEAST_IN_A_ROOM);
  return (worth.length > 0 ? worth : rooms).flat();
}

function sumOf(entries: readonly AlmanacEntry[]): number {
  return entries.reduce((sum, { minutes }) => sum + minutes, 0);
}

/** The room with the most that has waited longest. */
function areaOf(due: readonly AlmanacEntry[]): MonthByTurns['area'] {
  const rooms = new Map<string, { name: string; weight: number }>();
  for (const entry of due) {
    const { id, name } = entry.task.room;
    const known = rooms.get(id) ?? { name, weight: 0 };
    rooms.set(id, { name, weight: known.weight + entry.minutes * urgencyOf(entry) });
  }
  let most: { id: string; name: string; weight: number } | undefined;
  for (const [id, room] of rooms) if (!most || room.weight > most.weight) most = { id, ...room };
  return most && { id: most.id, name: most.name };
}

/** As many as the minutes hold, and at least so many. */
function upTo(ranked: readonly AlmanacEntry[], minutes: number, least = 1): AlmanacEntry[] {
  const chosen: AlmanacEntry[] = [];
  let left = minutes;
  for (const entry of ranked) {
    if (chosen.length >= least && entry.minutes > left) continue;
    chosen.push(entry);
    left -= entry.minutes;
  }
  return chosen;
}

/** Weeks of the month from today on, the one of today included. */
function weeksLeft(today: string): number {
  const first = dayOf(`${today.slice(0, 7)}-01`);
  const next = new Date(first * 86_400_000);
  next.setUTCMonth(next.getUTCMonth() + 1);
  return Math.max(1, Math.ceil((next.getTime() / 86_400_000 - dayOf(today)) / 7));
}
