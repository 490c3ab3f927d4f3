'use client';
import { memo } from 'react';
import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import type { OftenKind } from '@/present/walk/kind-faces';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

type OftenHereProps = {
  readonly kinds: readonly OftenKind[];
  readonly onAdd: (kind: FixtureKindName) => void;
};

/** What is often in such a room and not on the strip yet: one press puts it there. */
export const OftenHere = memo(function OftenHere({ kinds, onAdd }: OftenHereProps) {
  if (kinds.length === 0) return null;
  return (
    <section aria-label="Often in such a room">
      <div className={css({ fontSize: '0.9rem', color: 'quiet', mb: 0.5 })}>
        Often in such a room, and not here yet
      </div>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 0.75 })}>
        {kinds.map(({ kind, name }) => (
          <Button
            key={kind}
            variant="outlined"
            color="inherit"
            onClick={() => onAdd(kind)}
            className={css({
              borderStyle: 'dashed',
              borderColor: 'var(--colors-ice-edge)',
              minHeight: 44,
              fontWeight: 450,
            })}
          >
            {name}
          </Button>
        ))}
      </div>
    </section>
  );
});
