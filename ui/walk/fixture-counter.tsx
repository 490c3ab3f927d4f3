'use client';
import Add from '@mui/icons-material/Add';
import Close from '@mui/icons-material/Close';
import Remove from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { memo } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type Fixture, MOST_COUNT } from '@/core/home/room';
import { fixtureName } from './fixture-words';
import { FROST } from './frost';

/** A thing on the strip while counting: one more, one less, or thrown off, each one press. */
export const FixtureCounter = memo(function FixtureCounter({
  fixture,
  onCount,
}: {
  fixture: Fixture;
  /** None throws it off. */
  onCount: (fixture: Fixture, count: number) => void;
}) {
  const { count } = fixture;
  const name = fixtureName(fixture);
  const last = count === 1;
  // There is one ceiling and one floor; they are only thrown off.
  const countable = !(isFixtureKind(fixture.kind) && FIXTURE_KINDS[fixture.kind].shell);
  return (
    <Box
      role="group"
      aria-label={`${name}, ${count}`}
      data-fixture={fixture.id}
      sx={{ background: FROST, borderRadius: '2px', px: 0.5, pt: 0.5, width: '100%' }}
    >
      <Box sx={{ fontSize: '0.9rem', lineHeight: 1.2, px: 0.5, overflowWrap: 'anywhere' }}>{name}</Box>
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
        <IconButton
          aria-label={last ? `Throw off ${name}` : `One ${name} less`}
          onClick={() => onCount(fixture, count - 1)}
        >
          {last ? <Close fontSize="small" /> : <Remove fontSize="small" />}
        </IconButton>
        {countable && (
          <>
            <Box component="span" sx={{ fontWeight: 650, minWidth: '1.4em', textAlign: 'center' }}>
              {count}
            </Box>
            <IconButton
              aria-label={`One ${name} more`}
              disabled={count >= MOST_COUNT}
              onClick={() => onCount(fixture, count + 1)}
            >
              <Add fontSize="small" />
            </IconButton>
          </>
        )}
      </Box>
    </Box>
  );
});
