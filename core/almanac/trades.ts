import { plusMonths } from '../basics/local-time';
import type { AlmanacSettings, Trade } from '../clean/almanac-settings';

/** Work for trades that usually comes round; local rules and the trade decide. */
const USUAL_TRADES: readonly Omit<Trade, 'off'>[] = [
  { id: 'sweep', what: 'Chimney swept', everyMonths: 12 },
  { id: 'boiler', what: 'Boiler or heating serviced', everyMonths: 12 },
  { id: 'carpets', what: 'Carpets cleaned by a firm', everyMonths: 24 },
  { id: 'ducts', what: 'Air ducts looked at', everyMonths: 48 },
  { id: 'gutters-high', what: 'High gutters and roof looked at', everyMonths: 12 },
  { id: 'wiring', what: 'Fixed wiring tested', everyMonths: 120 },
];

export type TradeDue = Trade & { readonly due: string | undefined; readonly isLate: boolean };

/** Trades of a household, the usual ones as it has changed them, then its own. */
export function tradesOf({ trades }: AlmanacSettings, today: string): TradeDue[] {
  const said = new Map(trades.map((trade) => [trade.id, trade]));
  const usual = USUAL_TRADES.map((trade): Trade => said.get(trade.id) ?? { ...trade, off: false });
  const own = trades.filter(({ id }) => !USUAL_TRADES.some((trade) => trade.id === id));
  return [...usual, ...own].map((trade) => {
    const due = trade.last === undefined ? undefined : plusMonths(trade.last, trade.everyMonths);
    return { ...trade, due, isLate: due !== undefined && due < today && !trade.off };
  });
}
