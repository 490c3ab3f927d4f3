'use client';
import { useId, useOptimistic } from 'react';
import type { FoundThing } from '@/core/day/run';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { GoodUntil } from '../parts/good-until';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type SettleAct = CommandAction;

type FoundThingsProps = {
  readonly title: string;
  /** What a press says of one, as in `Bought`. */
  readonly settled: string;
  readonly found: readonly FoundThing[];
  readonly today: string;
  readonly roomNames: ReadonlyMap<string, string>;
  readonly settle: SettleAct;
};

/** What somebody wrote down while they were at something else, what is due first on top. */
export function FoundThings({ title, settled, found, today, roomNames, settle }: FoundThingsProps) {
  const id = useId();
  const [left, takeOff] = useOptimistic(found, (things, id: string) =>
    things.filter((thing) => thing.id !== id),
  );
  const { send, fault } = useCommand();
  const done = (id: string) => send(settle, { found: id }, { show: () => takeOff(id) });
  if (left.length === 0 && fault === undefined) return null;
  return (
    <section aria-labelledby={id} className={css({ mt: 4 })}>
      <h2 id={id} className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
        {title}
      </h2>
      <Sentence>{fault}</Sentence>
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {left.toSorted(byDate).map((thing) => (
          <ThingLine
            key={thing.id}
            thing={thing}
            today={today}
            settled={settled}
            room={thing.room === undefined ? undefined : roomNames.get(thing.room)}
            onSettle={() => done(thing.id)}
          />
        ))}
      </ul>
    </section>
  );
}

/** What is good for the shortest time first, and what has no date at the end. */
function byDate({ by: a = '9' }: FoundThing, { by: b = '9' }: FoundThing): number {
  return a.localeCompare(b);
}

type ThingLineProps = {
  readonly thing: FoundThing;
  readonly today: string;
  readonly settled: string;
  readonly room: string | undefined;
  readonly onSettle: () => void;
};

function ThingLine({ thing: { text, by }, today, settled, room, onSettle }: ThingLineProps) {
  return (
    <li
      className={css({
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 2,
        borderTop: '1px solid var(--colors-line)',
        py: 1,
      })}
    >
      <div className={css({ minWidth: 0, overflowWrap: 'anywhere' })}>
        <span className={css({ fontWeight: 600 })}>{text}</span>
        {room !== undefined && (
          <span className={css({ color: 'quiet' })}>
            {' · '}
            {room}
          </span>
        )}
        {by !== undefined && <GoodUntil date={by} today={today} />}
      </div>
      <Button onClick={onSettle} aria-label={`${settled}: ${text}`} className="not-printed">
        {settled}
      </Button>
    </li>
  );
}
