'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import type { Member } from '@/core/people/member';
import { count } from '@/present/words/words';
import { Report } from '../files/report';
import { useUpload } from '../files/use-upload';
import { ChooseFile } from '../parts/choose-file';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';

type BusyTimesProps = { readonly member: Pick<Member, 'id' | 'name' | 'busy'> };

/** Busy times from a person's calendar: from a file or pasted; planning keeps out of them. */
export function BusyTimes({ member: { id, name, busy: times } }: BusyTimesProps) {
  const { report, busy, send } = useUpload();
  const address = `/api/busy?person=${encodeURIComponent(id)}`;
  const known = times.length > 0 && `Busy ${count(times.length, 'time', 'times')}, from a calendar`;
  return (
    <Unfold slim title={known || 'Busy times from a calendar'}>
      <Stack spacing={1.5} sx={{ alignItems: 'flex-start', maxWidth: 640, pb: 2 }}>
        <Typography>
          An iCalendar file (.ics), or its text. Only when {name} is busy is kept, not with what. It takes the
          place of what was read before.
        </Typography>
        <ChooseFile
          label={`Choose a calendar of ${name}`}
          accept=".ics,text/calendar"
          busy={busy}
          onFile={(file) => send(address, file)}
        />
        <Pasted onTake={(file) => send(address, file)}>
          {times.length > 0 && (
            <Button color="inherit" onClick={() => send(`${address}&forget`)}>
              Forget the busy times
            </Button>
          )}
        </Pasted>
        <Report report={report} />
      </Stack>
    </Unfold>
  );
}

/** The text of a calendar, where somebody has no file of it. */
function Pasted({ onTake, children }: { onTake: (file: File) => void; children: ReactNode }) {
  const [text, setText] = useState('');
  return (
    <>
      <TextField
        label="Or paste it here"
        value={text}
        onChange={({ target }) => setText(target.value)}
        multiline
        minRows={2}
        maxRows={8}
        fullWidth
      />
      <Stack direction="row" spacing={1.5}>
        <Button
          variant="outlined"
          disabled={text.trim() === ''}
          onClick={() => onTake(new File([text], 'calendar.ics', { type: 'text/calendar' }))}
        >
          Read what is pasted
        </Button>
        {children}
      </Stack>
    </>
  );
}
