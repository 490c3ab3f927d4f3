'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { MonthWords, TodayScreen } from '@/present/almanac/today-model';
import type { DueJob } from '@/present/almanac/year-model';
import { duration } from '@/present/words/words';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
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
      <ToggleButtonGroup
        exclusive
        value={minutes}
        aria-label="How much time"
        onChange={(_event, chosen: number | null) => chosen !== null && setMinutes(chosen)}
        sx={{ flexWrap: 'wrap', mb: 2 }}
      >
        {screen.choices.map((one) => (
          <ToggleButton
            key={one.minutes}
            value={one.minutes}
            sx={{ px: { xs: 1.25, sm: 2.5 }, minHeight: 48, textTransform: 'none', color: 'text.primary' }}
          >
            {one.minutes} minutes
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {choice && choice.jobs.length > 0 ? (
        <>
          <Typography sx={{ mb: 1 }}>{choice.takes}</Typography>
          <Jobs jobs={choice.jobs} onDone={tick} />
        </>
      ) : (
        <Typography>Nothing that is due fits into {minutes} minutes. Enjoy them.</Typography>
      )}
      <Sentence>{command.fault}</Sentence>
      <Box role="status" sx={{ minHeight: 28, mt: 1 }}>
        {said}
      </Box>
      <ByTurns turns={screen.turns} today={today} onDone={tick} send={changes.send} />
      <Box sx={{ mt: 2 }}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </Box>
    </>
  );
}

function Jobs({ jobs, onDone }: { jobs: readonly DueJob[]; onDone: (job: DueJob) => void }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 760 }}>
      {jobs.map((job) => (
        <Box
          component="li"
          key={job.id}
          sx={{
            display: 'flex',
            gap: 2,
            alignItems: 'center',
            minHeight: 60,
            py: 0.75,
            borderBottom: '1px solid',
            borderColor: 'divider',
          }}
        >
          <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
            <Box sx={{ fontWeight: 600 }}>
              {job.job}, {job.place}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
              {duration(job.minutes)} · {job.when}
            </Box>
          </Box>
          <Button
            variant="outlined"
            aria-label={`Done: ${job.job}, ${job.place}`}
            onClick={() => onDone(job)}
          >
            Done
          </Button>
        </Box>
      ))}
    </Box>
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
      <Box component="section" sx={{ mt: 3 }}>
        <Typography variant="h2">Round the year</Typography>
        <Typography sx={{ my: 1, maxWidth: '62ch' }}>
          Instead of one big clean: an area each month by turns, and what its season asks for. Begin in any
          month, leave it and come back; what was missed is spread over what follows.
        </Typography>
        <Button
          variant="outlined"
          onClick={() => send({ do: 'by-turns', since: today }, 'From now on round the year by turns.')}
        >
          Go round the year by turns
        </Button>
      </Box>
    );
  return (
    <Box component="section" sx={{ mt: 3 }}>
      <Typography variant="h2">{turns.title}</Typography>
      <Typography sx={{ my: 1 }}>{turns.line}</Typography>
      {turns.week.length > 0 && <Typography variant="h3">This week</Typography>}
      <Jobs jobs={turns.week} onDone={onDone} />
      {turns.rest.length > 0 && (
        <Typography variant="h3" sx={{ mt: 2 }}>
          Later this month
        </Typography>
      )}
      <Jobs jobs={turns.rest} onDone={onDone} />
      <Button sx={{ mt: 2 }} onClick={() => send({ do: 'by-turns' }, 'No longer by turns.')}>
        Stop going by turns
      </Button>
    </Box>
  );
}
