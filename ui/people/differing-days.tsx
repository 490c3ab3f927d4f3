'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Member } from '@/core/people/member';
import { count, longDate } from '@/present/words/words';
import { DateField } from '../parts/date-field';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type Exception = Member['exceptions'][number];

type DifferingDaysProps = {
  readonly member: Pick<Member, 'id' | 'name' | 'exceptions'>;
  readonly save: CommandAction;
};

/** Dates on which a person has other hours than usual, or none. */
export function DifferingDays({ member, save }: DifferingDaysProps) {
  const [sentence, setSentence] = useState<string>();
  const { send, pending, fault } = useCommand();
  const { exceptions } = member;
  const keep = (next: readonly Exception[]) => {
    setSentence(undefined);
    send(save, { id: member.id, exceptions: next });
  };
  return (
    <Unfold slim title={titleOf(exceptions)}>
      <Stack spacing={1.5} sx={{ pb: 2 }}>
        <Typography>
          On these dates the hours of the week do not hold for {member.name}. Without times, the day is not
          free at all.
        </Typography>
        <AnotherDay exceptions={exceptions} busy={pending} onSay={setSentence} onKeep={keep} />
        <Sentence>{sentence ?? fault}</Sentence>
        <KnownDays
          exceptions={exceptions}
          busy={pending}
          onUsual={(known) => keep(exceptions.filter((other) => other !== known))}
        />
      </Stack>
    </Unfold>
  );
}

function titleOf(exceptions: readonly Exception[]): string {
  return exceptions.length === 0
    ? 'Days that differ'
    : count(exceptions.length, 'day differs', 'days differ');
}

type AnotherDayProps = {
  readonly exceptions: readonly Exception[];
  readonly busy: boolean;
  readonly onSay: (sentence: string) => void;
  readonly onKeep: (next: readonly Exception[]) => void;
};

function AnotherDay({ exceptions, busy, onSay, onKeep }: AnotherDayProps) {
  const [date, setDate] = useState<string>();
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const add = () => {
    if (!date) return;
    if ((from === '') !== (to === '') || (from !== '' && from >= to)) {
      onSay('A time from and a later time to, or none of them for a day that is not free at all.');
      return;
    }
    const hours = from === '' ? [] : [{ from, to }];
    const others = exceptions.filter((known) => known.date !== date);
    onKeep([...others, { date, hours }].sort((a, b) => a.date.localeCompare(b.date)));
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
      <DateField label="On the date" value={date} onKeep={setDate} sx={FIELD} />
      <Clock label="Free from" value={from} onChange={setFrom} />
      <Clock label="Free to" value={to} onChange={setTo} />
      <Button variant="outlined" disabled={!date} loading={busy} onClick={add}>
        Add the day
      </Button>
    </Box>
  );
}

type KnownDaysProps = {
  readonly exceptions: readonly Exception[];
  readonly busy: boolean;
  readonly onUsual: (known: Exception) => void;
};

function KnownDays({ exceptions, busy, onUsual }: KnownDaysProps) {
  return (
    <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {exceptions.map((known) => (
        <Box component="li" key={known.date} sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
          <span>
            {longDate(known.date)}: {wordsOf(known)}
          </span>
          <Button
            color="inherit"
            aria-label={`As usual again on ${longDate(known.date)}`}
            disabled={busy}
            onClick={() => onUsual(known)}
          >
            As usual
          </Button>
        </Box>
      ))}
    </Box>
  );
}

const FIELD = { width: { xs: '100%', sm: 170 } };

type ClockProps = {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
};

function Clock({ label, value, onChange }: ClockProps) {
  return (
    <TextField
      size="small"
      type="time"
      label={label}
      value={value}
      onChange={({ target }) => onChange(target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
      sx={FIELD}
    />
  );
}

function wordsOf({ hours }: Exception): string {
  return hours.length === 0 ? 'not there' : hours.map(({ from, to }) => `${from} to ${to}`).join(', ');
}
