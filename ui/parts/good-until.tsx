import { shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

/** Until when something is good, or that it no longer is. */
export function GoodUntil({ date, today }: { readonly date: string; readonly today: string }) {
  const isPast = date < today;
  return (
    <span className={css({ color: isPast ? 'alarm' : 'quiet' })}>
      {' · '}
      {isPast ? `past its date, ${shortDate(date)}` : `good until ${shortDate(date)}`}
    </span>
  );
}
