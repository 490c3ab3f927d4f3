'use client';
import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';
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
  return (
    <Chip
      onClick={() => onSelect(fixture.id)}
      aria-pressed={selected}
      aria-label={`${fixtureSummary(fixture, clear)}${place === undefined ? '' : `, number ${place} in the order of work`}`}
      data-fixture={fixture.id}
      data-state={clear ? 'clear' : fixture.leave ? 'left' : 'frozen'}
    >
      {place !== undefined && (
        <span className="place" aria-hidden>
          {place}
        </span>
      )}
      <span className="name">
        {fixtureName(fixture)}
        {fixture.count > 1 && (
          <>
            {' '}
            <span className="count">× {fixture.count}</span>
          </>
        )}
        {(fixture.soil === 'heavy' || fixture.soil === 'years') && (
          <span className="note">soil {SOIL_WORDS[fixture.soil]}</span>
        )}
        {fixture.mend && <span className="note">to mend</span>}
      </span>
    </Chip>
  );
});

/** Its looks go by attributes, so that choosing one changes no style sheet. */
const Chip = styled(ButtonBase)(({ theme }) => ({
  width: '100%',
  position: 'relative',
  minHeight: 44,
  '@media (pointer: fine)': { minHeight: 34 },
  padding: theme.spacing(0.5, 1),
  gap: theme.spacing(0.75),
  justifyContent: 'flex-start',
  textAlign: 'start',
  fontSize: '0.9rem',
  lineHeight: 1.2,
  borderRadius: 2,
  '&[data-state=frozen]': { background: FROST, clipPath: CUT },
  '&[data-state=clear]': { background: 'var(--mui-palette-thaw-waterSoft)', borderRadius: 22 },
  '&[data-state=left]': {
    background: 'var(--mui-palette-background-default)',
    color: 'var(--mui-palette-text-secondary)',
    border: '1.5px dashed var(--mui-palette-thaw-iceEdge)',
    '& .name': { textDecoration: 'line-through' },
  },
  '&[aria-pressed=true]': { clipPath: 'none', boxShadow: 'inset 0 0 0 2.5px var(--mui-palette-thaw-water)' },
  '&.Mui-focusVisible': { outline: 'none', boxShadow: 'inset 0 0 0 3.5px var(--mui-palette-thaw-water)' },
  '& .place': {
    fontSize: '0.75rem',
    fontWeight: 650,
    color: 'var(--mui-palette-thaw-water)',
    minWidth: '1.1em',
  },
  '& .name': { minWidth: 0, overflowWrap: 'anywhere' },
  '& .count': { whiteSpace: 'nowrap' },
  '& .note': { display: 'block', fontSize: '0.8rem', color: 'var(--mui-palette-text-secondary)' },
}));
