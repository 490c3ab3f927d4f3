import { memo, type ReactNode } from 'react';
import type { Outcome } from '@/core/what-if/outcome';
import type { Answer } from '@/core/what-if/protocol';
import type { WhatIf } from '@/core/what-if/what-if';
import { outcomeWords } from '@/present/what-if/what-if-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

/** What can be done with a what-if. */
export type WhatIfEvents = {
  readonly show: (id: string) => void;
  readonly take: (whatIf: WhatIf) => void;
};

type WhatIfRowProps = {
  readonly id: string;
  readonly name: string;
  /** What is taken, once it is known. */
  readonly whatIf: WhatIf | undefined;
  readonly answer: Answer | undefined;
  /** Nothing is being planned any more. */
  readonly isStopped: boolean;
  readonly now: Outcome;
  readonly isShown: boolean;
  readonly busy: boolean;
  readonly events: WhatIfEvents;
  readonly children?: ReactNode;
};

/** One what-if: what it is called, what would come of it, and the two things one can do. */
export const WhatIfRow = memo(function WhatIfRow(props: WhatIfRowProps) {
  const { id, name, whatIf, answer, isStopped, now, isShown, busy, events, children } = props;
  const hasLine = answer !== undefined && 'outcome' in answer;
  return (
    <li
      aria-label={name}
      className={css({ ...ROW, borderInlineStartColor: isShown ? 'var(--colors-sun-ink)' : 'transparent' })}
    >
      <div className={css({ flex: '1 1 22rem', minWidth: 0 })}>
        <div className={css({ fontWeight: 600 })}>{name}</div>
        <div className={css({ color: 'quiet', overflowWrap: 'anywhere' })}>
          {wordsOf(answer, isStopped, now)}
        </div>
        {children && <div className={css({ mt: 1.5 })}>{children}</div>}
      </div>
      <div className={css({ display: 'flex', gap: 1 })}>
        <Button
          variant="outlined"
          color="inherit"
          aria-pressed={isShown}
          disabled={!hasLine}
          onClick={() => events.show(id)}
        >
          {isShown ? 'Hide the line' : 'Show the line'}
        </Button>
        <Button
          variant={isShown ? 'contained' : 'outlined'}
          disabled={answer?.state !== 'done' || busy}
          onClick={() => whatIf && events.take(whatIf)}
        >
          Take this
        </Button>
      </div>
    </li>
  );
});

const ROW = {
  display: 'flex',
  flexWrap: 'wrap',
  columnGap: 2,
  rowGap: 1,
  alignItems: 'center',
  py: 1.25,
  borderTop: '1px solid var(--colors-line)',
  borderInlineStart: '4px solid var(--colors-line)',
  pl: 1.5,
} as const;

function wordsOf(answer: Answer | undefined, isStopped: boolean, now: Outcome): string {
  if (!answer) return isStopped ? 'Not planned.' : 'Waiting to be planned…';
  switch (answer.state) {
    case 'none':
      return '';
    case 'failed':
      return 'This could not be planned. Load the page again to try once more.';
    default:
      return outcomeWords(answer.outcome, now) + (answer.state === 'working' ? ' …' : '');
  }
}
