'use client';
import { type KeyboardEvent, useEffect, useRef } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type Fixture, FULLNESSES, SOILS, type Stop } from '@/core/home/room';
import { fixtureName } from '@/present/walk/fixture-name';
import { FULLNESS_WORDS, SOIL_WORDS } from '@/present/walk/fixture-words';
import { inTurn } from '@/present/walk/strip-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { Selection } from './selection';
import type { RoomDesk } from './use-room-desk';

type RatePanelProps = {
  readonly desk: RoomDesk;
  readonly selection: Selection;
  /** Which of them it is the turn of, from 0. */
  readonly at: number;
  readonly onAt: (at: number) => void;
  readonly onEnd: () => void;
};

/** One thing after the other along the walk: how dirty it is and how full, each one press. */
export function RatePanel({ desk, selection, at, onAt, onEnd }: RatePanelProps) {
  const { room, stops, make } = desk;
  const things = inTurn(room, stops);
  const here = things[Math.min(at, things.length - 1)];
  const head = useHeadInSight(here?.fixture.id, selection);
  if (!here) return <p className={css({ textStyle: 'body', m: 0 })}>Nothing stands in this room yet.</p>;
  const { fixture, stop } = here;
  const holds = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].holds : undefined;
  const goTo = (next: number) => (next >= things.length ? onEnd() : onAt(Math.max(0, next)));
  const rate = (part: Partial<Fixture>, isLast: boolean) => {
    make({ do: 'put-fixture', stopId: stop.id, fixture: { ...fixture, ...part } });
    if (isLast) goTo(at + 1);
  };
  return (
    <section
      aria-label="Rate one after the other"
      onKeyDown={(event) => byKey(event, (digit) => SOILS[digit] && rate({ soil: SOILS[digit] }, !holds))}
      className={css({
        bgcolor: 'paper',
        p: { base: 2, md: 3 },
        borderTop: '3px solid var(--colors-water)',
      })}
    >
      <Heading ref={head} fixture={fixture} stop={stop} number={at + 1} of={things.length} />
      <Choices
        label="How dirty"
        options={SOILS.map((soil) => [soil, SOIL_WORDS[soil]] as const)}
        value={fixture.soil}
        onChoose={(soil) => rate({ soil }, !holds)}
      />
      {holds && (
        <Choices
          label={`How full of ${holds}`}
          options={FULLNESSES.map((full) => [full, FULLNESS_WORDS[full]] as const)}
          value={fixture.fullness}
          onChoose={(fullness) => rate({ fullness }, true)}
        />
      )}
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1, mt: 2, flexWrap: 'wrap' })}>
        <Button color="inherit" disabled={at === 0} onClick={() => goTo(at - 1)}>
          Back
        </Button>
        <Button color="inherit" onClick={() => goTo(at + 1)}>
          As it is
        </Button>
        <Button color="inherit" onClick={onEnd}>
          All the rest as it is
        </Button>
      </div>
    </section>
  );
}

/** The thing is marked on the strip; where a button that had the focus is gone, the heading takes it. */
function useHeadInSight(id: string | undefined, selection: Selection) {
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    selection.choose(id);
    if (document.activeElement === document.body) head.current?.focus();
  }, [id, selection]);
  return head;
}

/** A digit chooses how dirty: 1 for the least. */
function byKey(event: KeyboardEvent, choose: (digit: number) => void): void {
  const digit = Number(event.key);
  if (Number.isInteger(digit) && digit >= 1) choose(digit - 1);
}

type HeadingProps = {
  readonly ref: React.Ref<HTMLHeadingElement>;
  readonly fixture: Fixture;
  readonly stop: Stop;
  readonly number: number;
  readonly of: number;
};

function Heading({ ref, fixture, stop, number, of }: HeadingProps) {
  return (
    <div role="status" className={css({ mb: 1.5 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} ref={ref} tabIndex={-1}>
        {fixtureName(fixture)}
      </h2>
      <div className={css({ color: 'quiet' })}>
        {stop.shell ? 'all round' : stop.name} · {number} of {of}
      </div>
    </div>
  );
}

type ChoicesProps<T extends string> = {
  readonly label: string;
  readonly options: readonly (readonly [value: T, words: string])[];
  readonly value: T;
  readonly onChoose: (value: T) => void;
};

/** Chosen again it says the same, and goes on: what is as it was is rated by one press, too. */
function Choices<T extends string>({ label, options, value, onChoose }: ChoicesProps<T>) {
  return (
    <div role="group" aria-label={label} className={css({ mt: 1 })}>
      <div className={css({ fontSize: '0.9rem', color: 'quiet', mb: 0.5 })}>{label}</div>
      <div
        className={css({
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'repeat(auto-fit, minmax(72px, 1fr))',
          maxWidth: 720,
        })}
      >
        {options.map(([option, words]) => (
          <Button
            key={option}
            variant="outlined"
            color="inherit"
            aria-pressed={option === value}
            onClick={() => onChoose(option)}
            className={css({
              minHeight: 56,
              '&[aria-pressed=true]': {
                bgcolor: 'waterSoft',
                borderColor: 'water',
                fontWeight: 650,
              },
            })}
          >
            {words}
          </Button>
        ))}
      </div>
    </div>
  );
}
