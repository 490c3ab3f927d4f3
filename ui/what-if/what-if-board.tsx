'use client';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import type { ThawLine } from '@/core/plan/thaw-line';
import type { Outcome } from '@/core/what-if/outcome';
import type { Answer } from '@/core/what-if/protocol';
import { type Ladder, rungAt } from '@/core/what-if/smallest';
import type { WhatIf } from '@/core/what-if/what-if';
import { surerWords } from '@/present/forecast/chance-words';
import { whatIfWords } from '@/present/what-if/what-if-words';
import { css } from '@/ui/theme/made/css';
import { ThawLineChart } from '../charts/thaw-line-chart';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import { usePlanSearch } from '../spread/use-plan-search';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import { usePlanner } from './use-planner';
import { type WhatIfEvents, WhatIfRow } from './what-if-row';

export type WhatIfBoardProps = {
  readonly thaw: ThawLine;
  readonly finish: string;
  readonly today: string;
  readonly now: Outcome;
  readonly whatIfs: readonly WhatIf[];
  /** Where something has no place: the kinds of change that can make it fit. */
  readonly ladders: readonly Ladder[];
  readonly rooms: readonly (readonly [id: string, name: string])[];
  /** Names of jobs by id, for those that may be left out. */
  readonly jobs: readonly (readonly [id: string, name: string])[];
  readonly take: CommandAction<{ unplaced: number }>;
};

/** What-ifs beside the plan in force: each planned in the background, the line bends to the one that is looked at. */
export function WhatIfBoard({
  thaw,
  finish,
  today,
  now,
  whatIfs,
  ladders,
  rooms,
  jobs,
  take,
}: WhatIfBoardProps) {
  const names = useMemo(() => new Map(rooms), [rooms]);
  const { planner, asked, askRoom } = useAsked(whatIfs, ladders, today);
  const [shown, setShown] = useState<string>();
  const { send, pending: taking, fault: sentence } = useCommand();
  const router = useRouter();
  const events = useStableEvents({
    show: (key: string) => setShown(shown === key ? undefined : key),
    take: (whatIf: WhatIf) => {
      planner.stop();
      send(take, whatIf, { onKept: () => router.push('/spread') });
    },
  });
  const bent = useBent(shown, asked, planner.answers, names);
  const rows: Rows = { planner, now, shown, taking, events, names };
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 3 })}>
      <Sentence>{sentence}</Sentence>
      <div className={css({ position: 'sticky', top: 0, zIndex: 2, bgcolor: 'page', pt: 1 })}>
        <ThawLineChart thaw={thaw} finish={finish} today={today} height={210} bent={bent} />
      </div>
      <HowFar open={planner.open} taking={taking} onStop={planner.stop} />
      <Surer asked={asked} answers={planner.answers} open={planner.open} names={names} />
      {ladders.length > 0 && <ToMakeItFit ladders={ladders} jobs={jobs} rows={rows} />}
      <WhatIfs
        asked={asked}
        rooms={rooms}
        rows={rows}
        onRoom={(room) => {
          askRoom(room);
          setShown(keyOf({ do: 'without-room', room }));
        }}
      />
    </div>
  );
}

/** What the rows of the board have in common. */
type Rows = {
  readonly planner: ReturnType<typeof usePlanner>;
  readonly now: Outcome;
  readonly shown: string | undefined;
  readonly taking: boolean;
  readonly events: WhatIfEvents;
  readonly names: ReadonlyMap<string, string>;
};

/** Asks the planner for all of them: the plan as it is first, then what would make it fit, then the rest. */
function useAsked(whatIfs: readonly WhatIf[], ladders: readonly Ladder[], today: string) {
  const planner = usePlanner();
  const { ask, answers } = planner;
  const [room, setRoom] = useState(whatIfs.flatMap((one) => (one.do === 'without-room' ? one.room : []))[0]);
  const asked = useMemo(
    () => whatIfs.map((one): WhatIf => (one.do === 'without-room' && room ? { ...one, room } : one)),
    [whatIfs, room],
  );
  useEffect(() => {
    const [unchanged, ...others] = whatIfs.map((whatIf) => ({ ask: 'what-if' as const, whatIf, today }));
    if (unchanged) ask(keyOf(unchanged.whatIf), unchanged);
    for (const ladder of ladders) ask(ladder.id, { ask: 'smallest', ladder, today });
    for (const other of others) ask(keyOf(other.whatIf), other);
  }, [ladders, whatIfs, today, ask]);
  const askRoom = (id: string) => {
    setRoom(id);
    const whatIf: WhatIf = { do: 'without-room', room: id };
    if (!answers.has(keyOf(whatIf))) ask(keyOf(whatIf), { ask: 'what-if', whatIf, today });
  };
  return { planner, asked, askRoom };
}

/** The line of what is looked at, and what it is called. */
function useBent(
  shown: string | undefined,
  asked: readonly WhatIf[],
  answers: ReadonlyMap<string, Answer>,
  names: ReadonlyMap<string, string>,
) {
  const seen = shown === undefined ? undefined : answers.get(shown);
  const line = seen && 'outcome' in seen ? seen.outcome.line : undefined;
  const name = nameOf(shown, asked, answers, names);
  return useMemo(() => line && { line, name }, [line, name]);
}

/** What would make it nine in ten, of all that was asked. */
function Surer({
  asked,
  answers,
  open,
  names,
}: {
  asked: readonly WhatIf[];
  answers: ReadonlyMap<string, Answer>;
  open: number;
  names: ReadonlyMap<string, string>;
}) {
  const chanceOf = (key: string) => {
    const answer = answers.get(key);
    return answer && 'outcome' in answer ? answer.outcome.chance : undefined;
  };
  const now = chanceOf(UNCHANGED);
  if (open > 0 || now === undefined) return null;
  const others = asked.flatMap((whatIf) => {
    const chance = whatIf.do === 'nothing' ? undefined : chanceOf(keyOf(whatIf));
    return chance === undefined ? [] : [{ words: whatIfWords(whatIf, names), chance }];
  });
  return <div className={css({ maxWidth: '70ch' })}>{surerWords(now, others)}</div>;
}

function HowFar({ open, taking, onStop }: { open: number; taking: boolean; onStop: () => void }) {
  const search = usePlanSearch(taking);
  const planning = open > 0 ? `Planning ${open} more in the background.` : 'All are planned.';
  return (
    <div className={css({ display: 'flex', gap: 2, alignItems: 'center', minHeight: 44 })}>
      <span role="status">{taking ? 'Spreading the work…' : planning}</span>
      {search && (
        <Button color="inherit" variant="outlined" onClick={search.stop}>
          Stop, and keep the best
        </Button>
      )}
      {open > 0 && (
        <Button color="inherit" variant="outlined" onClick={onStop}>
          Stop
        </Button>
      )}
    </div>
  );
}

type RowProps = {
  readonly id: string;
  readonly name: string;
  readonly whatIf: WhatIf | undefined;
  readonly rows: Rows;
  readonly children?: ReactNode;
};

function Row({ id, name, whatIf, rows, children }: RowProps) {
  const { planner, now, shown, taking, events } = rows;
  const anew = planner.answers.get(UNCHANGED);
  const unchanged = anew && 'outcome' in anew ? anew.outcome : now;
  return (
    <WhatIfRow
      id={id}
      name={name}
      whatIf={whatIf}
      answer={planner.answers.get(id)}
      isStopped={planner.open === 0}
      now={id === UNCHANGED ? now : unchanged}
      isShown={shown === id}
      busy={taking}
      events={events}
    >
      {children}
    </WhatIfRow>
  );
}

type ToMakeItFitProps = {
  readonly ladders: readonly Ladder[];
  readonly jobs: WhatIfBoardProps['jobs'];
  readonly rows: Rows;
};

/** Kinds of change that can make it fit, each with the smallest that does. */
function ToMakeItFit({ ladders, jobs, rows }: ToMakeItFitProps) {
  const { names, planner } = rows;
  const isEnough = ({ id }: Ladder) => planner.answers.get(id)?.state !== 'none';
  return (
    <Section title="What would make it fit" id="smallest">
      {ladders.filter(isEnough).map((ladder) => {
        const answer = planner.answers.get(ladder.id);
        const whatIf = answer?.state === 'done' ? answer.whatIf : undefined;
        const name = whatIf ? whatIfWords(whatIf, names) : ladderWords(ladder, names);
        return (
          <Row key={ladder.id} id={ladder.id} name={name} whatIf={whatIf} rows={rows}>
            {whatIf?.do === 'without' && <Jobs tasks={whatIf.tasks} jobs={jobs} />}
          </Row>
        );
      })}
      <NotEnough ladders={ladders.filter((ladder) => !isEnough(ladder))} names={names} />
    </Section>
  );
}

type WhatIfsProps = {
  readonly asked: readonly WhatIf[];
  readonly rooms: WhatIfBoardProps['rooms'];
  readonly rows: Rows;
  readonly onRoom: (id: string) => void;
};

function WhatIfs({ asked, rooms, rows, onRoom }: WhatIfsProps) {
  return (
    <Section title="What if" id="what-ifs">
      {asked.map((whatIf) => (
        <Row
          key={keyOf(whatIf)}
          id={keyOf(whatIf)}
          name={whatIfWords(whatIf, rows.names)}
          whatIf={whatIf}
          rows={rows}
        >
          {whatIf.do === 'without-room' && (
            <NativeSelect
              label="Room to leave out"
              value={whatIf.room}
              onChange={onRoom}
              options={rooms.map(([id, name]) => [id, name])}
            />
          )}
        </Row>
      ))}
    </Section>
  );
}

function Section({ title, id, children }: { title: string; id: string; children: ReactNode }) {
  return (
    <section aria-labelledby={id}>
      <h2 id={id} className={css({ textStyle: 'h2', mt: 0, mb: 1 })}>
        {title}
      </h2>
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>{children}</ul>
    </section>
  );
}

function NotEnough({ ladders, names }: { ladders: readonly Ladder[]; names: ReadonlyMap<string, string> }) {
  if (ladders.length === 0) return null;
  return (
    <li className={css({ borderTop: '1px solid var(--colors-line)', py: 1.25, color: 'quiet' })}>
      Not enough by itself: {ladders.map((ladder) => lowerFirst(ladderWords(ladder, names))).join('; ')}.
    </li>
  );
}

function lowerFirst(words: string): string {
  return words.slice(0, 1).toLowerCase() + words.slice(1);
}

function Jobs({ tasks, jobs }: { tasks: readonly string[]; jobs: WhatIfBoardProps['jobs'] }) {
  const names = new Map(jobs);
  return (
    <Unfold slim title="Which ones">
      <ul className={css({ m: 0, pl: 2.5, columns: { md: 2 } })}>
        {tasks.map((task) => (
          <li key={task}>{names.get(task) ?? task}</li>
        ))}
      </ul>
    </Unfold>
  );
}

const UNCHANGED = keyOf({ do: 'nothing' });

function keyOf(whatIf: WhatIf): string {
  return JSON.stringify(whatIf);
}

function ladderWords(ladder: Ladder, names: ReadonlyMap<string, string>): string {
  const first = rungAt(ladder, 0);
  switch (first.do) {
    case 'hours':
      return whatIfWords(first, names).replace(/^.* more on/, 'More time on');
    case 'helper':
      return 'A helper';
    case 'finish':
      return 'A later finish line';
    default:
      return 'Leaving jobs out';
  }
}

function nameOf(
  key: string | undefined,
  asked: readonly WhatIf[],
  answers: ReadonlyMap<string, Answer>,
  names: ReadonlyMap<string, string>,
): string {
  if (key === undefined) return '';
  const answer = answers.get(key);
  const whatIf =
    asked.find((one) => keyOf(one) === key) ?? (answer?.state === 'done' ? answer.whatIf : undefined);
  return whatIf ? whatIfWords(whatIf, names) : '';
}
