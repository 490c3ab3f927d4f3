import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo, type ReactNode } from 'react';
import type { Outcome } from '@/core/what-if/outcome';
import type { Answer } from '@/core/what-if/protocol';
import type { WhatIf } from '@/core/what-if/what-if';
import { outcomeWords } from '@/present/what-if/what-if-words';

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
    <Box
      component="li"
      aria-label={name}
      sx={{ ...ROW, borderInlineStartColor: isShown ? 'var(--mui-palette-thaw-sunInk)' : 'transparent' }}
    >
      <Box sx={{ flex: '1 1 22rem', minWidth: 0 }}>
        <Box sx={{ fontWeight: 600 }}>{name}</Box>
        <Box sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
          {wordsOf(answer, isStopped, now)}
        </Box>
        {children && <Box sx={{ mt: 1.5 }}>{children}</Box>}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
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
      </Box>
    </Box>
  );
});

const ROW = {
  display: 'flex',
  flexWrap: 'wrap',
  columnGap: 2,
  rowGap: 1,
  alignItems: 'center',
  py: 1.25,
  borderTop: '1px solid',
  borderColor: 'divider',
  borderInlineStart: '4px solid',
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
