'use client';
import { useId } from 'react';
import { css } from '@/ui/theme/made/css';
import { Press } from './press';
import look from './stretch-row.module.css';

/** From one place in a row to another, both within it; undefined where nothing is chosen. */
export type Stretch = { readonly first: number; readonly last: number };

type StretchRowProps = {
  readonly label: string;
  /** What each is called, and what is written on it. */
  readonly cells: readonly { readonly name: string; readonly face: string }[];
  readonly value: Stretch | undefined;
  readonly onChange: (value: Stretch | undefined) => void;
};

/** One of a row, or all from the first that is pressed to the second. */
export function StretchRow({ label, cells, value, onChange }: StretchRowProps) {
  const id = useId();
  return (
    <div>
      <div id={id} className={css({ fontSize: '0.9rem', color: 'quiet', mb: 0.5 })}>
        {label}
      </div>
      <div role="group" aria-labelledby={id} className={look.row}>
        {cells.map(({ name, face }, at) => (
          <Press
            key={name}
            aria-label={name}
            aria-pressed={value !== undefined && at >= value.first && at <= value.last}
            onClick={() => onChange(stretched(value, at))}
          >
            {face}
          </Press>
        ))}
      </div>
    </div>
  );
}

/** The first press chooses one, a second one what lies between, a press on the only one nothing; a third begins anew. */
export function stretched(value: Stretch | undefined, at: number): Stretch | undefined {
  if (!value || value.first !== value.last) return { first: at, last: at };
  if (value.first === at) return undefined;
  return { first: Math.min(value.first, at), last: Math.max(value.first, at) };
}
