'use client';
import Add from '@mui/icons-material/Add';
import type { CSSProperties } from 'react';
import {
  type FocusEvent,
  Fragment,
  type KeyboardEvent,
  memo,
  type RefObject,
  useEffect,
  useMemo,
  useRef,
} from 'react';
import { shownIn, unitName } from '@/core/basics/units';
import { alongWalls } from '@/core/furnish/along-walls';
import type { Fixture, Height, Room, Stop, WayRound } from '@/core/home/room';
import { WAY_WORDS } from '@/present/walk/fact-words';
import { HEIGHT_WORDS } from '@/present/walk/fixture-words';
import type { Direction } from '@/present/walk/room-model';
import { bandsAt, cornersOf, fixturesAt, rowsOf, type Wall, wallsOf } from '@/present/walk/strip-model';
import { amount } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { useUnits } from '../parts/units';
import type { Drop } from './drag';
import { FixtureChip } from './fixture-chip';
import { FixtureCounter } from './fixture-counter';
import { useFaces } from './kind-faces';
import { OrderLine } from './order-line';
import { rove, settleRoving } from './rove';
import { useIsChosen } from './selection';
import looks from './strip.module.css';
import { useStripDrag } from './use-strip-drag';
import { useTurning } from './use-turning';

/** What one does on the strip: choose things, count them quickly, go through the order, or move them with a finger. */
export type StripMode = 'choose' | 'count' | 'rate' | 'order' | 'move';

export type StripEvents = {
  /** `byKey` where it was pressed by the keyboard. */
  readonly onSelect: (fixture: string, byKey?: boolean) => void;
  readonly onSelectStop: (stop: string, byKey?: boolean) => void;
  /** With what was typed already, where somebody just began to type. */
  readonly onAddAt: (stop: string, typed?: string) => void;
  readonly onCount: (fixture: Fixture, count: number) => void;
  readonly onMoveFixture: (fixture: string, way: Direction) => void;
  readonly onMoveStop: (stop: string, way: 'left' | 'right') => void;
  readonly onDrop: (drop: Drop) => void;
  /** Goes on or back in the order of work. */
  readonly onStep: (by: 1 | -1) => void;
};

type StripProps = {
  readonly room: Room;
  readonly way: WayRound;
  /** In the order of the way round. */
  readonly stops: readonly Stop[];
  readonly order: readonly string[];
  /** Where one is in the order, and the few things after it. */
  readonly ahead: readonly string[];
  /** Those of the order that set a wait going. */
  readonly waiting: readonly string[];
  readonly clear: ReadonlySet<string>;
  readonly mode: StripMode;
  readonly events: StripEvents;
};

/** The strip: walls from the door, heights from the ceiling to the floor, and the order of work through it. */
export const Strip = memo(function Strip(props: StripProps) {
  const { room, way, stops, order, ahead, waiting, clear, mode, events } = props;
  const grid = useRef<HTMLDivElement>(null);
  const rows = rowsOf(room);
  const { columns, walls, corners } = useWalls(room, way, stops);
  useStripDrag(grid, mode === 'move', events.onDrop);
  const modeOf = useTurning(mode, rows.length);
  const onFocus = useRoving(grid);
  const things = { order, clear, events };
  const least = mode === 'count' ? COUNT_PX : CHOOSE_PX;
  return (
    <div
      role="region"
      aria-label={`${room.name}, unrolled. ${WAY_WORDS[way]}`}
      aria-describedby="strip-keys"
      tabIndex={0}
      onFocus={onFocus}
      onKeyDown={(event) => handleKey(event, stops, mode, events)}
      className={css({
        overflowX: 'auto',
        contain: 'layout',
        pb: 1,
        touchAction: mode === 'move' ? 'none' : 'auto',
      })}
    >
      <div
        ref={grid}
        className={css({
          position: 'relative',
          display: 'grid',
          minWidth: 'min-content',
          columnGap: 1,
          rowGap: 0,
        })}
        style={{ gridTemplateColumns: columns, '--cell': `${least}px` } as CSSProperties}
      >
        <OrderLine strip={grid} order={mode === 'order' ? ahead : NO_ORDER} waiting={waiting} />
        {walls.length > 0 && <Walls walls={walls} />}
        <div />
        {stops.length === 0 && <div />}
        {stops.map((stop) => (
          <Head key={stop.id} id={stop.id} name={stop.name} onSelect={events.onSelectStop} />
        ))}
        {rows.map((height, i) => (
          <Row
            key={height}
            height={height}
            stops={stops}
            corners={corners}
            room={room}
            mode={modeOf(i)}
            {...things}
          />
        ))}
        <Ground />
        <div />
        {stops.map((stop) => (
          <AddHere key={stop.id} id={stop.id} name={stop.name} onAddAt={events.onAddAt} />
        ))}
      </div>
    </div>
  );
});

const NO_ORDER: readonly string[] = [];
const CHOOSE_PX = 104;
const COUNT_PX = 148;

/** The columns as wide as their part of the walls, but for what has to be read there; the walls, and where they meet. */
function useWalls(room: Room, way: WayRound, stops: readonly Stop[]) {
  const faces = useFaces();
  return useMemo(() => {
    const along = alongWalls(room, stops, (kind) => faces(kind).widthM);
    const fractions = along.map(({ share }) => `minmax(min-content, ${share.toFixed(2)}fr)`);
    const walls = way === 'clockwise' ? wallsOf(room, along) : [];
    return {
      columns: `64px ${fractions.length > 0 ? fractions.join(' ') : '1fr'}`,
      walls,
      corners: cornersOf(walls, stops),
    };
  }, [room, way, stops, faces]);
}

const ARROWS: Readonly<Record<string, Direction>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};

/** One press of the strip is reached by Tab; the answer has to hear of the focus. */
function useRoving(grid: RefObject<HTMLElement | null>) {
  const last = useRef<HTMLElement>(null);
  const settle = () => grid.current && settleRoving(grid.current, last.current);
  // Whatever was drawn anew may be new to the Tab key.
  useEffect(() => {
    settle();
  });
  return ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement) || target.tagName !== 'BUTTON') return;
    last.current = target;
    settle();
  };
}

/** Letters begin to add at the stop where the focus is; Alt with an arrow moves what has the focus. */
function handleKey(event: KeyboardEvent, stops: readonly Stop[], mode: StripMode, events: StripEvents): void {
  const target = event.target as HTMLElement;
  const way = ARROWS[event.key];
  const fixture = target.closest<HTMLElement>('[data-fixture]')?.dataset.fixture;
  const head = target.closest<HTMLElement>('[data-head]')?.dataset.head;
  if (event.altKey && way) {
    event.preventDefault();
    if (fixture) events.onMoveFixture(fixture, way);
    else if (head && (way === 'left' || way === 'right')) events.onMoveStop(head, way);
    return;
  }
  if (mode === 'order' && way) {
    event.preventDefault();
    events.onStep(way === 'right' || way === 'down' ? 1 : -1);
    return;
  }
  if (way && target.tagName === 'BUTTON') {
    if (rove(event.currentTarget as HTMLElement, target, way)) event.preventDefault();
    return;
  }
  const isLetter = event.key.length === 1 && /\p{L}/u.test(event.key);
  if (!isLetter || event.ctrlKey || event.metaKey || event.altKey || target.tagName === 'INPUT') return;
  const stop = target.closest<HTMLElement>('[data-stop]')?.dataset.stop ?? stops[0]?.id;
  if (stop === undefined) return;
  event.preventDefault();
  events.onAddAt(stop, event.key);
}

/** The ground that everything stands on. */
const Ground = memo(function Ground() {
  return <div className={css({ gridColumn: '1 / -1', borderBottom: '3px solid var(--colors-ink)' })} />;
});

function placeIn(order: readonly string[], id: string): number | undefined {
  const at = order.indexOf(id);
  return at < 0 ? undefined : at + 1;
}

const Walls = memo(function Walls({ walls }: { walls: readonly Wall[] }) {
  const units = useUnits();
  return (
    <>
      <div />
      {walls.map((wall) => (
        <div
          key={wall.name}
          className={css({
            fontSize: '0.85rem',
            color: 'quiet',
            borderInlineStart: '2px solid var(--colors-ink)',
            pl: 1,
            pt: 0.25,
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
          })}
          style={{ gridColumn: `span ${wall.stops}` }}
        >
          {wall.name}, {amount(shownIn(units, 'm', wall.lengthM))} {unitName(units, 'm')}
        </div>
      ))}
    </>
  );
});

type HeadProps = {
  readonly id: string;
  readonly name: string;
  readonly onSelect: StripEvents['onSelectStop'];
};

const Head = memo(function Head({ id, name, onSelect }: HeadProps) {
  const selected = useIsChosen(id);
  return (
    <button
      type="button"
      className={looks.head}
      data-head={id}
      data-stop={id}
      aria-pressed={selected}
      aria-label={`Stop: ${name}`}
      onClick={(event) => onSelect(id, event.detail === 0)}
    >
      {name}
    </button>
  );
});

type AddHereProps = { readonly id: string; readonly name: string; readonly onAddAt: (stop: string) => void };

const AddHere = memo(function AddHere({ id, name, onAddAt }: AddHereProps) {
  return (
    <button
      type="button"
      className={`${looks.step} ${looks.add}`}
      aria-label={`Add something at ${name}`}
      data-stop={id}
      onClick={() => onAddAt(id)}
    >
      <Add />
    </button>
  );
});

/** How the things on the strip are drawn. */
type ThingsProps = Pick<StripProps, 'order' | 'clear' | 'mode' | 'events'>;

function Thing({ fixture, order, clear, mode, events }: ThingsProps & { fixture: Fixture }) {
  if (mode === 'count') return <FixtureCounter fixture={fixture} onCount={events.onCount} />;
  return (
    <FixtureChip
      fixture={fixture}
      clear={clear.has(fixture.id)}
      place={placeIn(order, fixture.id)}
      onSelect={events.onSelect}
    />
  );
}

type CellProps = ThingsProps & { readonly stop: Stop; readonly height: Height; readonly isCorner: boolean };

/** What stands at one stop at one height; drawn again only when the stop changes. */
const Cell = memo(function Cell({ stop, height, isCorner, ...things }: CellProps) {
  return (
    <div
      data-stop={stop.id}
      data-height={height}
      className={`${looks.cell} ${looks.edge} ${isCorner ? looks.corner : ''}`}
    >
      {fixturesAt(stop, height).map((fixture) => (
        <Thing key={fixture.id} fixture={fixture} {...things} />
      ))}
    </div>
  );
});

type RowProps = ThingsProps & {
  readonly height: Height;
  readonly stops: readonly Stop[];
  /** Stops at which a wall begins. */
  readonly corners: ReadonlySet<string>;
  readonly room: Room;
};

/** All that stands at one height, round the room; drawn again only when something at this height changes. */
const Row = memo(function Row({ height, stops, corners, room, ...things }: RowProps) {
  const bands = bandsAt(room, height);
  return (
    <Fragment>
      <div className={`${looks.label} ${looks.edge}`}>{HEIGHT_WORDS[height]}</div>
      {stops.length === 0 && <div className={looks.edge} />}
      {stops.map((stop) => (
        <Cell key={stop.id} stop={stop} height={height} isCorner={corners.has(stop.id)} {...things} />
      ))}
      {bands.length > 0 && (
        <>
          <div className={looks.label}>all round</div>
          <div className={looks.band} style={{ gridColumn: `span ${Math.max(1, stops.length)}` }}>
            {bands.map((fixture) => (
              <Thing key={fixture.id} fixture={fixture} {...things} />
            ))}
          </div>
        </>
      )}
    </Fragment>
  );
}, isSameRow);

function isSameRow(before: RowProps, after: RowProps): boolean {
  const { order, clear, mode, events, height } = after;
  if (before.order !== order || before.clear !== clear || before.mode !== mode || before.events !== events)
    return false;
  return (
    isSameCorners(before.corners, after.corners) &&
    isSameList(before.stops, after.stops, (was, is) => was === is || isSameAt(was, is, height)) &&
    isSameList(bandsAt(before.room, height), bandsAt(after.room, height), (was, is) => was === is)
  );
}

function isSameCorners(was: ReadonlySet<string>, is: ReadonlySet<string>): boolean {
  return was.size === is.size && [...was].every((id) => is.has(id));
}

function isSameAt(was: Stop, is: Stop, height: Height): boolean {
  return was.id === is.id && isSameList(fixturesAt(was, height), fixturesAt(is, height), (a, b) => a === b);
}

function isSameList<Item>(
  was: readonly Item[],
  is: readonly Item[],
  same: (a: Item, b: Item) => boolean,
): boolean {
  return was.length === is.length && was.every((item, i) => same(item, is[i] as Item));
}
