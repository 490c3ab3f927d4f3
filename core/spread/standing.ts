import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../basics/local-time';
import type { Board } from './board';
import { dislikeOf, type Score, unfairnessOf } from './compare';
import type { LeftOut } from './construct';
import { idleOf, isLinkBroken, type Placed, type Session, sessionsOf, unplacedMinutes } from './metrics';
import type { Link, Person, Room, Step } from './model';
import { SchoolFigures } from './schools';

/** Two pieces of work of one person and session between which he or she stands about. */
export type Gap = { readonly person: Person; readonly before: Placed; readonly after: Placed };

/** What is known of one person's date: minutes of standing about, and where. */
type PersonDay = { readonly idle: number; readonly gaps: readonly Gap[] };

/** From the first work in a room to its last, as minutes; what is left out closes nothing. */
type RoomSpan = { readonly begun: Minute; readonly closed: Minute; readonly last: Minute };

/**
 * The score of what lies on a board, kept up while entries are put and taken: only the dates, rooms and wishes that an
 * entry touches are looked at again. The same figures as `scoreOf` gives for the whole plan.
 */
export class Standing {
  private readonly days: Map<DayNumber, PersonDay>[];
  private readonly staleDays: Set<DayNumber>[];
  private readonly rooms = new Map<Room, RoomSpan>();
  private readonly staleRooms: Set<Room>;
  private readonly wishes = new Map<Link, boolean>();
  private readonly wishesOf = new Map<Step, Link[]>();
  private readonly staleWishes: Set<Link>;
  private readonly stepsIn = new Map<Room, Step[]>();
  /** What the school of the household asks for beyond the score. */
  readonly school: SchoolFigures;
  private leftOut: readonly LeftOut[] | undefined;
  private idle = 0;
  private broken = 0;
  private dislikes = 0;

  /** Is kept up no further. */
  readonly close: () => void;

  constructor(private readonly board: Board) {
    const { model } = board;
    const soft = model.links.filter((link) => !link.hard);
    this.school = new SchoolFigures(model);
    this.days = model.people.map(() => new Map());
    this.staleDays = model.people.map(() => new Set());
    this.staleRooms = new Set(model.rooms);
    this.staleWishes = new Set(soft);
    for (const step of model.steps.values()) append(this.stepsIn, step.task.room, step);
    for (const link of soft) for (const step of [link.before, link.after]) append(this.wishesOf, step, link);
    for (const entry of board.entries()) this.note(entry, 1);
    this.close = board.watch((entry, sign) => this.note(entry, sign));
  }

  /** The score as `scoreOf` defines it, with these tasks left out. */
  score(leftOut: readonly LeftOut[]): Score {
    this.refresh(leftOut);
    const { model } = this.board;
    const unplaced = unplacedMinutes(leftOut.flatMap((item) => item.tasks));
    const finish = this.finish();
    return [
      unplaced.must,
      unplaced.should,
      unplaced.could,
      model.policy.spread === 'early' ? Math.max(0, finish) : this.board.squaredLoads(),
      this.nightsBeyondWish(finish),
      this.broken,
      this.idle,
      this.dislikes,
      unfairnessOf(model, (person) => this.board.minutesOf(person)),
    ];
  }

  /** Where somebody stands about longer than the breaks that are due. */
  gaps(): Gap[] {
    this.refreshDays();
    return this.days.flatMap((days) => [...days.values()].flatMap((day) => day.gaps));
  }

  /** The end of the last entry, as a minute; minus infinity for an empty board. */
  finish(): Minute {
    this.refreshRooms();
    let last = Number.NEGATIVE_INFINITY;
    for (const span of this.rooms.values()) last = Math.max(last, span.last);
    return last;
  }

  private note(entry: Placed, sign: 1 | -1): void {
    const { step, people } = entry;
    this.school.note(entry, sign);
    this.staleRooms.add(step.task.room);
    for (const link of this.wishesOf.get(step) ?? []) this.staleWishes.add(link);
    if (step.mode === 'wait') return;
    this.dislikes += sign * dislikeOf(entry);
    for (const person of people) this.staleDays[person.index]?.add(dayOfMinute(entry.start));
  }

  private refresh(leftOut: readonly LeftOut[]): void {
    if (leftOut !== this.leftOut) {
      this.leftOut = leftOut;
      for (const room of this.board.model.rooms) this.staleRooms.add(room);
    }
    this.refreshDays();
    this.refreshRooms();
    this.refreshWishes();
  }

  private refreshDays(): void {
    for (const person of this.board.model.people) {
      const days = this.days[person.index] as Map<DayNumber, PersonDay>;
      const stale = this.staleDays[person.index] as Set<DayNumber>;
      for (const day of stale) {
        this.idle -= days.get(day)?.idle ?? 0;
        const seen = this.lookAt(person, day);
        this.idle += seen.idle;
        days.set(day, seen);
      }
      stale.clear();
    }
  }

  private lookAt(person: Person, day: DayNumber): PersonDay {
    let idle = 0;
    const gaps: Gap[] = [];
    for (const session of sessionsOf(this.board.workOn(person, day), [person])) {
      const standing = idleOf(session);
      idle += standing;
      if (standing > 0) gaps.push(...gapsIn(session));
    }
    return { idle, gaps };
  }

  private refreshRooms(): void {
    if (this.staleRooms.size === 0) return;
    const out = new Set((this.leftOut ?? []).flatMap((item) => item.tasks));
    for (const room of this.staleRooms) {
      let begun = Number.POSITIVE_INFINITY;
      let closed = Number.NEGATIVE_INFINITY;
      let last = Number.NEGATIVE_INFINITY;
      for (const step of this.stepsIn.get(room) ?? []) {
        if (step.doneAt !== undefined) begun = Math.min(begun, step.doneAt);
        for (const entry of this.board.entriesOf(step)) {
          begun = Math.min(begun, entry.start);
          last = Math.max(last, entry.end);
          if (!out.has(step.task)) closed = Math.max(closed, entry.end);
        }
      }
      this.rooms.set(room, { begun, closed, last });
    }
    this.staleRooms.clear();
  }

  private refreshWishes(): void {
    const { board } = this;
    const times = { startOf: (step: Step) => board.startOf(step), endOf: (step: Step) => board.endOf(step) };
    for (const link of this.staleWishes) {
      const broken = isLinkBroken(link, times);
      if (broken !== (this.wishes.get(link) ?? false)) this.broken += broken ? 1 : -1;
      this.wishes.set(link, broken);
    }
    this.staleWishes.clear();
  }

  private nightsBeyondWish(finish: Minute): number {
    if (finish === Number.NEGATIVE_INFINITY) return 0;
    const { firstDay, now, policy } = this.board.model;
    let beyond = 0;
    for (
      let day = Math.max(firstDay, now === undefined ? firstDay : dayOfMinute(now));
      day <= dayOfMinute(finish);
      day++
    ) {
      const night = midnightOf(day + 1);
      let open = 0;
      for (const { begun, closed } of this.rooms.values()) if (begun < night && closed > night) open++;
      beyond += Math.max(0, open - policy.openRooms);
    }
    return beyond;
  }
}

function gapsIn({ person, entries }: Session): Gap[] {
  return entries.flatMap((after, i) => {
    const before = entries[i - 1];
    return before && after.start > before.end ? [{ person, before, after }] : [];
  });
}

function append<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const found = map.get(key);
  if (found) found.push(value);
  else map.set(key, [value]);
}
