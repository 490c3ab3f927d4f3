'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import type { ThawLine } from '@/core/spread/thaw-line';
import type { Outcome } from '@/core/what-if/outcome';
import type { Answer } from '@/core/what-if/protocol';
import { type Ladder, rungAt } from '@/core/what-if/smallest';
import type { WhatIf } from '@/core/what-if/what-if';
import { whatIfWords } from '@/present/what-if/what-if-words';
import { ThawLineChart } from '../charts/thaw-line-chart';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import { usePlanner } from './use-planner';
import { WhatIfRow } from './what-if-row';

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
  const planner = usePlanner();
  const { ask } = planner;
  const names = useMemo(() => new Map(rooms), [rooms]);
  const [room, setRoom] = useState(whatIfs.flatMap((one) => (one.do === 'without-room' ? one.room : []))[0]);
  const asked = useMemo(
    () => whatIfs.map((one): WhatIf => (one.do === 'without-room' && room ? { ...one, room } : one)),
    [whatIfs, room],
  );
  const [shown, setShown] = useState<string>();
  const { send, pending: taking, fault: sentence } = useCommand();
  const router = useRouter();
  const answered = planner.answers;
  const anew = answered.get(UNCHANGED);
  const unchanged = anew && 'outcome' in anew ? anew.outcome : now;

  useEffect(() => {
    const [unchanged, ...others] = whatIfs.map((whatIf) => ({ ask: 'what-if' as const, whatIf, today }));
    if (unchanged) ask(keyOf(unchanged.whatIf), unchanged);
    for (const ladder of ladders) ask(ladder.id, { ask: 'smallest', ladder, today });
    for (const other of others) ask(keyOf(other.whatIf), other);
  }, [ladders, whatIfs, today, ask]);

  const askRoom = (id: string) => {
    setRoom(id);
    const whatIf: WhatIf = { do: 'without-room', room: id };
    if (!answered.has(keyOf(whatIf))) ask(keyOf(whatIf), { ask: 'what-if', whatIf, today });
    setShown(keyOf(whatIf));
  };
  const events = useStableEvents({
    show: (key: string) => setShown(shown === key ? undefined : key),
    take: (whatIf: WhatIf) => {
      planner.stop();
      send(take, whatIf, { onKept: () => router.push('/spread') });
    },
  });
  const row = (key: string, name: string, whatIf: WhatIf | undefined, more?: React.ReactNode) => (
    <WhatIfRow
      key={key}
      id={key}
      name={name}
      whatIf={whatIf}
      answer={answered.get(key)}
      isStopped={planner.open === 0}
      now={key === UNCHANGED ? now : unchanged}
      isShown={shown === key}
      busy={taking}
      events={events}
    >
      {more}
    </WhatIfRow>
  );
  const seen = shown === undefined ? undefined : answered.get(shown);
  const seenLine = seen && 'outcome' in seen ? seen.outcome.line : undefined;
  const seenName = nameOf(shown, asked, answered, names);
  const bent = useMemo(() => seenLine && { line: seenLine, name: seenName }, [seenLine, seenName]);
  return (
    <Stack spacing={3}>
      <Sentence>{sentence}</Sentence>
      <Box sx={{ position: 'sticky', top: 0, zIndex: 2, bgcolor: 'background.default', pt: 1 }}>
        <ThawLineChart thaw={thaw} finish={finish} today={today} height={210} bent={bent} />
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 44 }}>
        <span role="status">
          {taking
            ? 'Spreading the work…'
            : planner.open > 0
              ? `Planning ${planner.open} more in the background.`
              : 'All are planned.'}
        </span>
        {planner.open > 0 && (
          <Button color="inherit" variant="outlined" onClick={planner.stop}>
            Stop
          </Button>
        )}
      </Box>
      {ladders.length > 0 && (
        <Section title="What would make it fit" id="smallest">
          {ladders
            .filter(({ id }) => answered.get(id)?.state !== 'none')
            .map((ladder) => {
              const answer = answered.get(ladder.id);
              const whatIf = answer?.state === 'done' ? answer.whatIf : undefined;
              return row(
                ladder.id,
                whatIf ? whatIfWords(whatIf, names) : ladderWords(ladder, names),
                whatIf,
                whatIf?.do === 'without' && <Jobs tasks={whatIf.tasks} jobs={jobs} />,
              );
            })}
          <NotEnough ladders={ladders.filter(({ id }) => answered.get(id)?.state === 'none')} names={names} />
        </Section>
      )}
      <Section title="What if" id="what-ifs">
        {asked.map((whatIf) =>
          row(
            keyOf(whatIf),
            whatIfWords(whatIf, names),
            whatIf,
            whatIf.do === 'without-room' && (
              <NativeSelect
                label="Room to leave out"
                value={whatIf.room}
                onChange={askRoom}
                options={rooms.map(([id, name]) => [id, name])}
              />
            ),
          ),
        )}
      </Section>
    </Stack>
  );
}

function Section({ title, id, children }: { title: string; id: string; children: React.ReactNode }) {
  return (
    <Box component="section" aria-labelledby={id}>
      <Box component="h2" id={id} sx={{ typography: 'h2', mt: 0, mb: 1 }}>
        {title}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {children}
      </Box>
    </Box>
  );
}

function NotEnough({ ladders, names }: { ladders: readonly Ladder[]; names: ReadonlyMap<string, string> }) {
  if (ladders.length === 0) return null;
  return (
    <Box
      component="li"
      sx={{ borderTop: '1px solid', borderColor: 'divider', py: 1.25, color: 'text.secondary' }}
    >
      Not enough by itself: {ladders.map((ladder) => lowerFirst(ladderWords(ladder, names))).join('; ')}.
    </Box>
  );
}

function lowerFirst(words: string): string {
  return words.slice(0, 1).toLowerCase() + words.slice(1);
}

function Jobs({ tasks, jobs }: { tasks: readonly string[]; jobs: WhatIfBoardProps['jobs'] }) {
  const names = new Map(jobs);
  return (
    <Unfold slim title="Which ones">
      <Box component="ul" sx={{ m: 0, pl: 2.5, columns: { md: 2 } }}>
        {tasks.map((task) => (
          <li key={task}>{names.get(task) ?? task}</li>
        ))}
      </Box>
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
