'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useDeferredValue, useMemo, useState } from 'react';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { MOST_LIST_CHARACTERS, type PastedList, readPastedList } from '@/core/furnish/pasted-list';
import { listWords, roomsOfList } from '@/present/walk/new-rooms';
import { Sentence } from '../parts/sentence';
import { newId } from '../state/new-id';
import type { NewRooms } from './use-new-rooms';

const EXAMPLE = 'Kitchen: oven, fridge, 2 windows\nBathroom\nBedroom: wardrobe, bed, curtains';

/** A list from anywhere, looked at while it is typed or pasted: what it comes to, and what was not understood. */
export function PasteList({ rooms }: { readonly rooms: NewRooms }) {
  const [text, setText] = useState('');
  const read = useRead(text);
  return (
    <Stack spacing={2} sx={{ maxWidth: 760 }}>
      <TextField
        label="Your list"
        placeholder={EXAMPLE}
        multiline
        minRows={5}
        maxRows={16}
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: MOST_LIST_CHARACTERS } }}
        helperText="A line a room: its name, a colon, and what is in it. A room by itself is furnished as usual."
      />
      {text.trim() !== '' && <WhatItIs read={read} />}
      <Sentence>{rooms.fault}</Sentence>
      <Box>
        <Button
          variant="contained"
          disabled={read.rooms.length === 0}
          loading={rooms.pending}
          onClick={() => rooms.add(roomsOfList(read, newId), () => setText(''))}
        >
          Add what was understood
        </Button>
      </Box>
    </Stack>
  );
}

/** Reading a long list comes after the keys. */
function useRead(text: string): PastedList {
  const later = useDeferredValue(text);
  return useMemo(() => readPastedList(later), [later]);
}

const MOST_SHOWN = 40;

function WhatItIs({ read }: { read: PastedList }) {
  return (
    <Box>
      <Box role="status" sx={{ fontWeight: 560 }}>
        {listWords(read)}
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, overflowWrap: 'anywhere' }}>
        {read.rooms.map(({ name, things }) => (
          <li key={name}>
            {name}: {things.length === 0 ? 'as usual' : things.map(thingWords).join(', ')}
          </li>
        ))}
      </Box>
      {read.unread.length > 0 && (
        <>
          <Typography variant="h3" component="h2" sx={{ mt: 1.5 }}>
            Not understood
          </Typography>
          <Box component="ul" aria-label="Not understood" sx={{ m: 0, pl: 2.5, overflowWrap: 'anywhere' }}>
            {read.unread.slice(0, MOST_SHOWN).map(({ line, words }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the same words may stand in one line twice.
              <li key={`${line} ${i}`}>
                Line {line}: {words}
              </li>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

function thingWords({ kind, count }: PastedList['rooms'][number]['things'][number]): string {
  const name = FIXTURE_KINDS[kind].name.toLowerCase();
  return count === 1 ? name : `${count} × ${name}`;
}
