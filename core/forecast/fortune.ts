import { chanceOfWet, DAYS_A_MONTH, USUAL_WET_DAYS } from '../problem/forecast';
import type { Course, CourseStep } from './course';

/** What chance decides in one course of a clean: how slow it goes, what is missed, rain, and what has to be run again. */

/**
 * How much of a step's deviation is common to the household, to a person, and to a person's day; the rest is its own. The
 * squares of the three add up to what ranges share where they are summed up.
 */
export const COMMON = { household: 0.325, person: 0.08, day: 0.1 } as const;
const OWN = Math.sqrt(1 - COMMON.household ** 2 - COMMON.person ** 2 - COMMON.day ** 2);

/** How a household keeps to its plans. */
export type Habits = {
  /** Of all sessions that were planned, the share that did not take place. */
  readonly missed: number;
  /** Of all that a machine has done, the share that has to be done again. */
  readonly secondRuns: number;
  /** Wet days of each month, January first. */
  readonly wetDays: readonly number[];
};

export const USUAL_HABITS: Habits = { missed: 0.1, secondRuns: 0.03, wetDays: USUAL_WET_DAYS };

/** Of the sessions that are missed, those that nobody in the house holds: a child is ill, guests have come. */
const MISSED_BY_ALL = 0.5;

/** Draws of the standard normal distribution, by pairs (Box and Muller). */
export function normalFrom(random: () => number): () => number {
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const drawn = spare;
      spare = undefined;
      return drawn;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}

export class Fortune {
  private readonly normal: () => number;
  private readonly household: number;
  private readonly people: readonly number[];
  /** By person and day. */
  private readonly days: readonly (readonly number[])[];
  private readonly absent: readonly (readonly boolean[])[];
  private readonly wet: readonly boolean[];

  constructor(
    course: Course,
    private readonly habits: Habits,
    private readonly random: () => number,
  ) {
    this.normal = normalFrom(random);
    this.household = this.normal();
    this.people = course.people.map(() => this.normal());
    this.days = course.people.map(() => course.days.map(() => this.normal()));
    const all = course.days.map(() => random() < habits.missed * MISSED_BY_ALL);
    const own = (habits.missed * (1 - MISSED_BY_ALL)) / Math.max(1e-9, 1 - habits.missed * MISSED_BY_ALL);
    this.absent = course.people.map(() => course.days.map((_, day) => all[day] || random() < own));
    this.wet = this.weather(course);
  }

  isAbsent(person: number, day: number): boolean {
    return this.absent[person]?.[day] ?? false;
  }

  isWet(day: number): boolean {
    return this.wet[day] ?? false;
  }

  /** What a step really takes a person on a day: 10 % above its range, 10 % below it. */
  minutesOf(step: CourseStep, person: number, day: number): number {
    const { household, people, days } = this;
    const deviation =
      COMMON.household * household +
      COMMON.person * (people[person] ?? 0) +
      COMMON.day * (days[person]?.[day] ?? 0) +
      OWN * this.normal();
    return stretched(step, deviation);
  }

  /** A wait; what a machine has to do again takes it twice. */
  waitOf(step: CourseStep): number {
    const minutes = stretched(step, this.normal());
    const isAgain = step.machine !== undefined && this.random() < this.habits.secondRuns;
    return isAgain ? 2 * minutes : minutes;
  }

  /** What was told, then spells of rain as a month has them. */
  private weather({ days }: Course): boolean[] {
    let wet = false;
    return days.map(({ dry, month }) => {
      const share = Math.min(1, (this.habits.wetDays[month] as number) / DAYS_A_MONTH);
      wet = dry === undefined ? this.random() < chanceOfWet(share, wet) : !dry;
      return wet;
    });
  }
}

/** A normal distribution of two halves, each as wide as its side of the range. */
function stretched({ minutes, slower, quicker }: CourseStep, deviation: number): number {
  return Math.max(minutes === 0 ? 0 : 0.5, minutes + deviation * (deviation > 0 ? slower : quicker));
}
