'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Member } from '@/core/people/member';
import { count } from '@/present/words/words';
import { ChooseFile } from '../files/choose-file';
import { Report } from '../files/report';
import { useUpload } from '../files/use-upload';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';

/** Busy times from a person's calendar: from a file or pasted; planning keeps out of them. */
export function BusyTimes({ member }: { member: Pick<Member, 'id' | 'name' | 'busy'> }) {
  const [text, setText] = useState('');
  const { report, busy, send } = useUpload();
  const address = `/api/busy?person=${encodeURIComponent(member.id)}`;
  const take = (content: string) =>
    send(address, new File([content], 'calendar.ics', { type: 'text/calendar' }));
  return (
    <Unfold
      slim
      title={
        member.busy.length === 0
          ? 'Busy times from a calendar'
          : `Busy ${count(member.busy.length, 'time', 'times')}, from a calendar`
      }
    >
      <Stack spacing={1.5} sx={{ alignItems: 'flex-start', maxWidth: 640, pb: 2 }}>
        <Typography>
          An iCalendar file (.ics), or its text. Only when {member.name} is busy is kept, not with what. It
          takes the place of what was read before.
        </Typography>
        <ChooseFile
          label={`Choose a calendar of ${member.name}`}
          accept=".ics,text/calendar"
          busy={busy}
          onFile={(file) => send(address, file)}
        />
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
          <Button variant="outlined" disabled={text.trim() === ''} onClick={() => take(text)}>
            Read what is pasted
          </Button>
          {member.busy.length > 0 && (
            <Button color="inherit" onClick={() => send(`${address}&forget`)}>
              Forget the busy times
            </Button>
          )}
        </Stack>
        <Report report={report} />
      </Stack>
    </Unfold>
  );
}
