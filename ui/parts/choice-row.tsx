'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';
import { memo, useId } from 'react';
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
    <Box>
      <Box id={id} sx={{ fontSize: '0.9rem', color: 'text.secondary', mb: 0.5 }}>
        {label}
      </Box>
      <Row role="group" aria-labelledby={id}>
        {options.map((option) => (
          <ButtonBase key={option} aria-pressed={option === shown} onClick={() => press(option)}>
            {words[option]}
          </ButtonBase>
        ))}
      </Row>
    </Box>
  );
}

const Row = styled('div')({
  display: 'flex',
  border: '1px solid var(--mui-palette-divider)',
  borderRadius: 3,
  '& > button': {
    flex: 1,
    minHeight: 44,
    padding: '0 4px',
    fontSize: '0.92rem',
    borderBottom: '3px solid transparent',
  },
  '& > button[aria-pressed=true]': {
    fontWeight: 650,
    backgroundColor: 'var(--mui-palette-thaw-waterSoft)',
    borderColor: 'var(--mui-palette-thaw-water)',
  },
});

/** One of a few, side by side, each a thumb wide. */
export const ChoiceRow = memo(Choices) as typeof Choices;
