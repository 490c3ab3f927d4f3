'use client';
import { type FormEvent, useId, useState } from 'react';
import type { FoundThing } from '@/core/day/run';
import { FIND_WORDS } from '@/present/day/came-up';
import type { DayFile } from '@/present/day/day-file';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Dialog } from '../parts/dialog';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { DeviceDateField } from '../parts/when-field';
import type { DayStore } from './run/day-store';

type NameFoundProps = {
  readonly thing: FoundThing;
  readonly file: DayFile;
  readonly store: DayStore;
  readonly onClose: () => void;
};

/** What it is that was found: said with dry hands, whenever there is a minute. */
export function NameFound({ thing, file, store, onClose }: NameFoundProps) {
  const title = useId();
  const { find } = thing;
  const [text, setText] = useState('');
  const [room, setRoom] = useState(thing.room ?? file.rooms[0]?.id);
  const [by, setBy] = useState(thing.by);
  const write = (event: FormEvent) => {
    event.preventDefault();
    void store.carry({
      do: 'reword',
      found: thing.id,
      text: text.trim() || thing.text,
      ...(room !== undefined && { room }),
      ...(by !== undefined && { by }),
    });
    onClose();
  };
  return (
    <Dialog labelledBy={title} onClose={onClose}>
      <form onSubmit={write} className={css({ display: 'grid', gap: 2, p: 3 })}>
        <h2 className={css({ textStyle: 'h2', m: 0 })} id={title}>
          {FIND_WORDS[find]}
        </h2>
        <TextField
          label="What it is"
          value={text}
          autoFocus
          onChange={(event) => setText(event.target.value)}
          maxLength={200}
          enterKeyHint="done"
        />
        {/* Work that was found is done where it was found. */}
        {find !== 'later' && (
          <NativeSelect
            label={find === 'elsewhere' ? 'Into the basket for' : 'Where'}
            value={room ?? ''}
            options={file.rooms.map(({ id, name }) => [id, name] as const)}
            onChange={setRoom}
          />
        )}
        {find === 'use' && <DeviceDateField label="Good until" value={by} onKeep={setBy} size="medium" />}
        <Button type="submit" variant="contained" className={css({ minHeight: 48, justifySelf: 'start' })}>
          Write it down
        </Button>
      </form>
    </Dialog>
  );
}
