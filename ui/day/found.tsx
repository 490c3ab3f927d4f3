'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import { FINDS, type Find } from '@/core/clean/names';
import type { FoundThing, Run } from '@/core/day/run';
import { FIND_WORDS } from '@/present/day/came-up';
import type { DayFile } from '@/present/day/day-file';
import { GoodUntil } from '../parts/good-until';
import { NameFound } from './name-found';
import type { DayStore } from './run/day-store';

type FoundProps = {
  readonly things: Run['found'];
  readonly file: DayFile;
  readonly store: DayStore;
};

/** What was found on the way, and a basket for each room that things belong in. */
export const Found = memo(function Found({ things, file, store }: FoundProps) {
  const [naming, setNaming] = useState<FoundThing>();
  if (things.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="found" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" id="found">
        Found on the way
      </Typography>
      <Things things={things} file={file} store={store} onName={setNaming} />
      {naming && <NameFound thing={naming} file={file} store={store} onClose={() => setNaming(undefined)} />}
    </Box>
  );
});

type ThingsProps = FoundProps & { readonly onName: (thing: FoundThing) => void };

function Things({ things, file, store, onName }: ThingsProps) {
  const kinds = FINDS.filter((kind) => things.some(({ find }) => find === kind));
  return kinds.map((kind) => (
    <Box key={kind}>
      <Typography component="h3" variant="h3">
        {kind === 'elsewhere' ? 'In the baskets' : FIND_WORDS[kind]}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {things
          .filter(({ find }) => find === kind)
          .map((thing) => (
            <Thing key={thing.id} thing={thing} file={file} store={store} onName={onName} />
          ))}
      </Box>
    </Box>
  ));
}

type ThingProps = Omit<ThingsProps, 'things'> & { readonly thing: FoundThing };

function Thing({ thing, file, store, onName }: ThingProps) {
  const { id, find, text, room, by } = thing;
  const where = file.rooms.find((known) => known.id === room)?.name;
  return (
    <Box component="li" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      <Box sx={{ flex: '1 1 180px', overflowWrap: 'anywhere' }}>
        {text}
        {where && (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {' · '}
            {where}
          </Box>
        )}
        {by !== undefined && <GoodUntil date={by} today={file.date} />}
      </Box>
      <Button color="inherit" onClick={() => onName(thing)} aria-label={`Say what it is: ${text}`}>
        Say what it is
      </Button>
      <Button
        color="inherit"
        onClick={() => void store.carry({ do: 'settle', found: id })}
        aria-label={`${SETTLED[find]}: ${text}`}
      >
        {SETTLED[find]}
      </Button>
    </Box>
  );
}

const SETTLED: Record<Find, string> = {
  later: 'Off the list',
  mend: 'Mended',
  buy: 'Bought',
  elsewhere: 'Put away',
  use: 'Used up',
};
