import { groupBy } from '@/core/basics/group-by';
import type { HowItCameOut } from '@/core/clean/names';
import type { PastClean } from '@/core/clean/past-clean';
import type { RecordLine } from '@/core/clean/record-line';
import { isBelieved } from '@/core/learning/learn';
import { minutesOfLine } from '@/core/record/past-of';
import { inSentence } from '../words/piece-of-work';
import { clock, dateWithYear, duration } from '../words/words';

/** What was done, day by day, the latest first. */
export type RecordScreen = {
  readonly days: readonly {
    readonly date: string;
    readonly title: string;
    readonly lines: readonly LineWords[];
  }[];
  /** Lines in all, of which so many are shown. */
  readonly total: number;
  readonly cleans: readonly PastWords[];
};

export type LineWords = {
  readonly id: string;
  /** `Clean the oven · spray, leave ten minutes`. */
  readonly job: string;
  /** `Kitchen, Ines, 19:10`. */
  readonly where: string;
  /** `took 34 min, estimated 25`; only estimated where nobody timed it. */
  readonly took: string;
  /** Whole minutes that it took, where it was timed. */
  readonly minutes: number | undefined;
  /** Something about it that is not believed. */
  readonly doubt: string | undefined;
  readonly cameOut: HowItCameOut;
  /** Whether it can be struck out here. */
  readonly canGo: boolean;
};

export type PastWords = {
  readonly id: string;
  readonly name: string;
  readonly when: string;
  readonly figures: string;
  readonly past: PastClean;
};

export function recordScreen(
  lines: readonly RecordLine[],
  past: readonly PastClean[],
  { total, cleanNow }: { readonly total: number; readonly cleanNow: string | undefined },
): RecordScreen {
  const days = groupBy(lines.toReversed(), ({ at }) => at.slice(0, 10));
  return {
    days: [...days].map(([date, own]) => ({
      date,
      title: dateWithYear(date),
      lines: own.map((line) => lineWords(line, cleanNow)),
    })),
    total,
    cleans: past.toReversed().map(pastWords),
  };
}

function lineWords(line: RecordLine, cleanNow: string | undefined): LineWords {
  const { id, job, part, place, name, at, seconds, estimate, cameOut, mode, clean } = line;
  const took = Math.max(1, Math.round(minutesOfLine(line)));
  const believed = isBelieved(line);
  return {
    id,
    job: part === undefined || part === job ? job : `${job} · ${inSentence(part)}`,
    where: [place, name, clock(at)].filter(Boolean).join(', '),
    took:
      mode === 'wait'
        ? `waited ${duration(took)}`
        : seconds === undefined
          ? `estimated ${duration(estimate.minutes)}`
          : `took ${duration(took)}, estimated ${duration(estimate.minutes)}`,
    minutes: seconds === undefined ? undefined : took,
    doubt: believed
      ? undefined
      : 'So far from the estimate that it is not learnt from. If the clock ran on, say how long it really took.',
    cameOut,
    canGo: clean === undefined || clean !== cleanNow,
  };
}

export function pastWords(past: PastClean): PastWords {
  return {
    id: past.id,
    name: past.name,
    when: `${dateWithYear(past.start)} to ${dateWithYear(past.closed)}`,
    figures: `${duration(past.doneMinutes)} of work, ${past.jobs} jobs`,
    past,
  };
}
