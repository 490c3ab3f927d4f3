'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';
import { useId } from 'react';

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
    <Box>
      <Box id={id} sx={{ fontSize: '0.9rem', color: 'text.secondary', mb: 0.5 }}>
        {label}
      </Box>
      <Row role="group" aria-labelledby={id}>
        {cells.map(({ name, face }, at) => (
          <ButtonBase
            key={name}
            aria-label={name}
            aria-pressed={value !== undefined && at >= value.first && at <= value.last}
            onClick={() => onChange(stretched(value, at))}
          >
            {face}
          </ButtonBase>
        ))}
      </Row>
    </Box>
  );
}

/** The first press chooses one, a second one what lies between, a press on the only one nothing; a third begins anew. */
export function stretched(value: Stretch | undefined, at: number): Stretch | undefined {
  if (!value || value.first !== value.last) return { first: at, last: at };
  if (value.first === at) return undefined;
  return { first: Math.min(value.first, at), last: Math.max(value.first, at) };
}

const Row = styled('div')({
  display: 'grid',
  // A week side by side on a phone.
  gridTemplateColumns: 'repeat(auto-fill, minmax(44px, 52px))',
  gap: 4,
  '& > button': {
    minHeight: 48,
    padding: '2px 4px',
    border: '1px solid var(--mui-palette-divider)',
    borderRadius: 3,
    borderBottomWidth: 3,
    fontSize: '0.92rem',
    fontVariantNumeric: 'tabular-nums',
    whiteSpace: 'pre-line',
    lineHeight: 1.25,
    backgroundColor: 'var(--mui-palette-background-paper)',
  },
  '& > button[aria-pressed=true]': {
    fontWeight: 650,
    backgroundColor: 'var(--mui-palette-thaw-waterSoft)',
    borderColor: 'var(--mui-palette-thaw-water)',
  },
});
