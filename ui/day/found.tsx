'use client';
import { memo, useState } from 'react';
import { FINDS, type Find } from '@/core/clean/names';
import type { FoundThing, Run } from '@/core/day/run';
import { FIND_WORDS } from '@/present/day/came-up';
import type { DayFile } from '@/present/day/day-file';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { GoodUntil } from '../parts/good-until';
import { NameFoundLater } from './later';
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
    <section aria-labelledby="found" className={css({ display: 'grid', gap: 1.5 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="found">
        Found on the way
      </h2>
      <Things things={things} file={file} store={store} onName={setNaming} />
      {naming && (
        <NameFoundLater thing={naming} file={file} store={store} onClose={() => setNaming(undefined)} />
      )}
    </section>
  );
});

type ThingsProps = FoundProps & { readonly onName: (thing: FoundThing) => void };

function Things({ things, file, store, onName }: ThingsProps) {
  const kinds = FINDS.filter((kind) => things.some(({ find }) => find === kind));
  return kinds.map((kind) => (
    <div key={kind}>
      <h3 className={css({ textStyle: 'h3', m: 0 })}>
        {kind === 'elsewhere' ? 'In the baskets' : FIND_WORDS[kind]}
      </h3>
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {things
          .filter(({ find }) => find === kind)
          .map((thing) => (
            <Thing key={thing.id} thing={thing} file={file} store={store} onName={onName} />
          ))}
      </ul>
    </div>
  ));
}

type ThingProps = Omit<ThingsProps, 'things'> & { readonly thing: FoundThing };

function Thing({ thing, file, store, onName }: ThingProps) {
  const { id, find, text, room, by } = thing;
  const where = file.rooms.find((known) => known.id === room)?.name;
  return (
    <li className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' })}>
      <div className={css({ flex: '1 1 180px', overflowWrap: 'anywhere' })}>
        {text}
        {where && (
          <span className={css({ color: 'quiet' })}>
            {' · '}
            {where}
          </span>
        )}
        {by !== undefined && <GoodUntil date={by} today={file.date} />}
      </div>
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
    </li>
  );
}

const SETTLED: Record<Find, string> = {
  later: 'Off the list',
  mend: 'Mended',
  buy: 'Bought',
  elsewhere: 'Put away',
  use: 'Used up',
};
