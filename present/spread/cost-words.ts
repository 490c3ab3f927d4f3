import { COST_PARTS, type CostPart } from '@/core/plan/costs';
import type { BaseMetrics, Plan } from '@/core/plan/plan';
import { count } from '../words/words';

/** What a plan was judged by, in words. */

export type CostRow = {
  readonly part: CostPart;
  readonly title: string;
  readonly words: string;
  /** Minutes' worth. */
  readonly minutes: number;
};

type Words = readonly [title: string, words: string];

const COST_WORDS: Readonly<Record<CostPart, Words>> = {
  late: ['Days until it is done', 'Each day on which work still goes on counts half an hour.'],
  uneven: ['Uneven days', 'Days with more than twice their share of the work, and weeks off theirs.'],
  open: ['Rooms left open overnight', 'More rooms begun and not finished at night than you wished for.'],
  scatter: ['Coming back', 'Something is taken up again on another day: a room, a job or a height.'],
  wishes: ['Order you would rather have', 'A job comes before one that it had better follow.'],
  idle: ['Standing about', 'Minutes in a session that are neither work nor a break.'],
  goings: ['Going from room to room', 'Each change of room in a session, and each floor between them.'],
  slivers: [
    'Very short visits',
    'Less than ten minutes in a room before going on, unless a soak asks for it.',
  ],
  sessions: [
    'Starting and stopping',
    'Getting ready and putting away, once a session; a short one hardly pays.',
  ],
  apart: ['Begun and left', 'A job lies half done overnight, and not because it soaks or dries.'],
  handovers: ['Handed on', 'A job goes from one person to another.'],
  dread: ['Dreaded work put off', 'What one would rather not do comes later than it could.'],
  dislikes: ['Disliked work', 'Minutes of work that somebody would rather leave to others.'],
  unfair: ['Unequal shares', 'Somebody has more, or less, than their share of the time they offer.'],
};

/** The parts of what a plan costs, the dearest first; nothing for a plan that was made before costs were counted. */
export function costRows({ metrics }: Plan): CostRow[] {
  if (!('costs' in metrics)) return [];
  return COST_PARTS.map((part) => {
    const [title, words] = COST_WORDS[part];
    return { part, title, words, minutes: metrics.costs[part] };
  })
    .filter(({ minutes }) => minutes > 0)
    .sort((a, b) => b.minutes - a.minutes);
}

/** In one sentence: rooms open, sessions and days, what was set aside. */
export function judgedWords({ sessions, metrics }: Plan): string {
  if (sessions.length === 0) return '';
  const days = new Set(sessions.map(({ date }) => date)).size;
  return `${count(days, 'day', 'days')} with ${count(sessions.length, 'session', 'sessions')}; ${openWords(metrics)}; ${wishWords(metrics)}.`;
}

function openWords({ openRoomNights }: BaseMetrics): string {
  return openRoomNights === 0
    ? 'no room is left half done overnight'
    : `rooms stay half done overnight ${count(openRoomNights, 'time', 'times')}`;
}

function wishWords({ wishesBroken }: BaseMetrics): string {
  if (wishesBroken === 0) return 'every wish for the order is kept';
  return `${count(wishesBroken, 'small wish', 'small wishes')} for the order ${wishesBroken === 1 ? 'is' : 'are'} set aside`;
}
