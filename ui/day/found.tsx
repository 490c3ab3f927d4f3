'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type FormEvent, memo, useState } from 'react';
import { FINDS, type Find } from '@/core/clean/names';
import type { Run } from '@/core/day/run';
import type { DayFile } from '@/present/day/day-file';
import { DateField } from '../parts/date-field';
import { GoodUntil } from '../parts/good-until';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { ActRow } from './act-row';
import type { DayStore } from './run/day-store';

const FIND_WORDS: Record<Find, string> = {
  later: 'Work for later',
  mend: 'To mend',
  buy: 'To buy',
  elsewhere: 'Belongs elsewhere',
  use: 'Use up soon',
};

type FoundProps = {
  readonly things: Run['found'];
  readonly file: DayFile;
  /** The room one stands in. */
  readonly room: string | undefined;
  readonly store: DayStore;
};

/** What was found on the way: written down without leaving the step, and a basket for each room it belongs in. */
export const Found = memo(function Found({ things, file, room, store }: FoundProps) {
  const [find, setFind] = useState<Find>();
  return (
    <Box component="section" aria-labelledby="found" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" id="found">
        Found on the way
      </Typography>
      <ActRow presses={FINDS.map((kind) => ({ words: FIND_WORDS[kind], press: () => setFind(kind) }))} />
      {find && (
        <Note
          key={find}
          find={find}
          file={file}
          room={room}
          onWritten={(note) => {
            setFind(undefined);
            void store.carry({ do: 'found', find, ...note });
          }}
        />
      )}
      <Things things={things} file={file} store={store} />
    </Box>
  );
});

type NoteProps = {
  readonly find: Find;
  readonly file: DayFile;
  readonly room: string | undefined;
  readonly onWritten: (note: Written) => void;
};

type Written = { readonly text: string; readonly room?: string; readonly by?: string };

function Note({ find, file, room, onWritten }: NoteProps) {
  const [text, setText] = useState('');
  const [where, setWhere] = useState(room ?? file.rooms[0]?.id);
  const [by, setBy] = useState<string>();
  const write = (event: FormEvent) => {
    event.preventDefault();
    onWritten({
      text: text.trim() || FIND_WORDS[find],
      ...(where !== undefined && { room: where }),
      ...(by !== undefined && { by }),
    });
  };
  return (
    <Box component="form" onSubmit={write} sx={{ display: 'grid', gap: 1.5, maxWidth: 520 }}>
      <TextField
        label={FIND_WORDS[find]}
        value={text}
        autoFocus
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 200, enterKeyHint: 'done' } }}
      />
      <NativeSelect
        label={find === 'elsewhere' ? 'Into the basket for' : 'Where'}
        value={where ?? ''}
        options={file.rooms.map(({ id, name }) => [id, name] as const)}
        onChange={setWhere}
      />
      {find === 'use' && <DateField label="Good until" value={by} onKeep={setBy} size="medium" />}
      <Button type="submit" variant="contained" sx={{ minHeight: 48, justifySelf: 'start' }}>
        Write it down
      </Button>
    </Box>
  );
}

function Things({ things, file, store }: { things: Run['found']; file: DayFile; store: DayStore }) {
  const rooms = new Map(file.rooms.map(({ id, name }) => [id, name]));
  const settle = (id: string) => void store.carry({ do: 'settle', found: id });
  const kinds = FINDS.filter((kind) => things.some(({ find }) => find === kind));
  return kinds.map((kind) => (
    <Box key={kind}>
      <Typography component="h3" variant="h3">
        {kind === 'elsewhere' ? 'In the baskets' : FIND_WORDS[kind]}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {things
          .filter(({ find }) => find === kind)
          .map(({ id, text, room, by }) => (
            <Box
              component="li"
              key={id}
              sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'center' }}
            >
              <Box sx={{ overflowWrap: 'anywhere' }}>
                {text}
                {room !== undefined && rooms.has(room) && (
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {' · '}
                    {rooms.get(room)}
                  </Box>
                )}
                {by !== undefined && <GoodUntil date={by} today={file.date} />}
              </Box>
              <Button color="inherit" onClick={() => settle(id)} aria-label={`${SETTLED[kind]}: ${text}`}>
                {SETTLED[kind]}
              </Button>
            </Box>
          ))}
      </Box>
    </Box>
  ));
}

const SETTLED: Record<Find, string> = {
  later: 'Off the list',
  mend: 'Mended',
  buy: 'Bought',
  elsewhere: 'Put away',
  use: 'Used up',
};
