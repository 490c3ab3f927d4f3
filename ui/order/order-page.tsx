import type { Current } from '@/core/problem/campaign';
import { HOURS_VIEWS } from '@/present/hours/hours-views';
import { type ContradictionRow, orderScreen } from '@/present/order/order-model';
import { roomsInOrder } from '@/present/order/rooms-in-order';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { ViewSwitch } from '../parts/view-switch';
import { OrderDesk } from './order-desk';

/** What comes before what: the rules by name, where they contradict each other, and rules of one's own. */
export function OrderPage({ state, actions }: { state: Current; actions: ChangeActions }) {
  const screen = orderScreen(state);
  return (
    <>
      <ViewSwitch label="Hours" views={HOURS_VIEWS} here="/order" />
      <PageHead title="What comes first">
        Dust falls and water runs, so the order of work follows from rules. What must be is kept; a wish is
        kept where nothing stands against it. In a room, “Order” steps through what comes of it.
      </PageHead>
      {screen.contradictions.length > 0 && <Contradictions rows={screen.contradictions} />}
      <OrderDesk
        rooms={roomsInOrder(state)}
        rules={screen.rules}
        methods={screen.methods}
        edits={state.edits}
        actions={actions}
      />
    </>
  );
}

function Contradictions({ rows }: { rows: readonly ContradictionRow[] }) {
  return (
    <section aria-label="Rules in a circle" className={css({ mb: 4, maxWidth: 860 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>Rules in a circle</h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mb: 1 })}>
        These ask for each other’s opposite. The plan still comes out: the weakest is set aside there.
      </p>
      {rows.map(({ id, circle, setAside, places }) => (
        <div key={id} className={css({ borderInlineStart: '4px solid var(--colors-sun)', pl: 2, mb: 2 })}>
          <ol className={css({ m: 0, pl: 2.5 })}>
            {circle.map(({ before, after, rule }) => (
              <li key={`${rule} ${before} ${after}`}>
                {before} before {after}: <strong>{rule}</strong>
              </li>
            ))}
          </ol>
          <div className={css({ mt: 0.5 })}>
            Set aside: <strong>{setAside}</strong>, in {count(places, 'place', 'places')}.
          </div>
        </div>
      ))}
    </section>
  );
}
