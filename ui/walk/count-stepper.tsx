'use client';
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import { memo, useState } from 'react';
import { fixtureSchema } from '@/core/home/room-schema';
import { sentenceOf } from '@/present/forms/sentences';
import { css } from '@/ui/theme/made/css';
import { IconButton } from '../parts/icon-button';
import { TextField } from '../parts/text-field';
import { afterPaint } from '../state/after-paint';

const countSchema = fixtureSchema.shape.count;

type CountStepperProps = {
  readonly count: number;
  readonly onChange: (count: number) => void;
};

/** How many there are: one press for one more, or typed. A count that can't be is kept as typed and says why. */
export const CountStepper = memo(function CountStepper({ count, onChange }: CountStepperProps) {
  const [typed, setTyped] = useState<string>();
  const parsed = countSchema.safeParse(
    typed === undefined ? count : Number(typed.trim() === '' ? Number.NaN : typed),
    { error: (issue) => sentenceOf(issue, 'count') },
  );
  const fault = parsed.success ? undefined : parsed.error.issues[0]?.message;
  const type = (text: string) => {
    const next = countSchema.safeParse(Number(text.trim() === '' ? Number.NaN : text));
    setTyped(text);
    if (next.success && next.data !== count) afterPaint(() => onChange(next.data));
  };
  const step = (by: number) => type(String((parsed.success ? parsed.data : count) + by));
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1, alignItems: 'flex-start' })}>
      <IconButton aria-label="One less" onClick={() => step(-1)} disabled={count <= 1 && fault === undefined}>
        <Remove />
      </IconButton>
      <TextField
        size="small"
        label="How many"
        value={typed ?? String(count)}
        onChange={(event) => type(event.target.value)}
        error={fault !== undefined}
        helperText={fault}
        className={css({ maxWidth: fault ? 320 : 120 })}
        inputMode="numeric"
      />
      <IconButton aria-label="One more" onClick={() => step(1)}>
        <Add />
      </IconButton>
    </div>
  );
});
