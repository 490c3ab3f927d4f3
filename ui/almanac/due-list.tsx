'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { HouseholdChange } from '@/core/household/change';
import { everyWords } from '@/present/almanac/due-words';
import type { DueJob } from '@/present/almanac/year-model';
import { duration } from '@/present/words/words';
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
          sx={{ mb: 1 }}
          onClick={() => onChange(takingIn(out), `${out.length} jobs are in the clean.`)}
        >
          Take all {out.length} into the clean
        </Button>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 860 }}>
        {jobs.map((job) => (
          <Box component="li" key={job.id} sx={LINE}>
            <Box sx={{ flex: '1 1 240px', minWidth: 0, overflowWrap: 'anywhere' }}>
              <Box sx={{ fontWeight: job.isLate ? 600 : 450 }}>
                {job.job}, {job.place}
              </Box>
              <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
                {job.when} · {duration(job.minutes)}
              </Box>
            </Box>
            <HowOften job={job} onChange={onChange} />
            {hasClean &&
              (job.isIn ? (
                <Box sx={{ color: 'text.secondary' }}>In the clean</Box>
              ) : (
                <Button
                  aria-label={`Take into the clean: ${job.job}, ${job.place}`}
                  onClick={() => onChange(takingIn([job]), `${job.job} is in the clean.`)}
                >
                  Take into the clean
                </Button>
              ))}
          </Box>
        ))}
      </Box>
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
      sx={{ width: 190 }}
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
  borderBottom: '1px solid',
  borderColor: 'divider',
} as const;
