'use client';
import { useEffect, useRef } from 'react';
import type { RunningWait } from '@/core/day/day-item';
import { secondOf } from '@/core/day/seconds';
import type { StepFace } from '@/present/day/step-face';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { CameUpKey } from './came-up-key';
import { useDay } from './day-context';
import { useSecond } from './run/use-day-store';
import { useShownAt } from './use-shown-at';
import { leftWords } from './waits';

/** So soon after a step has come up, a second press was meant for the one before. */
const DOUBLE_MS = 400;

type ThumbBarProps = {
  readonly step: StepFace | undefined;
  readonly onDone: (step: StepFace) => void;
};

/**
 * Under the thumb, wherever one is on the page: Done, and one key for all that comes up; over them what is most urgent to
 * know, the wait that is over first and what comes next.
 */
export function ThumbBar({ step, onDone }: ThumbBarProps) {
  const { view, face, isToday } = useDay();
  const [next] = view.next;
  const { key, onPressed } = useFocusKept(step, onDone);
  return (
    <div className={css(BAR)} role="group" aria-label="At hand">
      <div className={css({ display: { base: 'grid', md: 'none' }, fontSize: '0.875rem' })}>
        {isToday && view.waits[0] && <UrgentWait wait={view.waits[0]} />}
        {next && <NextLine step={face(next)} />}
      </div>
      <div className={css({ display: 'flex', gap: 1.5 })}>
        {step && <DonePress step={step} onDone={onPressed} />}
        {isToday && <CameUpKey button={key} />}
      </div>
    </div>
  );
}

/** Where nothing is left to press as done, the focus goes on to the key beside it. */
function useFocusKept(step: StepFace | undefined, onDone: ThumbBarProps['onDone']) {
  const key = useRef<HTMLButtonElement>(null);
  const isPressed = useRef(false);
  const isNothing = step === undefined;
  useEffect(() => {
    const isLost = document.activeElement === document.body;
    if (isNothing && isPressed.current && isLost) key.current?.focus();
    isPressed.current = false;
  }, [isNothing]);
  const onPressed = (done: StepFace) => {
    isPressed.current = true;
    onDone(done);
  };
  return { key, onPressed };
}

const BAR = {
  display: 'grid',
  gap: 1,
  maxWidth: { md: 620 },
  position: { base: 'fixed', md: 'static' },
  insetInline: 0,
  bottom: 'calc(var(--bar-height, 57px) + env(safe-area-inset-bottom))',
  zIndex: 9,
  px: { base: 2, md: 0 },
  py: { base: 1, md: 0 },
  bgcolor: { base: 'paper', md: 'transparent' },
  borderTop: { base: '1px solid var(--colors-line)', md: 0 },
  // Where the screen is low, as at a great zoom, the page needs it more.
  '@media (max-height: 480px)': { position: 'static', px: 0, border: 0 },
} as const;

const LINE = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

function UrgentWait({ wait }: { wait: RunningWait }) {
  const { file, store } = useDay();
  const now = useSecond(store);
  const words = file.words[wait.step.id];
  return (
    <div className={css({ ...LINE, fontWeight: 600 })}>
      {leftWords(secondOf(`${wait.ready}:00`) - now)} · {words?.title ?? 'A wait'}
    </div>
  );
}

function NextLine({ step }: { step: StepFace }) {
  return (
    <div className={css({ ...LINE, color: 'quiet' })}>
      Then: {step.job}, {step.where}, {duration(step.item.step.minutes)}
    </div>
  );
}

function DonePress({ step, onDone }: { step: StepFace; onDone: (step: StepFace) => void }) {
  const shownAt = useShownAt(step.id);
  return (
    <Button
      variant="contained"
      size="large"
      // The second press of a double one would land on the next step.
      onClick={(event) =>
        (event.detail <= 1 || performance.now() - shownAt.current > DOUBLE_MS) && onDone(step)
      }
      // A key that is held down is one press.
      onKeyDown={(event) => event.repeat && event.preventDefault()}
      className={css({ minHeight: 64, flex: '2 1 160px', fontSize: '1.25rem' })}
    >
      Done
    </Button>
  );
}
