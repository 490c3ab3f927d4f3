'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useOptimistic, useState, useTransition } from 'react';
import type { ActionResult } from '../forms/result';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import { count } from '../parts/words';
import type { DayScreen, DayStep } from './day-model';
import { NowStep } from './now-step';
import { StepLine } from './step-line';
import { Waits } from './waits';

type Act = (input: unknown) => Promise<ActionResult>;
type Change = { readonly do: 'tick' | 'untick'; readonly step: DayStep };

/** Now, while you wait, next; a tick shows at once and is kept on the server. */
export function DayBoard({
  screen: kept,
  isToday,
  tick,
  untick,
}: {
  screen: DayScreen;
  isToday: boolean;
  tick: Act;
  untick: Act;
}) {
  const [screen, change] = useOptimistic(kept, applied);
  const [last, setLast] = useState<DayStep>();
  const [sentence, setSentence] = useState<string>();
  const [pending, start] = useTransition();
  const carryOut = (what: Change) => {
    setSentence(undefined);
    setLast(what.do === 'tick' ? what.step : undefined);
    start(async () => {
      change(what);
      const result = await (what.do === 'tick' ? tick : untick)({ step: what.step.id }).catch(
        () => undefined,
      );
      if (result?.ok) return;
      setLast(undefined);
      setSentence(
        result
          ? result.faults[0]?.sentence
          : 'The server did not answer, so this is not kept yet. Press Done again in a moment.',
      );
    });
  };
  const done = (step: DayStep) => carryOut({ do: 'tick', step });
  const undo = (step: DayStep) => carryOut({ do: 'untick', step });
  return (
    <Stack spacing={3}>
      <Sentence>{sentence}</Sentence>
      <Box role="status" sx={last ? undefined : { height: 0, mt: '0 !important' }}>
        {last && (
          <Stack direction="row" spacing={1} sx={{ alignItems: 'center' }}>
            <span>{pending ? `Keeping “${last.title}” …` : `“${last.title}” is done.`}</span>
            <Button onClick={() => undo(last)}>Undo</Button>
          </Stack>
        )}
      </Box>
      {screen.current ? (
        <NowStep step={screen.current} isToday={isToday} onDone={done} />
      ) : (
        <NothingNow screen={screen} isToday={isToday} />
      )}
      <Waits waits={screen.waits} now={screen.now} />
      {screen.next.length > 0 && (
        <Box component="section" aria-labelledby="next">
          <Typography variant="h2" id="next" sx={{ mb: 1 }}>
            Next
          </Typography>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {screen.next.map((step) => (
              <StepLine
                key={step.id}
                step={step}
                action={
                  <Button onClick={() => done(step)} aria-label={`Done: ${step.title}, ${step.where}`}>
                    Done
                  </Button>
                }
              />
            ))}
          </Box>
        </Box>
      )}
      {screen.done.length > 0 && (
        <Unfold title={`${count(screen.done.length, 'step', 'steps')} done`}>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {screen.done.map((step) => (
              <StepLine
                key={step.id}
                step={step}
                clear
                action={
                  <Button
                    color="inherit"
                    onClick={() => undo(step)}
                    aria-label={`Not done after all: ${step.title}, ${step.where}`}
                  >
                    Not done after all
                  </Button>
                }
              />
            ))}
          </Box>
        </Unfold>
      )}
    </Stack>
  );
}

function NothingNow({ screen, isToday }: { screen: DayScreen; isToday: boolean }) {
  if (screen.next.length > 0)
    return (
      <Typography>
        {isToday
          ? 'Nothing to do this minute: what is left waits for something. Sit down.'
          : 'What is left here waits for something before it.'}
      </Typography>
    );
  if (screen.done.length > 0) return <Typography variant="h2">Everything of this day is clear.</Typography>;
  return <Typography>Nothing is planned for this day.</Typography>;
}

/** What the screen will show once the server has answered; what it can't know yet (a soak set going) follows then. */
function applied(screen: DayScreen, { do: what, step }: Change): DayScreen {
  const minutes = what === 'tick' ? step.minutes : -step.minutes;
  const sums = { done: screen.minutes.done + minutes, open: screen.minutes.open - minutes };
  if (what === 'untick')
    return {
      ...screen,
      minutes: sums,
      done: screen.done.filter((item) => item.id !== step.id),
      next: [step, ...screen.next],
    };
  const open = [...(screen.current ? [screen.current] : []), ...screen.next].filter(
    (item) => item.id !== step.id,
  );
  const current = open.find((item) => item.ready);
  return {
    ...screen,
    minutes: sums,
    current,
    next: open.filter((item) => item !== current),
    done: [...screen.done, step],
  };
}
