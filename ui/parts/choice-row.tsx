'use client';
import { memo, useId } from 'react';
import { css } from '@/ui/theme/made/css';
import look from './choice-row.module.css';
import { Press } from './press';
import { useAnswered } from './use-answered';

type ChoiceRowProps<T extends string> = {
  readonly label: string;
  readonly options: readonly T[];
  readonly words: Readonly<Record<T, string>>;
  readonly value: T;
  readonly onChange: (value: T) => void;
};

function Choices<T extends string>({ label, options, words, value, onChange }: ChoiceRowProps<T>) {
  const id = useId();
  const [shown, press] = useAnswered(value, onChange);
  return (
    <div>
      <div id={id} className={css({ fontSize: '0.9rem', color: 'quiet', mb: 0.5 })}>
        {label}
      </div>
      <div role="group" aria-labelledby={id} className={look.row}>
        {options.map((option) => (
          <Press key={option} aria-pressed={option === shown} onClick={() => press(option)}>
            {words[option]}
          </Press>
        ))}
      </div>
    </div>
  );
}

/** One of a few, side by side, each a thumb wide. */
export const ChoiceRow = memo(Choices) as typeof Choices;
