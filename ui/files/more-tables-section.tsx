import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';

/** Everything else that can be taken away. */
const FILES = [
  { href: '/api/record', words: 'The record, a line a tick' },
  { href: '/api/almanac', words: 'What is due, as a table' },
  { href: '/api/almanac/calendar', words: 'What is due, as a calendar' },
  { href: '/api/work', words: 'The planned work' },
  { href: '/api/plan/plan.json', words: 'The plan, as a document' },
  { href: '/api/plan/problem.json', words: 'The problem that it solves' },
  { href: '/api/supplies', words: 'The shopping list' },
] as const;

export function MoreTablesSection() {
  return (
    <Stack component="section" aria-labelledby="more" spacing={1.5} sx={{ alignItems: 'flex-start' }}>
      <Typography id="more" variant="h2">
        Tables and calendars
      </Typography>
      <Typography>
        Tables open in any spreadsheet; calendars in any calendar, where a later one moves what an earlier one
        had.
      </Typography>
      <Stack direction="row" spacing={1.5} useFlexGap sx={{ flexWrap: 'wrap' }}>
        {FILES.map(({ href, words }) => (
          <Button key={href} component="a" href={href} download variant="outlined">
            {words}
          </Button>
        ))}
      </Stack>
    </Stack>
  );
}
