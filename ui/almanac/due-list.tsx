'use client';
import type { HouseholdChange } from '@/core/household/change';
import { everyWords } from '@/present/almanac/due-words';
import type { DueJob } from '@/present/almanac/year-model';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';

type DueListProps = {
  readonly jobs: readonly DueJob[];
  readonly hasClean: boolean;
  readonly onChange: (change: HouseholdChange, words: string) => void;
};

/** Jobs that are due, each with a press that takes it into the clean. */
export function DueList({ jobs, hasClean, onChange }: DueListProps) {
  const out = jobs.filter(({ isIn }) => !isIn);
  return (
    <>
      {hasClean && out.length > 1 && (
        <Button
          variant="outlined"
          className={css({ mb: 1 })}
          onClick={() => onChange(takingIn(out), `${out.length} jobs are in the clean.`)}
        >
          Take all {out.length} into the clean
        </Button>
      )}
      <ul className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 860 })}>
        {jobs.map((job) => (
          <li key={job.id} className={css(LINE)}>
            <div className={css({ flex: '1 1 240px', minWidth: 0, overflowWrap: 'anywhere' })}>
              <div className={css({ fontWeight: job.isLate ? 600 : 450 })}>
                {job.job}, {job.place}
              </div>
              <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
                {job.when} · {duration(job.minutes)}
              </div>
            </div>
            <HowOften job={job} onChange={onChange} />
            {hasClean &&
              (job.isIn ? (
                <div className={css({ color: 'quiet' })}>In the clean</div>
              ) : (
                <Button
                  aria-label={`Take into the clean: ${job.job}, ${job.place}`}
                  onClick={() => onChange(takingIn([job]), `${job.job} is in the clean.`)}
                >
                  Take into the clean
                </Button>
              ))}
          </li>
        ))}
      </ul>
    </>
  );
}

/** What was said of a job beside that stays. */
export function takingIn(jobs: readonly DueJob[]): HouseholdChange {
  return {
    do: 'mark',
    marks: jobs.map(({ mark: { reason: _reason, ...mark } }) => ({ ...mark, in: true })),
  };
}

const INTERVALS = [1, 2, 3, 4, 6, 9, 12, 18, 24, 36, 60, 120] as const;

/** How often a job comes round, where one knows better than the catalogue. */
function HowOften({ job, onChange }: { job: DueJob; onChange: DueListProps['onChange'] }) {
  const choices = [...new Set([...INTERVALS, job.months])].sort((a, b) => a - b);
  const { everyMonths: _before, ...mark } = job.mark;
  return (
    <NativeSelect
      size="small"
      label={`How often: ${job.job}, ${job.place}`}
      value={job.isOwn ? job.months : ''}
      none={`as usual, ${everyWords(job.months)}`}
      options={choices.map((months) => [months, everyWords(months)] as const)}
      onChange={(chosen) =>
        onChange(
          { do: 'mark', marks: [chosen === '' ? mark : { ...mark, everyMonths: Number(chosen) }] },
          'Kept.',
        )
      }
      className={css({ width: 190 })}
    />
  );
}

const LINE = {
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1.5,
  alignItems: 'center',
  justifyContent: 'space-between',
  minHeight: 52,
  py: 0.75,
  borderBottom: '1px solid var(--colors-line)',
} as const;
