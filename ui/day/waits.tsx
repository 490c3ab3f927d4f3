'use client';
import type { RunningWait } from '@/core/day/day-item';
import { type Second, secondOf } from '@/core/day/seconds';
import type { DayFile } from '@/present/day/day-file';
import { clock, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { ActRow, type Press } from './act-row';
import { placeOfWait } from './places';
import type { DayStore } from './run/day-store';
import { useSecond } from './run/use-day-store';

type WaitsProps = {
  readonly waits: readonly RunningWait[];
  readonly file: DayFile;
  readonly store: DayStore;
};

/** Every soak, cycle and drying floor that is going on, each with its own live clock. */
export function Waits({ waits, file, store }: WaitsProps) {
  if (waits.length === 0) return null;
  return (
    <section aria-labelledby="waits">
      <h2 id="waits" className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
        While you wait
      </h2>
      <ul
        className={css({
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { sm: 'repeat(auto-fill, minmax(300px, 1fr))' },
        })}
      >
        {waits.map((wait) => (
          <Wait key={`${wait.step.id} ${wait.since}`} wait={wait} file={file} store={store} />
        ))}
      </ul>
    </section>
  );
}

type WaitProps = { readonly wait: RunningWait; readonly file: DayFile; readonly store: DayStore };

function Wait({ wait, file, store }: WaitProps) {
  const now = useSecond(store);
  const [since, ready] = [secondOf(`${wait.since}:00`), secondOf(`${wait.ready}:00`)];
  const words = file.words[wait.step.id];
  return (
    <li
      id={placeOfWait(wait.step.id)}
      tabIndex={-1}
      className={css({ border: '1px solid var(--colors-line)', bgcolor: 'paper', p: 1.5 })}
    >
      <div className={css({ display: 'flex', justifyContent: 'space-between', gap: 1, fontWeight: 560 })}>
        <span>{words?.title ?? 'A wait'}</span>
        <span className={css({ fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap' })}>
          {leftWords(ready - now)}
        </span>
      </div>
      <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
        {words?.where} · ready {readyWords(wait, file.date)}
        {wait.latest && `, no later than ${clock(wait.latest)}`}
        {machineWords(wait)}
      </div>
      <Melting share={Math.min(1, Math.max(0, (now - since) / Math.max(1, ready - since)))} />
      {wait.step.machine !== undefined && (
        <div className={css({ mt: 1 })}>
          <ActRow presses={pressesOf(wait, words?.title ?? '', store)} />
        </div>
      )}
    </li>
  );
}

function readyWords({ ready }: RunningWait, today: string): string {
  const date = ready.slice(0, 10);
  return date === today ? `at ${clock(ready)}` : `on ${shortDate(date)}, ${clock(ready)}`;
}

function Melting({ share }: { share: number }) {
  return (
    <div
      aria-hidden
      className={css({ mt: 1, height: 8, bgcolor: 'var(--colors-ice)', position: 'relative' })}
    >
      <div
        className={css({
          position: 'absolute',
          insetBlock: 0,
          left: 0,
          bgcolor: 'var(--colors-water)',
          borderRadius: '0 6px 6px 0',
        })}
        style={{ width: `${share * 100}%` }}
      />
    </div>
  );
}

/** A load that is done early, or that came out as it went in. */
function pressesOf(wait: RunningWait, title: string, store: DayStore): Press[] {
  const step = wait.step.id;
  const ids = wait.task.steps.map(({ id }) => id);
  const again = { do: 'again' as const, step, also: ids.slice(Math.max(0, ids.indexOf(step) - 1)) };
  return [
    ...(wait.word?.report === 'finished'
      ? []
      : [
          {
            words: 'It is finished',
            label: `It is finished: ${title}`,
            press: () => void store.carry({ do: 'machine', step, report: 'finished' }),
          },
        ]),
    {
      words: 'It came out dirty',
      label: `It came out dirty: ${title}`,
      press: () => void store.carry(again),
    },
  ];
}

export function leftWords(seconds: Second): string {
  if (seconds <= 0) return 'ready';
  const hours = Math.floor(seconds / 3600);
  const rest = `${String(Math.floor((seconds % 3600) / 60)).padStart(hours > 0 ? 2 : 1, '0')}:${String(seconds % 60).padStart(2, '0')}`;
  return hours > 0 ? `${hours}:${rest}` : rest;
}

function machineWords({ word }: RunningWait): string {
  switch (word?.report) {
    case 'delayed':
      return ` · the machine takes ${word.minutes} minutes more`;
    case 'faulty':
      return ' · the machine has stopped with a fault';
    case 'finished':
      return ' · the machine says it is finished';
    default:
      return '';
  }
}
