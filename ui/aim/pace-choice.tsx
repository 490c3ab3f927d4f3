'use client';
import { useState } from 'react';
import type { CleanPace } from '@/core/problem/paces';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

const PACE_WORDS: Record<CleanPace, readonly [name: string, what: string]> = {
  weekend: ['A weekend', 'Saturday and Sunday, as much as fits.'],
  week: ['A week', 'Seven days in a row, the fourth to rest.'],
  month: ['A month of evenings and days off', 'An even share each day, whenever somebody has time.'],
  'four-weeks': ['Four weeks', 'An hour at the most on weekdays; weekends are kept for catching up.'],
  'eight-weeks': ['Eight weeks', 'The same over eight weeks.'],
  'twelve-weeks': ['Twelve weeks', 'The same over twelve weeks.'],
  'area-weeks': ['An area a week', 'The rooms in their order, each in its own week, over twelve weeks.'],
  year: ['Through the year', 'An area a month: the rooms in their order, shared out over the year.'],
};

/** The ways in which people go about it: one press sets dates, sessions and days kept free. */
export function PaceChoice({ action }: { action: CommandAction }) {
  const { send, pending, fault } = useCommand();
  const [said, setSaid] = useState('');
  const choose = (pace: CleanPace) => {
    setSaid('');
    const words = `Kept: ${PACE_WORDS[pace][0].toLowerCase()}. The plan follows; spread the work again to have it made anew.`;
    send(action, pace, { onKept: () => setSaid(words) });
  };
  return (
    <Unfold title="Choose a pace">
      <p className={css({ textStyle: 'body', m: 0, maxWidth: '70ch', mb: 1 })}>
        A pace begins today, or on the weekday it needs. It sets the dates, how long a session is at most, and
        which days stay free. What was placed by hand is left to the plan again; undo on the page Spread takes
        that back.
      </p>
      <Sentence>{fault}</Sentence>
      <ul className={css({ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1, maxWidth: 760 })}>
        {(Object.keys(PACE_WORDS) as CleanPace[]).map((pace) => (
          <li
            key={pace}
            className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' })}
          >
            <Button
              variant="outlined"
              disabled={pending}
              onClick={() => choose(pace)}
              className={css({ width: { base: '100%', sm: 290 } })}
            >
              {PACE_WORDS[pace][0]}
            </Button>
            <span className={css({ flex: '1 1 240px' })}>{PACE_WORDS[pace][1]}</span>
          </li>
        ))}
      </ul>
      <div role="status" className={css({ mt: 1 })}>
        {said}
      </div>
    </Unfold>
  );
}
