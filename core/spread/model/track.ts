import type { Minute } from '../../basics/local-time';
import type { Span } from './model';

const NONE: readonly Span[] = [];

/**
 * Spans in order of their start, with quick answers to "what overlaps this stretch?". Spans may overlap each other.
 */
export class Track<T extends Span> {
  readonly spans: T[] = [];
  private longest = 0;

  add(span: T): void {
    this.spans.splice(this.firstFrom(span.start), 0, span);
    this.longest = Math.max(this.longest, span.end - span.start);
  }

  remove(span: T): void {
    const at = this.spans.indexOf(span, this.firstFrom(span.start));
    if (at < 0) throw new Error('Track.remove: the span is not on the track');
    this.spans.splice(at, 1);
  }

  /** The spans that share at least a minute with [start, end), in order. */
  overlapping(start: Minute, end: Minute): readonly T[] {
    let found: T[] | undefined;
    for (let i = this.firstFrom(start - this.longest); i < this.spans.length; i++) {
      const span = this.spans[i] as T;
      if (span.start >= end) break;
      if (span.end <= start) continue;
      found ??= [];
      found.push(span);
    }
    return found ?? (NONE as readonly T[]);
  }

  /** When the last of the spans ends that share at least a minute with [start, end); undefined where none does. */
  takenUntil(start: Minute, end: Minute): Minute | undefined {
    let until: Minute | undefined;
    for (let i = this.firstFrom(start - this.longest); i < this.spans.length; i++) {
      const span = this.spans[i] as T;
      if (span.start >= end) break;
      if (span.end > start && (until === undefined || span.end > until)) until = span.end;
    }
    return until;
  }

  /** Index of the first span that starts at `minute` or later. */
  firstFrom(minute: Minute): number {
    let low = 0;
    let high = this.spans.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.spans[middle] as T).start < minute) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}
