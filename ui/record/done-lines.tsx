'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { OUTCOMES } from '@/core/clean/names';
import { CAME_OUT_WORDS } from '@/present/record/came-out-words';
import type { LineWords, RecordScreen } from '@/present/record/record-model';
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
        <Box component="section" key={day.date} sx={{ mt: 2, maxWidth: 860 }}>
          <Typography variant="h3">{day.title}</Typography>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {day.lines.map((line) => (
              <Box
                component="li"
                key={line.id}
                sx={{ borderBottom: '1px solid', borderColor: 'divider', py: 0.75 }}
              >
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', minHeight: 44 }}>
                  <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
                    <Box sx={{ fontWeight: 500 }}>{line.job}</Box>
                    <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
                      {line.where} · {line.took}
                      {line.cameOut === 'clean' ? '' : ` · ${CAME_OUT_WORDS[line.cameOut].toLowerCase()}`}
                    </Box>
                  </Box>
                  <Button
                    aria-expanded={open === line.id}
                    aria-label={`Put right: ${line.job}, ${line.where}`}
                    onClick={() => setOpen(open === line.id ? undefined : line.id)}
                  >
                    Put right
                  </Button>
                </Box>
                {line.doubt && <Sentence tone="note">{line.doubt}</Sentence>}
                {open === line.id && <PutRight line={line} say={say} onDone={() => setOpen(undefined)} />}
              </Box>
            ))}
          </Box>
        </Box>
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
    <Box
      component="form"
      aria-label={`Put right: ${line.job}`}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', py: 1 }}
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
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
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
    </Box>
  );
}
