'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { AskedScreen } from '@/present/spread/asked-model';
import type { AskedRow } from '@/present/spread/asked-rows';
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
      <Typography variant="h2">Give work its time</Typography>
      <Box sx={{ mt: 2, maxWidth: 900 }}>
        <AskForm screen={screen} isSending={steering.pending} onAsk={steering.steer} />
        <TextLink href="/order" sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44, mt: 1 }}>
          The order of the rooms, and the way through each
        </TextLink>
        <AskWeek screen={screen} isSending={steering.pending} onAsk={steering.steer} />
      </Box>
      <Box sx={{ mt: 2 }}>
        <Outcome steering={steering} />
      </Box>
      <Said rows={screen.rows} steering={steering} />
    </>
  );
}

function Said({ rows, steering }: { rows: readonly AskedRow[]; steering: SteeringState }) {
  return (
    <Box component="section" aria-labelledby="said" sx={{ mt: 3 }}>
      <Typography variant="h2" id="said">
        Said so far
      </Typography>
      {rows.length === 0 ? (
        <Typography sx={{ color: 'text.secondary', mt: 1 }}>
          Nothing yet: the plan puts everything where it fits best. What you move by hand in the house by day,
          days you keep free and jobs you put off stand here too.
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1, maxWidth: 900 }}>
          {rows.map((row) => (
            <Row key={row.key} row={row} steering={steering} />
          ))}
        </Box>
      )}
    </Box>
  );
}

function Row({ row, steering }: { row: AskedRow; steering: SteeringState }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1,
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'center',
        py: 1,
        borderTop: '1px solid',
        borderColor: 'divider',
      }}
    >
      <Box sx={{ minWidth: 0, flex: '1 1 220px', overflowWrap: 'anywhere' }}>
        <Box sx={{ fontWeight: 560 }}>{row.words}</Box>
        {row.notes.map((note) => (
          <Box key={note} sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
            {note}
          </Box>
        ))}
      </Box>
      {row.loosen && <Loosen row={row} change={row.loosen} steering={steering} />}
      <Button
        color="inherit"
        disabled={steering.pending}
        onClick={() => steering.steer(row.takeBack)}
        aria-label={`${row.press ?? 'Take back'}: ${row.words}`}
        sx={{ flexShrink: 0 }}
      >
        {row.press ?? 'Take back'}
      </Button>
    </Box>
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
      sx={{ flexShrink: 0 }}
    >
      The rest at other times
    </Button>
  );
}
