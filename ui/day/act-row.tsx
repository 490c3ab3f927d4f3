'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId } from 'react';

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
    <Box
      role="group"
      {...(title && { 'aria-labelledby': id })}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
    >
      {title && (
        <Box id={id} component="span" sx={{ width: '100%', fontWeight: 560 }}>
          {title}
        </Box>
      )}
      {presses.map(({ words, press, label, id: own }) => (
        <Button
          key={own ?? words}
          variant="outlined"
          color="inherit"
          onClick={press}
          {...(label && { 'aria-label': label })}
          sx={{ minHeight: 48, bgcolor: 'background.paper' }}
        >
          {words}
        </Button>
      ))}
    </Box>
  );
}
