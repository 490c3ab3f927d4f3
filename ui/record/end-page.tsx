'use client';
import type { Bar, EndScreen } from '@/present/record/end-model';
import type { RoomPictures } from '@/present/record/pictures-model';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import type { Option } from '../parts/native-select';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import { useChanges } from '../parts/use-changes';
import type { CommandAction } from '../state/command';
import { type NextClean, NextCleanForm } from './next-clean-form';
import { Pictures } from './pictures';

type EndPageProps = {
  readonly screen: EndScreen;
  /** How the clean that is looked at stands: going on, closed, or long behind. */
  readonly state: 'open' | 'closed' | 'past';
  readonly today: string;
  readonly next: NextClean;
  readonly edits: EditWords;
  readonly pictures: readonly RoomPictures[];
  /** Rooms of which a picture can be taken. */
  readonly choices: readonly Option[];
  /** The room that one comes from to take one. */
  readonly chosen: string | undefined;
  readonly actions: ChangeActions & { readonly setOut: CommandAction; readonly dropPicture: CommandAction };
};

/** The end of a clean: what was done, by whom, what left the house, what is for next time, and the reward. */
export function EndPage({
  screen,
  state,
  today,
  next,
  edits,
  pictures,
  choices,
  chosen,
  actions,
}: EndPageProps) {
  const changes = useChanges(actions);
  return (
    <>
      <TextLink
        href="/record"
        className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
      >
        The record
      </TextLink>
      <PageHead title={screen.title}>{screen.line}</PageHead>
      {screen.reward && (
        <div className={css(LIGHT)}>
          {state === 'open' ? 'When it is done' : 'And now'}: {screen.reward}
        </div>
      )}
      <Figures screen={screen} />
      <Bars title="Who did how much" bars={screen.people} against={screen.against} />
      <Bars title="Where the time went" bars={screen.rooms} against={screen.against} />
      <Pictures rooms={pictures} choices={choices} chosen={chosen} drop={actions.dropPicture} />
      <Learnt lessons={screen.lessons} />
      <ForNextTime screen={screen} isOpen={state === 'open'} />
      {state === 'open' && (
        <div className={css({ mt: 4 })}>
          <h2 className={css({ textStyle: 'h2', m: 0 })}>Close this clean?</h2>
          <p className={css({ textStyle: 'body', m: 0, my: 1, maxWidth: '62ch' })}>
            {screen.left.length === 0
              ? 'Everything is done.'
              : `${count(screen.left.length, 'job is', 'jobs are')} not done; the almanac keeps them for next time.`}{' '}
            What was done stays in the record, and you can open the clean again until you set out on the next.
          </p>
          <Button
            variant="contained"
            size="large"
            onClick={() => changes.send({ do: 'close-clean', closed: today }, 'The clean is closed.')}
          >
            Close the clean
          </Button>
        </div>
      )}
      {state === 'closed' && (
        <>
          <Button
            className={css({ mt: 3 })}
            onClick={() => changes.send({ do: 'close-clean' }, 'The clean goes on.')}
          >
            Open it again
          </Button>
          <NextCleanForm next={next} setOut={actions.setOut} />
        </>
      )}
      <div className={css({ mt: 2 })}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </div>
    </>
  );
}

const LIGHT = {
  maxWidth: 860,
  p: 2.5,
  mb: 3,
  fontSize: '1.15rem',
  bgcolor: 'var(--colors-sun-soft)',
  borderRadius: '3px 24px 24px 3px',
} as const;

function Figures({ screen }: { screen: EndScreen }) {
  return (
    <dl
      className={css({
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fit, minmax(210px, 1fr))',
        gap: 2.5,
        m: 0,
        maxWidth: 980,
      })}
    >
      {screen.figures.map(({ name, value, before }) => (
        <div key={name}>
          <dt className={css({ color: 'quiet' })}>{name}</dt>
          <dd
            className={css({
              m: 0,
              fontSize: value.length > 12 ? '1.05rem' : '1.9rem',
              fontWeight: 600,
              overflowWrap: 'anywhere',
            })}
          >
            {value}
          </dd>
          {before !== undefined && screen.against && (
            <dd className={css({ m: 0, color: 'quiet' })}>
              {screen.against}: {before}
            </dd>
          )}
        </div>
      ))}
    </dl>
  );
}

type BarsProps = {
  readonly title: string;
  readonly bars: readonly Bar[];
  readonly against: string | undefined;
};

/** Hours as bars of clear water; a line below each says how it was the time before. */
function Bars({ title, bars, against }: BarsProps) {
  if (bars.length === 0) return null;
  const most = Math.max(1, ...bars.flatMap(({ minutes, before = 0 }) => [minutes, before]));
  const percent = (minutes: number) => `${(100 * minutes) / most}%`;
  return (
    <section className={css({ mt: 4, maxWidth: 860 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{title}</h2>
      {against && (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
          The line below a bar is “{against}”.
        </p>
      )}
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {bars.map((bar) => (
          <li key={bar.name} className={css({ py: 0.75 })}>
            <div
              className={css({ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' })}
            >
              <span>{bar.name}</span>
              <span className={css({ color: 'quiet' })}>{bar.words}</span>
            </div>
            <div
              aria-hidden
              className={css({
                height: 14,
                minWidth: 4,
                bgcolor: 'var(--colors-water-soft)',
                border: '1.5px solid var(--colors-water)',
                borderRadius: '8px',
              })}
              style={{ width: percent(bar.minutes) }}
            />
            {bar.before !== undefined && (
              <div
                aria-hidden
                className={css({
                  height: 3,
                  mt: '3px',
                  bgcolor: 'quiet',
                  borderRadius: 2,
                })}
                style={{ width: percent(bar.before) }}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Learnt({ lessons }: { lessons: readonly string[] }) {
  if (lessons.length === 0) return null;
  return (
    <section className={css({ mt: 4, maxWidth: 860 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>What you have learnt about yourselves</h2>
      <Lines lines={lessons} />
    </section>
  );
}

const MOST_SHOWN = 12;

function ForNextTime({ screen: { left, mend }, isOpen }: { screen: EndScreen; isOpen: boolean }) {
  return (
    <div className={css({ mt: 4, maxWidth: 860 })}>
      {left.length > 0 && (
        <Unfold
          title={`${isOpen ? 'Not done yet' : 'Left for next time'}: ${count(left.length, 'job', 'jobs')}`}
          open={left.length <= MOST_SHOWN}
        >
          <Lines lines={left.map(({ job, place }) => `${job}, ${place}`)} />
        </Unfold>
      )}
      {mend.length > 0 && (
        <Unfold title={`To be mended: ${mend.length}`} open>
          <Lines lines={mend} />
        </Unfold>
      )}
    </div>
  );
}

function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <ul className={css({ m: 0, pl: 2.5, columns: { md: 2 } })}>
      {lines.map((line, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines may be the same twice and never move
        <li key={i} className={css({ py: 0.25, overflowWrap: 'anywhere' })}>
          {line}
        </li>
      ))}
    </ul>
  );
}
