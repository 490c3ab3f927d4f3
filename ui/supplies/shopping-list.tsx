'use client';
import { useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import { boughtChange } from '@/present/supplies/bought';
import { shoppingText } from '@/present/supplies/shopping-text';
import type { ShoppingRow, SuppliesScreen } from '@/present/supplies/supplies-model';
import { longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { cx } from '@/ui/theme/made/css/cx';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { DownloadButton } from '../parts/link-button';
import { ShareButton } from '../parts/share-button';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import { useChanges } from '../parts/use-changes';

type ShoppingListProps = {
  readonly screen: SuppliesScreen;
  /** Written down on the way. */
  readonly found: readonly string[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** The list: what, how many packs, by when and for which session; bought in one press, or in part. */
export function ShoppingList({ screen, found, edits, actions }: ShoppingListProps) {
  const changes = useChanges(actions);
  const { shopping, total } = screen;
  const { copied, copy } = useCopied(() => shoppingText(shopping, total, found));
  const bought = (row: ShoppingRow, packs: number) =>
    changes.send(boughtChange(row, packs, screen) satisfies HouseholdChange, `${row.words} is in the house.`);
  return (
    <>
      <ChangeBar label="The list" edits={edits} changes={changes}>
        <Button onClick={copy}>Copy as text</Button>
        <ShareButton title="To buy" text={shoppingText(shopping, total, found)} />
        <DownloadButton href="/api/supplies">Save as a table</DownloadButton>
      </ChangeBar>
      <span role="status">{copied}</span>
      <ul aria-label="To buy" className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {shopping.map((row) => (
          <Line key={row.name} row={row} onBought={(packs) => bought(row, packs)} />
        ))}
      </ul>
      {shopping.length > 0 && (
        <div className={css(TOTAL)}>
          <span>Together, at made-up prices</span>
          <span>{total}</span>
        </div>
      )}
    </>
  );
}

const TOTAL = {
  display: 'flex',
  justifyContent: 'space-between',
  borderTop: '2px solid',
  py: 1.5,
  fontWeight: 650,
} as const;

function useCopied(text: () => string) {
  const [copied, setCopied] = useState('');
  const copy = async () => {
    const done = await navigator.clipboard.writeText(text()).then(
      () => true,
      () => false,
    );
    setCopied(
      done ? 'The list is copied.' : 'This browser does not let the page copy. Save it as a table instead.',
    );
  };
  return { copied, copy };
}

function Line({ row, onBought }: { row: ShoppingRow; onBought: (packs: number) => void }) {
  return (
    <li className={css(LINE)}>
      <div className={css({ minWidth: 0 })}>
        <div className={css({ fontWeight: 600 })}>{row.words}</div>
        <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
          {row.needed} needed, {row.inHouse} in the house
          {row.expired && `, ${row.expired} past its date`}
        </div>
      </div>
      <div
        className={css({
          gridColumn: { base: '1', md: 'auto' },
          gridRow: { base: 2, md: 'auto' },
          fontSize: '0.95rem',
        })}
      >
        <ByWhen row={row} />
      </div>
      <div
        className={css({
          gridColumn: { base: 2, md: 'auto' },
          gridRow: { base: 1, md: 'auto' },
          textAlign: 'end',
        })}
      >
        <div className={css({ fontWeight: 600, whiteSpace: 'nowrap' })}>{row.packWords}</div>
        <div className={css({ color: 'quiet' })}>{row.price}</div>
      </div>
      <Bought row={row} onBought={onBought} />
      <div className={cx('not-printed', css({ gridColumn: '1 / -1' }))}>
        <Unfold slim title="What needs it">
          {row.jobs.join('; ')}.
        </Unfold>
      </div>
    </li>
  );
}

const LINE = {
  display: 'grid',
  gridTemplateColumns: { base: '1fr auto', md: 'minmax(220px, 1.2fr) minmax(200px, 1fr) 90px auto' },
  columnGap: 2,
  rowGap: 0.5,
  alignItems: 'center',
  borderTop: '1px solid var(--colors-line)',
  py: 1,
  breakInside: 'avoid',
} as const;

function ByWhen({ row: { by, session } }: { row: ShoppingRow }) {
  if (!by) return <span className={css({ color: 'quiet' })}>no day yet</span>;
  return (
    <>
      by <strong>{longDate(by)}</strong>
      <span className={css({ display: 'block', color: 'quiet', fontSize: '0.88rem' })}>for {session}</span>
    </>
  );
}

/** All of it in one press; or fewer packs, where the shop had no more. */
function Bought({ row, onBought }: { row: ShoppingRow; onBought: (packs: number) => void }) {
  const [text, setText] = useState(String(row.packs));
  const packs = Number(text);
  const fits = Number.isInteger(packs) && packs >= 1 && packs <= MOST_PACKS;
  return (
    <div className={cx('not-printed', css(BOUGHT))}>
      <TextField
        size="small"
        label="Packs"
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={!fits}
        inputMode="numeric"
        aria-label={`Packs of ${row.words}`}
        className={css({ width: 76 })}
      />
      <Button
        variant="outlined"
        disabled={!fits}
        onClick={() => onBought(packs)}
        aria-label={`Bought: ${row.words}`}
        className={css({ flexShrink: 0 })}
      >
        Bought
      </Button>
    </div>
  );
}

const MOST_PACKS = 99;

const BOUGHT = {
  display: 'flex',
  gap: 1,
  alignItems: 'center',
  gridColumn: { base: 2, md: 'auto' },
  gridRow: { base: 2, md: 'auto' },
  justifyContent: 'end',
} as const;
