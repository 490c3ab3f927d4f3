'use client';
import { useState } from 'react';
import { OUTCOMES } from '@/core/clean/names';
import { CAME_OUT_WORDS } from '@/present/record/came-out-words';
import type { LineWords, RecordScreen } from '@/present/record/record-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type DoneLinesProps = { readonly days: RecordScreen['days']; readonly say: CommandAction };

/** Lines of the record, day by day; each opens to be put right. */
export function DoneLines({ days, say }: DoneLinesProps) {
  const [open, setOpen] = useState<string>();
  return (
    <>
      {days.map((day) => (
        <section key={day.date} className={css({ mt: 2, maxWidth: 860 })}>
          <h3 className={css({ textStyle: 'h3', m: 0 })}>{day.title}</h3>
          <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
            {day.lines.map((line) => (
              <li key={line.id} className={css({ borderBottom: '1px solid var(--colors-line)', py: 0.75 })}>
                <div className={css({ display: 'flex', gap: 1.5, alignItems: 'center', minHeight: 44 })}>
                  <div className={css({ flex: 1, minWidth: 0, overflowWrap: 'anywhere' })}>
                    <div className={css({ fontWeight: 500 })}>{line.job}</div>
                    <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
                      {line.where} · {line.took}
                      {line.cameOut === 'clean' ? '' : ` · ${CAME_OUT_WORDS[line.cameOut].toLowerCase()}`}
                    </div>
                  </div>
                  <Button
                    aria-expanded={open === line.id}
                    aria-label={`Put right: ${line.job}, ${line.where}`}
                    onClick={() => setOpen(open === line.id ? undefined : line.id)}
                  >
                    Put right
                  </Button>
                </div>
                {line.doubt && <Sentence tone="note">{line.doubt}</Sentence>}
                {open === line.id && <PutRight line={line} say={say} onDone={() => setOpen(undefined)} />}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}

type PutRightProps = { readonly line: LineWords; readonly say: CommandAction; readonly onDone: () => void };

function PutRight({ line, say, onDone }: PutRightProps) {
  const command = useCommand();
  const [minutes, setMinutes] = useState(line.minutes === undefined ? '' : String(line.minutes));
  const [cameOut, setCameOut] = useState<string>(line.cameOut);
  const took = minutes.trim() === '' ? undefined : Number(minutes);
  const isFine = took === undefined || (Number.isInteger(took) && took >= 1 && took <= 1440);
  return (
    <form
      aria-label={`Put right: ${line.job}`}
      className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', py: 1 })}
      onSubmit={(event) => {
        event.preventDefault();
        if (isFine)
          command.send(
            say,
            { line: line.id, cameOut, ...(took !== undefined && { minutes: took }) },
            { onKept: onDone },
          );
      }}
    >
      <TextField
        size="small"
        autoFocus
        label="Took about (minutes)"
        value={minutes}
        error={!isFine}
        helperText={isFine ? undefined : 'Whole minutes, at most a day.'}
        inputMode="numeric"
        onChange={({ target }) => setMinutes(target.value)}
      />
      <NativeSelect
        size="small"
        label="How it came out"
        value={cameOut}
        options={OUTCOMES.map((one) => [one, CAME_OUT_WORDS[one]] as const)}
        onChange={setCameOut}
      />
      <Button type="submit" variant="contained">
        Keep
      </Button>
      {line.canGo && (
        <Button onClick={() => command.send(say, { line: line.id, gone: true }, { onKept: onDone })}>
          Was not done: strike out
        </Button>
      )}
      <Sentence>{command.fault}</Sentence>
    </form>
  );
}
