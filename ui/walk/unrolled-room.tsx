'use client';
import dynamic from 'next/dynamic';
import { type ComponentProps, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { fixturesOf, type Room } from '@/core/home/room';
import type { OftenKind } from '@/present/walk/kind-faces';
import type { RoomOrderStep } from '@/present/walk/room-order';
import type { RoomSurroundings } from '@/present/walk/room-work';
import { inTurn } from '@/present/walk/strip-model';
import type { RoomTick } from '@/present/walk/ticks';
import { css } from '@/ui/theme/made/css';
import { cx } from '@/ui/theme/made/css/cx';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { useSameSet } from '../parts/use-same';
import { useStableEvents } from '../parts/use-stable-events';
import { afterPaint } from '../state/after-paint';
import type { CommandAction } from '../state/command';
import { useQuietMoment } from '../state/use-quiet-moment';
import { AddStop } from './add-stop';
import { BelowStrip, fetchBelow } from './below-strip';
import { OftenHere } from './often-here';
import type { MoveTask } from './order-panel';
import { Selection, SelectionProvider } from './selection';
import { Strip, type StripEvents, type StripMode } from './strip';
import { StripTools } from './strip-tools';
import { useOrderWalk } from './use-order-walk';
import { type Open, type RoomDesk, useRoomDesk } from './use-room-desk';

/** What opens with a press on the strip, so that it is there when it is wanted, also where the network is not. */
const fetchPanels = () => {
  for (const panel of [import('./rate-panel'), import('./order-panel'), import('@/present/walk/added')])
    panel.catch(() => undefined);
  fetchBelow();
};

const RatePanel = dynamic(() => import('./rate-panel').then((module) => module.RatePanel));
const OrderPanel = dynamic(() => import('./order-panel').then((module) => module.OrderPanel));

/** What is gone through one by one is in sight together with the strip. */
const ABOVE: readonly StripMode[] = ['order', 'rate'];

/** How many things are offered that are often in such a room; the rest is found by its name. */
const MOST_OFFERED = 14;

type UnrolledRoomProps = {
  readonly room: Room;
  readonly around: RoomSurroundings;
  readonly steps: readonly RoomOrderStep[];
  readonly clear: readonly string[];
  /** What is often in such a room and not in this one. */
  readonly often: readonly OftenKind[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
  readonly moveTask: MoveTask;
  /** What is done by hand in the room, and how it is ticked off. */
  readonly ticks: readonly RoomTick[];
  readonly tickStep: CommandAction;
};

/** The room unrolled from its door, with what stands in it; everything on it is counted, rated and added in place. */
export function UnrolledRoom(props: UnrolledRoomProps) {
  const { around, steps, clear, edits, actions, moveTask, ticks, tickStep } = props;
  useQuietMoment(fetchPanels);
  const desk = useRoomDesk(props.room, around.way, actions);
  const { room, stops, changes } = desk;
  const [mode, setMode] = useState<StripMode>('choose');
  const [rated, setRated] = useState(0);
  const [selection] = useState(() => new Selection());
  const walk = useOrderWalk(steps, selection);
  const members = useSameSet(clear);
  const { turnTo, add, addStop } = useStableEvents({
    turnTo: (next: StripMode) => {
      setMode(next);
      if (next === 'order' || next === 'rate') desk.setOpen(undefined);
      if (next === 'rate') setRated(0);
      if (next === 'order') walk.goTo(0);
    },
    add: desk.add,
    addStop: desk.addStop,
  });
  const events = useStableEvents(stripEvents(desk, walk, steps, mode, selection, setRated));
  const often = useStillMissing(props.often, room);
  const isAbove = ABOVE.includes(mode);
  const opened = (
    <Opened
      {...{ desk, around, steps, walk, mode, selection, moveTask, ticks, tickStep }}
      rate={{ at: rated, onAt: setRated, onEnd: () => turnTo('choose') }}
    />
  );
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      <Sentence>{changes.sentence}</Sentence>
      <StripTools mode={mode} onMode={turnTo} edits={edits} undo={changes.undo} redo={changes.redo} />
      {isAbove && opened}
      <SelectionProvider value={selection}>
        <Strip
          room={room}
          way={around.way}
          stops={stops}
          order={walk.order}
          ahead={walk.ahead}
          waiting={walk.waiting}
          clear={members}
          mode={mode}
          events={events}
        />
      </SelectionProvider>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      {!isAbove && opened}
      <OftenHere kinds={often} onAdd={add} />
      <AddStop onAdd={addStop} />
    </div>
  );
}

/** What presses, keys and drags on the strip do. */
function stripEvents(
  desk: RoomDesk,
  walk: ReturnType<typeof useOrderWalk>,
  steps: readonly RoomOrderStep[],
  mode: StripMode,
  selection: Selection,
  rateAt: (at: number) => void,
): StripEvents {
  const choose = (next: {
    readonly what: 'fixture' | 'stop';
    readonly id: string;
    readonly byKey?: boolean;
  }) => {
    selection.choose(next.id);
    afterPaint(() => desk.setOpen(next));
  };
  return {
    onStep: (by) => walk.goTo(walk.at + by),
    onSelect: (id, byKey = false) => {
      if (mode === 'order') walk.goTo(steps.findIndex((step) => step.fixture === id));
      else if (mode === 'rate')
        rateAt(inTurn(desk.room, desk.stops).findIndex(({ fixture }) => fixture.id === id));
      else choose({ what: 'fixture', id, byKey });
    },
    onSelectStop: (id, byKey = false) => choose({ what: 'stop', id, byKey }),
    // Letters that come before the field is there are not lost.
    onAddAt: (id, typed = '') =>
      desk.setOpen((known) => ({
        what: 'adding',
        id,
        typed: known?.what === 'adding' && known.id === id ? known.typed + typed : typed,
      })),
    onCount: desk.count,
    onMoveStop: desk.moveStop,
    onMoveFixture: desk.moveFixture,
    onDrop: desk.putDown,
  };
}

function useStillMissing(often: readonly OftenKind[], room: Room) {
  const shown = useDeferredValue(room);
  return useMemo(() => {
    const here = new Set(fixturesOf(shown).map(({ kind }) => kind));
    return often.filter(({ kind }) => !here.has(kind)).slice(0, MOST_OFFERED);
  }, [often, shown]);
}

type OpenedProps = Pick<UnrolledRoomProps, 'around' | 'steps' | 'moveTask' | 'ticks' | 'tickStep'> & {
  readonly desk: RoomDesk;
  readonly walk: ReturnType<typeof useOrderWalk>;
  readonly mode: StripMode;
  readonly rate: Pick<ComponentProps<typeof RatePanel>, 'at' | 'onAt' | 'onEnd'>;
  readonly selection: Selection;
};

const chosen = () =>
  document.querySelector<HTMLElement>('[data-stop] [aria-pressed=true], [data-head][aria-pressed=true]');

/** From what is open back to the thing it is about. */
function backToStrip(): void {
  chosen()?.focus();
}

const TALL = '(min-height: 640px)';
/** So much of a tall window is left above what has opened. */
const LEFT_ABOVE = 0.46;

/** What was pressed stays in sight above what has opened; where both can't be, what has opened is. */
function bringIntoSight(panel: HTMLElement | null): void {
  const thing = chosen();
  if (!thing || !window.matchMedia(TALL).matches) {
    panel?.scrollIntoView({ block: 'nearest' });
    return;
  }
  const hidden = thing.getBoundingClientRect().bottom - window.innerHeight * LEFT_ABOVE;
  if (hidden > 0) window.scrollBy({ top: hidden });
}

function Opened(props: OpenedProps) {
  const { desk, around, steps, walk, mode, rate, selection, moveTask, ticks, tickStep } = props;
  const { panel, shown } = useOpened(desk.open, mode, selection);
  const isDocked = shown !== undefined && !ABOVE.includes(mode);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Esc leads back from whatever in it has the focus.
    <div
      ref={panel}
      onKeyDown={(event) => event.key === 'Escape' && backToStrip()}
      className={cx(
        css({ contain: 'layout', scrollMarginBottom: { base: 120, md: 24 } }),
        isDocked && css(DOCKED),
      )}
    >
      {mode === 'order' && <OrderPanel steps={steps} at={walk.at} onAt={walk.goTo} move={moveTask} />}
      {mode === 'rate' && <RatePanel desk={desk} selection={selection} {...rate} />}
      {!ABOVE.includes(mode) && <BelowStrip {...{ desk, around, shown, ticks, tickStep }} />}
    </div>
  );
}

/** Beside the thing it is about: at the foot of the window, with the strip in sight above it. */
const DOCKED = {
  '@media (min-height: 640px)': {
    position: 'sticky',
    bgcolor: 'paper',
    bottom: { base: 'calc(var(--bar-height, 57px) + env(safe-area-inset-bottom))', md: 0 },
    zIndex: 5,
    maxHeight: '46vh',
    overflowY: 'auto',
    boxShadow: '0 -10px 24px -12px rgb(0 0 0 / 0.35)',
  },
} as const;

/** What opens may still be on its way: its first field has the focus as soon as it is there. */
function focusFirst(panel: HTMLElement | null): void {
  const first = () => panel?.querySelector<HTMLElement>('button, input, select, textarea');
  const found = first();
  if (found || !panel) {
    found?.focus();
    return;
  }
  const watch = new MutationObserver(() => {
    const come = first();
    if (!come) return;
    come.focus();
    watch.disconnect();
  });
  watch.observe(panel, { childList: true, subtree: true });
}

/** What was opened below a long strip comes into sight, and what is closed is no longer chosen. */
function useOpened(open: Open, mode: StripMode, selection: Selection) {
  const panel = useRef<HTMLDivElement>(null);
  // The strip answers a press at once; what opens below it may take a moment longer.
  const shown = useDeferredValue(open);
  useEffect(() => {
    if (open?.what !== 'fixture' && open?.what !== 'stop' && !ABOVE.includes(mode))
      selection.choose(undefined);
  }, [open, mode, selection]);
  useEffect(() => {
    if (ABOVE.includes(mode)) panel.current?.scrollIntoView({ block: 'nearest' });
  }, [mode]);
  useEffect(() => {
    if (shown) bringIntoSight(panel.current);
    // Whoever came by key goes on in what has opened.
    if (shown && 'byKey' in shown && shown.byKey) focusFirst(panel.current);
  }, [shown]);
  return { panel, shown };
}
