'use client';
import ChevronLeft from '@mui/icons-material/ChevronLeft';
import ChevronRight from '@mui/icons-material/ChevronRight';
import { type KeyboardEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import { earlierJobs, type RoomHold, type RoomOrderStep, type StepTime } from '@/present/walk/room-order';
import { inSentence } from '@/present/words/piece-of-work';
import { clock, duration, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { IconButton } from '../parts/icon-button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { TextLink } from '../parts/text-link';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type MoveTask = CommandAction<string>;

type OrderPanelProps = {
  readonly steps: readonly RoomOrderStep[];
  readonly at: number;
  readonly onAt: (at: number) => void;
  readonly move: MoveTask;
};

/** One step of the order of work: what it is, why it is here, and moving it forward by hand. */
export function OrderPanel({ steps, at, onAt, move }: OrderPanelProps) {
  const [said, setSaid] = useState('');
  const { send, pending, fault } = useCommand();
  const panel = useRef<HTMLDivElement>(null);
  // Whoever has just asked for the order goes on with the arrow keys.
  useEffect(() => panel.current?.focus({ preventScroll: true }), []);
  const step = steps[at];
  if (!step)
    return (
      <p className={css({ textStyle: 'body', m: 0 })}>
        Nothing in this room is in scope, so there is nothing to put in order.
      </p>
    );
  const earlier = earlierJobs(steps, at);
  const moveBefore = (before: string) => {
    setSaid('');
    send(move, { task: step.task, before }, { onKept: setSaid });
  };
  return (
    <section
      ref={panel}
      aria-label="Order of work"
      tabIndex={-1}
      onKeyDown={(event) => turnedBy(event, (by) => onAt(at + by))}
      className={css(PANEL)}
    >
      <Turning at={at} last={steps.length - 1} onAt={onAt}>
        <StepHere step={step} place={`${at + 1} of ${steps.length}`} />
      </Turning>
      <WhyHere holds={step.holds} />
      <SetAside wishes={step.setAside} />
      <Sentence>{fault}</Sentence>
      <div role="status" className={css({ minHeight: '1.5em' })}>
        {said}
      </div>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' })}>
        <NativeSelect
          size="small"
          label="Move it by hand"
          value=""
          none={earlier.length === 0 ? 'it is first already' : 'it stays here'}
          disabled={pending || earlier.length === 0}
          options={earlier.map(({ task, job }) => [task, `before ${job}`])}
          onChange={moveBefore}
          className={css({ maxWidth: 420 })}
        />
        <TextLink href="/order">All rules</TextLink>
      </div>
    </section>
  );
}

/** What the plan does not keep here, so that something dearer is. */
function SetAside({ wishes }: { wishes: RoomOrderStep['setAside'] }) {
  if (wishes.length === 0) return null;
  return (
    <div className={css({ mt: 1 })}>
      <div className={css({ fontWeight: 620 })}>Set aside by the plan</div>
      <ul className={css({ m: 0, pl: 2.5 })}>
        {wishes.map(({ after, reason }) => (
          <li key={`${after} ${reason}`}>
            “{after}” was to come before. {reason}
          </li>
        ))}
      </ul>
    </div>
  );
}

const PANEL = {
  bgcolor: 'paper',
  p: { base: 2, md: 3 },
  borderTop: '3px solid var(--colors-water)',
} as const;

/** Steps on or back, by the key. */
const ARROWS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

function turnedBy(event: KeyboardEvent, turn: (by: number) => void): void {
  const by = ARROWS[event.key];
  if (by === undefined) return;
  turn(by);
  event.preventDefault();
}

type TurningProps = Pick<OrderPanelProps, 'at' | 'onAt'> & {
  readonly last: number;
  readonly children: ReactNode;
};

function Turning({ at, last, onAt, children }: TurningProps) {
  return (
    <div className={css({ display: 'flex', alignItems: 'center', gap: 1 })}>
      <IconButton aria-label="The step before" disabled={at === 0} onClick={() => onAt(at - 1)}>
        <ChevronLeft />
      </IconButton>
      <div aria-live="polite" className={css({ flex: 1, minWidth: 0 })}>
        {children}
      </div>
      <IconButton aria-label="The step after" disabled={at === last} onClick={() => onAt(at + 1)}>
        <ChevronRight />
      </IconButton>
    </div>
  );
}

function StepHere({ step, place }: { step: RoomOrderStep; place: string }) {
  return (
    <>
      <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
        {place} · {step.where}
        {whenWords(step.when)}
      </div>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{step.job}</h2>
      <div>
        {[step.manner, duration(step.minutes)].filter(Boolean).join(', ')}
        {step.sets && `; then ${inSentence(step.sets.title)}, ${duration(step.sets.minutes)}`}
        {step.waited > 0 && `; after its wait of ${duration(step.waited)}`}
      </div>
    </>
  );
}

function whenWords(when: StepTime): string {
  switch (when.is) {
    case 'done':
      return ' · done';
    case 'left-out':
      return ' · has no place in the plan';
    case 'planned':
      return ` · ${shortDate(when.at.slice(0, 10))}, ${clock(when.at)}`;
    case 'unplanned':
      return '';
  }
}

function WhyHere({ holds }: { holds: readonly RoomHold[] }) {
  return (
    <div className={css({ mt: 2 })}>
      <h3 className={css({ textStyle: 'h3', m: 0 })}>Why here</h3>
      {holds.length === 0 ? (
        <div>No rule holds it: from the ceiling down and along the walk, this is where it comes.</div>
      ) : (
        <ol className={css({ m: 0, pl: 2.5 })}>
          {holds.map(({ rule, hard, reason, after }) => (
            <li key={rule}>
              After {after.map((job) => `“${job}”`).join(', ')}. {reason}{' '}
              <span className={css({ color: 'quiet' })}>
                {hard ? 'Always' : 'A wish'}: {rule}.
              </span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
