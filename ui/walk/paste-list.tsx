'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { MOST_LIST_CHARACTERS, type PastedList, readPastedList } from '@/core/furnish/pasted-list';
import { listWords, roomsOfList } from '@/present/walk/new-rooms';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { newId } from '../state/new-id';
import type { NewRooms } from './use-new-rooms';

const EXAMPLE = 'Kitchen: oven, fridge, 2 windows\nBathroom\nBedroom: wardrobe, bed, curtains';

/** A list from anywhere, looked at while it is typed or pasted: what it comes to, and what was not understood. */
export function PasteList({ rooms }: { readonly rooms: NewRooms }) {
  const [text, setText] = useState('');
  const read = useRead(text);
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 760 })}>
      <TextField
        label="Your list"
        placeholder={EXAMPLE}
        multiline
        minRows={5}
        value={text}
        onChange={(event) => setText(event.target.value)}
        maxLength={MOST_LIST_CHARACTERS}
        helperText="A line a room: its name, a colon, and what is in it. A room by itself is furnished as usual."
      />
      {text.trim() !== '' && <WhatItIs read={read} />}
      <Sentence>{rooms.fault}</Sentence>
      <div>
        <Button
          variant="contained"
          disabled={read.rooms.length === 0}
          loading={rooms.pending}
          onClick={() => rooms.add(roomsOfList(read, newId), () => setText(''))}
        >
          Add what was understood
        </Button>
      </div>
    </div>
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
    <div>
      <div role="status" className={css({ fontWeight: 560 })}>
        {listWords(read)}
      </div>
      <ul className={css({ m: 0, mt: 1, pl: 2.5, overflowWrap: 'anywhere' })}>
        {read.rooms.map(({ name, things }) => (
          <li key={name}>
            {name}: {things.length === 0 ? 'as usual' : things.map(thingWords).join(', ')}
          </li>
        ))}
      </ul>
      {read.unread.length > 0 && (
        <>
          <h2 className={css({ textStyle: 'h3', m: 0, mt: 1.5 })}>Not understood</h2>
          <ul aria-label="Not understood" className={css({ m: 0, pl: 2.5, overflowWrap: 'anywhere' })}>
            {read.unread.slice(0, MOST_SHOWN).map(({ line, words }, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the same words may stand in one line twice.
              <li key={`${line} ${i}`}>
                Line {line}: {words}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function thingWords({ kind, count }: PastedList['rooms'][number]['things'][number]): string {
  const name = FIXTURE_KINDS[kind].name.toLowerCase();
  return count === 1 ? name : `${count} × ${name}`;
}
