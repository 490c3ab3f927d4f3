'use client';
import type { AskedScreen } from '@/present/spread/asked-model';
import type { AskedRow } from '@/present/spread/asked-rows';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { EditWords } from '../parts/change-actions';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { UndoButtons } from '../parts/undo-buttons';
import { AskForm } from './ask-form';
import { AskWeek } from './ask-week';
import { Outcome } from './outcome';
import type { SteeringActions } from './steering-actions';
import { type SteeringState, useSteering } from './use-steering';

type AskedPageProps = {
  readonly screen: AskedScreen;
  readonly edits: EditWords;
  readonly actions: SteeringActions;
};

/** What is to be done when and by whom, over the head of the plan: asked for here, and taken back here. */
export function AskedPage({ screen, edits, actions }: AskedPageProps) {
  const steering = useSteering(actions);
  return (
    <>
      <PageHead
        title="What you asked for"
        actions={
          <>
            <UndoButtons edits={edits} undo={steering.undo} redo={steering.redo} />
            <LinkButton href="/spread" variant="outlined">
              The house by day
            </LinkButton>
          </>
        }
      >
        A room on Tuesday, all sills from four to five, one floor for one person: the plan keeps to it and
        puts the rest around it.
      </PageHead>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>Give work its time</h2>
      <div className={css({ mt: 2, maxWidth: 900 })}>
        <AskForm screen={screen} isSending={steering.pending} onAsk={steering.steer} />
        <TextLink
          href="/order"
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44, mt: 1 })}
        >
          The order of the rooms, and the way through each
        </TextLink>
        <AskWeek screen={screen} isSending={steering.pending} onAsk={steering.steer} />
      </div>
      <div className={css({ mt: 2 })}>
        <Outcome steering={steering} />
      </div>
      <Said rows={screen.rows} steering={steering} />
    </>
  );
}

function Said({ rows, steering }: { rows: readonly AskedRow[]; steering: SteeringState }) {
  return (
    <section aria-labelledby="said" className={css({ mt: 3 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="said">
        Said so far
      </h2>
      {rows.length === 0 ? (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mt: 1 })}>
          Nothing yet: the plan puts everything where it fits best. What you move by hand in the house by day,
          days you keep free and jobs you put off stand here too.
        </p>
      ) : (
        <ul className={css({ listStyle: 'none', p: 0, m: 0, mt: 1, maxWidth: 900 })}>
          {rows.map((row) => (
            <Row key={row.key} row={row} steering={steering} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Row({ row, steering }: { row: AskedRow; steering: SteeringState }) {
  return (
    <li
      className={css({
        display: 'flex',
        gap: 1,
        flexWrap: { base: 'wrap', sm: 'nowrap' },
        alignItems: 'center',
        py: 1,
        borderTop: '1px solid var(--colors-line)',
      })}
    >
      <div className={css({ minWidth: 0, flex: '1 1 220px', overflowWrap: 'anywhere' })}>
        <div className={css({ fontWeight: 560 })}>{row.words}</div>
        {row.notes.map((note) => (
          <div key={note} className={css({ color: 'quiet', fontSize: '0.92rem' })}>
            {note}
          </div>
        ))}
      </div>
      {row.loosen && <Loosen row={row} change={row.loosen} steering={steering} />}
      <Button
        color="inherit"
        disabled={steering.pending}
        onClick={() => steering.steer(row.takeBack)}
        aria-label={`${row.press ?? 'Take back'}: ${row.words}`}
        className={css({ flexShrink: 0 })}
      >
        {row.press ?? 'Take back'}
      </Button>
    </li>
  );
}

type LoosenProps = {
  readonly row: AskedRow;
  readonly change: NonNullable<AskedRow['loosen']>;
  readonly steering: SteeringState;
};

/** The smallest change that gives what does not fit a place again. */
function Loosen({ row, change, steering }: LoosenProps) {
  return (
    <Button
      variant="outlined"
      disabled={steering.pending}
      onClick={() => steering.steer(change)}
      aria-label={`The rest at other times: ${row.words}`}
      className={css({ flexShrink: 0 })}
    >
      The rest at other times
    </Button>
  );
}
