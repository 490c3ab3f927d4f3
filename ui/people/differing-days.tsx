'use client';
import { useState } from 'react';
import { dayOf, formatDate } from '@/core/basics/local-time';
import { type DaysAlike, stretchesOf, withDays } from '@/core/people/differing-days';
import type { Member } from '@/core/people/member';
import { count, fromTo, longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import { DateField, TimeField } from '../parts/when-field';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type Exception = Member['exceptions'][number];

type DifferingDaysProps = {
  readonly member: Pick<Member, 'id' | 'name' | 'exceptions'>;
  readonly today: string;
  readonly save: CommandAction;
};

/** Dates on which a person has other hours than usual, or none. */
export function DifferingDays({ member, today, save }: DifferingDaysProps) {
  const [sentence, setSentence] = useState<string>();
  const { send, pending, fault } = useCommand();
  const { exceptions } = member;
  const keep = (next: readonly Exception[]) => {
    setSentence(undefined);
    send(save, { id: member.id, exceptions: next });
  };
  return (
    <Unfold slim title={titleOf(exceptions)}>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, pb: 2 })}>
        <p className={css({ textStyle: 'body', m: 0 })}>
          On these dates the hours of the week do not hold for {member.name}. Without times, the day is not
          free at all.
        </p>
        <AnotherDay today={today} exceptions={exceptions} busy={pending} onSay={setSentence} onKeep={keep} />
        <Sentence>{sentence ?? fault}</Sentence>
        <KnownDays
          exceptions={exceptions}
          busy={pending}
          onUsual={({ from, to }) => keep(exceptions.filter(({ date }) => date < from || date > to))}
        />
      </div>
    </Unfold>
  );
}

function titleOf(exceptions: readonly Exception[]): string {
  return exceptions.length === 0
    ? 'Days that differ'
    : count(exceptions.length, 'day differs', 'days differ');
}

type AnotherDayProps = {
  readonly today: string;
  readonly exceptions: Exception[];
  readonly busy: boolean;
  readonly onSay: (sentence: string) => void;
  readonly onKeep: (next: readonly Exception[]) => void;
};

function AnotherDay({ today, exceptions, busy, onSay, onKeep }: AnotherDayProps) {
  const [date, setDate] = useState<string>();
  const [last, setLast] = useState<string>();
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const keep = (first: string, until: string, hours: Exception['hours']) => {
    const next = withDays(exceptions, first, until, hours);
    if (next) onKeep(next);
    else onSay('The last of the dates comes after the first, and within half a year of it.');
  };
  const add = () => {
    if (!date) return;
    if ((from === '') !== (to === '') || (from !== '' && from >= to))
      onSay('A time from and a later time to, or none of them for a day that is not free at all.');
    else keep(date, last ?? date, from === '' ? [] : [{ from, to }]);
  };
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' })}>
      <DateField label="On the date" value={date} onKeep={setDate} className={css(FIELD)} />
      <DateField label="Until" value={last} onKeep={setLast} className={css(FIELD)} />
      <TimeField
        label="Free from"
        value={from || undefined}
        onKeep={(time) => setFrom(time ?? '')}
        className={css(FIELD)}
      />
      <TimeField
        label="Free to"
        value={to || undefined}
        onKeep={(time) => setTo(time ?? '')}
        className={css(FIELD)}
      />
      <Button variant="outlined" disabled={!date} loading={busy} onClick={add}>
        Add the day
      </Button>
      <Button color="inherit" disabled={busy} onClick={() => keep(today, formatDate(dayOf(today) + 6), [])}>
        Ill for a week from today
      </Button>
    </div>
  );
}

type KnownDaysProps = {
  readonly exceptions: readonly Exception[];
  readonly busy: boolean;
  readonly onUsual: (known: DaysAlike) => void;
};

function KnownDays({ exceptions, busy, onUsual }: KnownDaysProps) {
  return (
    <ul className={css({ m: 0, p: 0, listStyle: 'none' })}>
      {stretchesOf([...exceptions]).map((known) => (
        <li key={known.from} className={css({ display: 'flex', gap: 1.5, alignItems: 'center' })}>
          <span>
            {datesWords(known)}: {wordsOf(known)}
          </span>
          <Button
            color="inherit"
            aria-label={`As usual again on ${datesWords(known)}`}
            disabled={busy}
            onClick={() => onUsual(known)}
          >
            As usual
          </Button>
        </li>
      ))}
    </ul>
  );
}

function datesWords({ from, to }: DaysAlike): string {
  return from === to ? longDate(from) : `${longDate(from)} to ${longDate(to)}`;
}

const FIELD = { width: { base: '100%', sm: 190 } };

function wordsOf({ hours }: DaysAlike): string {
  return hours.length === 0 ? 'not there' : hours.map(fromTo).join(', ');
}
