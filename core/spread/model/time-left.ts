import type { DayNumber, Minute } from '../../basics/local-time';
import type { Person, Span } from './model';

/** Dates in a row that are looked at as one where all are full. */
const BLOCK = 8;
const UNKNOWN = -1;

/**
 * How long a piece of work somebody can still take on, by date, as far as it was asked and has not changed since: so
 * that a stretch of full dates is passed in one go.
 */
export class TimeLeft {
  private readonly days: Int32Array;
  private readonly blocks: Int32Array;

  constructor(
    private readonly firstDay: DayNumber,
    private readonly lastDay: DayNumber,
    /** The longest piece of work that would fit on a date, in whole minutes. */
    private readonly lookAt: (day: DayNumber) => number,
  ) {
    const days = lastDay - firstDay + 1;
    this.days = new Int32Array(days).fill(UNKNOWN);
    this.blocks = new Int32Array(Math.ceil(days / BLOCK)).fill(UNKNOWN);
  }

  /** Something was put on a date or taken from it. */
  forget(day: DayNumber): void {
    const at = day - this.firstDay;
    if (at < 0 || at >= this.days.length) return;
    this.days[at] = UNKNOWN;
    this.blocks[Math.floor(at / BLOCK)] = UNKNOWN;
  }

  /** The first date from `day` on on which `length` minutes would fit; the one after the last where there is none. */
  firstWith(length: number, day: DayNumber): DayNumber {
    let at = Math.max(0, day - this.firstDay);
    while (at < this.days.length) {
      if (at % BLOCK === 0 && this.mostIn(at / BLOCK) < length) at += BLOCK;
      else if (this.on(at) >= length) return this.firstDay + at;
      else at++;
    }
    return this.lastDay + 1;
  }

  private on(at: number): number {
    if (this.days[at] === UNKNOWN) this.days[at] = this.lookAt(this.firstDay + at);
    return this.days[at] as number;
  }

  private mostIn(block: number): number {
    if (this.blocks[block] === UNKNOWN) {
      let most = 0;
      const end = Math.min(this.days.length, (block + 1) * BLOCK);
      for (let at = block * BLOCK; at < end; at++) most = Math.max(most, this.on(at));
      this.blocks[block] = most;
    }
    return this.blocks[block] as number;
  }
}

/**
 * The longest piece of work that a window and the breaks between work leave room for, in minutes, beside `work` in the
 * order of its start; never too short, since the rest of the rules is left aside.
 */
export function longestPiece(
  window: Span,
  work: readonly Span[],
  { breakAfter, breakLength }: Pick<Person, 'breakAfter' | 'breakLength'>,
): number {
  const runs = runsFrom(work, breakLength);
  let longest = 0;
  let free: Minute = window.start;
  let run = 0;
  for (let i = 0; i <= work.length; i++) {
    const [last, next] = [work[i - 1], work[i]];
    const minutes = Math.min(next?.start ?? window.end, window.end) - free;
    // What is still missing to a break on either side, and the work that a piece without one would be added to.
    const missing = last ? Math.max(0, breakLength - (free - last.end)) : 0;
    const missingAhead = next ? Math.max(0, breakLength - Math.max(0, next.start - window.end)) : 0;
    const beside = missing > 0 ? run : 0;
    const besideAhead = missingAhead > 0 ? (runs[i] as number) : 0;
    longest = Math.max(
      longest,
      Math.min(minutes, breakAfter - beside - besideAhead),
      Math.min(minutes - missing, breakAfter - besideAhead),
      Math.min(minutes - missingAhead, breakAfter - beside),
      Math.min(minutes - missing - missingAhead, breakAfter),
    );
    if (!next) break;
    run = next.end - next.start + (last && next.start - last.end < breakLength ? run : 0);
    free = Math.max(free, next.end);
  }
  return longest;
}

/** For each piece of work the minutes from it on that hang together by gaps shorter than a break. */
function runsFrom(work: readonly Span[], breakLength: number): number[] {
  const runs: number[] = [];
  for (let i = work.length - 1; i >= 0; i--) {
    const { start, end } = work[i] as Span;
    const next = work[i + 1];
    runs[i] = end - start + (next && next.start - end < breakLength ? (runs[i + 1] as number) : 0);
  }
  return runs;
}
