'use client';
import Add from '@mui/icons-material/Add';
import Close from '@mui/icons-material/Close';
import Remove from '@mui/icons-material/Remove';
import { memo } from 'react';
import { type Fixture, MOST_COUNT } from '@/core/home/room';
import { useFaces } from './kind-faces';
import looks from './strip.module.css';

type CounterProps = {
  readonly fixture: Fixture;
  /** None throws it off. */
  readonly onCount: (fixture: Fixture, count: number) => void;
};

/** A thing on the strip while counting: one more, one less, or thrown off, each one press. */
export const FixtureCounter = memo(function FixtureCounter({ fixture, onCount }: CounterProps) {
  const { count } = fixture;
  const { name, shell } = useFaces()(fixture.kind);
  const last = count === 1;
  // There is one ceiling and one floor; they are only thrown off.
  const countable = !shell;
  return (
    <fieldset className={looks.counter} aria-label={`${name}, ${count}`} data-fixture={fixture.id}>
      <span className={`${looks.name} ${looks.wide}`}>{name}</span>
      <button
        type="button"
        className={looks.step}
        aria-label={last ? `Throw off ${name}` : `One ${name} less`}
        onClick={() => onCount(fixture, count - 1)}
      >
        {last ? <Close fontSize="small" /> : <Remove fontSize="small" />}
      </button>
      {countable && (
        <>
          <strong>{count}</strong>
          <button
            type="button"
            className={looks.step}
            aria-label={`One ${name} more`}
            disabled={count >= MOST_COUNT}
            onClick={() => onCount(fixture, count + 1)}
          >
            <Add fontSize="small" />
          </button>
        </>
      )}
    </fieldset>
  );
});
