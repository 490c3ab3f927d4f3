'use client';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { CommandAction } from '../state/command';
import { newId } from '../state/new-id';

const MemberForm = dynamic(() => import('./member-form').then((module) => module.MemberForm));

/** Evenings on two weekdays and a Saturday morning: something to change rather than an empty form. */
const USUAL_HOURS = [
  { weekday: 2, from: '18:30', to: '20:30' },
  { weekday: 4, from: '18:30', to: '20:30' },
  { weekday: 6, from: '09:30', to: '12:30' },
];

export function AddMember({ save, first }: { save: CommandAction; first: boolean }) {
  const [id, setId] = useState<string | undefined>(first ? 'first' : undefined);
  if (id === undefined) {
    return (
      <div>
        <Button variant="outlined" onClick={() => setId(newId())}>
          Somebody else helps
        </Button>
      </div>
    );
  }
  return (
    <section aria-label="Somebody new">
      <Typography variant="h2" sx={{ mb: 2 }}>
        Who helps?
      </Typography>
      <MemberForm
        member={{
          id,
          name: '',
          hours: USUAL_HOURS,
          dailyCap: 150,
          breakAfter: 60,
          breakLength: 10,
          cannot: [],
          dislikes: {},
          pace: 'usual',
        }}
        save={save}
        onSaved={() => setId(undefined)}
      />
    </section>
  );
}
