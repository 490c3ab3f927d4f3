'use client';
import Add from '@mui/icons-material/Add';
import Close from '@mui/icons-material/Close';
import Remove from '@mui/icons-material/Remove';
import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';
import { memo } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type Fixture, MOST_COUNT } from '@/core/home/room';
import { fixtureName } from './fixture-words';
import { FROST } from './frost';

type CounterProps = {
  readonly fixture: Fixture;
  /** None throws it off. */
  readonly onCount: (fixture: Fixture, count: number) => void;
};

/** A thing on the strip while counting: one more, one less, or thrown off, each one press. */
export const FixtureCounter = memo(function FixtureCounter({ fixture, onCount }: CounterProps) {
  const { count } = fixture;
  const name = fixtureName(fixture);
  const last = count === 1;
  // There is one ceiling and one floor; they are only thrown off.
  const countable = !(isFixtureKind(fixture.kind) && FIXTURE_KINDS[fixture.kind].shell);
  return (
    <Counter role="group" aria-label={`${name}, ${count}`} data-fixture={fixture.id}>
      <span className="name">{name}</span>
      <ButtonBase
        aria-label={last ? `Throw off ${name}` : `One ${name} less`}
        onClick={() => onCount(fixture, count - 1)}
      >
        {last ? <Close fontSize="small" /> : <Remove fontSize="small" />}
      </ButtonBase>
      {countable && (
        <>
          <strong>{count}</strong>
          <ButtonBase
            aria-label={`One ${name} more`}
            disabled={count >= MOST_COUNT}
            onClick={() => onCount(fixture, count + 1)}
          >
            <Add fontSize="small" />
          </ButtonBase>
        </>
      )}
    </Counter>
  );
});

const Counter = styled('div')({
  background: FROST,
  borderRadius: 2,
  padding: '4px 4px 0',
  width: '100%',
  display: 'grid',
  gridTemplateColumns: '44px 1fr 44px',
  alignItems: 'center',
  '& > .name': {
    gridColumn: '1 / -1',
    fontSize: '0.9rem',
    lineHeight: 1.2,
    padding: '0 4px',
    overflowWrap: 'anywhere',
  },
  '& > button': { minWidth: 44, minHeight: 44 },
  '& > button:disabled': { opacity: 0.4 },
  '& > strong': { fontWeight: 650, textAlign: 'center' },
});
