import type { Answer, ToldEvent } from '@/core/clean/events';

/** What the server answers to what a phone has sent. */
export type Taken = {
  readonly answers: readonly Answer[];
  readonly told: readonly ToldEvent[];
  /** The phone's clock was far off, and its times were set right. */
  readonly clockWrong: boolean;
  /** What was said before is as if it had never been. */
  readonly isBack: boolean;
  /** The id of what was said last that can be taken back. */
  readonly said?: string;
  /** The number of the plan that is made for it, by which to ask what moved. */
  readonly wish?: number;
};

/** What the server answers when it is asked what has moved. */
export type Moved = {
  /** In a sentence; absent where everything could stay as it was. */
  readonly words?: string | undefined;
};
