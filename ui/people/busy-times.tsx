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

type BusyTimesProps = {
  readonly member: Pick<Member, 'id' | 'name' | 'busy'>;
  /** The host of the calendar that is read again at a press; none where they came from a file. */
  readonly readFrom: string | undefined;
};

/** Busy times from a person's calendar: from its address, a file or pasted; planning keeps out of them. */
export function BusyTimes({ member: { id, name, busy: times }, readFrom }: BusyTimesProps) {
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
        <FromAddress
          key={readFrom}
          readFrom={readFrom}
          busy={busy}
          onTake={(text) => send(`${address}&address`, text)}
          onAgain={() => send(`${address}&again`)}
        />
        <Pasted onTake={(file) => send(address, file)}>
          {(times.length > 0 || readFrom !== undefined) && (
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

type FromAddressProps = {
  readonly readFrom: string | undefined;
  readonly busy: boolean;
  readonly onTake: (address: string) => void;
  readonly onAgain: () => void;
};

/** A calendar that is shared at an address: read once, and again whenever somebody presses. */
function FromAddress({ readFrom, busy, onTake, onAgain }: FromAddressProps) {
  const [text, setText] = useState('');
  return (
    <>
      {readFrom !== undefined && (
        <div className={css({ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5 })}>
          <span>Read from {readFrom}.</span>
          <Button variant="outlined" disabled={busy} onClick={onAgain}>
            Read it again
          </Button>
        </div>
      )}
      <TextField
        label={readFrom === undefined ? 'Or its private address' : 'Another address'}
        inputMode="url"
        value={text}
        onChange={({ target }) => setText(target.value)}
        helperText="The calendar program gives it under “share”; it is kept, and shown to nobody."
      />
      <Button variant="outlined" disabled={busy || text.trim() === ''} onClick={() => onTake(text)}>
        Read it from there
      </Button>
    </>
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
