'use client';
import { useId } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

export type Press = {
  readonly words: string;
  readonly press: () => void;
  readonly label?: string;
  /** The same button under other words: the focus stays on it. */
  readonly id?: string;
};

/** Presses of one kind side by side, each large enough for a wet thumb. */
export function ActRow({ title, presses }: { title?: string; presses: readonly Press[] }) {
  const id = useId();
  return (
    <div
      role="group"
      {...(title && { 'aria-labelledby': id })}
      className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' })}
    >
      {title && (
        <span id={id} className={css({ width: '100%', fontWeight: 560 })}>
          {title}
        </span>
      )}
      {presses.map(({ words, press, label, id: own }) => (
        <Button
          key={own ?? words}
          variant="outlined"
          color="inherit"
          onClick={press}
          {...(label && { 'aria-label': label })}
          className={css({ minHeight: 48, bgcolor: 'paper' })}
        >
          {words}
        </Button>
      ))}
    </div>
  );
}
