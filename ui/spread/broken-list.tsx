import type { BrokenRow } from '@/present/spread/by-room';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

/** Wishes that the plan sets aside, each with its cost and its reason. */
export function BrokenList({ rows }: { rows: readonly BrokenRow[] }) {
  return (
    <ul className={css({ pl: 2.5, my: 0.5 })}>
      {rows.map(({ id, after, before, reason, cost }) => (
        <li key={id}>
          “{after}” comes before “{before}”: worth {duration(cost)}. {reason}
        </li>
      ))}
    </ul>
  );
}
