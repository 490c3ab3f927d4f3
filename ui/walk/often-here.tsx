'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { FIXTURE_KINDS, type FixtureKindName } from '@/core/catalogue/fixture-kinds';

type OftenHereProps = {
  readonly kinds: readonly FixtureKindName[];
  readonly onAdd: (kind: FixtureKindName) => void;
};

/** What is often in such a room and not on the strip yet: one press puts it there. */
export const OftenHere = memo(function OftenHere({ kinds, onAdd }: OftenHereProps) {
  if (kinds.length === 0) return null;
  return (
    <Box component="section" aria-label="Often in such a room">
      <Box sx={{ fontSize: '0.9rem', color: 'text.secondary', mb: 0.5 }}>
        Often in such a room, and not here yet
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {kinds.map((kind) => (
          <Button
            key={kind}
            variant="outlined"
            color="inherit"
            onClick={() => onAdd(kind)}
            sx={{
              borderStyle: 'dashed',
              borderColor: 'var(--mui-palette-thaw-iceEdge)',
              minHeight: 44,
              fontWeight: 450,
            }}
          >
            {FIXTURE_KINDS[kind].name}
          </Button>
        ))}
      </Box>
    </Box>
  );
});
