import type { Plan } from '@/core/plan/plan';
import type { BrokenRow, RoomItems } from '@/present/spread/by-room';
import { type CostRow, costRows, judgedWords } from '@/present/spread/cost-words';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Unfold } from '../parts/unfold';
import { BrokenList } from './broken-list';

type JudgementProps = { readonly plan: Plan; readonly broken: readonly RoomItems<BrokenRow>[] };

/** How the plan was judged: in one line, and in parts one press away. */
export function Judgement({ plan, broken }: JudgementProps) {
  const rows = costRows(plan);
  return (
    <section aria-label="How the plan was judged" className={css({ maxWidth: 860 })}>
      <p className={css({ textStyle: 'body', m: 0 })}>{judgedWords(plan)}</p>
      {rows.length > 0 && (
        <Unfold title="How it was judged, and what was set aside" slim>
          <CostTable rows={rows} />
          {broken.map((room) => (
            <BrokenInRoom key={room.id} room={room} />
          ))}
        </Unfold>
      )}
    </section>
  );
}

function CostTable({ rows }: { rows: readonly CostRow[] }) {
  return (
    <>
      <p className={css({ textStyle: 'small', m: 0, color: 'quiet', mb: 1 })}>
        Counted in minutes’ worth: how much work a person would rather do than have it so. Less is better.
      </p>
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {rows.map(({ part, title, words, minutes }) => (
          <li
            key={part}
            className={css({ display: 'grid', gridTemplateColumns: '1fr auto', columnGap: 3, py: 0.75 })}
          >
            <span>
              <strong>{title}</strong>
              <br />
              <span className={css({ color: 'quiet', fontSize: '0.92rem' })}>{words}</span>
            </span>
            <span className={css({ fontVariantNumeric: 'tabular-nums', textAlign: 'end' })}>
              {duration(minutes)}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

function BrokenInRoom({ room }: { room: RoomItems<BrokenRow> }) {
  return (
    // What is far below is laid out once somebody scrolls there.
    <div className={css({ mb: 2, contentVisibility: 'auto', containIntrinsicSize: 'auto 200px' })}>
      <h3 className={css({ textStyle: 'h3', m: 0 })}>{room.name}</h3>
      <BrokenList rows={room.items} />
    </div>
  );
}
