'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Lane } from '@/present/spread/lanes-model';
import { count, longDate } from '@/present/words/words';
import { NativeSelect } from '../parts/native-select';
import { DateField } from '../parts/when-field';
import type { Choices } from './move-panel';
import type { SteeringState } from './use-steering';

type SessionPanelProps = {
  readonly lane: Lane;
  readonly date: string;
  readonly choices: Choices;
  readonly steering: SteeringState;
};

const FIELD = { width: { xs: '100%', sm: 190 } };

/** Moves all that somebody does on a day without a pointer: to another date, or to somebody else. */
export function SessionPanel({ lane, date, choices, steering }: SessionPanelProps) {
  const [to, setTo] = useState<string | undefined>(date);
  const [by, setBy] = useState(lane.id);
  return (
    <Box
      role="region"
      aria-label="Move a session"
      sx={{ mt: 2, p: 2, bgcolor: 'background.paper', borderRadius: 1, maxWidth: 880 }}
    >
      <Typography variant="h3">All that {lane.name} does</Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        {longDate(date)}, {count(lane.blocks.length, 'piece', 'pieces')} of work. What can’t come along stays.
      </Typography>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (to) steering.moveSession({ person: lane.id, date, to, ...(by !== lane.id && { by }) });
        }}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 2 }}
      >
        <DateField label="To the date" value={to} onKeep={setTo} sx={FIELD} />
        <NativeSelect
          size="small"
          label="Who"
          value={by}
          onChange={setBy}
          sx={FIELD}
          options={choices.people.map(({ id, name }) => [id, name] as const)}
        />
        <Button type="submit" variant="contained" disabled={!to} loading={steering.pending}>
          Move it all
        </Button>
      </Box>
    </Box>
  );
}
