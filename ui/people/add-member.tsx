'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { USUAL_HOURS } from '@/core/people/usual-hours';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { CommandAction } from '../state/command';
import { newId } from '../state/new-id';

const MemberForm = dynamic(() => import('./member-form').then((module) => module.MemberForm));

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
      <h2 className={css({ textStyle: 'h2', m: 0, mb: 2 })}>Who helps?</h2>
      <MemberForm
        member={{
          id,
          name: '',
          hours: [...USUAL_HOURS],
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
