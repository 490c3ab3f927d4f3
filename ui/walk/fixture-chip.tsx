'use client';
import { memo } from 'react';
import type { Fixture } from '@/core/home/room';
import { fixtureSummary, SOIL_WORDS } from '@/present/walk/fixture-words';
import { openingOf } from '@/present/walk/strip-model';
import { KindMark } from '../parts/kind-mark';
import { useFaces } from './kind-faces';
import { useIsChosen } from './selection';
import looks from './strip.module.css';

type ChipProps = {
  readonly fixture: Fixture;
  readonly clear: boolean;
  /** Where in the order of work it comes, from 1. */
  readonly place: number | undefined;
  readonly onSelect: (fixture: string, byKey?: boolean) => void;
};

/** One fixture on the strip: cut ice while there is work on it, round water when it is clear. */
export const FixtureChip = memo(function FixtureChip({ fixture, clear, place, onSelect }: ChipProps) {
  const selected = useIsChosen(fixture.id);
  const { name, mark } = useFaces()(fixture.kind);
  return (
    <button
      type="button"
      className={looks.chip}
      onClick={(event) => onSelect(fixture.id, event.detail === 0)}
      aria-pressed={selected}
      aria-label={`${fixtureSummary(name, fixture, clear)}${place === undefined ? '' : `, number ${place} in the order of work`}`}
      data-fixture={fixture.id}
      data-opening={openingOf(fixture)}
      data-state={clear ? 'clear' : fixture.leave ? 'left' : 'frozen'}
    >
      <span className={looks.lead} aria-hidden>
        {place !== undefined && <span className={looks.place}>{place}</span>}
        {mark && <KindMark mark={mark} className={looks.mark} />}
      </span>
      <span className={fixture.leave && !clear ? `${looks.name} ${looks.struck}` : looks.name}>
        {name}
        {fixture.count > 1 && (
          <>
            {' '}
            <span className={looks.times}>× {fixture.count}</span>
          </>
        )}
        {(fixture.soil === 'heavy' || fixture.soil === 'years') && (
          <span className={looks.note}>soil {SOIL_WORDS[fixture.soil]}</span>
        )}
        {fixture.mend && <span className={looks.note}>to mend</span>}
      </span>
    </button>
  );
});
