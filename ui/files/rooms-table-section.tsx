'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { ChooseFile } from '../parts/choose-file';
import { Report } from './report';
import { useUpload } from './use-upload';

const ADDRESS = '/api/rooms';

/** A table is looked at first; what can be read of it is imported when that is wanted. */
export function RoomsTableSection() {
  const [file, setFile] = useState<File>();
  const { report, busy, send } = useUpload();
  const offered = file && report && !report.taken && (report.readable ?? 0) > 0;
  return (
    <Stack component="section" aria-labelledby="table" spacing={1.5} sx={{ alignItems: 'flex-start' }}>
      <Typography id="table" variant="h2">
        Rooms and fixtures as a table
      </Typography>
      <Typography>
        A line a fixture, for any spreadsheet. What comes back is looked at first: lines that cannot be read
        are listed by their number, and the rest is offered. Fixtures that are known are written anew, others
        are added.
      </Typography>
      <Stack direction="row" spacing={1.5} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Button component="a" href={ADDRESS} download variant="contained">
          Export the table
        </Button>
        <ChooseFile
          label="Import a table"
          accept=".csv,text/csv"
          busy={busy}
          onFile={(chosen) => {
            setFile(chosen);
            send(ADDRESS, chosen);
          }}
        />
      </Stack>
      <Report report={report} />
      {offered && (
        <Button variant="contained" loading={busy} onClick={() => send(`${ADDRESS}?take`, file)}>
          Import what can be read
        </Button>
      )}
    </Stack>
  );
}
