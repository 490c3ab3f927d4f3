'use client';
import { type ReactNode, useState } from 'react';
import type { DayFile } from '@/present/day/day-file';
import {
  alikeTo,
  isOver,
  mayGoAgain,
  nameOf,
  othersFor,
  type StepFace,
  stepsAfter,
  tooLongWords,
  workNote,
} from '@/present/day/step-face';
import { count, duration, longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import { useQuietMoment } from '../state/use-quiet-moment';
import { Alarms } from './alarms';
import type { DayAsks } from './ask-button';
import { type Day, DayProvider, useDay } from './day-context';
import { Found } from './found';
import { fetchLater, SessionEndLater } from './later';
import { LinkLine } from './link-line';
import { NowStep } from './now-step';
import { OffSteps } from './off-steps';
import { OthersSteps } from './others-steps';
import { Piles } from './piles';
import { wakeBell } from './run/bell';
import { StepLine } from './step-line';
import { Stretches } from './stretches';
import { ThumbBar } from './thumb-bar';
import { Tick } from './tick';
import { Waits } from './waits';

type DayBoardProps = {
  readonly file: DayFile;
  /** Where the server listens: the household's own day, or a helper's link. */
  readonly base: string;
  /** Not for helpers. */
  readonly asks?: DayAsks;
  /** What is carried in before the work. */
  readonly children?: ReactNode;
};

/** Now, while you wait, next: a day carried out, with the server or without. */
export function DayBoard({ file, base, asks, children }: DayBoardProps) {
  return (
    <DayProvider file={file} base={base} asks={asks}>
      <Sections kits={children} />
    </DayProvider>
  );
}

/** From what must not be missed to what is behind. */
function Sections({ kits }: { kits: ReactNode }) {
  const day = useDay();
  useQuietMoment(fetchLater);
  const { file, run, view, face, state, store, isToday, asks } = day;
  const ticking = useTicking(day);
  const end = endOf(day);
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 3 }, ABOVE_BAR)}>
      {isToday && <Alarms />}
      <LinkLine state={state} store={store} />
      <LastTick ticking={ticking} isOver={end !== undefined} />
      {end && <SessionEndLater file={file} run={run} isAll={end === 'all'} />}
      {!end && <Now />}
      {(view.now || isToday) && <ThumbBar step={view.now && face(view.now)} onDone={ticking.done} />}
      {isToday && <Stretches />}
      {kits}
      {isToday && <Waits waits={view.waits} file={file} store={store} />}
      <Next onDone={ticking.done} />
      {isToday && file.person !== undefined && !file.helper && <OthersSteps person={file.person} />}
      <OffSteps />
      {isToday && <Found things={run.found} file={file} store={store} />}
      {isToday && !file.helper && (
        <Piles
          piles={run.piles}
          bags={run.bags}
          leaving={file.leaving}
          store={store}
          planTrip={asks?.planTrip}
        />
      )}
      <DoneSteps onUndo={ticking.undo} />
    </div>
  );
}

/** The last of the page is not under the bar at the foot of a phone. */
const ABOVE_BAR = { '--thumb-height': { base: '132px', md: '0px' }, pb: 'var(--thumb-height)' } as const;

type Ticking = {
  /** What was ticked off last on this page. */
  readonly last: StepFace | undefined;
  readonly done: (step: StepFace) => void;
  readonly undo: (step: StepFace) => void;
};

function useTicking({ store, signer }: Day): Ticking {
  const [last, setLast] = useState<StepFace>();
  const events = useStableEvents({
    done: (step: StepFace) => {
      wakeBell();
      setLast(step);
      void store.carry({ do: 'done', step: step.id }, signer(step.item));
    },
    undo: (step: StepFace) => {
      setLast(undefined);
      void store.carry({ do: 'undo', step: step.id, also: stepsAfter(step.item) }, signer(step.item));
    },
  });
  return { last, ...events };
}

/** How the day has ended: with everything done, with enough for everybody on the page, or not yet. */
function endOf({ view, workers, run }: Day): 'all' | 'enough' | undefined {
  const hasEnough = workers.length > 0 && workers.every(({ id }) => run.stretches.get(id)?.what === 'enough');
  if (hasEnough) return 'enough';
  return isOver(view) ? 'all' : undefined;
}

function LastTick({ ticking: { last, undo }, isOver }: { ticking: Ticking; isOver: boolean }) {
  const { run, view, face, store } = useDay();
  if (!last || !run.done.has(last.id)) return null;
  return (
    <Tick
      step={last}
      next={isOver || !view.now ? undefined : face(view.now)}
      seconds={run.took.get(last.id)}
      onUndo={() => undo(last)}
      onTook={(minutes) => void store.carry({ do: 'took', step: last.id, minutes })}
      cameOut={run.cameOut.get(last.id)}
      onCameOut={(how) => void store.carry({ do: 'came-out', step: last.id, how })}
      isPlannedAgain={run.secondGoes.has(last.id)}
      onSecondGo={
        mayGoAgain(last.item, run) ? () => void store.carry({ do: 'second-go', step: last.id }) : undefined
      }
    />
  );
}

function Now() {
  const { file, run, view, face, store, isToday, second, signer } = useDay();
  if (!view.now) return <NothingNow open={view.next.length} isToday={isToday} />;
  const step = face(view.now);
  return (
    <NowStep
      step={step}
      isToday={isToday}
      work={run.work.get(step.id)}
      share={run.shares.get(step.id)}
      others={othersFor(step.item, file)}
      alike={file.helper ? [] : alikeTo(step, view, face)}
      carry={(act) => void store.carry(act, signer(step.item))}
      store={store}
      little={file.little?.[step.room]}
      tooLong={isToday ? tooLongWords(step.item, file, second) : undefined}
    />
  );
}

function NothingNow({ open, isToday }: { open: number; isToday: boolean }) {
  const { file } = useDay();
  if (open === 0) return <NothingPlanned next={file.helper ? undefined : file.nextDate} />;
  return (
    <p className={css({ textStyle: 'body', m: 0 })}>
      {isToday
        ? 'Nothing to do this minute: what is left waits for something. Sit down.'
        : 'What is left here waits for something before it.'}
    </p>
  );
}

function NothingPlanned({ next }: { next: string | undefined }) {
  return (
    <div>
      <p className={css({ textStyle: 'body', m: 0, mb: 1.5 })}>Nothing is planned for this day.</p>
      {next && (
        <LinkButton href={`/day/${next}`} variant="outlined">
          Look at {longDate(next)}
        </LinkButton>
      )}
    </div>
  );
}

function Next({ onDone }: { onDone: (step: StepFace) => void }) {
  const { file, run, view, face } = useDay();
  if (view.next.length === 0) return null;
  const { person } = file;
  return (
    <section aria-labelledby="next">
      <h2 id="next" className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
        Next
      </h2>
      <ol className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {view.next.map(face).map((step) => (
          <StepLine
            key={step.id}
            step={step}
            note={workNote(step.id, run, file)}
            press={person === undefined || step.item.people.includes(person) ? 'Done' : undefined}
            onPress={onDone}
          />
        ))}
      </ol>
    </section>
  );
}

function DoneSteps({ onUndo }: { onUndo: (step: StepFace) => void }) {
  const day = useDay();
  const { view, face } = day;
  if (view.done.length === 0) return null;
  return (
    <Unfold title={`${count(view.done.length, 'step', 'steps')} done`}>
      <ol className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {view.done.map(face).map((step) => (
          <StepLine
            key={step.id}
            step={step}
            clear
            note={doneNote(step.id, day)}
            press="Not done after all"
            onPress={onUndo}
            isQuiet
          />
        ))}
      </ol>
    </Unfold>
  );
}

function doneNote(step: string, { run, file }: Day): string | undefined {
  const by = run.done.get(step)?.by;
  const took = run.took.get(step);
  const words = [
    ...(by === undefined || file.helper ? [] : [nameOf(by, file)]),
    ...(took === undefined ? [] : [`took ${duration(Math.max(1, Math.round(took / 60)))}`]),
  ];
  return words.length > 0 ? words.join(', ') : undefined;
}
