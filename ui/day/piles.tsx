'use client';
import { memo } from 'react';
import type { DayAct } from '@/core/clean/events';
import type { DropOff } from '@/core/clean/leaving';
import { takesAny } from '@/core/clean/piles';
import type { Run } from '@/core/day/run';
import type { DayFile } from '@/present/day/day-file';
import { type NamedPile, pilesOf } from '@/present/supplies/pile-words';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Unfold } from '../parts/unfold';
import { ActRow } from './act-row';
import { type AskAct, AskButton } from './ask-button';
import type { DayStore } from './run/day-store';

type PilesProps = {
  readonly piles: Run['piles'];
  readonly bags: Run['bags'];
  readonly leaving: DayFile['leaving'];
  readonly store: DayStore;
  readonly planTrip: AskAct | undefined;
};

type Section = Pick<PilesProps, 'piles'> & {
  readonly named: readonly NamedPile[];
  readonly carry: (act: DayAct) => void;
};

/** While something is emptied: one press for each thing, by where it goes. */
export const Piles = memo(function Piles({ piles, bags: packed, leaving, store, planTrip }: PilesProps) {
  const named = pilesOf(leaving);
  const total = sum([...piles.values()]);
  const carry = (act: DayAct) => void store.carry(act);
  const bags = [...packed].filter(([, number]) => number > 0);
  const title =
    total === 0 ? 'Belongings, pile by pile' : `Belongings: ${count(total, 'thing', 'things')} decided`;
  return (
    <Unfold title={title}>
      <div className={css({ display: 'grid', gap: 2 })}>
        <WhereTo piles={piles} named={named} carry={carry} />
        <OneTooMany piles={piles} named={named} carry={carry} />
        <ActRow title="Full and ready to leave" presses={packing(named, carry)} />
        {bags.length > 0 && <div>{bags.map((bag) => bagWords(bag, named)).join(', ')}.</div>}
        {planTrip &&
          tripsFor(bags, leaving.places).map((trip) => (
            <AskButton key={trip.words} words={trip.words} act={planTrip} wish={trip.wish} />
          ))}
      </div>
    </Unfold>
  );
});

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, number) => total + number, 0);
}

function WhereTo({ piles, named, carry }: Section) {
  return (
    <div
      role="group"
      aria-label="Where does it go?"
      className={css({
        display: 'grid',
        gap: 1,
        gridTemplateColumns: 'repeat(auto-fill, minmax(104px, 1fr))',
      })}
    >
      {named.map(({ id: pile, name }) => (
        <Button
          key={pile}
          variant="outlined"
          color="inherit"
          onClick={() => carry({ do: 'pile', pile, count: 1 })}
          aria-label={`${name}: ${piles.get(pile) ?? 0}`}
          className={css({ minHeight: 72, flexDirection: 'column', bgcolor: 'paper' })}
        >
          <span className={css({ fontSize: '1.4rem', fontWeight: 600 })}>{piles.get(pile) ?? 0}</span>
          {name}
        </Button>
      ))}
    </div>
  );
}

function OneTooMany({ piles, named, carry }: Section) {
  const counted = named.filter(({ id }) => (piles.get(id) ?? 0) > 0);
  if (counted.length === 0) return null;
  return (
    <ActRow
      title="One too many"
      presses={counted.map(({ id, name }) => ({
        words: `${name} −1`,
        press: () => carry({ do: 'pile', pile: id, count: -1 }),
      }))}
    />
  );
}

function packing(named: Section['named'], carry: Section['carry']) {
  return named
    .filter(({ leaves }) => leaves)
    .flatMap(({ id, name }) =>
      (['bag', 'box'] as const).map((kind) => ({
        words: `${kind === 'bag' ? 'Bag' : 'Box'}: ${name.toLowerCase()}`,
        press: () => carry({ do: 'bag', kind, pile: id, count: 1 }),
      })),
    );
}

type Packed = readonly [key: string, number: number];

function bagWords([key, number]: Packed, named: Section['named']): string {
  const [kind, pile] = key.split('/');
  const words = kind === 'bag' ? count(number, 'bag', 'bags') : count(number, 'box', 'boxes');
  return `${words} to ${(named.find(({ id }) => id === pile)?.name ?? 'a pile that is gone').toLowerCase()}`;
}

type AskedTrip = { readonly words: string; readonly wish: object };

/** The trips that can be planned: to each place that takes any of what is packed. */
function tripsFor(bags: readonly Packed[], places: DayFile['leaving']['places']): AskedTrip[] {
  const packedFor = (place: Pick<DropOff, 'takes'>) =>
    sum(
      bags.filter(([key]) => takesAny(place, [key.slice(key.indexOf('/') + 1)])).map(([, number]) => number),
    );
  if (places.length === 0)
    return [
      {
        words: 'Plan the trip to the drop-off place',
        wish: { bags: Math.max(1, packedFor({ takes: [] })) },
      },
    ];
  return places
    .filter((place) => bags.length === 0 || packedFor(place) > 0)
    .map((place) => ({
      words: `Plan the trip to ${place.name}`,
      wish: { bags: Math.max(1, packedFor(place)), place: place.id },
    }));
}
