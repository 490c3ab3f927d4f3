'use client';
import { type ReactNode, useOptimistic, useState } from 'react';
import type { Stock } from '@/core/clean/supplies';
import type { HouseholdChange } from '@/core/household/change';
import { put } from '@/core/household/put';
import type { CupboardRow, SuppliesScreen } from '@/present/supplies/supplies-model';
import { count, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { type Changes, useChanges } from '../parts/use-changes';
import { useTyped } from '../parts/use-typed';
import { DateField } from '../parts/when-field';

type CupboardProps = {
  readonly screen: SuppliesScreen;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

type Send = (change: HouseholdChange) => void;
/** One product as it is now: drawn at once, so that what is typed next builds on it. */
type PutRow = (row: CupboardRow, stock: Stock) => void;
type Vessels = Pick<SuppliesScreen, 'bucketMl' | 'bottleMl'>;

/** What is there: amounts and dates of products, things to count, and what one mixes in. */
export function Cupboard({ screen, edits, actions }: CupboardProps) {
  const changes = useChanges(actions);
  const [rows, showRow] = useOptimistic(screen.cupboard, (known, row: CupboardRow) =>
    put(known, row, ({ product }) => product),
  );
  const send: Send = (change) => changes.send(change);
  const putRow: PutRow = (row, stock) =>
    changes.send({ do: 'put-stock', stock }, 'Kept.', () => showRow({ ...row, stock, left: stock.amount }));
  return (
    <>
      <ChangeBar label="The cupboard" edits={edits} changes={changes} />
      <ul aria-label="Products" className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 980 })}>
        {rows.map((row) => (
          <ProductLine key={row.product} row={row} now={screen.now} putRow={putRow} />
        ))}
      </ul>
      <AnotherProduct screen={screen} send={send} />
      <Section title="Things">
        {screen.things.map(({ thing, words, count: there, needed }) => (
          <Amount
            key={thing}
            label={words}
            value={there}
            most={MOST_THINGS}
            hint={needed > 0 ? `${needed} needed` : undefined}
            onKeep={(next) => send({ do: 'put-thing', stock: { thing, count: next } })}
          />
        ))}
      </Section>
      <ToMixIn screen={screen} changes={changes} />
    </>
  );
}

function ToMixIn({ screen, changes }: { screen: SuppliesScreen; changes: Changes }) {
  const [{ bucketMl, bottleMl }, show] = useOptimistic<Vessels>(screen);
  const keep = (part: Partial<Vessels>) => {
    const next = { bucketMl, bottleMl, ...part };
    changes.send({ do: 'vessels', ...next }, 'Kept.', () => show(next));
  };
  return (
    <Section title="To mix in">
      <Amount
        label="The bucket holds, ml"
        value={bucketMl}
        least={500}
        most={30_000}
        onKeep={(ml) => keep({ bucketMl: ml })}
      />
      <Amount
        label="The bottle holds, ml"
        value={bottleMl}
        least={100}
        most={5000}
        onKeep={(ml) => keep({ bottleMl: ml })}
      />
    </Section>
  );
}

const MOST_THINGS = 1000;
const MOST_AMOUNT = 100_000;

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className={css({ mt: 4 })}>
      <h2 className={css({ textStyle: 'h2', m: 0, mb: 1.5 })}>{title}</h2>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 2 })}>{children}</div>
    </section>
  );
}

type ProductLineProps = { readonly row: CupboardRow; readonly now: string; readonly putRow: PutRow };

function ProductLine({ row, now, putRow }: ProductLineProps) {
  const { words, left } = row;
  const change = (part: Part) => putRow(row, stockOf(row, now, part));
  return (
    <li aria-label={words} className={css(PRODUCT_LINE)}>
      <div className={css({ gridColumn: { base: '1 / -1', md: 'auto' } })}>
        <div className={css({ fontWeight: 600 })}>{words}</div>
        <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>{stateWords(row)}</div>
      </div>
      <Amount
        label={`There, ${row.unit}`}
        name={words}
        value={left}
        most={MOST_AMOUNT}
        onKeep={(amount) => change({ amount })}
      />
      <BottleDates stock={row.stock} name={words} onChange={change} />
      <Button
        color="inherit"
        disabled={left === 0}
        onClick={() => change({ amount: 0 })}
        aria-label={`${words} has run out`}
      >
        Run out
      </Button>
    </li>
  );
}

const PRODUCT_LINE = {
  display: 'grid',
  gridTemplateColumns: { base: '1fr 1fr', md: 'minmax(220px, 1fr) 150px 170px 170px 120px' },
  gap: 1.5,
  alignItems: 'start',
  borderTop: '1px solid var(--colors-line)',
  py: 1.5,
} as const;

/** What is said anew of a product; a date that is there and undefined is taken back. */
type Part = { amount?: number; opened?: string | undefined; expires?: string | undefined };

function stockOf({ product, unit, left, stock }: CupboardRow, now: string, part: Part): Stock {
  const { opened, expires, amount } = {
    amount: left,
    opened: stock?.opened,
    expires: stock?.expires,
    ...part,
  };
  return {
    product,
    unit,
    amount,
    counted: now,
    ...(opened && { opened }),
    ...(expires && { expires }),
  };
}

type BottleDatesProps = {
  readonly stock: Stock | undefined;
  /** What it is, as it is read aloud. */
  readonly name: string;
  readonly onChange: (part: Part) => void;
};

/** When a bottle was opened and until when it is good: in words, and to be said once somebody asks. */
function BottleDates({ stock, name, onChange }: BottleDatesProps) {
  const [isOpen, setOpen] = useState(false);
  if (!stock) return <div className={css({ gridColumn: { md: 'span 2' } })} />;
  const { opened, expires } = stock;
  if (!isOpen)
    return (
      <div className={css({ gridColumn: { base: '1 / -1', md: 'span 2' } })}>
        <Button color="inherit" onClick={() => setOpen(true)} aria-label={`${datesOf(stock)}: ${name}`}>
          {datesOf(stock)}
        </Button>
      </div>
    );
  return (
    <>
      <DateField label="Opened" value={opened} onKeep={(date) => onChange({ opened: date })} />
      <DateField label="Good until" value={expires} onKeep={(date) => onChange({ expires: date })} />
    </>
  );
}

function datesOf({ opened, expires }: Stock): string {
  const words = [
    ...(opened ? [`opened ${shortDate(opened)}`] : []),
    ...(expires ? [`good until ${shortDate(expires)}`] : []),
  ].join(', ');
  return words === '' ? 'Say when it was opened' : words.slice(0, 1).toUpperCase() + words.slice(1);
}

function stateWords({ needed, expired, holdsUp, left }: CupboardRow): string {
  if (!needed) return 'not needed in this clean';
  const short = holdsUp === 0 ? 'it lasts' : `${count(holdsUp, 'job waits', 'jobs wait')} for it`;
  const state = expired ? 'past its date' : left === 0 ? 'none there' : '';
  return [`${needed} needed`, state, short].filter((part) => part !== '').join(', ');
}

type AmountProps = {
  readonly label: string;
  /** Whose amount it is, where the label alone does not say. */
  readonly name?: string;
  readonly value: number;
  readonly least?: number;
  readonly most: number;
  readonly hint?: string | undefined;
  readonly onKeep: (value: number) => void;
};

/** A whole number that is kept when the field is left. */
function Amount({ label, name, value, least = 0, most, hint, onKeep }: AmountProps) {
  const [text, setText] = useTyped(String(value));
  const next = Number(text.trim() === '' ? Number.NaN : text.replace(',', '.'));
  const fault =
    Number.isFinite(next) && next >= least && next <= most ? undefined : `A number from ${least} to ${most}.`;
  const keep = () => {
    if (!fault && Math.round(next) !== value) onKeep(Math.round(next));
  };
  return (
    <TextField
      size="small"
      label={label}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      error={fault !== undefined}
      helperText={fault ?? hint}
      className={css({ maxWidth: 220 })}
      inputMode="numeric"
      {...(name && { 'aria-label': `${name}: ${label}` })}
    />
  );
}

/** What is there and in no job: it may be wanted all the same. */
function AnotherProduct({ screen, send }: { screen: SuppliesScreen; send: Send }) {
  const { others } = screen;
  return (
    <NativeSelect
      size="small"
      label="Something else that is there"
      value=""
      none="choose"
      options={others.map(({ product, words }) => [product, words])}
      onChange={(chosen) => {
        const found = others.find(({ product }) => product === chosen);
        if (found)
          send({
            do: 'put-stock',
            stock: { product: found.product, amount: 0, unit: found.unit, counted: screen.now },
          });
      }}
      className={css({ maxWidth: 320, mt: 2 })}
    />
  );
}
