'use client';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { dayView } from '@/core/day/day-view';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import { count, duration } from '../parts/words';
import { Alarms } from './alarms';
import { AskButton, type DayAsks } from './ask-button';
import type { DayFile } from './day-file';
import { Found } from './found';
import { LinkLine } from './link-line';
import { Mishaps } from './mishaps';
import { NowStep } from './now-step';
import { OffSteps } from './off-steps';
import { OthersSteps } from './others-steps';
import { Piles } from './piles';
import { wakeBell } from './run/bell';
import { useDayStore, useSecond } from './run/use-day-store';
import { SessionEnd } from './session-end';
import {
  facesOf,
  isDoneWith,
  isOver,
  nameOf,
  othersFor,
  type StepFace,
  stepsAfter,
  workNote,
} from './step-face';
import { StepLine } from './step-line';
import { StretchBar } from './stretch-bar';
import { Tick } from './tick';
import { Waits } from './waits';

/** What the day is looked at anew for: what the clock alone has changed. */
const LOOK_SECONDS = 5;

/** Now, while you wait, next: a day carried out, with the server or without. */
export function DayBoard({
  file: first,
  base,
  asks,
}: {
  file: DayFile;
  /** Where the server listens: the household's own day, or a helper's link. */
  base: string;
  /** Not for helpers. */
  asks?: DayAsks;
}) {
  const [state, store] = useDayStore(first, base);
  const { file, run } = state;
  useFreshPage(file.revision > first.revision);
  const second = useSecond(store, LOOK_SECONDS);
  const { person } = file;
  const view = useMemo(() => dayView(file.pack, run, second, person), [file, run, second, person]);
  const [last, setLast] = useState<StepFace>();
  const isToday = file.date === file.today;
  const me = file.people.find(({ id }) => id === person);
  const stretch = run.stretches.get(person);
  const face = useMemo(() => facesOf(file), [file]);
  const { done, undo } = useStableEvents({
    done: (step: StepFace) => {
      wakeBell();
      setLast(step);
      void store.carry({ do: 'done', step: step.id });
    },
    undo: (step: StepFace) => {
      setLast(undefined);
      void store.carry({ do: 'undo', step: step.id, also: stepsAfter(step.item) });
    },
  });
  const current = view.now && face(view.now);
  const over = stretch?.what === 'enough' || isOver(view);
  const worker = me ?? (file.people.length === 1 ? file.people[0] : undefined);
  // Before the work it is what comes first; while it goes on, the step does.
  const stretchBar = isToday && worker && !isDoneWith(view) && (
    <StretchBar stretch={stretch} person={worker} store={store} />
  );
  return (
    <Stack spacing={3} useFlexGap>
      {isToday && <Alarms view={view} stretch={stretch} person={me} file={file} store={store} />}
      <LinkLine state={state} store={store} />
      {last && run.done.has(last.id) && (
        <Tick
          step={last}
          next={over ? undefined : current}
          seconds={run.took.get(last.id)}
          onUndo={() => undo(last)}
          onTook={(minutes) => void store.carry({ do: 'took', step: last.id, minutes })}
        />
      )}
      {over && <SessionEnd file={file} run={run} isAll={stretch?.what !== 'enough'} />}
      {stretch?.what !== 'begin' && stretchBar}
      {isToday && worker && isDoneWith(view) && asks && (
        <AskButton
          words={`One more block of ${duration(worker.breakAfter)}`}
          act={asks.takeOneMoreBlock}
          wish={{ person: worker.id, minutes: worker.breakAfter }}
          onDone={() => void store.carry({ do: 'block', what: 'begin' }, worker.id)}
        />
      )}
      {!over && current && (
        <NowStep
          step={current}
          isToday={isToday}
          work={run.work.get(current.id)}
          share={run.shares.get(current.id)}
          others={othersFor(current.item, file)}
          store={store}
          onDone={done}
        />
      )}
      {stretch?.what === 'begin' && stretchBar}
      {!over && !current && <NothingNow open={view.next.length} isToday={isToday} />}
      {isToday && <Waits waits={view.waits} file={file} store={store} />}
      {view.next.length > 0 && (
        <Box component="section" aria-labelledby="next">
          <Typography variant="h2" id="next" sx={{ mb: 1 }}>
            Next
          </Typography>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {view.next.map(face).map((step) => (
              <StepLine
                key={step.id}
                step={step}
                note={workNote(step.id, run, file)}
                press={person === undefined || step.item.people.includes(person) ? 'Done' : undefined}
                onPress={done}
              />
            ))}
          </Box>
        </Box>
      )}
      {isToday && person !== undefined && !file.helper && (
        <OthersSteps person={person} file={file} run={run} second={second} face={face} store={store} />
      )}
      <OffSteps items={view.off} run={run} face={face} store={store} />
      {isToday && <Found things={run.found} file={file} room={current?.room} store={store} />}
      {isToday && !file.helper && (
        <Piles piles={run.piles} bags={run.bags} store={store} planTrip={asks?.planTrip} />
      )}
      {isToday && <Mishaps file={file} store={store} />}
      {view.done.length > 0 && (
        <Unfold title={`${count(view.done.length, 'step', 'steps')} done`}>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {view.done.map(face).map((step) => (
              <StepLine
                key={step.id}
                step={step}
                clear
                note={doneNote(step.id)}
                press="Not done after all"
                onPress={undo}
                isQuiet
              />
            ))}
          </Box>
        </Unfold>
      )}
    </Stack>
  );

  function doneNote(step: string): string | undefined {
    const by = run.done.get(step)?.by;
    const took = run.took.get(step);
    const words = [
      ...(by === undefined || file.helper ? [] : [nameOf(by, file)]),
      ...(took === undefined ? [] : [`took ${duration(Math.max(1, Math.round(took / 60)))}`]),
    ];
    return words.length > 0 ? words.join(', ') : undefined;
  }
}

/** What stands around the board comes from the server: asked for anew once the phone's day is of another plan. */
function useFreshPage(isOld: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (isOld) router.refresh();
  }, [isOld, router]);
}

function NothingNow({ open, isToday }: { open: number; isToday: boolean }) {
  if (open === 0) return <Typography>Nothing is planned for this day.</Typography>;
  return (
    <Typography>
      {isToday
        ? 'Nothing to do this minute: what is left waits for something. Sit down.'
        : 'What is left here waits for something before it.'}
    </Typography>
  );
}
