'use client';
import { useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { DateField } from '../parts/when-field';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type NextClean = {
  readonly name: string;
  readonly start: string;
  readonly finish: string;
  /** What is due by then and what is not, in a sentence. */
  readonly line: string;
};

/** The next clean from this one: same house, what is due in, what was redone out, times as learnt. */
export function NextCleanForm({ next, setOut }: { next: NextClean; setOut: CommandAction }) {
  const command = useCommand();
  const [name, setName] = useState(next.name);
  const [start, setStart] = useState<string | undefined>(next.start);
  const [finish, setFinish] = useState<string | undefined>(next.finish);
  const isFine = name.trim() !== '' && start !== undefined && finish !== undefined && start <= finish;
  return (
    <form
      aria-label="The next clean"
      className={css({ mt: 4 })}
      onSubmit={(event) => {
        event.preventDefault();
        if (isFine) command.send(setOut, { name, start, finish });
      }}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })}>The next clean</h2>
      <p className={css({ textStyle: 'body', m: 0, my: 1, maxWidth: '62ch' })}>{next.line}</p>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' })}>
        <TextField
          size="small"
          label="Its name"
          value={name}
          maxLength={80}
          onChange={({ target }) => setName(target.value)}
        />
        <DateField label="From" value={start} onKeep={setStart} />
        <DateField
          label="Done by"
          value={finish}
          onKeep={setFinish}
          error={start !== undefined && finish !== undefined && finish < start}
          helperText={
            start !== undefined && finish !== undefined && finish < start
              ? 'It can’t be done before it begins.'
              : undefined
          }
        />
        <Button type="submit" variant="contained" size="large" disabled={!isFine || command.pending}>
          Set out on it
        </Button>
      </div>
      <Sentence>{command.fault}</Sentence>
    </form>
  );
}
