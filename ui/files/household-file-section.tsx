'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { MOST, MOST_HOUSEHOLD_BYTES } from '@/core/basics/limits';
import { ChooseFile } from '../parts/choose-file';
import { Report } from './report';
import { useUpload } from './use-upload';

const ADDRESS = '/api/household';

export function HouseholdFileSection({ name, replaced }: { name: string; replaced: boolean }) {
  const { report, busy, send } = useUpload();
  return (
    <Stack component="section" aria-labelledby="whole" spacing={1.5} sx={{ alignItems: 'flex-start' }}>
      <Typography id="whole" variant="h2">
        The whole household
      </Typography>
      <Typography>
        Home, people, machines, aim, scope, own methods, ticks and plans of “{name}”, in one file. A file that
        is imported takes the place of everything here; what was here can be brought back.
      </Typography>
      <Stack direction="row" spacing={1.5} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Button component="a" href={ADDRESS} download variant="contained">
          Export the household
        </Button>
        <Button component="a" href={`${ADDRESS}?pictures`} download variant="outlined">
          Export it with pictures
        </Button>
        <ChooseFile
          label="Import a household"
          accept=".json,application/json"
          busy={busy}
          onFile={(file) => send(ADDRESS, file, MOST_HOUSEHOLD_BYTES)}
        />
        {replaced && (
          <Button color="inherit" onClick={() => send(`${ADDRESS}?back`)}>
            Bring back what was here before the file
          </Button>
        )}
      </Stack>
      <Typography sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
        Up to {MOST_HOUSEHOLD_BYTES / 1e6} MB and {MOST.fixtures} fixtures.
      </Typography>
      <Report report={report} />
    </Stack>
  );
}
