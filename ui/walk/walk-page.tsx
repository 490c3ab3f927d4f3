import type { CSSProperties } from 'react';
import type { Room } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { type Progress, progressByRoom } from '@/core/problem/progress';
import { type CleanTask, handsRange } from '@/core/work/tasks';
import { houseSection, type SectionFloor } from '@/present/walk/house-section';
import { count, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { cx } from '@/ui/theme/made/css/cx';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { AboutHouseLater } from './about-house-later';
import { AddFloor } from './add-floor';
import { AddRoom } from './add-room';
import { BETWEEN_WALLS, HouseOutline, IN_EARTH, ON_GROUND } from './house-outline';
import { RoomCell } from './room-cell';
import { SeveralRoomsLater, SeveralRoomsNow } from './several-rooms-later';
import { ToMend } from './to-mend';
import { WalkTools } from './walk-tools';

/** The house as a section: floors from the top down, rooms as wide as they are large, each thawing as it gets done. */
export function WalkPage({ state, actions }: { state: Current; actions: ChangeActions }) {
  const { household, tasks, campaign } = state;
  const { floors, hasRoof } = houseSection(household.home.floors);
  const rooms = floors.flatMap(({ floor }) => floor.rooms);
  const progress = campaign ? progressByRoom(campaign.problem) : new Map<string, Progress>();
  const total = handsRange(tasks);
  const placed = household.home.floors.map(({ id, name }) => ({ id, name }));
  const minutes = new Map([...inRooms(tasks)].map(([room, its]) => [room, handsRange(its).minutes]));
  return (
    <>
      <PageHead
        title="The walk"
        paper="/paper/walk"
        actions={<WalkTools edits={state.edits} actions={actions} />}
      >
        {rooms.length === 0
          ? 'Press what your home has. Each room arrives furnished as such rooms usually are, and is put right when you stand in it.'
          : `${count(rooms.length, 'room', 'rooms')}, ${count(tasks.length, 'job', 'jobs')}, ${hours(total.minutes)} of hands-on work. Open a room to go round it.`}
      </PageHead>
      {floors.length > 0 && (
        <HouseOutline hasRoof={hasRoof}>
          {floors.map((one, i) => (
            <FloorRow
              key={one.floor.id}
              {...one}
              isLowest={i === floors.length - 1}
              progress={progress}
              actions={actions}
              minutes={minutes}
            />
          ))}
        </HouseOutline>
      )}
      {rooms.length === 0 && (
        <div className={css({ maxWidth: 1180, mt: floors.length > 0 ? 3 : 0 })}>
          <SeveralRoomsNow actions={actions} floor={placed[0]} names={[]} />
        </div>
      )}
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 3, mt: 3 })}>
        <AddFloor
          key={floors.length === 0 ? 'first' : 'another'}
          actions={actions}
          first={floors.length === 0}
        />
        {rooms.length > 0 && (
          <SeveralRoomsLater actions={actions} floors={placed} names={rooms.map(({ name }) => name)} />
        )}
        {rooms.length > 0 && <ToMend rooms={rooms} />}
        <AboutHouseLater
          forecast={household.forecastSeed !== undefined}
          facts={household.home.facts}
          way={household.home.wayRound}
          units={household.units}
          people={household.people.map(({ id, name }) => ({ id, name }))}
          actions={actions}
        />
      </div>
    </>
  );
}

type FloorRowProps = SectionFloor & {
  readonly isLowest: boolean;
  readonly progress: ReadonlyMap<string, Progress>;
  readonly minutes: ReadonlyMap<string, number>;
  readonly actions: ChangeActions;
};

const PX_A_SQUARE_METRE = 36;

function FloorRow({ floor, isBelow, isOnGround, isLowest, ...rest }: FloorRowProps) {
  const { progress, minutes, actions } = rest;
  return (
    <section
      aria-label={floor.name}
      className={cx(
        BETWEEN_WALLS,
        isOnGround && ON_GROUND,
        isBelow && IN_EARTH,
        isLowest && css({ borderBottom: '2px solid' }),
      )}
    >
      <h2 className={css({ textStyle: 'h3', m: 0, mb: 0.75 })}>{floor.name}</h2>
      <ul className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, m: 0, p: 0, listStyle: 'none' })}>
        {floor.rooms.map((room) => (
          <li
            key={room.id}
            className={css({
              display: 'flex',
              minWidth: 0,
              flex: 'var(--share)',
              // As wide as it is large, also where it is alone in its row.
              maxWidth: { md: 'var(--most)' },
            })}
            style={widthOf(room)}
          >
            <RoomCell
              href={`/walk/${encodeURIComponent(room.id)}`}
              name={room.name}
              minutes={minutes.get(room.id) ?? 0}
              progress={progress.get(room.id) ?? { total: 0, done: 0 }}
              isLoft={room.kind === 'loft'}
            />
          </li>
        ))}
        <li className={css({ flex: '0 0 auto', display: 'flex' })}>
          <AddRoom floorId={floor.id} floorName={floor.name} actions={actions} />
        </li>
      </ul>
    </section>
  );
}

function widthOf({ lengthM, widthM }: Room) {
  const area = lengthM * widthM;
  return {
    '--share': `${Math.max(4, area)} 1 ${area < 5 ? 120 : 150}px`,
    '--most': `${Math.max(170, area * PX_A_SQUARE_METRE)}px`,
  } as CSSProperties;
}

function inRooms(tasks: readonly CleanTask[]): Map<string, CleanTask[]> {
  const rooms = new Map<string, CleanTask[]>();
  for (const task of tasks) {
    const known = rooms.get(task.room.id);
    if (known) known.push(task);
    else rooms.set(task.room.id, [task]);
  }
  return rooms;
}
