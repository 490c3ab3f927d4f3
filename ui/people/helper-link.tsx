'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, useTransition } from 'react';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import type { PeopleActions } from './people-actions';

/** The link that opens just this person's day, on a phone of their own. */
export function HelperLink({
  person,
  name,
  given,
  actions,
}: {
  person: string;
  name: string;
  /** A link is out. */
  given: boolean;
  actions: PeopleActions;
}) {
  const [link, setLink] = useState<string>();
  const [sentence, setSentence] = useState<string>();
  const [pending, start] = useTransition();
  const make = () =>
    start(async () => {
      const made = await actions.makeHelper(person).catch(() => undefined);
      setLink(made?.ok ? new URL(made.value, location.href).href : undefined);
      setSentence(
        made?.ok
          ? 'Copy it now; it is not shown again. Whoever has it can carry this day, and sees nothing else.'
          : (made?.faults[0]?.sentence ?? 'The server did not answer. Nothing was changed.'),
      );
    });
  const withdraw = () =>
    start(async () => {
      const done = await actions.withdrawHelper(person).catch(() => undefined);
      setLink(undefined);
      setSentence(
        done?.ok
          ? 'The link opens nothing any more.'
          : 'The server did not answer. The link still opens the day.',
      );
    });
  return (
    <Unfold slim title={`A link to the day of ${name}`}>
      <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 560 }}>
        <div>
          {given
            ? 'A link is out. A new one takes its place.'
            : 'For a helper without an account: it opens the day of this person and nothing else.'}
        </div>
        {link && (
          <TextField label={`Link for ${name}`} value={link} slotProps={{ input: { readOnly: true } }} />
        )}
        <Sentence tone="note">{sentence}</Sentence>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button variant="outlined" onClick={make} loading={pending} sx={{ minHeight: 44 }}>
            {given || link ? 'Make a new link' : 'Make a link'}
          </Button>
          {(given || link) && (
            <Button color="inherit" onClick={withdraw} disabled={pending} sx={{ minHeight: 44 }}>
              Withdraw the link of {name}
            </Button>
          )}
        </Box>
      </Box>
    </Unfold>
  );
}
