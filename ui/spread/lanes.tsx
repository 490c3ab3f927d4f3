'use client';
import { useEffect, useRef, useState } from 'react';
import { clockOf } from '@/core/basics/local-time';
import type { BrokenRow } from '@/present/spread/by-room';
import { rowsOf } from '@/present/spread/lane-rows';
import type { Block, DayLanes, Lane } from '@/present/spread/lanes-model';
import { clock, count, longDate, timeOfDay } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { EditWords } from '../parts/change-actions';
import { LinkButton } from '../parts/link-button';
import { UndoButtons } from '../parts/undo-buttons';
import { Unfold } from '../parts/unfold';
import { BrokenList } from './broken-list';
import type { LaneDrop } from './lane-drag';
import styles from './lanes.module.css';
import type { Choices } from './move-panel';
import { Outcome } from './outcome';
import { MovePanel, SessionPanel } from './panels-later';
import { showFirst } from './show-first';
import type { SteeringActions } from './steering-actions';
import { type SteeringState, useSteering } from './use-steering';

type LanesProps = {
  readonly day: DayLanes;
  readonly choices: Choices;
  /** What was given its time on this day, in words. */
  readonly asked: readonly string[];
  /** Wishes that are set aside on this day. */
  readonly broken: readonly BrokenRow[];
  readonly isFree: boolean;
  readonly isDry: boolean;
  readonly edits: EditWords;
  readonly actions: SteeringActions;
};

/** A day opened into people's lanes, with what runs and rests meanwhile; work can be dragged, or moved in its panel. */
export function Lanes({ day, choices, asked, broken, isFree, isDry, edits, actions }: LanesProps) {
  const [open, setOpen] = useState<string>();
  const steering = useSteering(actions);
  const box = useRef<HTMLDivElement>(null);
  useDragging(box, (drop) => dropped(drop, day, steering));
  const blocks = day.people.flatMap((lane) => lane.blocks);
  const block = blocks.find((known) => known.step === open);
  const session = day.people.find((lane) => sessionKey(lane) === open && lane.blocks.length > 0);
  return (
    <section aria-labelledby="the-day" ref={box}>
      <DayHead date={day.date} isFree={isFree} isDry={isDry} edits={edits} steering={steering} />
      {asked.map((words) => (
        <div key={words}>Asked for: {words}.</div>
      ))}
      <Outcome steering={steering} />
      {blocks.length === 0 ? (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
          {isFree ? 'Nobody works on this day: it is kept free.' : 'No work lies on this day.'}
        </p>
      ) : (
        <Timeline day={day} open={open} onOpen={setOpen} />
      )}
      {broken.length > 0 && (
        <Unfold slim title={`${count(broken.length, 'wish', 'wishes')} for the order set aside on this day`}>
          <BrokenList rows={broken} />
        </Unfold>
      )}
      {session && (
        <SessionPanel key={session.id} lane={session} date={day.date} choices={choices} steering={steering} />
      )}
      {block && (
        <MovePanel key={block.step} block={block} choices={choices} steering={steering} why={actions.why} />
      )}
    </section>
  );
}

type DayHeadProps = Pick<LanesProps, 'isFree' | 'isDry' | 'edits'> & {
  readonly date: string;
  readonly steering: SteeringState;
};

function DayHead({ date, isFree, isDry, edits, steering }: DayHeadProps) {
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', mb: 1 })}>
      <h2 id="the-day" tabIndex={-1} className={css({ textStyle: 'h2', m: 0, flexGrow: 1 })}>
        {longDate(date)}
      </h2>
      <UndoButtons edits={edits} undo={steering.undo} redo={steering.redo} />
      <Button
        color="inherit"
        aria-pressed={isFree}
        onClick={() => steering.steer({ do: 'free-day', date, free: !isFree })}
      >
        {isFree ? 'Open for work again' : 'Keep this day free'}
      </Button>
      <Button color="inherit" onClick={() => steering.steer({ do: 'weather', date, dry: !isDry })}>
        {isDry ? 'It will rain' : 'It stays dry'}
      </Button>
      <LinkButton href={`/day/${date}`} color="inherit">
        Carry out this day
      </LinkButton>
    </div>
  );
}

function dropped(drop: LaneDrop, day: DayLanes, steering: SteeringState): void {
  if ('session' in drop) {
    const where = drop.over === 'date' ? { to: drop.date } : { to: day.date, by: drop.person };
    steering.moveSession({ person: drop.session, date: day.date, ...where });
  } else if (drop.over === 'date') steering.move({ task: drop.task, date: drop.date });
  else {
    const minute = Math.round((day.from + drop.share * (day.to - day.from)) / 5) * 5;
    steering.move({ task: drop.task, date: day.date, time: clockOf(minute), person: drop.person });
  }
}

/** What it takes is fetched when a pointer comes near. */
function useDragging(box: React.RefObject<HTMLElement | null>, onDrop: (drop: LaneDrop) => void): void {
  const latest = useRef(onDrop);
  useEffect(() => {
    latest.current = onDrop;
  });
  useEffect(() => {
    let gone = false;
    let stop: (() => void) | undefined;
    const begin = () =>
      import('./lane-drag').then(({ dragLanes }) => {
        if (gone || !box.current) return;
        stop = dragLanes(box.current, (drop) => latest.current(drop));
        box.current.dataset.drag = 'ready';
      });
    window.addEventListener('pointermove', begin, { once: true });
    return () => {
      gone = true;
      window.removeEventListener('pointermove', begin);
      stop?.();
    };
  }, [box]);
}

type TimelineProps = {
  readonly day: DayLanes;
  readonly open: string | undefined;
  readonly onOpen: (step: string | undefined) => void;
};

/** Where minutes of a day lie on its lanes. */
function scaleOf(day: DayLanes) {
  const span = day.to - day.from;
  const width = widthOf(day);
  const left = (minute: number) => `${((minute - day.from) / span) * 100}%`;
  return {
    left,
    width,
    hours: Array.from({ length: span / 60 }, (_, i) => day.from + i * 60),
    grid: { backgroundSize: `${(60 / span) * 100}% 100%` },
    /** Minutes that the shortest block takes up. */
    shortest: (SHORTEST_WIDTH * span) / width,
    /** What has run since before keeps its name in sight. */
    place: (block: Block) => {
      const from = Math.max(block.from, day.from);
      return { left: left(from), width: `${(Math.max(0, block.to - from) / span) * 100}%` };
    },
  };
}

function Timeline({ day, open, onOpen }: TimelineProps) {
  const { left, width, hours, grid, shortest, place } = scaleOf(day);
  const lanes = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (lanes.current) showFirst(lanes.current);
  }, []);
  return (
    <div
      ref={lanes}
      role="group"
      aria-label="Lanes of the day"
      className={styles.lanes}
      style={{ '--lanes': `${width}px` } as React.CSSProperties}
    >
      <div />
      <div className={styles.hours} aria-hidden>
        {hours.map((minute) => (
          <span key={minute} style={{ left: left(minute) }}>
            {timeOfDay(clockOf(minute))}
          </span>
        ))}
      </div>
      {day.people.map((lane) => (
        <LaneRow
          key={lane.id}
          lane={lane}
          open={open === sessionKey(lane)}
          onOpen={() => onOpen(open === sessionKey(lane) ? undefined : sessionKey(lane))}
        >
          <WorkLane lane={lane} grid={grid} place={place} shortest={shortest} open={open} onOpen={onOpen} />
        </LaneRow>
      ))}
      {day.waits.map((lane) => (
        <LaneRow key={lane.id} lane={lane}>
          <WaitLane lane={lane} grid={grid} place={place} />
        </LaneRow>
      ))}
    </div>
  );
}

function WaitLane({ lane, grid, place }: Pick<WorkLaneProps, 'lane' | 'grid' | 'place'>) {
  return (
    <div className={styles.lane} style={grid}>
      {lane.blocks.map((block) => (
        <div
          key={`${block.step} ${block.start}`}
          className={styles.wait}
          style={place(block)}
          title={`${block.title}, ${block.room}`}
        >
          {block.title}
        </div>
      ))}
    </div>
  );
}

type WorkLaneProps = {
  readonly lane: Lane;
  readonly grid: React.CSSProperties;
  readonly place: (block: Block) => React.CSSProperties;
  /** Minutes that the shortest block takes up. */
  readonly shortest: number;
  readonly open: string | undefined;
  readonly onOpen: (step: string | undefined) => void;
};

function WorkLane({ lane, grid, place, shortest, open, onOpen }: WorkLaneProps) {
  const rows = rowsOf(lane.blocks, shortest);
  const height = { '--rows': Math.max(1, ...rows.map((row) => row + 1)) } as React.CSSProperties;
  return (
    <div className={styles.lane} style={{ ...grid, ...height }} data-person={lane.id}>
      {lane.blocks.map((block, i) => (
        <button
          key={`${block.step} ${block.start}`}
          type="button"
          data-task={block.task}
          className={block.byHand ? `${styles.block} ${styles.pinned}` : styles.block}
          style={{ ...place(block), '--row': rows[i] } as React.CSSProperties}
          aria-pressed={open === block.step}
          aria-label={`${clock(block.start)} to ${clock(block.end)}: ${block.title}, ${block.room}${block.byHand ? ', placed by hand' : ''}`}
          title={`${clock(block.start)}–${clock(block.end)} ${block.title}, ${block.room}`}
          onClick={() => onOpen(open === block.step ? undefined : block.step)}
        >
          {block.title}
          <small>{block.room}</small>
        </button>
      ))}
    </div>
  );
}

const LEAST_WIDTH = 680;
const MOST_WIDTH = 2400;
/** So wide is the shortest piece of work at the least, so that it can be pressed. */
const SHORTEST_WIDTH = 24;

/** How wide the lanes have to be, in pixels; wider than the screen they are scrolled. */
function widthOf({ people, from, to }: DayLanes): number {
  const lengths = people.flatMap((lane) => lane.blocks.map((block) => block.to - block.from));
  const shortest = Math.max(1, Math.min(to - from, ...lengths));
  return Math.round(Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, (SHORTEST_WIDTH * (to - from)) / shortest)));
}

type LaneRowProps = {
  readonly lane: Lane;
  readonly open?: boolean;
  /** What opens all that the lane's person does on the day. */
  readonly onOpen?: () => void;
  readonly children: React.ReactNode;
};

function LaneRow({ lane, open, onOpen, children }: LaneRowProps) {
  return (
    <>
      {onOpen && lane.blocks.length > 0 ? (
        <button
          type="button"
          className={`${styles.name} ${styles.session}`}
          data-session={lane.id}
          aria-pressed={open}
          title={`All that ${lane.name} does on this day`}
          onClick={onOpen}
        >
          {lane.name}
        </button>
      ) : (
        <div className={styles.name}>{lane.name}</div>
      )}
      {children}
    </>
  );
}

function sessionKey({ id }: Lane): string {
  return `session ${id}`;
}
