'use client';
import { useState } from 'react';
import type { WeeklyHours } from '@/core/people/member';
import { longStretch } from '@/present/people/long-stretch';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

type LongStretchProps = {
  readonly hours: readonly WeeklyHours[];
  readonly onChange: (hours: WeeklyHours[]) => void;
};

/** Eight hours on a Saturday: offered as two stretches with a meal, or taken as said. */
export function LongStretch({ hours, onChange }: LongStretchProps) {
  const [taken, setTaken] = useState<string>();
  const found = longStretch(hours);
  if (!found || taken === found.words) return <div role="status" />;
  return (
    <div role="status" className={css({ bgcolor: 'var(--colors-sun-soft)', p: 1.5, maxWidth: '68ch' })}>
      {found.words}
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 })}>
        <Button variant="outlined" onClick={() => onChange([...found.withMeal])}>
          Two stretches with a meal
        </Button>
        <Button color="inherit" onClick={() => setTaken(found.words)}>
          As I said
        </Button>
      </div>
    </div>
  );
}
