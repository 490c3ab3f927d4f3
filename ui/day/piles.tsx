'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import type { DayAct } from '@/core/clean/events';
import { PILES, type Pile } from '@/core/clean/names';
import type { Run } from '@/core/day/run';
import { count } from '@/present/words/words';
import { Unfold } from '../parts/unfold';
import { ActRow } from './act-row';
import { type AskAct, AskButton } from './ask-button';
import type { DayStore } from './run/day-store';

const PILE_WORDS: Record<Pile, string> = {
  stays: 'Stays',
  elsewhere: 'Elsewhere',
  give: 'Give',
  sell: 'Sell',
  mend: 'Mend',
  recycle: 'Recycle',
  bin: 'Bin',
};

/** Piles that are carried out of the house on a trip. */
const LEAVING: readonly Pile[] = ['give', 'sell', 'recycle', 'bin'];

type PilesProps = {
  readonly piles: Run['piles'];
  readonly bags: Run['bags'];
  readonly store: DayStore;
  readonly planTrip: AskAct | undefined;
};

type Section = Pick<PilesProps, 'piles'> & { readonly carry: (act: DayAct) => void };

/** While something is emptied: one press for each thing, by where it goes. */
export const Piles = memo(function Piles({ piles, bags: packed, store, planTrip }: PilesProps) {
  const total = sum([...piles.values()]);
  const carry = (act: DayAct) => void store.carry(act);
  const bags = [...packed].filter(([, number]) => number > 0);
  const title =
    total === 0 ? 'Belongings, pile by pile' : `Belongings: ${count(total, 'thing', 'things')} decided`;
  return (
    <Unfold title={title}>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <WhereTo piles={piles} carry={carry} />
        <OneTooMany piles={piles} carry={carry} />
        <ActRow title="Full and ready to leave" presses={packing(carry)} />
        {bags.length > 0 && <Box>{bags.map(bagWords).join(', ')}.</Box>}
        {planTrip && (
          <AskButton
            words="Plan the trip to the drop-off place"
            act={planTrip}
            wish={{ bags: Math.max(1, sum(bags.map(([, number]) => number))) }}
          />
        )}
      </Box>
    </Unfold>
  );
});

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, number) => total + number, 0);
}

function WhereTo({ piles, carry }: Section) {
  return (
    <Box
      role="group"
      aria-label="Where does it go?"
      sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(104px, 1fr))' }}
    >
      {PILES.map((pile) => (
        <Button
          key={pile}
          variant="outlined"
          color="inherit"
          onClick={() => carry({ do: 'pile', pile, count: 1 })}
          aria-label={`${PILE_WORDS[pile]}: ${piles.get(pile) ?? 0}`}
          sx={{ minHeight: 72, flexDirection: 'column', bgcolor: 'background.paper' }}
        >
          <Box component="span" sx={{ fontSize: '1.4rem', fontWeight: 600 }}>
            {piles.get(pile) ?? 0}
          </Box>
          {PILE_WORDS[pile]}
        </Button>
      ))}
    </Box>
  );
}

function OneTooMany({ piles, carry }: Section) {
  const counted = PILES.filter((pile) => (piles.get(pile) ?? 0) > 0);
  return (
    <ActRow
      title="One too many"
      presses={counted.map((pile) => ({
        words: `${PILE_WORDS[pile]} −1`,
        press: () => carry({ do: 'pile', pile, count: -1 }),
      }))}
    />
  );
}

function packing(carry: Section['carry']) {
  return LEAVING.flatMap((pile) =>
    (['bag', 'box'] as const).map((kind) => ({
      words: `${kind === 'bag' ? 'Bag' : 'Box'}: ${PILE_WORDS[pile].toLowerCase()}`,
      press: () => carry({ do: 'bag', kind, pile, count: 1 }),
    })),
  );
}

function bagWords([key, number]: readonly [string, number]): string {
  const [kind, pile] = key.split('/') as ['bag' | 'box', Pile];
  const words = kind === 'bag' ? count(number, 'bag', 'bags') : count(number, 'box', 'boxes');
  return `${words} to ${PILE_WORDS[pile].toLowerCase()}`;
}
