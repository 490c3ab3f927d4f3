'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { memo } from 'react';
import type { Fixture } from '@/core/home/room';
import { fixtureName, fixtureSummary, SOIL_WORDS } from './fixture-words';
import { CUT, FROST } from './frost';
import { useIsChosen } from './selection';

type ChipProps = {
  readonly fixture: Fixture;
  readonly clear: boolean;
  /** Where in the order of work it comes, from 1. */
  readonly place: number | undefined;
  readonly onSelect: (fixture: string) => void;
};

/** One fixture on the strip: cut ice while there is work on it, round water when it is clear. */
export const FixtureChip = memo(function FixtureChip({ fixture, clear, place, onSelect }: ChipProps) {
  const selected = useIsChosen(fixture.id);
  const frozen = !clear && !fixture.leave;
  return (
    <ButtonBase
      onClick={() => onSelect(fixture.id)}
      aria-pressed={selected}
      aria-label={`${fixtureSummary(fixture, clear)}${place === undefined ? '' : `, number ${place} in the order of work`}`}
      data-fixture={fixture.id}
      sx={{
        width: '100%',
        position: 'relative',
        minHeight: 44,
        '@media (pointer: fine)': { minHeight: 34 },
        px: 1,
        py: 0.5,
        gap: 0.75,
        justifyContent: 'flex-start',
        textAlign: 'start',
        fontSize: '0.9rem',
        lineHeight: 1.2,
        color: fixture.leave ? 'text.secondary' : 'text.primary',
        background: clear
          ? 'var(--mui-palette-thaw-waterSoft)'
          : fixture.leave
            ? 'var(--mui-palette-background-default)'
            : FROST,
        border: fixture.leave ? '1.5px dashed var(--mui-palette-thaw-iceEdge)' : 'none',
        clipPath: frozen && !selected ? CUT : 'none',
        borderRadius: clear ? '22px' : '2px',
        boxShadow: selected ? 'inset 0 0 0 2.5px var(--mui-palette-thaw-water)' : 'none',
        '&.Mui-focusVisible': {
          outline: 'none',
          boxShadow: 'inset 0 0 0 3.5px var(--mui-palette-thaw-water)',
        },
      }}
    >
      {place !== undefined && (
        <Box
          component="span"
          aria-hidden
          sx={{
            fontSize: '0.75rem',
            fontWeight: 650,
            color: 'var(--mui-palette-thaw-water)',
            minWidth: '1.1em',
          }}
        >
          {place}
        </Box>
      )}
      <Box
        component="span"
        sx={{
          minWidth: 0,
          overflowWrap: 'anywhere',
          textDecoration: fixture.leave ? 'line-through' : 'none',
        }}
      >
        {fixtureName(fixture)}
        {fixture.count > 1 && (
          <>
            {' '}
            <span style={{ whiteSpace: 'nowrap' }}>× {fixture.count}</span>
          </>
        )}
        {(fixture.soil === 'heavy' || fixture.soil === 'years') && (
          <Box component="span" sx={{ display: 'block', fontSize: '0.8rem', color: 'text.secondary' }}>
            soil {SOIL_WORDS[fixture.soil]}
          </Box>
        )}
        {fixture.mend && (
          <Box component="span" sx={{ display: 'block', fontSize: '0.8rem', color: 'text.secondary' }}>
            to mend
          </Box>
        )}
      </Box>
    </ButtonBase>
  );
});
