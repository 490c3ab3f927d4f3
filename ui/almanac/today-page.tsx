'use client';
import { useState } from 'react';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { MonthWords, TodayScreen } from '@/present/almanac/today-model';
import type { DueJob } from '@/present/almanac/year-model';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { ChoiceRow } from '../parts/choice-row';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { useChanges } from '../parts/use-changes';
import { ViewSwitch } from '../parts/view-switch';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type TodayPageProps = {
  readonly screen: TodayScreen;
  readonly today: string;
  readonly edits: EditWords;
  readonly actions: ChangeActions & { readonly done: CommandAction };
};

/** Twenty minutes today, or ninety: what is worth most for them, ticked like any other work. */
export function TodayPage({ screen, today, edits, actions }: TodayPageProps) {
  const changes = useChanges(actions);
  const command = useCommand();
  const [minutes, setMinutes] = useState(screen.choices[0]?.minutes ?? 0);
  const [said, setSaid] = useState('');
  const choice = screen.choices.find((one) => one.minutes === minutes);
  const tick = (job: DueJob) => {
    setSaid('');
    command.send(
      actions.done,
      { task: job.id },
      { onKept: () => setSaid(`Done: ${job.job}, ${job.place}.`) },
    );
  };
  return (
    <>
      <ViewSwitch label="Almanac" views={ALMANAC_VIEWS} here="/almanac/today" />
      <PageHead title="A little today">
        What is worth most for the time you have, on one way through the house, with one bucket at most.
      </PageHead>
      <div className={css({ maxWidth: 420, mb: 2 })}>
        <ChoiceRow
          label="How much time"
          options={screen.choices.map((one) => String(one.minutes))}
          words={Object.fromEntries(screen.choices.map((one) => [one.minutes, `${one.minutes} minutes`]))}
          value={String(minutes)}
          onChange={(chosen) => setMinutes(Number(chosen))}
        />
      </div>
      {choice && choice.jobs.length > 0 ? (
        <>
          <p className={css({ textStyle: 'body', m: 0, mb: 1 })}>{choice.takes}</p>
          <Jobs jobs={choice.jobs} onDone={tick} />
        </>
      ) : (
        <p className={css({ textStyle: 'body', m: 0 })}>
          Nothing that is due fits into {minutes} minutes. Enjoy them.
        </p>
      )}
      <Sentence>{command.fault}</Sentence>
      <div role="status" className={css({ minHeight: 28, mt: 1 })}>
        {said}
      </div>
      <ByTurns turns={screen.turns} today={today} onDone={tick} send={changes.send} />
      <div className={css({ mt: 2 })}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </div>
    </>
  );
}

function Jobs({ jobs, onDone }: { jobs: readonly DueJob[]; onDone: (job: DueJob) => void }) {
  return (
    <ul className={css({ listStyle: 'none', p: 0, m: 0, maxWidth: 760 })}>
      {jobs.map((job) => (
        <li
          key={job.id}
          className={css({
            display: 'flex',
            gap: 2,
            alignItems: 'center',
            minHeight: 60,
            py: 0.75,
            borderBottom: '1px solid var(--colors-line)',
          })}
        >
          <div className={css({ flex: 1, minWidth: 0, overflowWrap: 'anywhere' })}>
            <div className={css({ fontWeight: 600 })}>
              {job.job}, {job.place}
            </div>
            <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
              {duration(job.minutes)} · {job.when}
            </div>
          </div>
          <Button
            variant="outlined"
            aria-label={`Done: ${job.job}, ${job.place}`}
            onClick={() => onDone(job)}
          >
            Done
          </Button>
        </li>
      ))}
    </ul>
  );
}

type ByTurnsProps = {
  readonly turns: MonthWords | undefined;
  readonly today: string;
  readonly onDone: (job: DueJob) => void;
  readonly send: ReturnType<typeof useChanges>['send'];
};

/** Round the year: one area a month and what its season asks for. */
function ByTurns({ turns, today, onDone, send }: ByTurnsProps) {
  if (!turns)
    return (
      <section className={css({ mt: 3 })}>
        <h2 className={css({ textStyle: 'h2', m: 0 })}>Round the year</h2>
        <p className={css({ textStyle: 'body', m: 0, my: 1, maxWidth: '62ch' })}>
          Instead of one big clean: an area each month by turns, and what its season asks for. Begin in any
          month, leave it and come back; what was missed is spread over what follows.
        </p>
        <Button
          variant="outlined"
          onClick={() => send({ do: 'by-turns', since: today }, 'From now on round the year by turns.')}
        >
          Go round the year by turns
        </Button>
      </section>
    );
  return (
    <section className={css({ mt: 3 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{turns.title}</h2>
      <p className={css({ textStyle: 'body', m: 0, my: 1 })}>{turns.line}</p>
      {turns.week.length > 0 && <h3 className={css({ textStyle: 'h3', m: 0 })}>This week</h3>}
      <Jobs jobs={turns.week} onDone={onDone} />
      {turns.rest.length > 0 && <h3 className={css({ textStyle: 'h3', m: 0, mt: 2 })}>Later this month</h3>}
      <Jobs jobs={turns.rest} onDone={onDone} />
      <Button className={css({ mt: 2 })} onClick={() => send({ do: 'by-turns' }, 'No longer by turns.')}>
        Stop going by turns
      </Button>
    </section>
  );
}
