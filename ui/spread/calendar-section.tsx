'use client';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type FeedActions = {
  readonly make: CommandAction<string>;
  readonly revoke: CommandAction<string>;
};

/** What can be exported, and where it lies. */
const FILES = [
  ['/api/calendar', 'Export the calendar'],
  ['/api/plan/plan.json', 'The plan document'],
  ['/api/plan/problem.json', 'The problem it solves'],
  ['/api/work', 'All work as a table'],
] as const;

/** The sessions for a calendar program: as a file, or at a private address that can be taken back. */
export function CalendarSection({ hasFeed, actions }: { hasFeed: boolean; actions: FeedActions }) {
  const { address, said, make, revoke, pending, fault } = useFeed(actions);
  return (
    <Unfold title="Sessions in a calendar">
      <Stack spacing={1.5} sx={{ alignItems: 'flex-start', maxWidth: 700, pb: 2 }}>
        <Typography>
          As a file, as they are now; or at a private address that a calendar program looks up by itself, so
          that it follows when the plan moves.
        </Typography>
        <Stack direction="row" spacing={1.5} useFlexGap sx={{ flexWrap: 'wrap' }}>
          {FILES.map(([href, words]) => (
            <Button key={href} component="a" href={href} download variant="outlined">
              {words}
            </Button>
          ))}
          <Button variant="outlined" loading={pending} onClick={make}>
            {hasFeed ? 'Make a new address' : 'Make a private address'}
          </Button>
          {hasFeed && (
            <Button color="inherit" disabled={pending} onClick={revoke}>
              Revoke the address
            </Button>
          )}
        </Stack>
        {address && <Address address={address} />}
        <Sentence>{fault}</Sentence>
        <span role="status">{said}</span>
      </Stack>
    </Unfold>
  );
}

function useFeed(actions: FeedActions) {
  const [address, setAddress] = useState<string>();
  const [said, setSaid] = useState('');
  const { send, pending, fault } = useCommand();
  const make = () =>
    send(actions.make, undefined, {
      onKept: (token) => {
        setAddress(`${window.location.origin}/feed/${token}`);
        setSaid('This address is shown once. Whoever has it sees the sessions.');
      },
    });
  const revoke = () =>
    send(actions.revoke, undefined, {
      onKept: (words) => {
        setAddress(undefined);
        setSaid(words);
      },
    });
  return { address, said, make, revoke, pending, fault };
}

function Address({ address }: { address: string }) {
  return (
    <FormControl fullWidth variant="outlined">
      <InputLabel shrink htmlFor="private-address">
        Private address
      </InputLabel>
      <OutlinedInput
        id="private-address"
        label="Private address"
        notched
        readOnly
        value={address}
        onFocus={(event) => event.target.select()}
      />
    </FormControl>
  );
}
