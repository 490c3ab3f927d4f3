'use client';
import { useState } from 'react';
import { ALARMS } from '@/present/calendar/alarm';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { DownloadButton } from '../parts/link-button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type FeedActions = {
  readonly make: CommandAction<string>;
  readonly revoke: CommandAction<string>;
};

type Person = { readonly id: string; readonly name: string };

type CalendarSectionProps = {
  readonly people: readonly Person[];
  /** Whose sessions have an address: a person’s, or everybody’s where undefined. */
  readonly feeds: readonly (string | undefined)[];
  readonly actions: FeedActions;
};

const NO_ALARM = 'none';

/** The sessions for a calendar program, everybody’s or one’s own: as a file, or at a private address that can be taken back. */
export function CalendarSection({ people, feeds, actions }: CalendarSectionProps) {
  const [alarm, setAlarm] = useState<string>(String(ALARMS[0][0]));
  const { address, said, make, revoke, pending, fault } = useFeed(actions, alarm);
  const everybody = { id: undefined, name: people.length > 1 ? 'Everybody' : 'Your sessions' };
  const rows = people.length > 1 ? [everybody, ...people] : [everybody];
  return (
    <section
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5 })}
      id="calendars"
      aria-labelledby="calendars-title"
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="calendars-title">
        Sessions in a calendar
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        As a file, as they are now; or at a private address that a calendar program looks up by itself, so
        that it follows when the plan moves. A file that is read later moves and calls off what an earlier one
        had.
      </p>
      <NativeSelect
        size="small"
        label="It rings"
        value={alarm}
        options={[
          ...ALARMS.map(([minutes, words]) => [String(minutes), words] as const),
          [NO_ALARM, 'not at all'],
        ]}
        onChange={setAlarm}
      />
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {rows.map(({ id, name }) => (
          <li key={id ?? ''} className={css(ROW)}>
            <div className={css({ flex: '1 1 140px', overflowWrap: 'anywhere' })}>{name}</div>
            <DownloadButton href={fileOf(id, alarm)} aria-label={`Save as a file: ${name}`}>
              Save as a file
            </DownloadButton>
            <Button
              disabled={pending}
              onClick={() => make(id)}
              aria-label={`${feeds.includes(id) ? 'Make a new address' : 'Make a private address'}: ${name}`}
            >
              {feeds.includes(id) ? 'Make a new address' : 'Make a private address'}
            </Button>
            {feeds.includes(id) && (
              <Button
                color="inherit"
                disabled={pending}
                onClick={() => revoke(id)}
                aria-label={`Revoke the address: ${name}`}
              >
                Revoke the address
              </Button>
            )}
          </li>
        ))}
      </ul>
      {address && <Address address={address} />}
      <Sentence>{fault}</Sentence>
      <span role="status">{said}</span>
    </section>
  );
}

const ROW = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  columnGap: 1,
  minHeight: 48,
  borderBottom: '1px solid var(--colors-line)',
} as const;

function fileOf(person: string | undefined, alarm: string): string {
  return `/api/calendar?${new URLSearchParams({ ...(person !== undefined && { person }), alarm })}`;
}

function useFeed(actions: FeedActions, alarm: string) {
  const [address, setAddress] = useState<string>();
  const [said, setSaid] = useState('');
  const { send, pending, fault } = useCommand();
  const whose = (person: string | undefined) => (person === undefined ? {} : { person });
  const make = (person: string | undefined) =>
    send(actions.make, whose(person), {
      onKept: (token) => {
        setAddress(`${window.location.origin}/feed/${token}?alarm=${alarm}`);
        setSaid('This address is shown once. Whoever has it sees the sessions.');
      },
    });
  const revoke = (person: string | undefined) =>
    send(actions.revoke, whose(person), {
      onKept: (words) => {
        setAddress(undefined);
        setSaid(words);
      },
    });
  return { address, said, make, revoke, pending, fault };
}

function Address({ address }: { address: string }) {
  return (
    <TextField label="Private address" readOnly value={address} onFocus={(event) => event.target.select()} />
  );
}
