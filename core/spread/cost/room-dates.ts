import type { DayNumber } from '../../basics/local-time';

/** The first and the last date on which something of a room lies, kept up while things come and go. */
export class RoomDates {
  private readonly begins: number[] = [];
  private readonly ends: number[] = [];
  private first = Number.POSITIVE_INFINITY;
  private last = Number.NEGATIVE_INFINITY;

  constructor(
    private readonly from: DayNumber,
    /** A date on which something was done already. */
    private readonly begun: DayNumber = Number.POSITIVE_INFINITY,
  ) {}

  /** Something that begins and ends on these dates comes (1) or goes (-1); true where that changes the first or last date. */
  note(begins: DayNumber, ends: DayNumber, sign: 1 | -1): boolean {
    count(this.begins, begins - this.from, sign);
    count(this.ends, ends - this.from, sign);
    const [first, last] = [this.first, this.last];
    if (sign > 0) {
      this.first = Math.min(first, begins);
      this.last = Math.max(last, ends);
    } else {
      if (begins === first) this.first = this.from + this.begins.findIndex((there) => there > 0);
      if (ends === last) this.last = this.from + this.ends.findLastIndex((there) => there > 0);
      if (this.first < this.from) this.first = Number.POSITIVE_INFINITY;
      if (this.last < this.from) this.last = Number.NEGATIVE_INFINITY;
    }
    return first !== this.first || last !== this.last;
  }

  /** From the first date up to the one before the last: the room stands open over these nights. */
  get nights(): { readonly from: DayNumber; readonly to: DayNumber } {
    return { from: Math.max(this.from, Math.min(this.first, this.begun)), to: this.last - 1 };
  }
}

function count(counts: number[], at: number, sign: 1 | -1): void {
  while (counts.length <= at) counts.push(0);
  counts[at] = (counts[at] as number) + sign;
}
