import { HEIGHTS, type Home, ROOM_KINDS, type Room, type Stop } from '@/core/home/room';
import { fixtureName } from '../walk/fixture-name';
import { HEIGHT_WORDS } from '../walk/fixture-words';
import type { RoomOrderStep, StepTime } from '../walk/room-order';
import { openStops } from '../walk/strip-model';
import { inSentence } from '../words/piece-of-work';
import { clock, count, duration, shortDate } from '../words/words';
import type { Line, Sheet, StripLines, StripThing } from './sheet';

/** More stops than these side by side are too narrow to read. */
const STOPS_ACROSS = 6;

/** A job of the room with its steps. */
type Job = readonly [RoomOrderStep, ...RoomOrderStep[]];

/** A card for the door of a room: the room in black lines, and its jobs in their order with a box each. */
export function roomSheet(room: Room, home: Pick<Home, 'wayRound'>, steps: readonly RoomOrderStep[]): Sheet {
  const jobs = jobsIn(steps);
  const open = steps.filter(({ when }) => when.is !== 'done');
  const minutes = open.reduce((sum, step) => sum + step.minutes, 0);
  const kind = ROOM_KINDS[room.kind];
  return {
    title: room.name,
    line: `${kind === room.name ? '' : `${kind}. `}${count(jobs.length, 'job', 'jobs')}, ${duration(minutes)} of hands-on work still to do. The numbers in the drawing are those of the jobs.`,
    parts: [
      { blocks: [{ is: 'strip', strip: stripOf(room, home, jobs) }] },
      jobs.length === 0
        ? { blocks: [{ is: 'words', words: ['Nothing is to be done in this room.'] }] }
        : { title: 'In this order', blocks: [{ is: 'lines', lines: jobs.map(lineOf) }] },
      { blocks: [{ is: 'ruled', title: 'Notes', rows: 3 }] },
    ],
  };
}

/** In the order in which they begin. */
function jobsIn(steps: readonly RoomOrderStep[]): Job[] {
  const jobs = new Map<string, [RoomOrderStep, ...RoomOrderStep[]]>();
  for (const step of steps) {
    const known = jobs.get(step.task);
    if (known) known.push(step);
    else jobs.set(step.task, [step]);
  }
  return [...jobs.values()];
}

function lineOf(job: Job, at: number): Line {
  const [first] = job;
  const isDone = job.every(({ when }) => when.is === 'done');
  const manners = [...new Set(job.flatMap(({ manner }) => (manner === '' ? [] : [inSentence(manner)])))];
  return {
    box: isDone ? 'ticked' : 'open',
    at: String(at + 1),
    what: manners.length === 0 ? first.job : `${first.job}: ${manners.join('; ')}`,
    where: first.where,
    side: duration(job.reduce((sum, step) => sum + step.minutes, 0)),
    more: [
      ...whenWords(first.when),
      ...job.flatMap(({ sets }) => (sets ? [`${sets.title}: ${duration(sets.minutes)}.`] : [])),
    ],
  };
}

function whenWords(when: StepTime): string[] {
  if (when.is === 'planned') return [`Planned for ${shortDate(when.at.slice(0, 10))}, ${clock(when.at)}.`];
  return when.is === 'left-out' ? ['It has no place in the plan yet.'] : [];
}

function stripOf(room: Room, home: Pick<Home, 'wayRound'>, jobs: readonly Job[]): StripLines {
  const numbers = new Map<string, number[]>();
  for (const [i, job] of jobs.entries()) {
    if (job.every(({ when }) => when.is === 'done')) continue;
    const { fixture } = job[0];
    numbers.set(fixture, [...(numbers.get(fixture) ?? []), i + 1]);
  }
  const thing = (fixture: Room['stops'][number]['fixtures'][number]): StripThing => ({
    name: fixture.count > 1 ? `${fixtureName(fixture)} × ${fixture.count}` : fixtureName(fixture),
    numbers: numbers.get(fixture.id) ?? [],
  });
  const stops = openStops(room, home.wayRound);
  return {
    rows: chunks(stops).map((some) => ({
      stops: some.map(({ name }) => name),
      heights: HEIGHTS.filter((height) =>
        some.some((stop) => stop.fixtures.some((fixture) => fixture.height === height)),
      ).map((height) => ({
        name: HEIGHT_WORDS[height],
        cells: some.map((stop) => stop.fixtures.filter((fixture) => fixture.height === height).map(thing)),
      })),
    })),
    round: HEIGHTS.flatMap((height) =>
      room.stops
        .filter((stop) => stop.shell)
        .flatMap((stop) => stop.fixtures.filter((fixture) => fixture.height === height).map(thing)),
    ),
  };
}

/** Shared out evenly, so that no row has a single stop. */
function chunks(stops: readonly Stop[]): Stop[][] {
  const rows = Math.ceil(stops.length / STOPS_ACROSS);
  const across = Math.ceil(stops.length / Math.max(1, rows));
  return Array.from({ length: rows }, (_, i) => stops.slice(i * across, (i + 1) * across));
}
