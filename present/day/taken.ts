import type { Answer, ToldEvent } from '@/core/clean/events';

/** What the server answers to what a phone has sent. */
export type Taken = {
  readonly answers: readonly Answer[];
  readonly told: readonly ToldEvent[];
  /** The phone's clock was far off, and its times were set right. */
  readonly clockWrong: boolean;
  /** What has moved for it, in a sentence. */
  readonly moved?: string;
  /** The id of what was said last that can be taken back. */
  readonly said?: string;
};
