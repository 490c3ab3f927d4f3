'use client';
import { useState } from 'react';
import type { Trade } from '@/core/clean/almanac-settings';
import type { HouseholdChange } from '@/core/household/change';
import type { TradeWords } from '@/present/almanac/seasons-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { TextField } from '../parts/text-field';
import { DateField } from '../parts/when-field';
import { newId } from '../state/new-id';

type TradesProps = {
  readonly trades: readonly TradeWords[];
  readonly send: (change: HouseholdChange, words?: string) => void;
};

/** Work for trades that comes round, each with its last invoice. */
export function Trades({ trades, send }: TradesProps) {
  return (
    <>
      <ul className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 860 })}>
        {trades.map((trade) => (
          <li key={trade.id} className={css(LINE)}>
            <div className={css({ flex: '1 1 240px', minWidth: 0, overflowWrap: 'anywhere' })}>
              <div className={css({ fontWeight: trade.isLate ? 600 : 450 })}>{trade.what}</div>
              <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
                {trade.off ? 'not for this house' : `${trade.every} · ${trade.when}`}
              </div>
            </div>
            {!trade.off && (
              <DateField
                label={`Last invoice: ${trade.what}`}
                value={trade.last}
                onKeep={(last) => send({ do: 'put-trade', trade: withLast(trade, last) }, 'Kept.')}
              />
            )}
            <Button
              aria-label={`${trade.off ? 'For this house after all' : 'Not for this house'}: ${trade.what}`}
              onClick={() =>
                send({ do: 'put-trade', trade: { ...withLast(trade, trade.last), off: !trade.off } })
              }
            >
              {trade.off ? 'For this house after all' : 'Not for this house'}
            </Button>
          </li>
        ))}
      </ul>
      <OwnTrade send={send} />
    </>
  );
}

function withLast({ id, what, everyMonths, off }: TradeWords, last: string | undefined): Trade {
  return { id, what, everyMonths, off, ...(last !== undefined && { last }) };
}

function OwnTrade({ send }: Pick<TradesProps, 'send'>) {
  const [what, setWhat] = useState('');
  const [months, setMonths] = useState('12');
  const every = Number(months);
  const isWhole = Number.isInteger(every) && every >= 1 && every <= 240;
  return (
    <form
      aria-label="Other work for a trade"
      className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 2 })}
      onSubmit={(event) => {
        event.preventDefault();
        if (what.trim() === '' || !isWhole) return;
        send({ do: 'put-trade', trade: { id: newId(), what, everyMonths: every, off: false } }, 'Kept.');
        setWhat('');
      }}
    >
      <TextField
        size="small"
        label="Other work for a trade"
        value={what}
        maxLength={160}
        onChange={({ target }) => setWhat(target.value)}
      />
      <TextField
        size="small"
        label="Every how many months"
        value={months}
        error={!isWhole}
        helperText={isWhole ? undefined : 'A whole number from 1 to 240.'}
        inputMode="numeric"
        onChange={({ target }) => setMonths(target.value)}
      />
      <Button type="submit" variant="outlined">
        Add
      </Button>
    </form>
  );
}

const LINE = {
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1.5,
  alignItems: 'center',
  minHeight: 60,
  py: 1,
  borderBottom: '1px solid var(--colors-line)',
} as const;
