'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { memo, useId } from 'react';

type ChoiceRowProps<T extends string> = {
  readonly label: string;
  readonly options: readonly T[];
  readonly words: Readonly<Record<T, string>>;
  readonly value: T;
  readonly onChange: (value: T) => void;
};

function Choices<T extends string>({ label, options, words, value, onChange }: ChoiceRowProps<T>) {
  const id = useId();
  return (
    <Box>
      <Box id={id} sx={{ fontSize: '0.9rem', color: 'text.secondary', mb: 0.5 }}>
        {label}
      </Box>
      <Box
        role="group"
        aria-labelledby={id}
        sx={{ display: 'flex', border: '1px solid', borderColor: 'divider', borderRadius: '3px' }}
      >
        {options.map((option) => (
          <ButtonBase
            key={option}
            aria-pressed={option === value}
            onClick={() => onChange(option)}
            sx={{
              flex: 1,
              minHeight: 44,
              px: 0.5,
              fontSize: '0.92rem',
              fontWeight: option === value ? 650 : 400,
              bgcolor: option === value ? 'var(--mui-palette-thaw-waterSoft)' : 'transparent',
              borderBottom: '3px solid',
              borderColor: option === value ? 'var(--mui-palette-thaw-water)' : 'transparent',
            }}
          >
            {words[option]}
          </ButtonBase>
        ))}
      </Box>
    </Box>
  );
}

/** One of a few, side by side, each a thumb wide. */
export const ChoiceRow = memo(Choices) as typeof Choices;
