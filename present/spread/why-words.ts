import type { Obstacle, WhyThen } from '@/core/spread';
import { clock, longDate } from '../words/words';

const OBSTACLES: Record<Obstacle, string> = {
  nobody: 'Before that, nobody who may do it is free for long enough.',
  busy: 'Before that, everybody who may do it is at other work, has a break due, or has done enough for the day.',
  room: 'Before that, the room is full, or closed while something in it dries.',
  machine: 'Before that, the machine is running, or must not run yet.',
  weather: 'It waits for a dry day.',
  daylight: 'It waits for daylight.',
};

/** What keeps a job from being done earlier. */
export function whyThenWords(why: WhyThen | undefined, titles: ReadonlyMap<string, string>): string {
  switch (why?.kind) {
    case undefined:
      return 'Nothing of it is left to plan.';
    case 'by-hand':
      return 'It was put here by hand, and stays until you let it go.';
    case 'asked':
      return 'It was given this time. What was asked for stands under “Ask for a time”.';
    case 'rule':
      return `It comes right after “${titles.get(why.before) ?? why.before}”: ${why.reason}`;
    case 'not-before':
      return `It was put off, or kept apart from what was used in this room: not before ${longDate(why.at.slice(0, 10))}.`;
    case 'first':
      return 'This is the first moment there is.';
    case 'obstacle':
      return OBSTACLES[why.obstacle];
    case 'choice':
      return `It could begin on ${longDate(why.earliest.slice(0, 10))} at ${clock(why.earliest)}. It lies later so that days are even, rooms are closed one by one and nobody stands about.`;
  }
}
