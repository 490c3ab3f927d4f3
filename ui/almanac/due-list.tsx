'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { HouseholdChange } from '@/core/household/change';
import type { DueJob } from '@/present/almanac/year-model';
import { duration } from '@/present/words/words';

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

function takingIn(jobs: readonly DueJob[]): HouseholdChange {
  return { do: 'mark', marks: jobs.map(({ id }) => ({ on: 'task', target: id, in: true })) };
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
