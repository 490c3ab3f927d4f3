'use client';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { LearntScreen } from '@/present/record/learnt-model';
import type { RecordScreen } from '@/present/record/record-model';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { useChanges } from '../parts/use-changes';
import { ViewSwitch } from '../parts/view-switch';
import type { CommandAction } from '../state/command';
import { DoneLines } from './done-lines';

type RecordPageProps = {
  readonly screen: RecordScreen;
  readonly learnt: LearntScreen;
  readonly clean: { readonly name: string; readonly isClosed: boolean } | undefined;
  readonly more: string | undefined;
  readonly edits: EditWords;
  readonly actions: ChangeActions & { readonly say: CommandAction };
};

/** What was done and how long it took; what estimates have learnt from it; the cleans that are behind. */
export function RecordPage({ screen, learnt, clean, more, edits, actions }: RecordPageProps) {
  const changes = useChanges(actions);
  return (
    <>
      <ViewSwitch label="Almanac" views={ALMANAC_VIEWS} here="/record" />
      <PageHead title="The record">
        {screen.total === 0
          ? 'Everything that is ticked is kept here, whatever becomes of the clean: when, who, how long it took.'
          : `${count(screen.total, 'thing', 'things')} done so far.`}
      </PageHead>
      {clean && (
        <LinkButton href="/record/clean" variant="outlined" className={css({ mb: 3 })}>
          {clean.isClosed ? `How “${clean.name}” went` : `Look back at “${clean.name}”, or close it`}
        </LinkButton>
      )}
      <Cleans screen={screen} />
      <Lessons learnt={learnt} send={changes.send} />
      <h2 className={css({ textStyle: 'h2', m: 0, mt: 4 })}>What was done</h2>
      {screen.days.length === 0 && (
        <p className={css({ textStyle: 'body', m: 0, mt: 1 })}>
          Nothing yet. Tick something off on the day, or under{' '}
          <TextLink href="/almanac/today">A little today</TextLink>.
        </p>
      )}
      <DoneLines days={screen.days} say={actions.say} />
      {more && (
        <LinkButton href={more} className={css({ mt: 2 })}>
          Show what was done before
        </LinkButton>
      )}
      <div className={css({ mt: 2 })}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </div>
    </>
  );
}

function Cleans({ screen }: { screen: RecordScreen }) {
  if (screen.cleans.length === 0) return null;
  return (
    <section className={css({ mb: 3 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>Cleans</h2>
      <ul className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 760 })}>
        {screen.cleans.map((past) => (
          <li
            key={past.id}
            className={css({ minHeight: 48, py: 0.75, borderBottom: '1px solid var(--colors-line)' })}
          >
            <TextLink
              href={`/record/clean?id=${encodeURIComponent(past.id)}`}
              className={css({ fontWeight: 600 })}
            >
              {past.name}
            </TextLink>
            <div className={css({ color: 'quiet' })}>
              {past.when} · {past.figures}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

type LessonsProps = {
  readonly learnt: LearntScreen;
  readonly send: ReturnType<typeof useChanges>['send'];
};

/** What was learnt, switched off or set back by a press. */
function Lessons({ learnt, send }: LessonsProps) {
  const { on, lessons, never, ranges } = learnt;
  return (
    <section className={css({ mt: 1 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>What estimates have learnt</h2>
      {on && lessons.length === 0 && (
        <p className={css({ textStyle: 'body', m: 0, mt: 1, maxWidth: '62ch' })}>
          Nothing that stands out. Once some ten ticks of a kind have a time, and it is far from the estimate,
          the estimate follows.
        </p>
      )}
      {!on && (
        <p className={css({ textStyle: 'body', m: 0, mt: 1 })}>Estimates go by the usual rates alone.</p>
      )}
      <ul className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 760 })}>
        {lessons.map(({ of, id, sentence, evidence }) => (
          <li
            key={`${of}/${id}`}
            className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', py: 0.75 })}
          >
            <div className={css({ flex: '1 1 280px', minWidth: 0, overflowWrap: 'anywhere' })}>
              {sentence} <span className={css({ color: 'quiet' })}>({evidence})</span>
            </div>
            <Button
              aria-label={`Set back: ${sentence}`}
              onClick={() => send({ do: 'unlearn', of, id, never: true }, 'Set back to the usual.')}
            >
              Set back
            </Button>
          </li>
        ))}
        {never.map(({ of, id, name }) => (
          <li
            key={`never ${of}/${id}`}
            className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', py: 0.75 })}
          >
            <div className={css({ flex: '1 1 280px', color: 'quiet' })}>
              {name}: set back, not learnt again.
            </div>
            <Button
              aria-label={`Learn again: ${name}`}
              onClick={() => send({ do: 'unlearn', of, id, never: false }, 'It may be learnt again.')}
            >
              Learn again
            </Button>
          </li>
        ))}
      </ul>
      {on && ranges && <p className={css({ textStyle: 'body', m: 0, mt: 1 })}>{ranges}</p>}
      <Button
        variant="outlined"
        className={css({ mt: 1 })}
        onClick={() =>
          send({ do: 'switch-learnt', on: !on }, on ? 'Estimates go by the usual rates.' : 'Estimates learn.')
        }
      >
        {on ? 'Go by the usual rates alone' : 'Let estimates learn from your times'}
      </Button>
    </section>
  );
}
