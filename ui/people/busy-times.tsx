'use client';
import { type ReactNode, useState } from 'react';
import type { Member } from '@/core/people/member';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Report } from '../files/report';
import { useUpload } from '../files/use-upload';
import { Button } from '../parts/button';
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
      <div
        className={css({
          display: 'flex',
          flexDirection: 'column',
          gap: 1.5,
          alignItems: 'flex-start',
          maxWidth: 640,
          pb: 2,
        })}
      >
        <p className={css({ textStyle: 'body', m: 0 })}>
          An iCalendar file (.ics), or its text. Only when {name} is busy is kept, not with what. It takes the
          place of what was read before.
        </p>
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
      </div>
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
        fullWidth
      />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <Button
          variant="outlined"
          disabled={text.trim() === ''}
          onClick={() => onTake(new File([text], 'calendar.ics', { type: 'text/calendar' }))}
        >
          Read what is pasted
        </Button>
        {children}
      </div>
    </>
  );
}
